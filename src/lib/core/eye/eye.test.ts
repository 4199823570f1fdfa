import { describe, expect, it } from 'vitest';
import { checksFor } from '../checks';
import { FAMILIES } from '../instruments';
import { changeKind } from '../figure';
import { answered, askEye, askPair, dueNow, howWell, isOnMark, NOTHING_SEEN, RIGHT, type EyeRecord } from '.';
import { seeded } from '../dice.testing';

const LIBRARY = Object.fromEntries(
  await Promise.all(FAMILIES.map(async (family) => [family, await checksFor(family)] as const))
);

describe('a picture to look at', () => {
  it('has one answer among its choices, which are different things in different words', () => {
    const random = seeded(11);
    for (let i = 0; i < 150; i++) {
      const question = askEye(LIBRARY, NOTHING_SEEN, random);
      const { options = [], answer, fault, scene, right, key } = question ?? {};
      expect(options.length).toBeGreaterThanOrEqual(4);
      expect(new Set(options.map(({ text }) => text)).size).toBe(options.length);
      expect(options.filter(({ id }) => id === answer)).toHaveLength(1);
      expect(answer === RIGHT).toBe(fault === null);
      expect(key === null).toBe(fault === null);
      expect(scene?.marked.length === 0).toBe(fault === null);
      expect(scene?.view).toBe(right?.view);
    }
  });

  it('comes from every family, with nothing amiss about one time in four', () => {
    const random = seeded(5);
    const asked = Array.from({ length: 240 }, () => askEye(LIBRARY, NOTHING_SEEN, random));
    for (const family of FAMILIES)
      expect(asked.filter((one) => one?.family === family).length).toBeGreaterThan(36);
    const right = asked.filter((one) => one?.fault === null).length;
    expect(right).toBeGreaterThan(36);
    expect(right).toBeLessThan(84);
    expect(new Set(asked.map((one) => one?.size)).size).toBeGreaterThan(8);
  });

  it('is none where there is nothing to show', () => {
    expect(askEye({}, NOTHING_SEEN, seeded(1))).toBeNull();
  });
});

it('shows a fault smaller the more often it was told, and what is there or not as it is', () => {
  const sizes = (row: number) => {
    const faults = Object.fromEntries(
      (LIBRARY['violin'] ?? []).flatMap(({ id, faults: own }) =>
        own.map((fault) => [`violin/${id}/${fault.id}`, { shown: row, told: row, ms: 0, row, due: 0 }])
      )
    );
    const random = seeded(4);
    return Array.from({ length: 80 }, () =>
      askEye({ violin: LIBRARY['violin'] ?? [] }, { pictures: 9, faults }, random)
    ).flatMap((asked) => (asked?.fault ? [asked.scene.marked] : []));
  };
  const [first, third] = [sizes(0), sizes(2)];
  let smaller = 0;
  first.forEach((marked, i) =>
    marked.forEach((one, k) => {
      const later = third[i]?.[k];
      expect(later?.kind).toBe(one.kind);
      const { unit, usual } = changeKind(one.kind);
      if (unit === 'there') return expect(later).toEqual(one);
      smaller++;
      expect(Math.abs(later?.amount ?? NaN)).toBeCloseTo(0.55 * Math.abs(one.amount ?? usual), 6);
    })
  );
  expect(smaller).toBeGreaterThan(20);
});

describe('where it was', () => {
  const window = { x: 0, y: -200, width: 100, height: 200 };
  const nothing = { marked: '', straying: null, cues: [], window };
  const part = { ...nothing, marked: 'M20-100l40 0l0 40l-40 0Z' };

  it('is on the part, or a finger beside it, and nowhere else', () => {
    expect(isOnMark(part, [40, -80])).toBe(true);
    expect(isOnMark(part, [12, -95])).toBe(true);
    expect(isOnMark(part, [90, -80])).toBe(false);
    expect(isOnMark(part, [40, -20])).toBe(false);
  });

  it('may be where it should be, or in a ring; where nothing is marked it is not judged', () => {
    const ghost = { ghost: 'M80-190l10 0l0 10Z', arrow: '' };
    expect(isOnMark({ ...part, straying: ghost }, [85, -185])).toBe(true);
    const ring = { x: 50, y: -150, radius: 10, line: null };
    expect(isOnMark({ ...nothing, cues: [ring] }, [55, -165])).toBe(true);
    expect(isOnMark({ ...nothing, cues: [ring] }, [50, -100])).toBe(false);
    expect(isOnMark(nothing, [50, -100])).toBeNull();
  });
});

it('shows a class a fault beside right', () => {
  const random = seeded(2);
  for (let i = 0; i < 40; i++) expect(askPair(LIBRARY, random)?.fault).not.toBeNull();
  expect(askPair({}, random)).toBeNull();
});

describe('what was missed', () => {
  const pass = (record: EyeRecord, pictures: number): EyeRecord =>
    Array.from({ length: pictures }).reduce<EyeRecord>((one) => answered(one, null, true, 1000), record);

  it('comes back soon, later each time it is told, and then no more', () => {
    let record = answered(NOTHING_SEEN, 'cello/bow-wrist/sunk', false, 3000);
    expect(dueNow(record)).toEqual([]);
    record = pass(record, 6);
    expect(dueNow(record)).toEqual(['cello/bow-wrist/sunk']);
    const waits: number[] = [];
    for (let told = 0; told < 3; told++) {
      record = answered(record, 'cello/bow-wrist/sunk', true, 2000);
      let waited = 0;
      while (dueNow(record).length === 0 && waited < 500) {
        record = pass(record, 1);
        waited++;
      }
      waits.push(waited);
    }
    expect(waits[1]).toBeGreaterThan(waits[0] ?? Infinity);
    expect(waits[2]).toBe(500);
  });

  it('is asked for about half the time while it is due', () => {
    const record = pass(answered(NOTHING_SEEN, 'violin/bow-fourth/off', false, 3000), 20);
    const random = seeded(3);
    const back = Array.from({ length: 200 }, () => askEye(LIBRARY, record, random)?.key).filter(
      (key) => key === 'violin/bow-fourth/off'
    ).length;
    expect(back).toBeGreaterThan(70);
    expect(back).toBeLessThan(135);
  });

  it('of what was always told nothing comes back', () => {
    const record = pass(answered(NOTHING_SEEN, 'violin/bow-fourth/off', true, 900), 50);
    expect(dueNow(record)).toEqual([]);
  });
});

it('says how well something is seen', () => {
  expect(howWell([{ shown: 10, told: 9 }])).toBe('reliable');
  expect(
    howWell([
      { shown: 2, told: 2 },
      { shown: 4, told: 1 }
    ])
  ).toBe('sometimes');
  expect(howWell([{ shown: 4, told: 1 }])).toBe('overlooked');
});
