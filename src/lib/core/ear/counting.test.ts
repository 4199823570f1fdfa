import { describe, expect, it } from 'vitest';
import {
  countedBy,
  countOf,
  levelDb,
  MadeUpRoom,
  NEW_COUNTING,
  type Counted,
  type Counting,
  type MadeUpSound
} from '.';
import { seeded } from '../dice.testing';

const RATE = 8000;
const STRETCH_S = 0.025;

/** Repetitions of one player: even as a child is, with a moment's pause now and then. */
function played(
  kind: MadeUpSound['kind'],
  {
    from,
    count,
    each,
    db,
    random
  }: { from: number; count: number; each: number; db: number; random: () => number }
): readonly MadeUpSound[] {
  const sounds: MadeUpSound[] = [];
  let at = from;
  for (let i = 0; i < count; i++) {
    const long = each * (0.72 + 0.1 * random());
    sounds.push({ kind, at, db: db - 4 * random(), ...(kind === 'bowed' ? { seconds: long } : {}) });
    at += each * (0.9 + 0.2 * random()) + (random() < 0.06 ? each * random() : 0);
  }
  return sounds;
}

function counted(noiseDb: number, sounds: readonly MadeUpSound[], seed: number): Counted {
  const room = new MadeUpRoom(RATE, noiseDb, sounds, seeded(seed));
  const samples = new Float32Array(RATE * STRETCH_S);
  const end = Math.max(...sounds.map(({ at }) => at)) + 1.5;
  let counting: Counting = NEW_COUNTING;
  for (let now = STRETCH_S; now < end; now += STRETCH_S) {
    room.sound(samples, now);
    counting = countedBy(counting, levelDb(samples), now * 1000);
  }
  return countOf(counting);
}

/** Performances of one player: three sounds, speeds from slow to quick, soft and loud, in quiet and in busy rooms. */
const ALONE = (['clap', 'pluck', 'bowed'] as const).flatMap((kind, k) =>
  Array.from({ length: 15 }, (_, i) => {
    const seed = 100 * (k + 1) + i;
    const random = seeded(seed * 7919);
    const each = [1.1, 0.7, 0.45, 0.3, 0.26][i % 5] ?? 0.5;
    const count = 5 + Math.floor(16 * random());
    const db = [-8, -14, -20][Math.floor(i / 5)] ?? -14;
    const noiseDb = [-60, -50, -42][i % 3] ?? -50;
    return { kind, seed, count, noiseDb, sounds: played(kind, { from: 1.5, count, each, db, random }) };
  })
);

/** Two who play at the same time, each at a pace of their own. */
const TWO = Array.from({ length: 15 }, (_, i) => {
  const seed = 900 + i;
  const random = seeded(seed * 7919);
  const kind = (['clap', 'pluck', 'bowed'] as const)[i % 3] ?? 'clap';
  const one = { from: 1.5, count: 14, each: 0.5 + 0.3 * random(), db: -10, random };
  const other = { ...one, from: 1.5 + 0.4 * random(), each: one.each * (1.15 + 0.5 * random()) };
  return { kind, seed, noiseDb: -52, sounds: [...played(kind, one), ...played(kind, other)] };
});

describe('repetitions that are counted by ear', () => {
  it('are right within one in 95 of 100, where it says that it is sure, and seldom not sure', () => {
    const all = ALONE.map(({ kind, seed, count, noiseDb, sounds }) => ({
      kind,
      seed,
      count,
      said: counted(noiseDb, sounds, seed)
    }));
    const sure = all.filter(({ said }) => said.doubt === 'none');
    const wrong = sure.filter(({ count, said }) => Math.abs(said.count - count) > 1);
    expect(wrong.length / sure.length > 0.05 ? wrong : []).toEqual([]);
    expect(1 - sure.length / all.length).toBeLessThanOrEqual(0.2);
  });

  it('of two who play at once are never sure', () => {
    const sure = TWO.filter(({ noiseDb, sounds, seed }) => counted(noiseDb, sounds, seed).doubt === 'none');
    expect(sure.map(({ seed, kind }) => [seed, kind])).toEqual([]);
  });

  it('are none in a quiet room, and not sure in one that is too loud', () => {
    const far: readonly MadeUpSound[] = [{ kind: 'clap', at: 1.4, db: -90 }];
    expect(counted(-55, far, 5)).toEqual({ count: 0, doubt: 'none' });
    expect(counted(-12, [{ kind: 'clap', at: 2, db: -3 }], 5).doubt).toBe('too-loud');
  });
});
