import { tinykeys } from 'tinykeys';

type Act = (event: KeyboardEvent) => void;

const LETTER = /^[a-z]$/;
const DIGIT = /^\d$/;

/** Ways to press what a binding asks for, on any keyboard. */
function waysOf(binding: string, act: Act): readonly (readonly [string, Act])[] {
  const parts = binding.split('+');
  const key = parts.at(-1) ?? '';
  const by = (code: string) => [...parts.slice(0, -1), code].join('+');
  // Where no Latin letter comes of a key, by another script or by Alt, its place on the keyboard decides.
  if (LETTER.test(key))
    return [
      [binding, act],
      [by(`Key${key.toUpperCase()}`), (event) => !LETTER.test(event.key.toLowerCase()) && act(event)]
    ];
  // Digits that are written with Shift have their key without it too.
  if (DIGIT.test(key))
    return [
      [binding, act],
      [by(`Digit${key}`), (event) => event.key !== key && act(event)]
    ];
  // Whether a sign needs Shift differs from keyboard to keyboard.
  return key.length === 1
    ? [
        [binding, act],
        [`Shift+${binding}`, act]
      ]
    : [[binding, act]];
}

/**
 * Listens to shortcuts by the character that a key writes, wherever it lies on the keyboard. Returns the way to stop.
 *
 * @param bindings such as `z`, `Alt+1`, `$mod+Shift+z` or `/`
 */
export const shortcuts = (
  target: Window | HTMLElement,
  bindings: Readonly<Record<string, Act>>
): (() => void) =>
  tinykeys(
    target,
    Object.fromEntries(Object.entries(bindings).flatMap(([binding, act]) => waysOf(binding, act)))
  );

/** Whether what has the focus takes the keys for itself: text, or a choice of its own. */
export const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.matches('input:not([type=radio]), textarea, select');
