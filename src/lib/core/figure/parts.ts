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
  'bow',
  'frog'
];
