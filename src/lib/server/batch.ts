import { InputProblem, type FieldProblem } from './problem';
import { refuse, validated } from './respond';
import { answerSize, SIZE_BOUNDS, sizeRequest } from './size';

/** Most players in one request. */
export const BATCH_PLAYERS = 2000;
/** Largest body of a batch, bytes. */
export const BATCH_LIMIT = 512 * 1024;
const TYPE = 'application/x-ndjson';
/** A sender that pauses this long, ms, gets what is ready; one that does not is read to its end first. */
const PAUSE_MS = 25;
/** Lines answered in one go, before others get their turn. */
const AT_ONCE = 25;

const tooMuch = () =>
  refuse(413, `A batch may have ${BATCH_PLAYERS} players and ${BATCH_LIMIT} bytes at most.`);

const errorLine = (line: number, message: string, fields: readonly FieldProblem[] = []) => ({
  line,
  error: { message, fields }
});

/** The answer to one line; what is wrong with it never stops the others. */
function answerLine(text: string, line: number): unknown {
  try {
    return answerSize(validated(sizeRequest, JSON.parse(text), SIZE_BOUNDS));
  } catch (error) {
    if (error instanceof InputProblem) return errorLine(line, error.message, error.fields);
    if (error instanceof SyntaxError) return errorLine(line, 'The line is not JSON.');
    console.error(`batch, line ${line}`, error);
    return errorLine(line, 'The server could not answer this line.');
  }
}

/** Takes in bytes and gives out whole lines with their numbers; blank ones only count. */
class Lines {
  readonly #decoder = new TextDecoder();
  #rest = '';
  #number = 0;
  bytes = 0;
  players = 0;
  readonly waiting: { readonly text: string; readonly line: number }[] = [];

  get tooMuch(): boolean {
    return this.bytes > BATCH_LIMIT || this.players > BATCH_PLAYERS;
  }

  take(bytes: Uint8Array): void {
    this.bytes += bytes.byteLength;
    const lines = (this.#rest + this.#decoder.decode(bytes, { stream: true })).split('\n');
    this.#rest = lines.pop() ?? '';
    for (const text of lines) this.#add(text);
  }

  end(): void {
    if (this.#rest !== '') this.#add(this.#rest);
    this.#rest = '';
  }

  #add(text: string): void {
    this.#number++;
    if (text.trim() === '') return;
    this.players++;
    this.waiting.push({ text, line: this.#number });
  }
}

const pause = Symbol('pause');
const after = (ms: number) => new Promise<typeof pause>((done) => setTimeout(() => done(pause), ms));

/**
 * Answers a question for a size on each line, in order. What comes in one go is read to its end first, so that
 * too much of it is refused as a whole (413); a sender that pauses gets its answers while it goes on, and then
 * a last line that says so when it becomes too much.
 */
export async function answerBatch(request: Request): Promise<Response> {
  const type = request.headers.get('content-type')?.split(';')[0]?.trim().toLowerCase();
  if (type !== TYPE) return refuse(415, `Send ${TYPE}.`);
  const reader = request.body?.getReader();
  if (!reader) return refuse(400, 'The body is empty.');
  const lines = new Lines();
  let reading = reader.read();
  let open = true;
  while (open) {
    const next = await Promise.race([reading, after(PAUSE_MS)]);
    if (next === pause) break;
    if (next.done) open = false;
    else {
      lines.take(next.value);
      reading = reader.read();
    }
    if (lines.bytes > BATCH_LIMIT) {
      await drain(reader, reading);
      return tooMuch();
    }
  }
  if (!open) lines.end();
  if (lines.tooMuch) return tooMuch();

  const encoder = new TextEncoder();
  const stream = new ReadableStream<Uint8Array>({
    async pull(controller) {
      const write = (answer: unknown) => controller.enqueue(encoder.encode(`${JSON.stringify(answer)}\n`));
      while (lines.waiting.length === 0 && open) {
        const { done, value } = await reading;
        if (done) {
          open = false;
          lines.end();
        } else {
          lines.take(value);
          reading = reader.read();
        }
        if (!lines.tooMuch) continue;
        write(errorLine(lines.waiting[0]?.line ?? 0, 'The batch is too large; nothing more is answered.'));
        controller.close();
        void drain(reader, reading);
        return;
      }
      for (const { text, line } of lines.waiting.splice(0, AT_ONCE)) write(answerLine(text, line));
      // Others get their turn before the next lines.
      await after(0);
      if (!open && lines.waiting.length === 0) controller.close();
    },
    cancel: () => reader.cancel()
  });
  return new Response(stream, {
    headers: { 'content-type': `${TYPE}; charset=utf-8`, 'cache-control': 'no-store' }
  });
}

/** Takes in the rest without keeping it: a sender that is cut off while sending would not see the answer. */
async function drain(
  reader: ReadableStreamDefaultReader<Uint8Array>,
  reading: Promise<ReadableStreamReadResult<Uint8Array>>
): Promise<void> {
  try {
    let { done } = await reading;
    while (!done) ({ done } = await reader.read());
  } catch {
    // Over the server's own limit; the answer is the same.
  }
}
