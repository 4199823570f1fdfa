import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { checksFor } from '$lib/core/checks';
import { dimensionsOf, FAMILIES, type Family, type Size } from '$lib/core/instruments';
import type { Lesson, Player } from '$lib/data';
import { homeText } from '$lib/words/home';
import { homeCardOf } from './home-card';
import type { IsoDay } from '$lib/core/time';
import { homePdf, pointPicture } from './home-pdf';
import { openPdf } from './testing';
import { ownFonts } from './read-back.testing';

const SIZES: Readonly<Record<Family, Size>> = { violin: '1/4', viola: '13 in', cello: '1/2', bass: '1/2' };

async function cardFor(family: Family, points = 3, today: IsoDay = '2026-11-24', seen = false) {
  const checks = await checksFor(family);
  const chosen = checks.filter(({ category }) => category === 'hold').slice(0, points);
  const practice = chosen.map(({ id, drill, faults: [first] }) => ({
    checkId: id,
    fault: seen && first ? first.id : null,
    remedy: '',
    drill,
    dose: ''
  }));
  const lesson = { day: '2026-11-24', practice, nextLook: '2026-12-01' } as unknown as Lesson;
  const who = { family, instrument: dimensionsOf(family, SIZES[family]), readings: { height: [1350] } };
  const player = { name: 'Zoë Placeholder', family } as Player;
  return {
    card: homeCardOf({ player, lesson, checks, looks: [], who, teacherName: 'Ms Placeholder', today }),
    checks,
    practice
  };
}

async function textOf(bytes: Uint8Array): Promise<{ text: string; pages: number; widthPt: number }> {
  const { pdf } = await openPdf(bytes);
  const first = await pdf.getPage(1);
  const { items } = await first.getTextContent();
  return {
    text: items.map((item) => ('str' in item ? item.str : '')).join(' '),
    pages: pdf.numPages,
    widthPt: first.getViewport({ scale: 1 }).width
  };
}

it('promises no day that is past', async () => {
  expect((await cardFor('violin')).card.nextLook).toBe('1 Dec 2026');
  expect((await cardFor('violin', 3, '2026-12-02')).card.nextLook).toBe('');
});

describe('a home card', () => {
  beforeEach(ownFonts);
  afterEach(() => vi.unstubAllGlobals());

  it.each([...FAMILIES])('of the %s has three points, a picture each, and goes to A6', async (family) => {
    const { card } = await cardFor(family);
    expect(card.points).toHaveLength(3);
    for (const { dose, picture } of card.points) {
      expect(dose).not.toBe('');
      expect(pointPicture(picture).regions.length).toBeGreaterThan(3);
    }
    const { bytes, missing } = await homePdf([card, card]);
    expect(missing).toEqual([]);
    const { text, pages, widthPt } = await textOf(bytes);
    expect(pages).toBe(2);
    expect(widthPt).toBeCloseTo((105 / 25.4) * 72, 1);
    for (const words of ['Zoë Placeholder', 'Look again by 1 Dec 2026', 'mirror', 'Stop and rest'])
      expect(text).toContain(words);
  });

  it.each([...FAMILIES])(
    'of the %s shows what was seen amiss, marked, beside right from there',
    async (family) => {
      const { card } = await cardFor(family, 3, '2026-11-24', true);
      const plain = (await cardFor(family)).card;
      expect(plain.points.map(({ amiss }) => amiss)).toEqual([null, null, null]);
      for (const { picture, amiss } of card.points) {
        expect(amiss?.view).toBe(picture.view);
        expect(picture.marked).toEqual([]);
        const drawn = pointPicture(amiss ?? picture);
        expect(drawn.marked).not.toBe('');
        expect(drawn.cues.length + (drawn.straying?.arrow.length ?? 0)).toBeGreaterThan(0);
      }
      const { bytes } = await homePdf([card]);
      expect((await textOf(bytes)).text.match(/Not so/g)).toHaveLength(3);
      expect(bytes.length).toBeGreaterThan((await homePdf([plain])).bytes.length);
    }
  );

  it('as a text says the same, and leaves out a check that is not there any more', async () => {
    const { checks, practice } = await cardFor('cello', 2);
    const text = homeText(
      'Zoë',
      [...practice, { ...practice[0], checkId: 'gone' } as (typeof practice)[number]],
      checks,
      '2026-12-01'
    );
    expect(text).toMatch(/^Zoë, until 1 Dec 2026:\n1\. .+\n2\. .+\nCheck yourself/);
    expect(text).not.toContain('3. ');
  });
});
