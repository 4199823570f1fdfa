import { describe, expect, it } from 'vitest';
import * as fc from 'fast-check';
import { dimensionsOf, FAMILIES, sizesOf, sizesUp } from '../instruments';
import { daysLater } from '../time';
import {
  chanceOutgrown,
  forWhom,
  leansOf,
  lengthOf,
  linesOf,
  pointsOf,
  roundOf,
  shelvesOf,
  shortagesOf,
  silhouetteOf,
  sizeFrom,
  toMend,
  termsFrom,
  wantedOn,
  yearDaysFrom,
  type Kept,
  type Out
} from '.';

const TODAY = '2026-11-24';

const kept = (number: string, rest: Partial<Kept> = {}): Kept => ({
  id: `i-${number}`,
  number,
  family: 'cello',
  size: '1/2',
  overallMm: null,
  state: 'fine',
  ...rest
});
const out = (number: string, playerId: string, until: string | null = null): Out => ({
  id: `l-${number}-${playerId}`,
  instrumentId: `i-${number}`,
  playerId,
  from: '2026-09-01',
  until
});

describe('the shelves', () => {
  it('hold each instrument once, the smallest size first and numbers as people count', () => {
    const all = [
      kept('10'),
      kept('9'),
      kept('2', { size: '1/8' }),
      kept('3', { family: 'violin', size: '1/8' })
    ];
    const shelves = shelvesOf('cello', all, [], TODAY);
    expect(shelves.map(({ size }) => size)).toEqual(['1/8', '1/2']);
    expect(shelves[1]?.stored.map(({ instrument }) => instrument.number)).toEqual(['9', '10']);
    expect(shelves[1]?.free).toBe(2);
  });

  it('tell who has one, and who is late', () => {
    const [shelf] = shelvesOf(
      'cello',
      [kept('1'), kept('2'), kept('3')],
      [out('1', 'ida', '2026-11-23'), out('2', 'olaf', TODAY)],
      TODAY
    );
    expect(shelf?.stored.map(({ where }) => where.kind)).toEqual(['out', 'out', 'here']);
    expect(shelf?.stored.map(({ where }) => where.kind === 'out' && where.overdue)).toEqual([
      true,
      false,
      false
    ]);
    expect(shelf?.free).toBe(1);
  });

  it('give nothing out that is away, but what is to be mended', () => {
    const [shelf] = shelvesOf(
      'cello',
      [kept('1', { state: 'workshop' }), kept('2', { state: 'out-of-use' }), kept('3', { state: 'to-mend' })],
      [],
      TODAY
    );
    expect(shelf?.free).toBe(1);
  });

  it('of one that somebody has say so first, whatever its state: it is still to come back', () => {
    const [shelf] = shelvesOf('cello', [kept('1', { state: 'workshop' })], [out('1', 'ida')], TODAY);
    expect(shelf?.stored[0]?.where.kind).toBe('out');
  });

  it('lose nothing and count nothing twice', () => {
    const families = fc.constantFrom(...FAMILIES);
    const instrument = families.chain((family) =>
      fc.record({ family: fc.constant(family), size: fc.constantFrom(...sizesOf(family)) })
    );
    fc.assert(
      fc.property(fc.array(instrument, { maxLength: 40 }), (some) => {
        const all = some.map((one, at) => kept(`${at}`, one));
        const stored = FAMILIES.flatMap((family) =>
          shelvesOf(family, all, [], TODAY).flatMap((shelf) => shelf.stored)
        );
        expect(new Set(stored.map(({ instrument: { id } }) => id)).size).toBe(all.length);
        expect(stored).toHaveLength(all.length);
      })
    );
  });
});

describe('for whom an instrument is', () => {
  const player = (name: string, size: string | null, family: Kept['family'] = 'cello') => ({
    name,
    family,
    size
  });

  it('whose size it is comes first, too large comes last, another family never', () => {
    const found = forWhom(kept('1'), [
      player('Large for', '1/8'),
      player('Nobody knows', null),
      player('Small for', '4/4'),
      player('Less small for', '3/4'),
      player('Fits', '1/2'),
      player('Violinist', '1/2', 'violin')
    ]);
    expect(found.map(({ player: { name } }) => name)).toEqual([
      'Fits',
      'Less small for',
      'Small for',
      'Nobody knows',
      'Large for'
    ]);
    expect(found.map(({ match }) => match)).toEqual(['fits', 'smaller', 'smaller', 'unknown', 'larger']);
  });
});

describe('a silhouette', () => {
  it('is as long as the instrument, and a measured one as it was measured', () => {
    for (const family of FAMILIES)
      for (const size of sizesUp(family)) {
        const nominal = dimensionsOf(family, size);
        const drawn = silhouetteOf(nominal);
        expect(drawn.heightMm).toBe(nominal.overallMm);
        const bottom = Math.max(
          ...(drawn.body.match(/[ML][\d.]+ ([\d.]+)/g) ?? []).map((one) => Number(one.split(' ')[1]))
        );
        expect(bottom).toBeCloseTo(nominal.overallMm, 0);
      }
    const half = dimensionsOf('cello', '1/2');
    const own = lengthOf({ family: 'cello', size: '1/2', overallMm: 1000 });
    expect(silhouetteOf(half, own).heightMm).toBe(1000);
    expect(lengthOf({ family: 'cello', size: '1/2', overallMm: null })).toBe(half.overallMm);
  });
});

describe('a size as schools write it', () => {
  it.each([
    ['violin', ' ¼ ', '1/4'],
    ['violin', '1 / 4', '1/4'],
    ['cello', 'Full', '4/4'],
    ['bass', 'half', '1/2'],
    ['viola', '14"', '14 in'],
    ['viola', '13 inch', '13 in']
  ] as const)('%s "%s" is %s', (family, text, size) => expect(sizeFrom(family, text)).toBe(size));

  it.each([
    ['violin', '14'],
    ['cello', '1/3'],
    ['viola', ''],
    ['bass', 'quarterish']
  ] as const)('%s "%s" is none', (family, text) => expect(sizeFrom(family, text)).toBeNull());

  it('reads every size as it is written', () => {
    for (const family of FAMILIES)
      for (const size of sizesOf(family)) expect(sizeFrom(family, size)).toBe(size);
  });
});

describe('what is wanted on a day', () => {
  const outgrown = { early: '2027-01-01', middle: '2027-03-02', late: '2027-09-01' };

  it('goes from one size to the next as it is outgrown', () => {
    expect(chanceOutgrown(outgrown, '2026-12-01')).toBeLessThan(0.1);
    expect(chanceOutgrown(outgrown, '2027-01-01')).toBeCloseTo(0.1);
    expect(chanceOutgrown(outgrown, '2027-01-31')).toBeCloseTo(0.3);
    expect(chanceOutgrown(outgrown, '2027-09-01')).toBeCloseTo(0.9);
    expect(chanceOutgrown(outgrown, '2029-01-01')).toBeGreaterThan(0.9);
    expect(chanceOutgrown(null, '2029-01-01')).toBe(0);
  });

  it('never falls, and what is wanted adds up to one', () => {
    let last = 0;
    for (let day = 0; day < 500; day += 7) {
      const on = daysLater('2026-11-24', day);
      const now = chanceOutgrown(outgrown, on);
      expect(now).toBeGreaterThanOrEqual(last);
      last = now;
      const wanted = wantedOn('1/4', outgrown, ['1/8', '1/4', '1/2'], on);
      expect(wanted.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1);
    }
    expect(wantedOn('1/2', outgrown, ['1/4', '1/2'], '2029-01-01')).toEqual([{ size: '1/2', chance: 1 }]);
  });
});

describe('the lines of a plan', () => {
  const sizes = ['1/4', '1/2', '3/4'];
  const nothing = { noLarger: false, fixed: [], slots: [] };
  const one = (id: string, size: string) => ({
    id,
    size,
    shared: false,
    only: null,
    there: [true],
    rental: false,
    steps: null
  });
  const wants = (size: string, chance = 1) => [
    [{ size, chance }, ...(chance < 1 ? [{ size: '1/4', chance: 1 - chance }] : [])]
  ];

  it('tell of a move, of who makes do and why, of who waits; who stays needs no word', () => {
    const question = {
      sizes,
      terms: 1,
      instruments: [one('q', '1/4'), one('h', '1/2'), one('t', '3/4'), one('q2', '1/4'), one('h2', '1/2')],
      players: [
        { id: 'moves', now: 'q', wanted: wants('1/2'), ...nothing },
        { id: 'makes do', now: 'q2', wanted: wants('1/2', 0.6), ...nothing },
        { id: 'stays', now: 't', wanted: wants('3/4'), ...nothing },
        { id: 'waits', now: null, wanted: wants('3/4'), ...nothing }
      ]
    };
    const has: Readonly<Record<string, string | null>> = {
      moves: 'h',
      'makes do': 'q2',
      stays: 't',
      waits: null
    };
    const assignments = question.players.map(({ id }) => ({
      playerId: id,
      term: 0,
      instrumentId: has[id] ?? null,
      cost: 0
    }));
    const lines = linesOf(question, { assignments });
    expect(lines.map(({ playerId, kind }) => [playerId, kind])).toEqual([
      ['moves', 'moves'],
      ['makes do', 'makes-do'],
      ['waits', 'waits']
    ]);
    // A half is left: it would be too large too likely.
    expect(lines[1]).toMatchObject({ noneLeft: false, tooLarge: 0.4 });
    expect(lines[2]?.noneLeft).toBe(true);
  });
});

describe('how a measured instrument leans', () => {
  const half = dimensionsOf('violin', '1/2').overallMm;
  const next = dimensionsOf('violin', '3/4').overallMm;
  const before = dimensionsOf('violin', '1/4').overallMm;
  const sizes = ['1/4', '1/2', '3/4'];
  const leans = (overallMm: number | null, size = '1/2') =>
    leansOf({ family: 'violin', size, overallMm }, sizes);
  it.each([
    [null, 0],
    [half, 0],
    [half + (next - half) / 2, 0.5],
    [half - (half - before) * 0.3, -0.3],
    [half + 1, 0],
    [next + 100, 1]
  ])('of %s mm by %s', (mm, lean) => expect(leans(mm)).toBe(lean));
  it('beyond the largest and the smallest by the step before', () => {
    expect(leans(next + (next - half) / 2, '3/4')).toBe(0.5);
    expect(leans(before - (half - before) / 2, '1/4')).toBe(-0.5);
  });
});

it('what is short and over is told with its chance: two who may want one of one', () => {
  const wanted = (chance: number) => [
    [
      { size: '1/4', chance },
      { size: '1/2', chance: 1 - chance }
    ]
  ];
  const person = { now: null, noLarger: false, fixed: [], slots: [] };
  const quarter = {
    id: 'q',
    size: '1/4',
    shared: false,
    only: null,
    there: [true],
    rental: false,
    steps: null
  };
  const [of, none] = shortagesOf({
    sizes: ['1/8', '1/4', '1/2'],
    terms: 1,
    players: [
      { ...person, id: 'a', wanted: wanted(0.5) },
      { ...person, id: 'b', wanted: wanted(0.6) }
    ],
    instruments: [quarter]
  });
  // Both with 0.3, none with 0.2.
  expect(of).toMatchObject({ size: '1/4', there: 1, likely: [0, 2] });
  expect(of?.wanted).toBeCloseTo(1.1, 9);
  expect(of?.chanceShort).toBeCloseTo(0.3, 9);
  expect(of?.chanceOver).toBeCloseTo(0.2, 9);
  expect(none).toMatchObject({ size: '1/2', there: 0, chanceOver: 0 });
  expect(none?.chanceShort).toBeCloseTo(1 - 0.5 * 0.6, 9);
});

describe('going round', () => {
  const seen = (number: string, size: string, rest: Partial<Parameters<typeof roundOf>[0][number]> = {}) => ({
    ...kept(number, { size }),
    ...rest
  });
  const SIZES = ['1/4', '1/2'];
  it('meets by size and number what was not looked at for a term, and nothing that is out of use', () => {
    const all = [
      seen('10', '1/2'),
      seen('9', '1/2', { seenOn: daysLater(TODAY, -101) }),
      seen('3', '1/4', { seenOn: daysLater(TODAY, -100) }),
      seen('4', '1/4', { state: 'out-of-use' }),
      seen('5', '1/4', { state: 'workshop' })
    ];
    expect(roundOf(all, SIZES, TODAY).map(({ number }) => number)).toEqual(['5', '9', '10']);
  });
  it('lists for the workshop what is to be mended, and what was seen on what is there already', () => {
    const all = [
      seen('10', '1/2', { state: 'to-mend' }),
      seen('2', '1/2', { state: 'to-mend', amiss: ['pegs'] }),
      seen('3', '1/4', { state: 'workshop', amiss: ['bridge'] }),
      seen('4', '1/4', { state: 'workshop' }),
      seen('5', '1/4')
    ];
    expect(toMend(all).map(({ number }) => number)).toEqual(['2', '3', '10']);
  });
  it.each(FAMILIES)('looks at a pin only where there is one: %s', (family) =>
    expect(pointsOf(family).includes('pin')).toBe(family === 'cello' || family === 'bass')
  );
});

describe('terms', () => {
  it('are a third of a year from today where nothing is set', () =>
    expect(termsFrom('2026-11-24', 3)).toEqual(['2026-11-24', '2027-03-26', '2027-07-26']));
  it.each([
    ['2026-11-24', ['2026-11-24', '2027-01-08', '2027-04-10', '2027-09-01']],
    // A week before a term it is not worth a plan of its own.
    ['2027-01-02', ['2027-01-02', '2027-04-10', '2027-09-01', '2028-01-08']],
    ['2027-01-08', ['2027-01-08', '2027-04-10', '2027-09-01', '2028-01-08']]
  ])('begin as the school’s do, from %s', (today, days) =>
    expect(termsFrom(today, 4, ['01-08', '04-10', '09-01'])).toEqual(days)
  );
  it('begin a day later in a year that has no such day', () =>
    expect(termsFrom('2026-11-24', 3, ['02-29'])).toEqual(['2026-11-24', '2027-03-01', '2028-02-29']));
  it.each([
    ['1.9. 8.1.', ['01-08', '09-01']],
    ['8.1., 8.1', ['01-08']],
    ['', []],
    ['31.2.', null],
    ['1.13.', null],
    ['spring', null]
  ])('typed as “%s”', (text, days) => expect(yearDaysFrom(text)).toEqual(days));
});
