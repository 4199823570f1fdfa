import { describe, expect, it } from 'vitest';
import { checksFor } from '$lib/core/checks';
import { FAMILIES } from '$lib/core/instruments';
import { daysBetween } from '$lib/core/time';
import { problemWith } from '../schema/problem';
import { faultLooks, standingsFor, strengthBy } from '../commands/remedies';
import { TABLE_NAMES } from '../store/tables';
import { demoRecords } from './demo';

const TODAY = '2026-11-24';
const records = demoRecords(new Date(`${TODAY}T10:42:00`));

describe('the made-up class', () => {
  it('is made of records as they are demanded, each known once', () => {
    for (const table of TABLE_NAMES) {
      const rows = table in records ? records[table as keyof typeof records] : [];
      for (const record of rows)
        expect([table, record.id, problemWith(table, record)]).toEqual([table, record.id, null]);
      expect(new Set(rows.map(({ id }) => id)).size).toBe(rows.length);
    }
  });

  it('is the same for the same day, and moves with it', () => {
    expect(demoRecords(new Date(`${TODAY}T18:00:00`)).fits).toEqual(records.fits);
    const later = demoRecords(new Date('2026-12-24T10:42:00'));
    expect(daysBetween(records.fits[0]?.day ?? TODAY, later.fits[0]?.day ?? TODAY)).toBe(30);
  });

  it('has every family, and everything that belongs to somebody belongs to one of them', () => {
    const players = new Set(records.players.map(({ id }) => id));
    expect(new Set(records.players.map(({ family }) => family))).toEqual(new Set(FAMILIES));
    for (const table of [
      'measurements',
      'fits',
      'setups',
      'trials',
      'lessons',
      'checks',
      'remedies',
      'pains'
    ] as const)
      for (const { id, playerId } of records[table]) expect([id, players.has(playerId)]).toEqual([id, true]);
  });

  it('was looked at with the checks of its families', async () => {
    const family = new Map(records.players.map((player) => [player.id, player.family]));
    for (const one of FAMILIES) {
      const known = new Map((await checksFor(one)).map((check) => [check.id, check]));
      const mine = records.lessons.filter(({ playerId }) => family.get(playerId) === one);
      expect(mine.length).toBeGreaterThan(0);
      for (const { practice, playerId, id } of mine) {
        // Who changed over was looked at with the checks of the family before.
        if (records.fits.some((fit) => fit.playerId === playerId && fit.family !== one)) continue;
        for (const { checkId } of practice ?? []) expect([id, known.has(checkId)]).toEqual([id, true]);
      }
    }
  });

  it('has remedies behind what was set as practice: some helped, some not yet, most not looked at again', async () => {
    const checks = (await Promise.all(FAMILIES.map((one) => checksFor(one)))).flat();
    const faults = new Set(checks.flatMap(({ id, faults: own }) => own.map((fault) => `${id}/${fault.id}`)));
    for (const { id, checkId, fault } of records.remedies)
      expect([id, faults.has(`${checkId}/${fault}`)]).toEqual([id, true]);
    const effects = records.players.flatMap(({ id }) => {
      const looks = faultLooks(
        records.checks.filter(({ playerId }) => playerId === id),
        strengthBy(checks)
      );
      const mine = records.remedies.filter(({ playerId }) => playerId === id);
      return standingsFor(mine, looks, TODAY).map(({ effect }) => effect);
    });
    const count = (wanted: (typeof effects)[number]) => effects.filter((one) => one === wanted).length;
    expect(effects).toHaveLength(records.remedies.length);
    expect(count('helped')).toBeGreaterThan(3);
    expect(count('not-yet')).toBeGreaterThan(0);
    expect(count(null)).toBeGreaterThan(effects.length / 3);
  });

  it('leaves nobody’s pain without an end but those whose trial was stopped', () => {
    const stopped = new Set(
      records.trials.filter(({ verdict }) => verdict === 'stopped').map(({ playerId }) => playerId)
    );
    const open = records.pains.filter(({ closedAt }) => closedAt === null);
    expect(open.length).toBeGreaterThan(0);
    for (const { playerId } of open) expect(stopped.has(playerId)).toBe(true);
  });
});
