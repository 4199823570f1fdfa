import { afterEach, expect, it } from 'vitest';
import { shortcuts } from './shortcuts';

let stop: () => void = () => undefined;
afterEach(() => stop());

function heard(bindings: readonly string[]) {
  const log: string[] = [];
  stop = shortcuts(
    window,
    Object.fromEntries(bindings.map((binding) => [binding, () => void log.push(binding)]))
  );
  const press = (key: string, code: string, mods: KeyboardEventInit = {}) =>
    window.dispatchEvent(new KeyboardEvent('keydown', { key, code, ...mods }));
  return { log, press };
}
const ctrl = { ctrlKey: true };

it('go by the character: Z is where the keyboard has it', () => {
  const { log, press } = heard(['Control+z', 'Control+y', 'Control+Shift+z']);
  press('z', 'KeyY', ctrl);
  expect(log).toEqual(['Control+z']);
  press('y', 'KeyZ', ctrl);
  expect(log).toEqual(['Control+z', 'Control+y']);
  press('Z', 'KeyY', { ...ctrl, shiftKey: true });
  expect(log.at(-1)).toBe('Control+Shift+z');
  expect(log).toHaveLength(3);
});

it('go by the place where the script has no such letter', () => {
  const { log, press } = heard(['Control+z']);
  press('я', 'KeyZ', ctrl);
  expect(log).toEqual(['Control+z']);
  press('z', 'KeyZ', ctrl);
  expect(log).toHaveLength(2);
});

it('reach signs and digits with Shift or without', () => {
  const { log, press } = heard(['/', '?', '1', 'Alt+2']);
  press('/', 'Digit7', { shiftKey: true });
  press('/', 'Slash');
  press('?', 'Minus', { shiftKey: true });
  press('&', 'Digit1');
  press('1', 'Digit1');
  press('é', 'Digit2', { altKey: true });
  expect(log).toEqual(['/', '/', '?', '1', '1', 'Alt+2']);
});
