import { expect, it } from 'vitest';
import { gapText, kitSentence } from './kit';

it('says what is missing, what is lent by whom, and what is overdue', () => {
  const lent = { item: 'rosin', state: 'lent', whose: 'the school', until: '2026-12-03' } as const;
  expect(gapText(lent, '2026-11-24')).toBe('rosin lent by the school until 3 Dec 2026');
  expect(gapText(lent, '2026-12-04')).toBe('rosin lent by the school until 3 Dec 2026, overdue');
  expect(gapText({ item: 'rest', state: 'missing', whose: '', until: null }, '2026-11-24')).toBe(
    'shoulder rest missing'
  );
});

it('sums what a group needs, and is empty where nothing is open', () => {
  expect(
    kitSentence([
      { item: 'rest', missing: 3, lent: 0 },
      { item: 'cloth', missing: 1, lent: 2 }
    ])
  ).toBe('To get: 3 × shoulder rest, 1 × cloth. Lent: 2 × cloth.');
  expect(kitSentence([])).toBe('');
});
