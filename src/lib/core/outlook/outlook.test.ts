import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { heightOfZ, heightsAt, heightOn, ageYears } from '../growth';
import { FAMILIES } from '../instruments';
import { fittingSize, isTooLarge, judgeSizes, outgrownAtMm, type SizingQuestion } from '../sizing';
import { foresee, isGrown, outlook, sizeLadder, standingOn, type Foresight, type OutlookQuestion } from '.';

const TODAY = '2026-11-24';
const BIRTH = '2018-11';
const medianMm = (day: string) => heightsAt('female', ageYears(BIRTH, day)).medianMm;

/** A girl on the median with an arm as expected. */
const girl = (patch: Partial<OutlookQuestion> = {}): OutlookQuestion => {
  const mm = medianMm(TODAY);
  return {
    sizing: {
      family: 'violin',
      readings: { height: [mm], armToPalm: [0.4 * mm], armToWrist: [0.346 * mm], handLength: [0.108 * mm] }
    },
    size: '1/4',
    sex: 'female',
    birthMonth: BIRTH,
    heights: [{ date: TODAY, mm }],
    today: TODAY,
    ...patch
  };
};

/** The same with an arm for a half. */
const onHalf = (patch: Partial<OutlookQuestion> = {}): OutlookQuestion => {
  const readings = { height: [medianMm(TODAY)], armToPalm: [528], armToWrist: [458], handLength: [140] };
  return girl({ sizing: { family: 'violin', readings }, size: '1/2', ...patch });
};

describe('the height at which a size is outgrown', () => {
  it('is where the next one begins to fit, all lengths keeping their ratio', () => {
    // reach 0.4 h = 518 mm of a 1/2
    expect(outgrownAtMm(girl().sizing, '1/4')).toBeCloseTo(518 / 0.4, -0.2);
    const question: SizingQuestion = { family: 'cello', readings: { height: [1290] } };
    const at = outgrownAtMm(question, '1/2') ?? 0;
    expect(fittingSize({ family: 'cello', readings: { height: [at + 1] } })).toBe('3/4');
    expect(fittingSize({ family: 'cello', readings: { height: [at - 1] } })).toBe('1/2');
  });

  it('is 0 when it is so already, and none for the largest', () => {
    expect(outgrownAtMm(girl().sizing, '1/16')).toBe(0);
    expect(outgrownAtMm(girl().sizing, '4/4')).toBeNull();
    expect(outgrownAtMm({ family: 'violin', readings: {} }, '1/4')).toBeNull();
  });
});

describe('the outlook', () => {
  it('has its middle on the day on which the median child is so tall', () => {
    const { outgrown, why, estimated, outgrownAtMm: atMm, followed } = outlook(girl());
    if (!outgrown?.early || !outgrown.middle || !outgrown.late || !atMm || !followed)
      throw new Error('no forecast');
    expect(why).toBeNull();
    expect(estimated).toEqual([]);
    expect(outgrown.early < outgrown.middle && outgrown.middle < outgrown.late).toBe(true);
    expect(heightOn(followed, outgrown.middle).p50Mm).toBeCloseTo(atMm, 0);
  });

  it('is today for a size that is too small already, whatever the chances', () => {
    const { outgrown, nextMeasure } = outlook(girl({ size: '1/8' }));
    expect(outgrown).toEqual({ early: TODAY, middle: TODAY, late: TODAY });
    expect(nextMeasure).toEqual({ date: TODAY, reason: 'change-likely' });
  });

  it('says what it can’t know', () => {
    expect(outlook(girl({ birthMonth: null }))).toMatchObject({ outgrown: null, why: 'no-age' });
    expect(outlook(girl({ birthMonth: '1990-01' }))).toMatchObject({ outgrown: null, why: 'grown' });
    expect(outlook(girl({ heights: [] }))).toMatchObject({ outgrown: null, why: 'no-height' });
    expect(outlook(girl({ size: '4/4' }))).toMatchObject({ outgrown: null, why: 'largest-size' });
    const { readings } = girl().sizing;
    expect(
      outlook(girl({ sizing: { family: 'violin', readings: { height: readings.height ?? [] } } })).estimated
    ).toEqual(['armToPalm', 'handLength']);
  });

  it('comes sooner for the taller', () => {
    const tall = heightOfZ(1, heightsAt('female', ageYears(BIRTH, TODAY)));
    const taller = girl({
      sizing: { family: 'violin', readings: { height: [tall], armToPalm: [0.4 * tall] } },
      heights: [{ date: TODAY, mm: tall }]
    });
    expect((outlook(taller).outgrown?.middle ?? '9') < (outlook(girl()).outgrown?.middle ?? '')).toBe(true);
  });

  it('has no forecast for a height that no child of that age has, and says so; an old slip does not spoil it', () => {
    const boy = (mm: number, more: OutlookQuestion['heights'] = []): OutlookQuestion => ({
      ...girl({ sex: 'male', birthMonth: '2013-11', heights: [...more, { date: TODAY, mm }] }),
      sizing: { family: 'violin', readings: { height: [mm] } }
    });
    for (const mm of [850, 870, 2290])
      expect(outlook(boy(mm))).toMatchObject({ why: 'beyond-reference', outgrown: null, followed: null });
    const slip = outlook(boy(1500, [{ date: '2026-01-10', mm: 620 }]));
    expect(slip.why).toBeNull();
    expect(slip.followed?.z).toBeCloseTo(outlook(boy(1500)).followed?.z ?? 9, 9);
  });

  it('counts from the last measuring and the decision, not from today', () => {
    const asked = (today: string, patch: Partial<OutlookQuestion> = {}) =>
      outlook(onHalf({ today, ...patch })).nextMeasure;
    expect(asked(TODAY).date).toBe('2027-05-24');
    expect(asked('2027-04-20')).toEqual(asked(TODAY));
    // Overdue is now.
    expect(asked('2027-08-01').date).toBe('2027-08-01');
    expect(asked(TODAY, { measuredOn: '2027-01-10' }).date).toBe('2027-07-10');
    const decided = { day: '2026-12-01', borderline: true, besideTape: null };
    expect(asked(TODAY, { decided })).toEqual({ date: '2026-12-22', reason: 'borderline' });
    // Measured between two sizes and not decided yet, it is looked at again as soon.
    const mm = medianMm(TODAY);
    const between = {
      family: 'violin',
      readings: { height: [mm], armToPalm: [518], armToWrist: [448], handLength: [140] }
    } as const;
    expect(asked(TODAY, { sizing: between, measuredOn: TODAY, decided: null }).reason).toBe('borderline');
    const clear = { day: TODAY, borderline: false, besideTape: null };
    expect(asked(TODAY, { sizing: between, measuredOn: TODAY, decided: clear }).reason).not.toBe(
      'borderline'
    );
  });

  it('waits for the next measuring where a size was taken below the tape on purpose', () => {
    const decided = { day: TODAY, borderline: false, besideTape: 'smaller' as const };
    const now = outlook(girl({ size: '1/8', decided }));
    expect(now).toMatchObject({ belowTape: true, why: 'below-tape', outgrown: null, outgrownAtMm: 0 });
    const later = outlook(girl({ size: '1/8', decided, measuredOn: '2026-12-24', today: '2026-12-24' }));
    expect(later).toMatchObject({ belowTape: false, outgrown: { middle: '2026-12-24' } });
  });
});

describe('where a player stands', () => {
  const settled = foresee(onHalf());
  const at = (patch: Partial<Foresight>, today = TODAY) =>
    standingOn({ ...settled, ...patch }, { hurts: false, underWay: false }, today);

  it('goes on with what was begun, before anything else', () => {
    expect(standingOn(null, { hurts: false, underWay: false }, TODAY)).toBe('new');
    expect(standingOn(null, { hurts: false, underWay: true }, TODAY)).toBe('under-way');
    expect(standingOn({ ...settled, tooSmall: true }, { hurts: false, underWay: true }, TODAY)).toBe(
      'under-way'
    );
  });

  it('tells measured from probable', () => {
    expect(at({})).toBe('settled');
    expect(at({ tooSmall: true })).toBe('measured-too-small');
    expect(at({ tooSmall: true, estimated: true })).toBe('probably-too-small');
    const middle = settled.outgrown?.middle ?? '';
    expect(at({}, middle)).toBe('probably-too-small');
    expect(at({ nextMeasure: { date: TODAY, reason: 'half-year' } })).toBe('due');
  });

  it('forecasts nothing for the grown, who may still have been measured', () => {
    const grownOn = settled.grownOn ?? '';
    expect(isGrown(settled, grownOn)).toBe(true);
    expect(at({ outgrown: { early: TODAY, middle: TODAY, late: null } }, grownOn)).toBe('due');
    expect(at({ tooSmall: true, estimated: true }, grownOn)).toBe('due');
    expect(at({ tooSmall: true }, grownOn)).toBe('measured-too-small');
  });

  it('puts a size that was measured too large above all but pain, until the body or the teacher says otherwise', () => {
    const mm = 1150;
    const readings = { height: [mm], armToPalm: [450], armToWrist: [389], handLength: [122] };
    const small = girl({
      sizing: { family: 'violin', readings },
      size: '4/4',
      heights: [{ date: TODAY, mm }]
    });
    const standing = (patch: Partial<OutlookQuestion>, underWay = false, hurts = false) =>
      standingOn(foresee({ ...small, ...patch }), { hurts, underWay }, TODAY);
    expect(foresee(small)).toMatchObject({
      tooLarge: { measuredOn: TODAY, onPurpose: false },
      nextMeasure: { date: TODAY, reason: 'too-large' }
    });
    expect([standing({}), standing({}, true), standing({}, true, true)]).toEqual([
      'measured-too-large',
      'measured-too-large',
      'pain'
    ]);
    expect(standing({ size: fittingSize(small.sizing) ?? '' })).toBe('settled');
    // A trial agreed on the day of the last measuring; one before it says nothing any more.
    expect(standing({ agreedOn: TODAY })).toBe('settled');
    expect(standing({ agreedOn: '2026-11-23' })).toBe('measured-too-large');
    // Taken larger on purpose: so it reads, and each measuring asks again.
    const decided = { day: TODAY, borderline: false, besideTape: 'larger' as const };
    expect(standing({ decided })).toBe('chosen-larger');
    expect(foresee({ ...small, decided }).nextMeasure.date > TODAY).toBe(true);
    const measuredOn = '2027-03-01';
    expect(foresee({ ...small, decided, measuredOn }).nextMeasure).toEqual({
      date: measuredOn,
      reason: 'chosen-larger'
    });
  });

  it('calls no proposal of its own too large, and everything well beyond it', () => {
    fc.assert(
      fc.property(fc.constantFrom(...FAMILIES), fc.integer({ min: 1000, max: 1900 }), (family, height) => {
        const sizing: SizingQuestion = { family, readings: { height: [height] } };
        const judged = judgeSizes(sizing);
        if (!judged) throw new Error('no judgement');
        const { smallestFirst, chosen } = judged;
        for (const { size, marginMm } of smallestFirst)
          if (Math.abs(marginMm) > 0.1)
            expect([size, isTooLarge(sizing, size)]).toEqual([size, marginMm < 0]);
        if (chosen.holds) expect(isTooLarge(sizing, chosen.size)).toBe(false);
      }),
      { numRuns: 100 }
    );
  });

  it('is foreseen from the last measuring or decision, whenever it is asked', () => {
    const question = onHalf();
    expect(foresee({ ...question, today: '2031-01-01' })).toEqual(foresee(question));
    const decided = { day: '2027-02-01', borderline: false, besideTape: null };
    expect(foresee({ ...question, decided }).nextMeasure.date >= '2027-02-22').toBe(true);
  });
});

describe('the ladder of sizes', () => {
  const sizes = ['1/16', '1/8', '1/4', '1/2', '3/4'];
  const decided = [
    { size: '1/8', day: '2025-01-10' },
    { size: '1/8', day: '2025-09-10' },
    { size: '1/4', day: '2026-03-10' }
  ];

  it('has past, present and coming sizes, and ends where nothing can be foreseen', () => {
    const ends: Record<string, string | null> = { '1/4': '2027-02-01', '1/2': '2029-05-01', '3/4': null };
    expect(sizeLadder(sizes, decided, (size) => ends[size] ?? null)).toEqual([
      { size: '1/8', when: 'past', since: '2025-01-10' },
      { size: '1/4', when: 'now', since: '2026-03-10' },
      { size: '1/2', when: 'coming', about: '2027-02-01' },
      { size: '3/4', when: 'coming', about: '2029-05-01' }
    ]);
    expect(sizeLadder(sizes, decided, () => null).map(({ size }) => size)).toEqual(['1/8', '1/4']);
    expect(sizeLadder(sizes, [], () => null)).toEqual([]);
    // Taken, given back, and taken again: each time is told, the last one since then.
    const again = [...decided, { size: '1/2', day: '2026-05-10' }, { size: '1/4', day: '2026-07-10' }];
    expect(sizeLadder(sizes, again, () => null).slice(1)).toEqual([
      { size: '1/4', when: 'past', since: '2026-03-10' },
      { size: '1/2', when: 'past', since: '2026-05-10' },
      { size: '1/4', when: 'now', since: '2026-07-10' }
    ]);
  });
});
