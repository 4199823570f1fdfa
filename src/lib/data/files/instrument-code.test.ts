import { expect, it } from 'vitest';
import { codeOfInstrument, instrumentOfCode } from './instrument-code';

const one = { id: 'i-1', family: 'bass' as const, size: '1/2', number: 'B 7 ü' };

it('means the instrument that it was written for, also with another number since', () => {
  expect(instrumentOfCode(codeOfInstrument(one), [one])).toBe(one);
  const renamed = { ...one, number: '70' };
  expect(instrumentOfCode(codeOfInstrument(one), [renamed])).toBe(renamed);
});

it('means the one that is called so in another cupboard, unless two are', () => {
  const other = { ...one, id: 'i-9' };
  expect(instrumentOfCode(codeOfInstrument(one), [other])).toBe(other);
  expect(instrumentOfCode(codeOfInstrument(one), [other, { ...one, id: 'i-8' }])).toBeNull();
  expect(instrumentOfCode(codeOfInstrument(one), [{ ...other, size: '3/4' }])).toBeNull();
});

it.each(['', 'jarvel-setup/1 cello 1/2', 'jarvel-instrument/1', 'no code'])(
  '“%s” is no instrument’s',
  (text) => expect(instrumentOfCode(text, [one])).toBeUndefined()
);
