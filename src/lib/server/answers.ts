/** What answers look like to other programs, where several routes or families share it. */

export const number = { type: 'number' };
export const text = { type: 'string' };
export const notes = {
  type: 'array',
  items: { type: 'object', properties: { code: text }, required: ['code'], additionalProperties: true }
};
const numbers = (keys: readonly string[]) => Object.fromEntries(keys.map((key) => [key, number]));

export const REST_ANSWER = {
  type: 'object',
  description: 'Violin, viola',
  properties: {
    ...numbers(['fillerMm', 'chinRestMm', 'liftMm', 'shoulderFootMm', 'chestFootMm']),
    warnings: notes
  }
};
export const SEATED_ANSWER = {
  type: 'object',
  description: 'Cello; the pin counts from the ribs, hand-widths are this player’s own',
  properties: {
    ...numbers([
      'seatMm',
      'endpinMm',
      'angleDeg',
      'slideMm',
      'pegAboveEarMm',
      'cornerAboveKneeMm',
      'armLoad',
      'bowShare',
      'handWidths',
      'misfit'
    ]),
    warnings: notes
  }
};
export const STANDING_ANSWER = {
  type: 'object',
  description: 'Bass',
  properties: {
    pinMm: number,
    notch: { type: ['integer', 'null'], description: 'Counted from 1 with the shortest' },
    rules: { type: 'object', properties: numbers(['bowReachMm', 'cheekMm', 'eyebrowMm']) },
    leftHandAboveCheekMm: number,
    warnings: notes
  }
};
