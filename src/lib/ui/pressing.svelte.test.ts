import { onScreen } from './testing.svelte';
import { commit, db, NotSaved, Refusal } from '$lib/data';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Action } from './action.svelte';
import { guardPresses, SETTLE_MS } from './focus';
import { attempt } from './shell/attempt';
import { status } from './shell/status.svelte';

describe('an action', () => {
  it('is not begun again while it is under way', async () => {
    const action = new Action();
    let ended: () => void = () => undefined;
    const work = vi.fn(() => new Promise<void>((end) => (ended = end)));
    const first = action.run(work);
    expect(await action.run(work)).toBe(false);
    ended();
    expect(await first).toBe(true);
    expect(work).toHaveBeenCalledTimes(1);
    expect(action.busy).toBe(false);
  });

  it('that may not be dropped waits for the one before', async () => {
    const action = new Action();
    const order: string[] = [];
    let ended: () => void = () => undefined;
    void action.run(() => new Promise<void>((end) => (ended = end)).then(() => void order.push('answer')));
    const stopped = action.insist(async () => void order.push('stop for pain'));
    ended();
    expect(await stopped).toBe(true);
    expect(order).toEqual(['answer', 'stop for pain']);
  });
});

describe('a failure of the storage', () => {
  const full = () => Promise.reject(new NotSaved('Measured height', 'disk-full', new Error('full')));

  it('stays until what failed is saved, whatever else is saved meanwhile', async () => {
    const stop = onScreen(() => status.watch());
    expect(await attempt(full)).toBe(false);
    expect(status.failure).toMatchObject({ label: 'Measured height', problem: 'disk-full' });
    await commit(db, 'Something else', async () => undefined);
    expect(status.failure).not.toBeNull();
    await commit(db, 'Measured height', async () => undefined);
    expect(status.failure).toBeNull();
    stop();
  });

  it('can be tried again, or given up', async () => {
    const again = vi.fn(full);
    await attempt(again);
    await status.failure?.again().catch(() => undefined);
    expect(again).toHaveBeenCalledTimes(2);
    status.giveUp();
    expect(status.failure).toBeNull();
  });

  it('is not what a refusal is', async () => {
    await attempt(() => Promise.reject(new Refusal('Somebody was there first.')));
    expect(status.message).toBe('Somebody was there first.');
    expect(status.failure).toBeNull();
  });
});

describe('presses', () => {
  let pressed: string[] = [];
  let main: HTMLButtonElement;
  let other: HTMLButtonElement;

  beforeEach(() => {
    document.body.innerHTML = '<button class="act-next">Take</button><button>Other</button><input>';
    [main, other] = [...document.querySelectorAll('button')] as [HTMLButtonElement, HTMLButtonElement];
    pressed = [];
    const stop = guardPresses(document);
    for (const button of [main, other])
      button.addEventListener('keydown', (event) => event.defaultPrevented || pressed.push(button.innerText));
    return stop;
  });

  const press = (target: HTMLElement, repeat = false) =>
    target.dispatchEvent(
      new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true, repeat })
    );

  it('a key that is held does not run on through buttons', () => {
    press(other);
    press(other, true);
    press(other, true);
    expect(pressed).toEqual(['Other']);
  });

  it('a main button takes none until it had the focus for a moment', () => {
    const now = vi.spyOn(performance, 'now');
    now.mockReturnValue(1000);
    main.focus();
    press(main);
    expect(pressed).toEqual([]);
    now.mockReturnValue(1000 + SETTLE_MS);
    press(main);
    expect(pressed).toEqual(['Take']);
    now.mockRestore();
  });

  it('a field keeps its own keys', () => {
    const input = document.querySelector('input') as HTMLInputElement;
    const event = new KeyboardEvent('keydown', {
      key: 'Enter',
      bubbles: true,
      cancelable: true,
      repeat: true
    });
    input.dispatchEvent(event);
    expect(event.defaultPrevented).toBe(false);
  });
});
