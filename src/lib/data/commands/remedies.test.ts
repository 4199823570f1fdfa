import { describe, expect, it } from 'vitest';
import { checksFor } from '$lib/core/checks';
import { causeFacts, type OnRecord } from '../questions/causes';
import { undo } from '../journal/changes';
import { recordCheck, setPractice } from './checks';
import { answerReview, faultLooks, recordFor, reviewsAsked, standingsFor } from './remedies';
import { beginRemedy, type NewRemedy } from './begin-remedy';
import type { Fit, Measurement, Setup, Trial } from '../store/records';
import { DEFAULT_SETTINGS } from '../questions/settings';
import { freshDatabase, givenPlayer } from '../testing';

const checks = await checksFor('violin');
const check = checks.find(({ id }) => id === 'hold-seat');
const fault = check?.faults.find(({ id }) => id === 'on-chest');
if (!check || !fault) throw new Error('the library lacks what is tested');
const HABIT: NewRemedy = {
  checkId: check.id,
  fault: fault.id,
  cause: 'habit',
  remedy: 'Set it anew.',
  drill: 'set-and-reset',
  setting: null
};
const at = (day: string) => new Date(`${day}T10:00:00`);
const NOW = at('2026-11-24');

describe('remedies', () => {
  it('are judged by what is seen next, for everybody’s record, and undo takes it back', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    const see = (day: string, rating: 'not-yet' | 'secure', faults: readonly string[]) =>
      recordCheck(db, player, check, { outcome: { kind: 'rating', rating }, faults, setupId: null }, at(day));
    await see('2026-11-03', 'not-yet', ['on-chest']);
    await setPractice(
      db,
      player,
      { category: 'hold', practice: () => [], nextLook: '2026-11-10', begun: HABIT },
      at('2026-11-03')
    );
    // Chosen again on the same day it is one.
    await beginRemedy(db, player, HABIT, at('2026-11-03'));
    expect(await db.remedies.count()).toBe(1);
    await see('2026-11-10', 'not-yet', ['on-chest']);
    await see('2026-11-17', 'secure', []);
    const record = () => recordFor(db, check.id, fault.id, '2026-11-24');
    expect(await record()).toEqual([{ cause: 'habit', tries: 1, successes: 1 }]);
    await undo(db);
    expect(await record()).toEqual([]);
    const [open] = standingsFor(
      await db.remedies.toArray(),
      faultLooks(await db.checks.toArray()),
      '2026-11-24'
    );
    expect(open).toMatchObject({ open: true, effect: 'not-yet' });
  });

  it('ask for a review after three returns, until it is put off or done', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db);
    for (const [i, day] of ['01', '04', '07', '10', '13', '16', '19'].entries()) {
      const there = i % 2 === 0;
      await recordCheck(
        db,
        player,
        check,
        {
          outcome: { kind: 'rating', rating: there ? 'not-yet' : 'secure' },
          faults: there ? ['on-chest'] : [],
          setupId: null
        },
        at(`2026-11-${day}`)
      );
      if (i === 0) await beginRemedy(db, player, HABIT, at('2026-11-01'));
    }
    const asked = async (today: string) => (await reviewsAsked(db, today)).get(player.id) ?? [];
    const [review] = await asked('2026-11-24');
    expect(review).toMatchObject({ review: 'set-up', since: '2026-11-19' });
    const key = review?.key ?? '';
    await answerReview(db, player, key, { state: 'put-off', reason: 'Holidays' }, NOW);
    expect(await asked('2026-11-24')).toEqual([]);
    expect(await asked('2026-12-22')).toHaveLength(1);
    await answerReview(db, player, key, { state: 'done', reason: '' }, NOW);
    expect(await asked('2026-12-22')).toEqual([]);
  });
});

describe('facts', () => {
  const at9 = { at: '2026-11-01T09:00:00.000Z', day: '2026-11-01', playerId: 'p' };
  const on = (patch: Partial<OnRecord>): OnRecord => ({
    player: {
      id: 'p',
      name: 'P',
      birthMonth: null,
      curve: null,
      family: 'violin',
      notes: '',
      photosAllowed: false,
      groupId: null,
      archivedOn: null,
      createdAt: at9.at,
      demo: false
    },
    measurements: [],
    fits: [],
    trials: [],
    setups: [],
    checks: [],
    standings: [],
    worked: [],
    settings: DEFAULT_SETTINGS,
    today: '2026-11-24',
    ...patch
  });
  const facts = (patch: Partial<OnRecord>) => causeFacts(on(patch), check, fault);
  const height = (mm: number, day: string) =>
    ({
      id: `p:height:${day}`,
      playerId: 'p',
      kind: 'height',
      day,
      readings: [{ mm, at: `${day}T09:00:00.000Z` }],
      look: null
    }) satisfies Measurement;
  const setup = {
    ...at9,
    id: 's',
    kind: 'rest',
    fitId: 'f',
    family: 'violin',
    size: '1/4',
    version: 1,
    basis: { lengths: { height: 1200, neckGap: 70 }, estimated: [] },
    choices: { school: 'rest-first', mount: 'beside', scroll: 'left-45' },
    settings: {
      chinRest: { value: 18, unit: 'mm', origin: 'computed', mark: '' },
      chestFoot: { value: 0, unit: 'mm', origin: 'adjusted', mark: '' }
    }
  } as unknown as Setup;

  it('nothing on record says that no set-up was kept, and no more', () =>
    expect(facts({})).toEqual({ setupKept: false, record: [] }));

  it('a set-up has drifted by the growth since, and a setting can stand at its other end', () => {
    const grown = facts({ setups: [setup], measurements: [height(1290, '2026-11-20')] });
    expect(grown).toMatchObject({ setupKept: true, reviewLimitMm: 4, settingAtOtherEnd: true });
    expect(grown.setupDriftMm).toBeGreaterThan(4);
    const still = facts({ setups: [setup], measurements: [height(1200, '2026-11-20')] });
    expect(still.setupDriftMm).toBe(0);
  });

  it('a length that was read anew counts beyond the tape’s error', () => {
    const gap = (mm: number, day: string) => ({
      ...height(mm, day),
      id: `p:neckGap:${day}`,
      kind: 'neckGap' as const
    });
    expect(facts({ setups: [setup], measurements: [gap(82, '2026-11-20')] }).lengthReadAnew).toBe(true);
    expect(facts({ setups: [setup], measurements: [gap(71, '2026-11-20')] }).lengthReadAnew).toBeUndefined();
    expect(facts({ setups: [setup], measurements: [gap(82, '2026-10-20')] }).lengthReadAnew).toBeUndefined();
  });

  it('the size speaks by its chance and the trial', () => {
    const fit = {
      ...at9,
      id: 'f',
      family: 'violin',
      size: '1/4',
      proposal: '1/4',
      probability: 0.93,
      instruments: [],
      trialId: 't'
    };
    const trial = (verdict: string, choice: string) =>
      ({
        ...at9,
        id: 't',
        family: 'violin',
        size: '1/4',
        verdict,
        answers: [{ look: 'shoulder-fourth', choice }]
      }) as Trial;
    const fits = [fit as unknown as Fit];
    expect(facts({ fits })).toMatchObject({ sizeChance: 0.93 });
    expect(facts({ fits, trials: [trial('keep', 'none')] })).toMatchObject({
      trialAgreed: true,
      trialSaidLarger: false
    });
    expect(facts({ fits, trials: [trial('smaller', 'none')] })).toMatchObject({ trialSaidLarger: true });
  });
});
