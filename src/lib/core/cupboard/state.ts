/**
 * How an instrument is: fit to play, to be mended but playable, away for that, or not played any more.
 *
 * Source: what teachers note when they go round the cupboard.
 */
export const INSTRUMENT_STATES = ['fine', 'to-mend', 'workshop', 'out-of-use'] as const;
export type InstrumentState = (typeof INSTRUMENT_STATES)[number];
