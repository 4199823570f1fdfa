import { describe, expect, it } from 'vitest';
import { heardBy, levelDb, MadeUpRoom, NEW_GATE, type Gate, type GateEvent, type MadeUpSound } from '.';
import { seeded } from '../dice.testing';

const RATE = 8000;
const STRETCH_S = 0.05;

/** What is heard in a made-up room, from its first moment on. */
function heardIn(
  noiseDb: number,
  sounds: readonly MadeUpSound[],
  seconds: number,
  seed = 1
): readonly GateEvent[] {
  const room = new MadeUpRoom(RATE, noiseDb, sounds, seeded(seed));
  const samples = new Float32Array(RATE * STRETCH_S);
  let gate: Gate = NEW_GATE;
  const events: GateEvent[] = [];
  for (let now = STRETCH_S; now < seconds; now += STRETCH_S) {
    room.sound(samples, now);
    const heard = heardBy(gate, levelDb(samples), now * 1000);
    gate = heard.gate;
    if (heard.event) events.push(heard.event);
  }
  return events;
}

it('a level is in dB below full scale, and silence has one too', () => {
  expect(levelDb(Float32Array.from({ length: 100 }, (_, i) => (i % 2 ? 1 : -1)))).toBeCloseTo(0, 6);
  expect(levelDb(Float32Array.from({ length: 100 }, () => 0.1))).toBeCloseTo(-20, 6);
  expect(levelDb(new Float32Array(100))).toBe(-90);
  expect(levelDb(new Float32Array(0))).toBe(-90);
});

describe('a room', () => {
  it('is measured within a second, and its own noise is never taken for a sound', () => {
    for (let seed = 1; seed <= 24; seed++) {
      const events = heardIn(-62 + 1.5 * seed, [], 30, seed);
      expect([seed, events.map(({ kind }) => kind)]).toEqual([seed, ['ready']]);
      expect(events[0]?.at).toBeLessThan(1000);
    }
  });

  it('that is too loud is said to be, and nothing is heard in it', () => {
    const events = heardIn(-15, [{ kind: 'clap', at: 3, db: -3 }], 5);
    expect(events.map(({ kind }) => kind)).toEqual(['too-loud']);
  });
});

describe('a sound', () => {
  it('starts and stops a clock within a tenth of a second, whatever it is and however loud the room', () => {
    for (const kind of ['clap', 'pluck', 'voice'] as const)
      for (const noiseDb of [-60, -48, -38])
        for (let seed = 1; seed <= 6; seed++) {
          const [from, to] = [2 + seed / 7, 8 + seed / 3];
          const held = kind === 'voice' ? { seconds: 0.4 } : {};
          // A clap is loud, and over before one has looked.
          const sounds = [from, to].map((at) => ({ kind, at, db: kind === 'clap' ? -8 : -14, ...held }));
          const heard = heardIn(noiseDb, sounds, 14, seed).filter((one) => one.kind === 'sound');
          expect([kind, noiseDb, seed, heard.length]).toEqual([kind, noiseDb, seed, 2]);
          const seconds = ((heard[1]?.at ?? 0) - (heard[0]?.at ?? 0)) / 1000;
          expect(Math.abs(seconds - (to - from))).toBeLessThanOrEqual(0.1);
        }
  });

  it('that is held is over when it ends, and a short gap between strokes does not end it', () => {
    const strokes = [
      { kind: 'bowed', at: 2, seconds: 3, db: -16 },
      { kind: 'bowed', at: 5.2, seconds: 2, db: -18 }
    ] as const;
    const events = heardIn(-50, strokes, 12).slice(1);
    expect(events.map(({ kind }) => kind)).toEqual(['sound', 'silence']);
    expect(Math.abs((events[1]?.at ?? 0) - 7200)).toBeLessThanOrEqual(100);
  });

  it('made while the room is measured spoils it only where it goes on', () => {
    // A chair that creaks: one stretch of it is left out.
    const events = heardIn(
      -55,
      [
        { kind: 'clap', at: 0.3, db: -12 },
        { kind: 'clap', at: 4, db: -12 }
      ],
      6
    );
    expect(events.map(({ kind }) => kind).slice(0, 2)).toEqual(['ready', 'sound']);
  });
});
