import { onScreen } from '$lib/ui/testing.svelte';
import { NotSaved, type ComingReading } from '$lib/data';
import type { MeasurementId } from '$lib/core/body';
import type { LengthUnit } from '$lib/core/length';
import { expect, it, vi } from 'vitest';
import { LengthEntry, type EntrySurroundings } from './entry.svelte';

const surroundings = (heightMm: number | null = null) => ({
  heightMm,
  coming: new Map<MeasurementId, ComingReading>()
});

/** A field of the list as a teacher meets it; writing takes as long as the test wants. */
function fieldOf(kind: EntrySurroundings['kind'], shared = surroundings()) {
  let text = '';
  const stored: number[] = [];
  const went = vi.fn();
  let passed: { rest: string; goOn: boolean } | null = null;
  let storing: Promise<void> = Promise.resolve();
  const entry = onScreen(
    () =>
      new LengthEntry(() => ({
        kind,
        unit: 'cm' as LengthUnit,
        text,
        readings: stored,
        heightMm: kind === 'height' ? null : shared.heightMm,
        coming: shared.coming,
        isBeyondAge: (mm) => kind === 'height' && mm < 900,
        write: async (mm) => {
          await storing;
          stored.push(mm);
          if (kind === 'height') shared.heightMm = mm;
        },
        entered: (taken) => taken === text && (text = ''),
        goOn: went,
        isLast: kind === 'neckGap',
        passOn: (own, rest, goOn) => {
          text = own;
          passed = { rest, goOn };
        }
      }))
  );
  return {
    entry,
    stored,
    went,
    type: (typed: string) => {
      text = typed;
      entry.reset();
    },
    text: () => text,
    passed: () => passed,
    slowly: (until: Promise<void>) => (storing = until)
  };
}

it('takes what is typed, once, and goes on', async () => {
  const field = fieldOf('height');
  field.type('120.5');
  field.entry.enter();
  field.entry.enter();
  await expect.poll(() => field.text()).toBe('');
  expect(field.stored).toEqual([1205]);
  expect(field.went).toHaveBeenCalled();
});

it('asks about what is unlikely, and takes it when it is confirmed or entered again', async () => {
  const field = fieldOf('armToPalm', surroundings(1200));
  field.type('41.5');
  field.entry.enter();
  expect(field.entry.question?.text).toContain('Palm or wrist?');
  field.entry.leave();
  expect(field.stored).toEqual([]);
  field.entry.enter();
  await expect.poll(() => field.stored).toEqual([415]);
  field.type('41');
  field.entry.enter();
  field.entry.confirm();
  await expect.poll(() => field.stored).toEqual([415, 410]);
});

it('refuses what can’t be and what is no length, and keeps it on the screen', () => {
  const field = fieldOf('neckGap');
  field.type('99');
  field.entry.enter();
  expect(field.entry.problem).toContain("can't be right");
  field.type('seven');
  field.entry.enter();
  expect(field.entry.problem).toContain('Not read as a length');
  expect(field.text()).toBe('seven');
  expect(field.stored).toEqual([]);
});

it('asks about a height far outside the age', () => {
  const field = fieldOf('height');
  field.type('85');
  field.entry.enter();
  expect(field.entry.question?.text).toMatch(/cm or inches|birth month/i);
});

it('judges a length in the light of a height that is still on its way', async () => {
  const shared = surroundings();
  const [height, palm] = [fieldOf('height', shared), fieldOf('armToPalm', shared)];
  let written: () => void = () => undefined;
  height.slowly(new Promise((end) => (written = end)));
  height.type('120');
  height.entry.enter();
  palm.type('19');
  palm.entry.enter();
  expect(palm.entry.question?.text).toContain('Centimetres or inches?');
  written();
  await expect.poll(() => shared.coming.size).toBe(0);
  expect(palm.stored).toEqual([]);
});

it('readings that lie apart hold the field until Enter is pressed once more', async () => {
  const field = fieldOf('armToPalm');
  field.stored.push(480);
  field.type('46');
  field.entry.enter();
  await expect.poll(() => field.stored).toEqual([480, 460]);
  await expect.poll(() => field.text()).toBe('');
  expect(field.went).not.toHaveBeenCalled();
  field.entry.enter();
  expect(field.went).not.toHaveBeenCalled();
  field.entry.enter();
  expect(field.went).toHaveBeenCalledTimes(1);
});

it('what the storage did not take stays typed', async () => {
  const field = fieldOf('height');
  field.slowly(Promise.reject(new NotSaved('Measured height', 'disk-full', new Error('full'))));
  field.type('120');
  field.entry.enter();
  await expect.poll(() => field.entry.busy).toBe(false);
  expect(field.text()).toBe('120');
  expect(field.stored).toEqual([]);
});

it('takes the first of a row and passes the rest on', async () => {
  const field = fieldOf('height');
  field.type('120.5 48,2 – 13');
  field.entry.enter();
  expect(field.passed()).toEqual({ rest: '48,2 – 13', goOn: true });
  await expect.poll(() => field.text()).toBe('');
  expect(field.stored).toEqual([1205]);
  expect(field.went).not.toHaveBeenCalled();
});

it('asks about an unlikely first of a row before anything goes further', async () => {
  const field = fieldOf('height');
  field.type('88 30');
  field.entry.enter();
  expect(field.entry.question?.mm).toBe(880);
  expect(field.passed()).toBeNull();
  expect(field.text()).toBe('88 30');
  field.entry.confirm();
  expect(field.passed()?.rest).toBe('30');
  await expect.poll(() => field.stored).toEqual([880]);
});

it('passes nothing on from the last field', () => {
  const field = fieldOf('neckGap');
  field.type('5.5 6');
  field.entry.enter();
  expect(field.entry.problem).not.toBe('');
  expect(field.passed()).toBeNull();
});

it('leaves out what a dash stands for, and refuses a row that is no lengths', () => {
  const field = fieldOf('height');
  field.type('- 48.2');
  field.entry.enter();
  expect(field.passed()).toEqual({ rest: '48.2', goOn: true });
  field.type('–');
  field.entry.enter();
  expect(field.passed()?.rest).toBe('');
  expect(field.went).toHaveBeenCalled();
  field.type('tall 48.2');
  field.entry.enter();
  expect(field.entry.problem).not.toBe('');
  expect(field.stored).toEqual([]);
});
