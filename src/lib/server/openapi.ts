import { CHECK_CATEGORIES } from '$lib/core/checks';
import { FAMILIES } from '$lib/core/instruments';
import { adjustRequest } from './adjust';
import { assignRequest } from './assign-request';
import {
  ADJUST_ANSWER,
  ASSIGN_ANSWER,
  CAUSES_ANSWER,
  CHECKS_ANSWER,
  notes,
  number,
  REST_ANSWER,
  SEATED_ANSWER,
  STANDING_ANSWER,
  TAPE_ANSWER,
  text
} from './answers';
import { BATCH_LIMIT, BATCH_PLAYERS } from './batch';
import { causesRequest } from './causes';
import { focusRequest } from './checks';
import { describe } from './fields';
import { describeChanges, figureRequest } from './figure';
import { growthRequest } from './growth';
import { BODY_LIMIT } from './respond';
import { setupRequest } from './setup-request';
import { sizeRequest } from './size';
import { tapeRequest } from './tape';
import { tapesRequest } from './tapes';

const strict = (properties: object, required: readonly string[] = []) => ({
  type: 'object',
  properties,
  required,
  additionalProperties: false
});
const json = (schema: object) => ({ content: { 'application/json': { schema } } });

const problem = (description: string) => ({ description, ...json({ $ref: '#/components/schemas/Error' }) });
const refusals = {
  400: problem(
    'Something in the body is not right; every wrong field is listed with its path, the first 20.'
  ),
  405: problem('Another method is needed.'),
  413: problem(`The body is over ${BODY_LIMIT} bytes.`),
  415: problem('The body is not application/json.'),
  500: problem('The server could not answer.')
};

const post = (summary: string, request: object, reply: object, others: object = {}) => ({
  post: {
    summary,
    requestBody: { required: true, ...json(request) },
    responses: { 200: { description: 'The answer.', ...json(reply) }, ...refusals, ...others }
  }
});
/** Of a route that works long, and does not do so for everybody at once. */
const postAside = (summary: string, request: object, reply: object) =>
  post(summary, request, reply, {
    503: {
      ...problem('So many are being answered already; the header says after how many seconds to ask again.'),
      headers: { 'Retry-After': { schema: { type: 'integer', minimum: 1 } } }
    }
  });

const day = { type: 'string', format: 'date' };
const openDay = { type: ['string', 'null'], format: 'date' };

const SIZE_REQUEST = describe(sizeRequest);

const SIZE_ANSWER = {
  type: 'object',
  properties: {
    proposal: { ...text, description: 'The rule’s own answer' },
    advised: { ...text, description: 'The smaller one when between sizes' },
    betweenSizes: { type: 'boolean' },
    candidates: {
      type: 'array',
      description: 'Every size considered, largest first; the probabilities add up to 1',
      items: {
        type: 'object',
        properties: {
          size: text,
          overallMm: number,
          stringMm: number,
          dimensions: { enum: ['measured', 'nominal'] },
          landing: {
            ...number,
            description: 'Violin, viola: 0 wrist crease, 0.5 palm centre, 1 middle fingertip'
          },
          marginMm: {
            type: ['number', 'null'],
            description: 'Room to the limit; null for the smallest cello, which has none'
          },
          probability: number,
          verdict: { enum: ['fits', 'large', 'small'] },
          evidence: {
            type: 'array',
            description: 'What speaks for or against the size, heaviest first',
            items: {
              type: 'object',
              properties: {
                kind: text,
                value: number,
                limit: { type: ['number', 'null'] },
                speaksFor: { enum: ['smaller', 'this', 'larger'] },
                weight: { enum: ['decides', 'supports', 'hint'] }
              }
            }
          }
        }
      }
    },
    estimated: { type: 'array', items: text, description: 'Measurements that an estimate stands in for' },
    reasons: notes,
    warnings: notes
  }
};

const point = { type: 'array', items: number, minItems: 3, maxItems: 3 };
const points = { type: 'object', additionalProperties: point };
const figureRoute = {
  post: {
    summary: 'Draw a player with an instrument, to scale, from any side',
    description: `SVG, or the joints with Accept: application/json. Millimetres: x to the player’s left, y up from the floor, z forward. Kinds of changes: ${describeChanges()}.`,
    requestBody: { required: true, ...json(describe(figureRequest)) },
    responses: {
      200: {
        description: 'The picture or its joints.',
        content: {
          'image/svg+xml': { schema: text },
          'application/json': {
            schema: {
              type: 'object',
              properties: {
                joints: points,
                limbs: { type: 'object', additionalProperties: number },
                contacts: {
                  type: 'object',
                  additionalProperties: {
                    type: 'object',
                    properties: { target: point, reached: point, outOfReach: { type: 'boolean' } }
                  }
                },
                spots: points
              }
            }
          }
        }
      },
      ...refusals
    }
  }
};

/** Description of the server routes, in OpenAPI 3.1. Lengths are millimetres everywhere. */
export const openapi = (version: string) => ({
  openapi: '3.1.0',
  info: {
    title: 'Jarvel',
    version,
    description:
      'Sizes and growth for violin, viola, cello and bass, set-ups for violin and viola. The routes keep nothing. All lengths are in millimetres and not rounded.'
  },
  paths: {
    '/api/v1/health': {
      get: {
        summary: 'Whether the server answers',
        responses: {
          200: {
            description: 'It does.',
            ...json(strict({ ok: { const: true }, version: text }, ['ok', 'version']))
          },
          405: refusals[405]
        }
      }
    },
    '/api/v1/size': post(
      'Propose a size: by the scroll on the hand, by the seated model, or by the height rules',
      SIZE_REQUEST,
      SIZE_ANSWER
    ),
    '/api/v1/size/batch': {
      post: {
        summary: `Propose sizes for up to ${BATCH_PLAYERS} players, one JSON object a line, answered in order`,
        description:
          'Blank lines are skipped. A line that is not right answers { line, error } and does not stop the rest. Answers begin when the sender pauses or ends.',
        requestBody: { required: true, content: { 'application/x-ndjson': { schema: SIZE_REQUEST } } },
        responses: {
          200: {
            description: 'One answer a line.',
            content: {
              'application/x-ndjson': {
                schema: {
                  oneOf: [SIZE_ANSWER, { type: 'object', properties: { line: number, error: {} } }]
                }
              }
            }
          },
          405: refusals[405],
          413: problem(`More than ${BATCH_PLAYERS} players or ${BATCH_LIMIT} bytes.`),
          415: problem('The body is not application/x-ndjson.')
        }
      }
    },
    '/api/v1/growth': post(
      'Forecast heights, when a size is outgrown, and when to measure next',
      describe(growthRequest),
      {
        type: 'object',
        properties: {
          z: { type: ['number', 'null'], description: 'Standard score as followed through all heights' },
          heightOn: {
            type: 'array',
            description:
              'Every three months from the last height, the last entry exactly on the day asked for',
            items: {
              type: 'object',
              properties: { date: day, p10Mm: number, p50Mm: number, p90Mm: number }
            }
          },
          outgrown: {
            type: ['object', 'null'],
            description: 'Days on which the size is outgrown with a chance of 10, 50 and 90 %; null is open',
            properties: { early: openDay, middle: openDay, late: openDay }
          },
          nextMeasure: {
            type: 'object',
            properties: {
              date: { ...day, description: 'Not before today; what is overdue is wanted today' },
              reason: { enum: ['half-year', 'change-likely', 'borderline', 'no-age', 'grown'] }
            }
          },
          estimated: { type: 'array', items: text },
          warnings: notes
        }
      }
    ),
    '/api/v1/checks': {
      get: {
        summary:
          'The checks of a family with their faults, causes and remedies, the drills, and where teachers differ',
        parameters: [{ name: 'family', in: 'query', required: true, schema: { enum: FAMILIES } }],
        responses: {
          200: { description: 'The library.', ...json(CHECKS_ANSWER) },
          400: refusals[400],
          405: refusals[405]
        }
      }
    },
    '/api/v1/focus': post('What to work on next, from what was seen', describe(focusRequest), {
      type: 'object',
      properties: {
        category: { enum: [...CHECK_CATEGORIES, null] },
        check: { type: ['string', 'null'], description: 'The one check to work on; null when all rests' },
        reason: text,
        stays: { ...number, description: 'For how many lessons the category was worked on before this one' },
        resting: { type: 'array', items: { type: 'object', properties: { checkId: text, until: day } } }
      }
    }),
    '/api/v1/causes': post('Why a fault is there, likeliest first', describe(causesRequest), CAUSES_ANSWER),
    '/api/v1/setup': post(
      'Chin rest and shoulder rest, a cello’s seat and endpin, or a bass’s pin',
      describe(setupRequest),
      { oneOf: [REST_ANSWER, SEATED_ANSWER, STANDING_ANSWER] }
    ),
    '/api/v1/tapes': post('Where finger tapes lie', describe(tapesRequest), {
      type: 'object',
      properties: {
        tapes: {
          type: 'array',
          items: {
            type: 'object',
            properties: {
              semitones: number,
              mm: { ...number, description: 'Centre line from the nut' },
              inch: number,
              sixteenths: { type: 'integer', description: 'Of an inch, the nearest' }
            }
          }
        }
      }
    }),
    '/api/v1/tape': post(
      'The lines of a tape that is laid from the base of the neck along the arm; violin and viola',
      describe(tapeRequest),
      TAPE_ANSWER
    ),
    '/api/v1/assign': postAside(
      'Who gets which instrument, term by term, at the least cost',
      describe(assignRequest),
      ASSIGN_ANSWER
    ),
    '/api/v1/adjust': post(
      'What to change next after a look at a set-up',
      describe(adjustRequest),
      ADJUST_ANSWER
    ),
    '/api/v1/figure': figureRoute,
    '/api/v1/openapi.json': {
      get: { summary: 'This description', responses: { 200: { description: 'OpenAPI 3.1' } } }
    }
  },
  components: {
    schemas: {
      Error: strict(
        {
          error: strict(
            {
              message: text,
              fields: { type: 'array', items: strict({ path: text, message: text }, ['path', 'message']) }
            },
            ['message', 'fields']
          )
        },
        ['error']
      )
    }
  }
});
