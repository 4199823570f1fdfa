import { REASON_CODES } from '$lib/core/causes';
import { CHECK_CATEGORIES, FAULT_CAUSES, RESULT_KINDS, STANDPOINTS } from '$lib/core/checks';
import { FAMILIES } from '$lib/core/instruments';
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

const NAMED = { type: 'array', items: { type: 'object', properties: { id: text } } };
/** The library of a family. */
export const CHECKS_ANSWER = {
  type: 'object',
  properties: {
    family: { enum: FAMILIES },
    categories: { type: 'array', items: { enum: CHECK_CATEGORIES } },
    checks: {
      type: 'array',
      items: {
        type: 'object',
        properties: {
          id: text,
          category: { enum: CHECK_CATEGORIES },
          standpoint: { enum: STANDPOINTS },
          title: text,
          right: text,
          faults: {
            type: 'array',
            items: {
              type: 'object',
              properties: {
                id: text,
                text,
                identity: { ...text, description: 'The same for one fault, at whichever check it is seen' },
                causes: {
                  type: 'array',
                  items: {
                    type: 'object',
                    properties: {
                      cause: { enum: FAULT_CAUSES },
                      remedy: text,
                      setting: {
                        ...text,
                        description: 'Where the cause is a setting or a way of the set-up'
                      },
                      way: { enum: ['raise', 'lower', 'other'] }
                    }
                  }
                }
              }
            }
          },
          result: { enum: RESULT_KINDS },
          school: { type: ['string', 'null'], description: 'The subject on which it depends' }
        }
      }
    },
    drills: NAMED,
    schools: NAMED
  }
};

/** Why a fault is there. */
export const CAUSES_ANSWER = {
  type: 'object',
  properties: {
    causes: {
      type: 'array',
      items: {
        type: 'object',
        properties: {
          cause: { enum: FAULT_CAUSES },
          share: { ...number, description: 'How likely, 0 to 1; they add up to 1' },
          reasons: {
            type: 'array',
            items: {
              type: 'object',
              properties: { code: { enum: REASON_CODES }, factor: number }
            }
          }
        }
      }
    }
  }
};

/** What to try next after looks at a setting. */
export const ADJUST_ANSWER = {
  type: 'object',
  properties: {
    nextMm: { type: ['number', 'null'], description: 'Value to try; null at the end' },
    state: {
      enum: ['look', 'holds', 'end-of-range', 'not-found'],
      description: 'not-found: the looks do not agree; bestMm is the likeliest, to be set by hand'
    },
    by: {
      enum: ['teacher', 'belief'],
      description: 'Who says that it holds: whoever looked, or the looks together, from 0.8 on'
    },
    sure: { ...number, description: 'How likely bestMm is near enough, 0 to 1' },
    bestMm: { ...number, description: 'The value that most likely holds' }
  }
};
