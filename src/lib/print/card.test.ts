import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { checksFor } from '$lib/core/checks';
import type { Fit, Player, Setup } from '$lib/data';
import { demoRecords } from '$lib/data/demo/demo';
import { cardOf, type Card } from './card';
import { cardsPdf } from './card-pdf';
import { cardPicture } from './card-picture';
import { labelsPdf } from './labels-pdf';
import { openPdf } from './testing';
import { ownFonts } from './read-back.testing';

const records = demoRecords(new Date('2026-11-24T10:00:00'));
const find = <T extends { readonly id: string }>(list: readonly T[], id: string): T => {
  const found = list.find((one) => one.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found;
};
const player: Player = find(records.players, 'demo-05');
const fit: Fit = find(records.fits, 'demo-05-fit-1');
const found: Setup = find(records.setups, 'demo-05-setup-1');
if (found.kind !== 'rest') throw new Error('no rest');
const setup = found;
const [jaw] = (await checksFor('violin')).filter(({ id }) => id === 'hold-jaw');
if (!jaw) throw new Error('no check');
const focus = { check: jaw, set: null };

const card = (patch: Partial<Parameters<typeof cardOf>[0]> = {}): Card =>
  cardOf({ player, fit, setup, focus, unit: 'cm', overrides: {}, teacherName: 'Ms Placeholder', ...patch });

const makePdf = (...cards: readonly Card[]) => cardsPdf(cards, ({ drawing }) => cardPicture(drawing));

describe('cardOf', () => {
  it('says what the teacher says of a check without a drill of its own', () => {
    const check = { ...jaw, drill: null, forPlayer: 'A calm jaw.' };
    const set = {
      checkId: jaw.id,
      fault: null,
      remedy: 'Hum a tune.',
      drill: 'set-and-reset',
      dose: 'twice'
    };
    expect(card({ focus: { check, set } }).focus).toEqual({
      line: 'A calm jaw.',
      drill: 'Hum a tune.',
      dose: 'twice'
    });
  });

  it('holds every setting with its mark, the focus and the next look', () => {
    const made = card();
    expect(made).toMatchObject({
      player: 'Juno Appleyarrow',
      instrument: 'Violin',
      size: setup.size,
      focus: { line: 'Lay your jaw down, soft as on a pillow.', dose: '10 in a row, every day' },
      nextLook: '15 Apr 2027',
      signed: 'Ms Placeholder · 15 Oct 2026 · set-up 1'
    });
    expect(made.settings).toHaveLength(7);
    expect(made.settings.find(({ name }) => name === 'Shoulder foot at')?.mark).toBe(
      'blue sticker at the foot'
    );
    if (made.drawing.kind !== 'back') throw new Error('no back');
    const { on } = made.drawing;
    if (on.kind !== 'rest') throw new Error('no rest');
    expect(on.shoulderFoot[0]).toBeGreaterThan(0);
    expect(on.chestFoot[0]).toBeLessThan(0);
  });

  it('speaks inches, and leaves out what is not there', () => {
    const made = card({ unit: 'in', focus: null, teacherName: '' });
    expect(made.settings[0]?.value).toMatch(/ in$/);
    expect(made.focus).toBeNull();
    expect(made.signed).toBe('15 Oct 2026 · set-up 1');
  });
});

describe('cardsPdf', () => {
  beforeEach(ownFonts);
  afterEach(() => vi.unstubAllGlobals());

  async function read(bytes: Uint8Array) {
    const { pdf } = await openPdf(bytes);
    const page = await pdf.getPage(1);
    const { width, height } = page.getViewport({ scale: 1 });
    const { items } = await page.getTextContent();
    const places = items.flatMap((item) =>
      'str' in item && item.str.trim() !== ''
        ? [
            {
              text: item.str,
              right: Number(item.transform[4]) + item.width,
              bottom: Number(item.transform[5])
            }
          ]
        : []
    );
    return { pages: pdf.numPages, width, height, places, text: places.map(({ text }) => text).join(' ') };
  }

  it('is one page of A6 with everything on it', async () => {
    const made = card();
    const pdf = await read((await makePdf(made)).bytes);
    expect(pdf.pages).toBe(1);
    expect((pdf.width / 72) * 25.4).toBeCloseTo(105, 2);
    expect((pdf.height / 72) * 25.4).toBeCloseTo(148, 2);
    for (const { name, value } of made.settings) {
      expect(pdf.text).toContain(name);
      expect(pdf.text).toContain(value);
    }
    expect(pdf.text).toContain('blue sticker at the foot');
    expect(pdf.text).toContain('Look again by 15 Apr 2027');
  });

  it('cuts what is too long instead of running off the page', async () => {
    const marks = Object.fromEntries(
      Object.entries(setup.settings).map(([id, setting]) => [
        id,
        { ...setting, mark: 'a very long mark indeed '.repeat(3).slice(0, 60) }
      ])
    ) as typeof setup.settings;
    const long = card({
      player: { ...player, name: 'Marguerite Oddbottle-Featherstonehaugh of Upper and Lower Lanternfield' },
      setup: { ...setup, settings: marks },
      teacherName: 'A teacher with a name that takes up a good deal of room on any card'.padEnd(80, '.')
    });
    const { places, width } = await read((await makePdf(long)).bytes);
    expect(places.some(({ text }) => text.includes('…'))).toBe(true);
    for (const { right, bottom } of places) {
      expect(right).toBeLessThanOrEqual(width - 20);
      expect(bottom).toBeGreaterThan(10);
    }
  });

  it('writes accents and other scripts, and says which characters no font has', async () => {
    const written = async (name: string) => {
      const { bytes, missing } = await makePdf(card({ player: { ...player, name } }));
      return { text: (await read(bytes)).text, missing };
    };
    const european = await written('Łuc Ω Юля ễ');
    for (const part of ['uc', 'Ω', 'Юля', 'ễ']) expect(european.text).toContain(part);
    expect(european.missing).toEqual([]);
    const odd = await written('Ann 弓🎻');
    expect(odd.text).toContain('Ann ??');
    expect(odd.missing).toEqual(['弓', '🎻']);
    const { text, missing } = await written('שרה ليلى');
    expect(missing).toEqual([]);
    // Scripts from right to left come as their own letters, whatever order they are drawn in.
    for (const letter of [...'שרה']) expect(text).toContain(letter);
  });

  it('leaves out marks that have no shape, without a word', async () => {
    const name = 'Zo\u200bë \u2060Mark';
    const { bytes, missing } = await makePdf(card({ player: { ...player, name } }));
    expect(missing).toEqual([]);
    expect((await read(bytes)).text).toContain('Zoë Mark');
  });

  it('puts four on a page of larger paper, labels fourteen or more, none over an edge', async () => {
    const cards = Array.from({ length: 9 }, (_, i) => card({ player: { ...player, name: `Child ${i}` } }));
    for (const paper of ['a4', 'letter'] as const) {
      const heard: number[] = [];
      const { bytes } = await cardsPdf(cards, ({ drawing }) => cardPicture(drawing), {
        paper,
        report: (done) => heard.push(done)
      });
      expect(heard).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9]);
      const sheet = await read(bytes);
      expect(sheet.pages).toBe(3);
      expect(sheet.text.match(/Child \d/g)).toEqual(['Child 0', 'Child 1', 'Child 2', 'Child 3']);
      const labels = await read((await labelsPdf(cards, { paper })).bytes);
      expect(labels.pages).toBe(1);
      expect(labels.text).toContain('Child 8');
      for (const { places, width } of [sheet, labels])
        for (const { right, bottom } of places) {
          expect(right).toBeLessThan(width - 5);
          expect(bottom).toBeGreaterThan(5);
        }
    }
  });
});
