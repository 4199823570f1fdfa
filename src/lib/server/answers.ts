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

export const TAPE_ANSWER = {
  type: 'object',
  properties: {
    landingLimit: { ...number, description: 'Where on the hand it is read' },
    marks: {
      type: 'array',
      description: 'Shortest first. The longest that does not pass the school’s place on the hand is reached',
      items: {
        type: 'object',
        properties: {
          size: text,
          mm: { ...number, description: 'From the base of the neck' },
          dimensions: { enum: ['measured', 'nominal'] },
          instruments: { type: 'array', items: text, description: 'Own ones that are so long' },
          doubt: {
            type: 'object',
            description: 'Within it one reading does not tell',
            properties: { fromMm: number, toMm: number }
          }
        }
      }
    }
  }
};

export const ASSIGN_ANSWER = {
  type: 'object',
  properties: {
    assignments: {
      type: 'array',
      description: 'Each player in each term',
      items: {
        type: 'object',
        properties: {
          playerId: text,
          term: { type: 'integer', description: 'Its index' },
          instrumentId: { type: ['string', 'null'], description: 'null waits' },
          cost: {
            ...number,
            description: 'Of the term, which counts twice if it is the last, and of the change into it'
          }
        }
      }
    },
    cost: number,
    bound: { ...number, description: 'No plan costs less' },
    gap: {
      ...number,
      description:
        'How much more than the bound it may cost, as a share; 0 is proven the best, and the same each time'
    },
    moreOf: {
      type: 'array',
      description: 'When asked for: what one more instrument of a size would save, the most first',
      items: { type: 'object', properties: { size: text, saves: number } }
    }
  }
};
