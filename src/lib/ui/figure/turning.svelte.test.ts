import { expect, it } from 'vitest';
import { onScreen } from '$lib/ui/testing.svelte';
import { Turning } from './turning.svelte';

const press = (key: string) => new KeyboardEvent('keydown', { key, cancelable: true });

it('turns by keys, round and round, and leaves other keys alone', () => {
  const turning = onScreen(() => new Turning(90));
  turning.key(press('ArrowLeft'));
  expect(turning.azimuth).toBe(105);
  for (let i = 0; i < 8; i++) turning.key(press('ArrowLeft'));
  expect(turning.azimuth).toBe(-135);
  turning.key(press('ArrowRight'));
  expect(turning.azimuth).toBe(-150);
  const other = press('Enter');
  turning.key(other);
  expect([turning.azimuth, other.defaultPrevented]).toEqual([-150, false]);
});

it('is from behind at one number, from whichever side it comes there', () => {
  const turning = onScreen(() => new Turning(165));
  turning.key(press('ArrowLeft'));
  expect(turning.azimuth).toBe(180);
  turning.key(press('ArrowLeft'));
  expect(turning.azimuth).toBe(-165);
  turning.key(press('ArrowRight'));
  expect(turning.azimuth).toBe(180);
});

it('turns with a drag, drawn coarser meanwhile, and not without one', () => {
  const turning = onScreen(() => new Turning(0));
  const at = (clientX: number, button = 0) => {
    const event = new MouseEvent('pointermove', { clientX, button }) as PointerEvent;
    Object.defineProperty(event, 'currentTarget', { value: { setPointerCapture: () => undefined } });
    return event;
  };
  turning.move(at(50));
  expect([turning.azimuth, turning.moving]).toEqual([0, false]);
  turning.begin(at(100, 2));
  turning.move(at(160));
  expect(turning.azimuth).toBe(0);
  turning.begin(at(100));
  turning.move(at(160));
  expect([turning.azimuth, turning.moving]).toEqual([-30, true]);
  turning.end();
  turning.move(at(300));
  expect([turning.azimuth, turning.moving]).toEqual([-30, false]);
});
