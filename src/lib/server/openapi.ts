import { MEASUREMENTS, type MeasurementId } from '$lib/core/body';
import { FAMILIES, SHOULDER_FAMILIES, sizesOf } from '$lib/core/instruments';
import { REST_SCHOOLS, TILT_RANGE_DEG } from '$lib/core/setup';
import { LANDING_SCHOOLS, OWN_LIMIT_RANGE } from '$lib/core/sizing';
import { BATCH_LIMIT, BATCH_PLAYERS } from './batch';
import { BODY_LIMIT } from './respond';

const reading = (id: MeasurementId, description: string) => {
  const [minimum, maximum] = MEASUREMENTS[id].rangeMm;
  const one = { type: 'number', minimum, maximum };
  return { description, oneOf: [one, { type: 'array', items: one, minItems: 1, maxItems: 9 }] };
};

const sizes = [...new Set(FAMILIES.flatMap(sizesOf))];
const shoulderSizes = [...new Set(SHOULDER_FAMILIES.flatMap(sizesOf))];
const number = { type: 'number' };
const text = { type: 'string' };
const notes = {
  type: 'array',
  items: { type: 'object', properties: { code: text }, required: ['code'], additionalProperties: true }
};
const strict = (properties: object, required: readonly string[] = []) => ({
  type: 'object',
  properties,
  required,
  additionalProperties: false
});
const json = (schema: object) => ({ content: { 'application/json': { schema } } });

const problem = (description: string) => ({ description, ...json({ $ref: '#/components/schemas/Error' }) });
const refusals = {
  400: problem('Something in the body is not right; every wrong field is listed with its path.'),
  405: problem('Another method is needed.'),
  413: problem(`The body is over ${BODY_LIMIT} bytes.`),
  415: problem('The body is not application/json.')
};

const post = (summary: string, request: object, reply: object) => ({
  post: {
    summary,
    requestBody: { required: true, ...json(request) },
    responses: { 200: { description: 'The answer.', ...json(reply) }, ...refusals }
  }
});

const day = { type: 'string', format: 'date' };
const openDay = { type: ['string', 'null'], format: 'date' };

const MEASUREMENT_FIELDS = {
  description: 'The height or an arm length must be there; lengths that the family does not use are refused.',
  ...strict({
    heightMm: reading('height', 'Standing height'),
    armToPalmMm: reading('armToPalm', 'Violin, viola: base of the neck to the palm centre'),
    armToWristMm: reading('armToWrist', 'Violin, viola: base of the neck to the wrist crease'),
    handLengthMm: reading('handLength', 'Violin, viola: wrist crease to the middle fingertip'),
    handSpanMm: reading('handSpan', 'First to fourth fingertip, spread with ease'),
    handSpanWidestMm: reading('handSpanWidest', 'The same, as wide as it goes without pull'),
    lowerLegMm: reading('lowerLeg', 'Cello: floor to the crease behind the knee, seated'),
    seatedBreastboneMm: reading('seatedBreastbone', 'Cello: seat to the lower third of the breastbone'),
    seatedEarMm: reading('seatedEar', 'Cello: seat to the ear canal'),
    seatedShoulderMm: reading('seatedShoulder', 'Cello: seat to the point of the shoulder'),
    armReachMm: reading('armReach', 'Cello, bass: shoulder point to the centre of the closed hand'),
    gripHangMm: reading('gripHang', 'Bass: floor to the closed hand, arm hanging'),
    eyebrowMm: reading('eyebrow', 'Bass: floor to the eyebrow, standing'),
    cheekMm: reading('cheek', 'Bass: floor to the cheek, standing')
  })
};

const SIZE_REQUEST = strict(
  {
    family: { enum: FAMILIES },
    measurements: MEASUREMENT_FIELDS,
    landingLimit: {
      type: 'number',
      minimum: OWN_LIMIT_RANGE[0],
      maximum: OWN_LIMIT_RANGE[1],
      description: 'Violin, viola: highest accepted landing; not together with school'
    },
    school: { enum: LANDING_SCHOOLS, description: 'Violin, viola: palm-centre when neither is given' },
    sizes: {
      type: 'array',
      items: { enum: sizes },
      minItems: 1,
      description: 'The usual ones when not given'
    },
    instruments: {
      type: 'array',
      description: 'Measured dimensions in place of nominal ones; the body follows the overall length',
      items: strict({ size: { enum: sizes }, overallMm: number, stringMm: number }, ['size', 'overallMm'])
    }
  },
  ['family', 'measurements']
);

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
      strict(
        {
          sex: { enum: ['female', 'male', null] },
          birthMonth: { type: ['string', 'null'], description: 'Such as 2017-05; no forecast without it' },
          heights: {
            type: 'array',
            minItems: 1,
            maxItems: 200,
            items: strict({ date: day, mm: number }, ['date', 'mm'])
          },
          today: { ...day, description: 'The day of the last height when not given' },
          on: { ...day, description: 'Last day of heightOn; two years after the last height when not given' },
          family: { enum: FAMILIES },
          size: { enum: sizes },
          measurements: MEASUREMENT_FIELDS
        },
        ['heights', 'family', 'size']
      ),
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
              date: day,
              reason: { enum: ['half-year', 'change-likely', 'borderline', 'no-age', 'grown'] }
            }
          },
          estimated: { type: 'array', items: text }
        }
      }
    ),
    '/api/v1/setup': post(
      'Split the gap between collarbone and jaw, and place the shoulder rest',
      strict(
        {
          family: { enum: SHOULDER_FAMILIES },
          size: { enum: shoulderSizes },
          measurements: strict({
            heightMm: reading('height', 'Needed with shoulderDropMm, or for an estimate of the gap'),
            neckGapMm: reading('neckGap', 'Collarbone to the underside of the jaw'),
            shoulderDropMm: reading(
              'shoulderSlope',
              'Neck base to shoulder point, drop; a medium slope when not given'
            )
          }),
          school: { enum: REST_SCHOOLS, description: 'rest-first when not given' },
          chinRestMm: {
            ...number,
            description:
              'Height of the chin rest as fitted; the nominal one when not given. Collarbone first computes its own.'
          },
          tiltDeg: {
            type: 'number',
            minimum: TILT_RANGE_DEG[0],
            maximum: TILT_RANGE_DEG[1],
            description: '18 when not given'
          }
        },
        ['family', 'size', 'measurements']
      ),
      {
        type: 'object',
        properties: {
          fillerMm: number,
          chinRestMm: number,
          liftMm: number,
          shoulderFootMm: number,
          chestFootMm: number,
          warnings: notes
        }
      }
    ),
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
