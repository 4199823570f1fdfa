/** The steps of a fit in the order of work. */
export const ALL_STEPS = [
  { id: 'measure', name: 'Measure' },
  { id: 'try', name: 'Try on' },
  { id: 'decide', name: 'Decide' },
  { id: 'set-up', name: 'Set up' },
  { id: 'check', name: 'Check' },
  { id: 'card', name: 'Card' }
] as const;
export type StepId = (typeof ALL_STEPS)[number]['id'];
