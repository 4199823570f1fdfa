import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LETTER_KINDS } from '$lib/data/schema/settings';
import { fillLetter, LETTER_TEMPLATES, LETTER_VALUE_NAMES } from './letters';

const ALL = Object.fromEntries(LETTER_VALUE_NAMES.map((name) => [name, `<${name}>`]));

describe('letters', () => {
  it.each(LETTER_KINDS)('the %s template names only what a letter can say, and says when to stop', (kind) => {
    const { text, missing, unknown } = fillLetter(LETTER_TEMPLATES[kind], ALL);
    expect([missing, unknown]).toEqual([[], []]);
    expect(text).not.toMatch(/[{}]/);
    expect(text).toContain('hurts, tingles or goes numb');
  });

  it('leaves the place of what is missing or unknown, and says so', () => {
    expect(fillLetter('{player} gets {size}, { size }, {colour}.', { player: 'Wren' })).toEqual({
      text: 'Wren gets {size}, { size }, {colour}.',
      missing: ['size'],
      unknown: ['colour']
    });
  });

  it('puts values in as they are, whatever they hold', () => {
    fc.assert(
      fc.property(fc.string({ minLength: 1 }), (player) => {
        expect(fillLetter('a {player} b', { player }).text).toBe(`a ${player} b`);
      })
    );
    expect(fillLetter('{player}', { player: '{size}' })).toEqual({
      text: '{size}',
      missing: [],
      unknown: []
    });
  });
});
