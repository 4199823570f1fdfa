/** Where a finger of the left hand lands, by its number after it. */
export const LANDED = 'print';

/** All parts that are not the player's, by the beginning of their name. */
export const INSTRUMENT_PARTS = [
  'instrument',
  'fingerboard',
  'scroll',
  'peg',
  'bridge',
  'tailpiece',
  'string',
  'soundHole',
  'tape',
  'chinRest',
  'shoulderRest',
  'pin',
  'stop',
  'strap',
  'rosin',
  'dust',
  'bow',
  'frog'
];
