/** The steps of a fit in the order of work. */
export const ALL_STEPS = [
  { id: 'measure', name: 'Measure', title: 'Measure' },
  { id: 'try', name: 'Try on', title: 'Try on' },
  { id: 'decide', name: 'Decide', title: 'Decide' },
  { id: 'set-up', name: 'Set up', title: 'Set up' },
  { id: 'check', name: 'Check', title: 'Check the hold' },
  { id: 'card', name: 'Card', title: 'Card' }
] as const;
export type StepId = (typeof ALL_STEPS)[number]['id'];

/** The step that the hash of an address names; null for any other. */
export const stepOf = (hash: string): StepId | null =>
  ALL_STEPS.find(({ id }) => hash === `#${id}`)?.id ?? null;
