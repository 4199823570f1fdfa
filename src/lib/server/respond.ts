import { ValidationError, type Schema } from 'yup';
import { boundProblems, type ListBounds } from './bounds';
import { Busy } from './busy';
import { InputProblem, type FieldProblem } from './problem';

/** Largest body that a route reads, bytes. */
export const BODY_LIMIT = 256 * 1024;

const HEADERS = { 'content-type': 'application/json; charset=utf-8', 'cache-control': 'no-store' };

export const answer = (
  body: unknown,
  status = 200,
  headers: Readonly<Record<string, string>> = {}
): Response => new Response(JSON.stringify(body), { status, headers: { ...HEADERS, ...headers } });

/** A picture as it is sent. */
export const answerSvg = (svg: unknown): Response =>
  new Response(String(svg), {
    headers: {
      'content-type': 'image/svg+xml; charset=utf-8',
      'cache-control': 'no-store'
    }
  });

/** Whether a request asks for JSON before anything else. */
export const wantsJson = (request: Request): boolean =>
  /^\s*application\/json\b/i.test(request.headers.get('accept') ?? '');

/** An error as every route gives it. */
export const refuse = (
  status: number,
  message: string,
  fields: readonly FieldProblem[] = [],
  headers: Readonly<Record<string, string>> = {}
): Response => answer({ error: { message, fields } }, status, headers);

export const methodNotAllowed = (allow: string): Response =>
  refuse(405, `This route takes ${allow} only.`, [], { allow });

class Refusal {
  constructor(readonly response: Response) {}
}

/**
 * Answers a POST with JSON in and out: refuses other types (415), bodies over the limit (413), what is no
 * JSON and what the schema does not allow (400 with the path of each fault, the first 20), else computes.
 * Whatever goes wrong inside is a 500 of the same shape.
 *
 * @param bounds the most that each list of the body may hold
 * @param respond how the answer is sent, as JSON without it
 */
export async function answerJson<T>(
  request: Request,
  schema: Schema<T>,
  compute: (input: T) => unknown,
  bounds: ListBounds = {},
  respond: (computed: unknown) => Response = (computed) => answer(computed)
): Promise<Response> {
  try {
    const body = await readJson(request);
    return respond(await compute(validated(schema, body, bounds)));
  } catch (error) {
    if (error instanceof Refusal) return error.response;
    if (error instanceof Busy)
      return refuse(503, error.message, [], { 'retry-after': String(error.retryAfterS) });
    if (error instanceof InputProblem) return refuse(400, error.message, error.fields);
    logFault(request, error);
    return refuse(500, 'The server could not answer.');
  }
}

/** A fault of the server's own stands in its log, with the route and nothing of what was sent. */
const logFault = (request: Request, error: unknown): void =>
  console.error(`${request.method} ${new URL(request.url).pathname}`, error);

async function readJson(request: Request): Promise<unknown> {
  const type = request.headers.get('content-type')?.split(';')[0]?.trim().toLowerCase();
  if (type !== 'application/json') throw new Refusal(refuse(415, 'Send application/json.'));
  const tooLarge = () => new Refusal(refuse(413, `The body may have ${BODY_LIMIT} bytes at most.`));
  const declared = Number(request.headers.get('content-length') ?? 0);
  if (declared > BODY_LIMIT) {
    await discard(request);
    throw tooLarge();
  }
  let bytes: ArrayBuffer;
  try {
    bytes = await request.arrayBuffer();
  } catch (error) {
    if (typeof error === 'object' && error !== null && 'status' in error && error.status === 413)
      throw tooLarge();
    throw new Refusal(refuse(400, 'The body could not be read.'));
  }
  if (bytes.byteLength > BODY_LIMIT) throw tooLarge();
  try {
    return JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
  } catch {
    throw new Refusal(refuse(400, 'The body is not JSON.'));
  }
}

/** Takes in a body without keeping it: a sender that is cut off while sending would not see the answer. */
async function discard(request: Request): Promise<void> {
  try {
    await request.body?.pipeTo(new WritableStream());
  } catch {
    // Over the server's own limit; the answer is the same.
  }
}

/**
 * What the schema makes of a body. Its bounds are checked before anything else.
 *
 * @throws InputProblem that names the wrong fields, the first 20
 */
export function validated<T>(schema: Schema<T>, body: unknown, bounds: ListBounds = {}): T {
  const tooMuch = boundProblems(body, bounds);
  if (tooMuch.length > 0) throw new InputProblem(tooMuch);
  try {
    return schema.validateSync(body, { strict: true, abortEarly: false }) as T;
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const problems = error.inner.length > 0 ? error.inner : [error];
    throw new InputProblem(problems.map(({ path, message }) => ({ path: path ?? '', message })));
  }
}
