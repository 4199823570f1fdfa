import { expect, it } from 'vitest';
import { fieldText } from './tables';

it('names a field as one says it', () => {
  expect(fieldText('birthMonth')).toBe('birth month');
  expect(fieldText('groupId')).toBe('group');
  expect(fieldText('hiddenChecks')).toBe('hidden checks');
  expect(fieldText('notes')).toBe('notes');
});
