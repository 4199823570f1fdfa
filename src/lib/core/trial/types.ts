import type { Family } from '../instruments';

/** What an answer speaks for. `reseat` asks for the same look again after placing the instrument anew. */
export type SpeaksFor = 'smaller' | 'keep' | 'larger' | 'reseat';

export interface TrialChoice {
  readonly id: string;
  /** What is seen, in a few words. */
  readonly text: string;
  readonly speaksFor: SpeaksFor;
  /** Decides for the size that it speaks for alone; else another has to say the same. */
  readonly decides?: true;
  /** What the set-up looks at first for it: the same as it is called there. */
  readonly seen?: string;
}

/** One thing to look at while the instrument is in place. */
export interface TrialLook {
  readonly id: string;
  readonly families: readonly Family[];
  readonly title: string;
  /** What right looks like, and how to come to see it. */
  readonly right: string;
  readonly wrong: string;
  readonly choices: readonly TrialChoice[];
}

/** What was seen amiss in a trial and is no matter of size alone. */
export interface Concern {
  readonly look: TrialLook;
  readonly choice: TrialChoice;
}

/** One answer as given. */
export interface TrialAnswer {
  readonly look: string;
  readonly choice: string;
}

export type TrialVerdict = 'smaller' | 'keep' | 'larger' | 'stopped';

/** The choice that ends every trial at once: pain, tingling or numbness. */
export const STOP = 'stop';
