/** What a letter says of an instrument that somebody gets by a plan. */
export interface PlanLetter {
  readonly player: string;
  /** The day from which it is theirs, and the instrument: `no. 29, a cello 1/2`. */
  readonly from: string;
  readonly instrument: string;
  /** What comes back for it; null where nothing was in use. */
  readonly back: string | null;
  /** Why this one. */
  readonly why: string;
  readonly teacher: string;
}

/** A letter home about the instrument that somebody gets. */
export const planLetterText = ({ player, from, instrument, back, why, teacher }: PlanLetter): string =>
  [
    `Dear family of ${player},`,
    [
      `from ${from} ${player} plays ${instrument} of the school.`,
      back === null ? '' : `Please bring ${back} back with its bow and case.`,
      `The reason: ${why}.`
    ]
      .filter((text) => text !== '')
      .join(' '),
    'The paper of the loan comes with it: please read what is to be watched, sign it and send it back. Tell me when the instrument hurts, slips or seems too large or too small.',
    teacher
  ]
    .filter((part) => part !== '')
    .join('\n\n');
