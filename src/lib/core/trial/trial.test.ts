import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FAMILIES, type Family } from '../instruments';
import { seenFor, SETUP_KIND_OF } from '../setup';
import { proposeSize, type Proposal } from '../sizing';
import {
  advise,
  answered,
  concernsOf,
  followTrial,
  looksFor,
  STOP,
  TRIAL_LOOKS,
  type TrialAnswer,
  type TrialLook,
  type TriedOn,
  type TrialVerdict
} from '.';

/** Answers a trial by a rule until it ends. */
function run(family: Family, pick: (look: TrialLook, again: boolean) => string) {
  const answers: TrialAnswer[] = [];
  let state = followTrial(looksFor(family), answers);
  while (state.kind === 'asking') {
    answers.push({ look: state.look.id, choice: pick(state.look, state.again) });
    state = followTrial(looksFor(family), answers);
  }
  return { answers, state };
}

const idOf = (look: TrialLook, speaksFor: string, decides?: true) =>
  look.choices.find((one) => one.speaksFor === speaksFor && one.decides === decides)?.id;
const calm = (look: TrialLook) => idOf(look, 'keep') ?? look.choices[0]?.id ?? '';

describe('the looks', () => {
  it('have three or four plain answers, or two where only the seat is looked at', () => {
    for (const { id, choices } of TRIAL_LOOKS) {
      expect([id, choices.length >= 2 && choices.length <= 4]).toEqual([id, true]);
      expect(new Set(choices.map((choice) => choice.id)).size).toBe(choices.length);
    }
    expect(FAMILIES.map((family) => looksFor(family).length)).toEqual([9, 9, 10, 6]);
  });

  it('begin with what is as it should be, and send what is amiss to a look that the set-up knows', () => {
    for (const { id, choices, families } of TRIAL_LOOKS) {
      expect([id, choices[0]?.speaksFor, choices[0]?.seen]).toEqual([id, 'keep', undefined]);
      for (const { seen } of choices)
        for (const family of seen ? families : [])
          expect([id, seenFor(SETUP_KIND_OF[family]).some((one) => one.id === seen)]).toEqual([id, true]);
    }
  });

  it('never lift the size alone, and leave a no after it was placed anew', () => {
    for (const { id, choices } of TRIAL_LOOKS) {
      for (const { speaksFor, decides } of choices)
        if (decides) expect([id, speaksFor]).toEqual([id, 'smaller']);
      const left = choices.filter(({ speaksFor }) => speaksFor !== 'reseat');
      expect([id, left.length > 1]).toEqual([id, true]);
    }
  });

  it('let how long it holds never decide alone', () => {
    const weight = TRIAL_LOOKS.find(({ id }) => id === 'shoulder-weight');
    expect(weight?.choices.some(({ decides }) => decides)).toBe(false);
  });
});

describe.each(FAMILIES)('a trial of the %s', (family) => {
  it('keeps the size when everything is well, after every look', () => {
    const { state, answers } = run(family, calm);
    expect(state).toMatchObject({ kind: 'ended', verdict: 'keep' });
    expect(answers.length).toBe(looksFor(family).length);
  });

  it('ends at once with the answer that decides', () => {
    const { state, answers } = run(family, (look) => idOf(look, 'smaller', true) ?? calm(look));
    expect(state).toMatchObject({ kind: 'ended', verdict: 'smaller' });
    expect(answers.at(-1)?.choice).toBe(
      looksFor(family)
        .find(({ id }) => id === answers.at(-1)?.look)
        ?.choices.find(({ decides }) => decides)?.id
    );
    expect(answers.length).toBeLessThan(looksFor(family).length);
  });

  it('lifts the size by two signs for larger, and by none once one speaks for smaller', () => {
    const looks = looksFor(family);
    const signs = (side: string) => looks.filter((look) => idOf(look, side) !== undefined);
    const [first, second] = signs('larger');
    const lifted = (seen: Readonly<Record<string, string>>) =>
      run(family, (look) => idOf(look, seen[look.id] ?? '') ?? calm(look)).state;
    const one = { [first?.id ?? '']: 'larger' };
    const both = { ...one, [second?.id ?? '']: 'larger' };
    expect(lifted(one)).toMatchObject({ verdict: 'keep' });
    expect(lifted(both)).toMatchObject({ verdict: 'larger' });
    const against = signs('smaller').find(({ id }) => !(id in both));
    expect(lifted({ ...both, [against?.id ?? '']: 'smaller' })).toMatchObject({ verdict: 'keep' });
  });

  it('stops at pain wherever it comes', () => {
    const [first] = looksFor(family);
    const answers = [
      { look: first?.id ?? '', choice: calm(first as TrialLook) },
      { look: 'any', choice: STOP }
    ];
    expect(followTrial(looksFor(family), answers)).toMatchObject({ kind: 'ended', verdict: 'stopped' });
  });

  it('asks a look again after placing it anew, once', () => {
    const look = looksFor(family).find(({ choices }) =>
      choices.some(({ speaksFor }) => speaksFor === 'reseat')
    ) as TrialLook;
    const before = looksFor(family)
      .slice(0, looksFor(family).indexOf(look))
      .map((one) => ({ look: one.id, choice: calm(one) }));
    const anew = { look: look.id, choice: idOf(look, 'reseat') ?? '' };
    const state = followTrial(looksFor(family), [...before, anew]);
    expect(state).toMatchObject({ kind: 'asking', again: true });
    if (state.kind !== 'asking') throw new Error('ended');
    expect(state.look).toBe(look);
    expect(state.choices.map(({ speaksFor }) => speaksFor)).not.toContain('reseat');
  });

  it('ends when it is too large, and else after every look; what is amiss is kept', () => {
    const looks = looksFor(family);
    fc.assert(
      fc.property(fc.infiniteStream(fc.nat(3)), (picks) => {
        const answers: TrialAnswer[] = [];
        let state = followTrial(looks, answers);
        while (state.kind === 'asking') {
          const { choices, look } = state;
          const pick = choices[picks.next().value % choices.length];
          answers.push({ look: look.id, choice: pick?.id ?? '' });
          state = followTrial(looks, answers);
        }
        const all = answered(looks, answers);
        expect(state.verdict === 'smaller' || all.length === looks.length).toBe(true);
        expect(concernsOf(looks, answers)).toEqual(all.filter(({ choice }) => choice.seen));
      }),
      { numRuns: 100 }
    );
  });
});

describe('tape, trial and growth together', () => {
  const today = '2026-11-24';
  const propose = (armToPalmMm: number): Proposal => {
    const proposal = proposeSize({
      family: 'violin',
      readings: {
        armToPalm: [armToPalmMm, armToPalmMm],
        armToWrist: [armToPalmMm - 65, armToPalmMm - 65],
        handLength: [130, 130]
      }
    });
    if (!proposal) throw new Error('no proposal');
    return proposal;
  };
  const sure = propose(495);
  const unsure = propose(477);
  const advice = (proposal: Proposal, tried: TriedOn | null, smallerOutgrown: string | null = null) =>
    advise({ family: 'violin', proposal, tried, today, smallerOutgrown });

  it('follows the tape until something was tried on', () => {
    expect(advice(sure, null)).toEqual({
      size: '1/4',
      trialSize: null,
      because: 'tape',
      smaller: null,
      readAgain: false
    });
    expect(unsure.between).toEqual(['1/8', '1/4']);
    expect(advice(unsure, null)).toMatchObject({ size: '1/8', because: 'careful' });
  });

  it('lets the trial outrank the tape and asks for a second reading', () => {
    expect(advice(sure, { size: '1/4', verdict: 'keep' })).toMatchObject({
      size: '1/4',
      because: 'agree',
      readAgain: false
    });
    expect(advice(sure, { size: '1/4', verdict: 'smaller' })).toMatchObject({
      size: '1/8',
      trialSize: '1/8',
      because: 'trial-outranks',
      readAgain: true
    });
    expect(advice(sure, { size: '1/8', verdict: 'larger' })).toMatchObject({
      size: '1/4',
      because: 'agree'
    });
  });

  it('advises the larger of two only when trial and growth both speak for it', () => {
    const keeps = { size: '1/4', verdict: 'keep' } as const;
    expect(advice(unsure, keeps, '2027-01-10')).toMatchObject({
      size: '1/4',
      because: 'room-to-grow'
    });
    expect(advice(unsure, keeps, '2027-10-10')).toMatchObject({
      size: '1/8',
      because: 'careful'
    });
    expect(advice(unsure, keeps)).toMatchObject({ size: '1/8', because: 'careful' });
    expect(advice(unsure, { size: '1/4', verdict: 'smaller' }, '2027-01-10')).toMatchObject({
      size: '1/8',
      because: 'agree'
    });
  });

  it('never goes beyond what the rule allows, however small it looks', () => {
    for (const size of ['1/8', '1/4', '1/2']) {
      const { size: advised } = advice(sure, { size, verdict: 'larger' });
      expect([size, advised]).toEqual([size, '1/4']);
    }
  });

  it('keeps to the rule where a size beyond it suits the body, and leaves that one to the teacher', () => {
    for (const verdict of ['keep', 'larger'] as const)
      expect(advice(sure, { size: '1/2', verdict })).toMatchObject({
        size: '1/4',
        trialSize: '1/2',
        because: 'beyond-rule',
        readAgain: true
      });
    // Also where the tape is not sure, and the smaller one would be outgrown soon.
    const upward = propose(471);
    expect(upward).toMatchObject({ proposal: '1/8', between: ['1/8', '1/4'] });
    expect(advice(upward, { size: '1/4', verdict: 'keep' }, today)).toMatchObject({ size: '1/8' });
  });

  it('advises nothing while pain is open, wherever it was noted', () => {
    const hurting = (size: string | null, tried: TriedOn | null = null) =>
      advise({ family: 'violin', proposal: sure, tried, hurts: { size }, today });
    expect(hurting('1/2')).toMatchObject({ size: null, because: 'pain', smaller: '1/4' });
    expect(hurting(null)).toMatchObject({ size: null, smaller: null });
    expect(hurting('1/4', { size: '1/4', verdict: 'keep' })).toMatchObject({ size: null, because: 'pain' });
  });

  it('advises no size after pain, and says which would be the next smaller', () => {
    expect(advice(sure, { size: '1/4', verdict: 'stopped' })).toMatchObject({
      size: null,
      smaller: '1/8',
      because: 'pain'
    });
    expect(advice(sure, { size: '1/32', verdict: 'stopped' })).toMatchObject({
      size: null,
      smaller: null
    });
  });

  it('keeps the place of a size that is no longer in use, and never turns to the largest', () => {
    const without = (size: string): Proposal => ({
      ...sure,
      candidates: sure.candidates.filter((candidate) => candidate.size !== size)
    });
    const after = (verdict: TrialVerdict, proposal: Proposal) => advice(proposal, { size: '1/8', verdict });
    expect(after('smaller', without('1/8')).size).toBe('1/10');
    expect(after('larger', without('1/8')).size).toBe('1/4');
    expect(after('stopped', without('1/8')).smaller).toBe('1/10');
    const none = { ...sure, candidates: sure.candidates.filter(({ overallMm }) => overallMm > 430) };
    expect(after('smaller', none)).toMatchObject({ size: null, because: 'none-smaller' });
    expect(after('stopped', none)).toMatchObject({ size: null, smaller: null });
    expect(() => advice(sure, { size: '14 in', verdict: 'smaller' })).toThrow(RangeError);
  });
});
