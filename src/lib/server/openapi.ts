import { MEASUREMENTS, type MeasurementId } from '$lib/core/body';
import { SHOULDER_FAMILIES, sizesOf } from '$lib/core/instruments';
import { REST_SCHOOLS, TILT_RANGE_DEG } from '$lib/core/setup';
import { LANDING_SCHOOLS, OWN_LIMIT_RANGE } from '$lib/core/sizing';
import { BODY_LIMIT } from './respond';

const reading = (id: MeasurementId, description: string) => {
  const [minimum, maximum] = MEASUREMENTS[id].rangeMm;
  const one = { type: 'number', minimum, maximum };
  return { description, oneOf: [one, { type: 'array', items: one, minItems: 1, maxItems: 9 }] };
};

const sizes = [...new Set(SHOULDER_FAMILIES.flatMap(sizesOf))];
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

/** Description of the server routes, in OpenAPI 3.1. Lengths are millimetres everywhere. */
export const openapi = (version: string) => ({
  openapi: '3.1.0',
  info: {
    title: 'Jarvel',
    version,
    description:
      'Sizes and set-ups for violin and viola. The routes keep nothing. All lengths are in millimetres and not rounded.'
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
      'Propose a size by where the scroll lands on the outstretched hand',
      strict(
        {
          family: { enum: SHOULDER_FAMILIES },
          measurements: {
            description: 'The height or an arm length must be there.',
            ...strict({
              heightMm: reading('height', 'Standing height'),
              armToPalmMm: reading('armToPalm', 'Base of the neck to the palm centre'),
              armToWristMm: reading('armToWrist', 'Base of the neck to the wrist crease'),
              handLengthMm: reading('handLength', 'Wrist crease to the middle fingertip'),
              handSpanMm: reading('handSpan', 'First to fourth fingertip, spread with ease')
            })
          },
          landingLimit: {
            type: 'number',
            minimum: OWN_LIMIT_RANGE[0],
            maximum: OWN_LIMIT_RANGE[1],
            description: 'Highest accepted landing; not together with school'
          },
          school: { enum: LANDING_SCHOOLS, description: 'palm-centre when neither is given' },
          sizes: {
            type: 'array',
            items: { enum: sizes },
            minItems: 1,
            description: 'The usual ones when not given'
          },
          instruments: {
            type: 'array',
            description: 'Measured dimensions in place of nominal ones',
            items: strict({ size: { enum: sizes }, overallMm: number, stringMm: number }, [
              'size',
              'overallMm'
            ])
          }
        },
        ['family', 'measurements']
      ),
      {
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
                landing: { ...number, description: '0 wrist crease, 0.5 palm centre, 1 middle fingertip' },
                marginMm: number,
                probability: number,
                verdict: { enum: ['fits', 'large', 'small'] }
              }
            }
          },
          estimated: {
            type: 'array',
            items: text,
            description: 'Measurements that an estimate stands in for'
          },
          reasons: notes,
          warnings: notes
        }
      }
    ),
    '/api/v1/setup': post(
      'Split the gap between collarbone and jaw, and place the shoulder rest',
      strict(
        {
          family: { enum: SHOULDER_FAMILIES },
          size: { enum: sizes },
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
