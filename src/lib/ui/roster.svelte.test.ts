import { at, onScreen } from './testing.svelte';
import { expose } from 'comlink';
import { db, deletePlayer, type Player } from '$lib/data';
import { FEW_PLAYERS, foreseeMissing, type Share } from '$lib/data/questions/foreseen';
import { givenDecision, givenPlayer, givenReadings } from '$lib/data/testing';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Roster } from './roster.svelte';

type Foresee = (today: string, share: Share, report: (done: number, total: number) => void) => Promise<void>;

/** Workers as the page sees them; what they would do is done here. */
function stubWorkers(foresee: Foresee) {
  const made: { terminated: boolean; onerror: ((event: ErrorEvent) => void) | null }[] = [];
  class Aside {
    readonly #port: MessagePort;
    terminated = false;
    onerror: ((event: ErrorEvent) => void) | null = null;

    constructor() {
      const { port1, port2 } = new MessageChannel();
      expose({ foresee }, port2);
      this.#port = port1;
      port1.start();
      made.push(this);
    }

    postMessage(message: unknown, transfer: Transferable[] = []) {
      this.#port.postMessage(message, transfer);
    }

    addEventListener(type: string, listener: (event: Event) => void) {
      this.#port.addEventListener(type, listener);
    }

    removeEventListener(type: string, listener: (event: Event) => void) {
      this.#port.removeEventListener(type, listener);
    }

    terminate() {
      this.terminated = true;
      this.#port.close();
    }
  }
  vi.stubGlobal('Worker', Aside);
  return made;
}

beforeEach(() => at('2026-11-24T10:00:00'));
afterEach(() => vi.unstubAllGlobals());

async function sized(name: string): Promise<Player> {
  const player = await givenPlayer(db, { name, birthMonth: '2018-05', curve: 'girl' });
  await givenReadings(db, player, { height: 1205, armToPalm: 500 });
  await givenDecision(db, player);
  return player;
}

const many = async () => {
  for (let index = 0; index <= FEW_PLAYERS; index++) await givenPlayer(db, { name: `Many ${index}` });
};

const opened = async () => {
  const everybody = onScreen(() => new Roster());
  await expect.poll(() => everybody.ready).toBe(true);
  return everybody;
};

describe('a few players', () => {
  it('are worked out in the page, by name, and follow what is changed', async () => {
    await sized('Bea');
    const ada = await sized('Ada');
    const everybody = await opened();
    await expect.poll(() => everybody.pending.length).toBe(0);
    expect(everybody.entries.map(({ player: { name }, standing }) => [name, standing])).toEqual([
      ['Ada', 'under-way'],
      ['Bea', 'under-way']
    ]);
    expect(everybody.entries[0]?.foresight?.size).toBe('1/4');
    await deletePlayer(db, ada);
    await expect.poll(() => everybody.entries.length).toBe(1);
    expect(everybody.running).toBe(false);
  });
});

describe('many players', () => {
  it('are worked out aside in shares, with progress, and are there when all have ended', async () => {
    await many();
    const shares: Share[] = [];
    const workers = stubWorkers(async (today, share, report) => {
      shares.push(share);
      await foreseeMissing(db, today, report, share);
    });
    const everybody = await opened();
    await expect.poll(() => everybody.pending.length, { timeout: 10_000 }).toBe(0);
    expect(shares.map(({ number, of }) => `${number} of ${of}`).sort()).toEqual(
      shares.length === 2 ? ['0 of 2', '1 of 2'] : ['0 of 1']
    );
    expect([everybody.done, everybody.total]).toEqual([FEW_PLAYERS + 1, FEW_PLAYERS + 1]);
    expect(workers.every(({ terminated }) => terminated)).toBe(true);
    expect(everybody.failed).toBe(false);
  });

  it('stopped stay missing until they are asked for again', async () => {
    await many();
    const workers = stubWorkers(() => new Promise<void>(() => undefined));
    const everybody = await opened();
    await expect.poll(() => everybody.running).toBe(true);
    everybody.stop();
    await expect.poll(() => everybody.running).toBe(false);
    expect(workers.every(({ terminated }) => terminated)).toBe(true);
    expect([everybody.stopped, everybody.pending.length]).toEqual([true, FEW_PLAYERS + 1]);
    stubWorkers((today, share, report) => foreseeMissing(db, today, report, share));
    everybody.again();
    await expect.poll(() => everybody.pending.length, { timeout: 10_000 }).toBe(0);
  });

  it('a worker that fails is said, and tried again when asked', async () => {
    await many();
    const workers = stubWorkers(() => new Promise<void>(() => undefined));
    const everybody = await opened();
    await expect.poll(() => everybody.running).toBe(true);
    workers[0]?.onerror?.(new ErrorEvent('error', { message: 'out of memory' }));
    await expect.poll(() => everybody.failed).toBe(true);
    expect(everybody.running).toBe(false);
    stubWorkers((today, share, report) => foreseeMissing(db, today, report, share));
    everybody.again();
    await expect.poll(() => everybody.pending.length, { timeout: 10_000 }).toBe(0);
  });
});
