import { describe, expect, it } from 'vitest';
import { STANDINGS } from '$lib/core/outlook';
import { nextOf } from '$lib/core/plan';
import type { ChildStatus } from '$lib/data/questions/status';
import { nextLine, nextText, statusParts, whyText } from './status';

const TODAY = '2026-11-24';
const child = (standing: (typeof STANDINGS)[number], more: Partial<ChildStatus> = {}): ChildStatus => ({
  entry: {
    player: { id: 'a', name: 'Ada', family: 'violin' },
    standing,
    pending: false,
    pain: standing === 'pain' ? { day: '2026-11-20', size: '1/2' } : null,
    foresight: { size: '1/4', nextMeasure: { date: '2027-03-01', reason: 'growth' }, tooLarge: null }
  } as unknown as ChildStatus['entry'],
  next: nextOf(standing, [], TODAY),
  size: '1/4',
  setUp: 'kept',
  lookedOn: '2026-11-22',
  ...more
});
const line = (status: ChildStatus) =>
  statusParts(status, TODAY)
    .map(({ text, is }) => `${text}${is === 'done' ? ' ✓' : ''}`)
    .join(' · ');

describe('the line about a child', () => {
  it('says size, set-up and checks, each with how it stands', () => {
    expect(line(child('settled'))).toBe('size 1/4 ✓ · set-up ✓ · checks 22 Nov ✓');
    expect(line(child('new', { size: null, setUp: 'none', lookedOn: null }))).toBe(
      'no size yet · no set-up yet · no checks yet'
    );
    expect(line(child('measured-too-large', { setUp: 'past' }))).toBe(
      'size 1/4: measured too large · set-up outgrown · checks 22 Nov ✓'
    );
  });

  it('calls no size right while pain is open, in no standing that is amiss', () => {
    for (const standing of STANDINGS) {
      const sizeDone = statusParts(child(standing), TODAY).some(
        ({ text, is }) => text.startsWith('size') && is === 'done'
      );
      expect([standing, sizeDone]).toEqual([
        standing,
        ['under-way', 'due', 'new', 'settled'].includes(standing)
      ]);
    }
  });

  it('says what is next, for all standings, and when', () => {
    for (const standing of STANDINGS) expect(nextText(child(standing)).length).toBeGreaterThan(5);
    const look = child('settled', { next: { kind: 'check', day: '2026-12-06', category: 'left-hand' } });
    expect(nextLine(look, TODAY)).toBe('next: look at the left hand on 6 Dec');
    expect(whyText(child('pain'), TODAY)).toBe('noted on 20 Nov, with the 1/2');
    expect(nextLine(child('settled', { next: { kind: 'measure', day: TODAY } }), TODAY)).toBe(
      'next: measure again today'
    );
    expect(whyText(child('settled', { next: { kind: 'measure', day: '2027-09-01' } }), TODAY)).toBe(
      'in Sep 2027'
    );
  });
});
