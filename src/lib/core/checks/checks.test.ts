import { describe, expect, it } from 'vitest';
import { CHECKS, checksFor, DRILLS, focusOf, type CheckOutcome, type Rating } from '.';

const rated = (rating: Rating): CheckOutcome => ({ kind: 'rating', rating });

describe('the catalogue', () => {
  it('has unique ids, and for every check faults whose remedies can be done', () => {
    expect(new Set(CHECKS.map(({ id }) => id)).size).toBe(CHECKS.length);
    for (const check of CHECKS) {
      expect(DRILLS[check.drill].id).toBe(check.drill);
      expect(check.faults.length).toBeGreaterThan(0);
      for (const { causes } of check.faults) {
        expect(causes.length).toBeGreaterThan(0);
        for (const { drill } of causes) if (drill) expect(DRILLS[drill]).toBeDefined();
      }
    }
  });

  it('holds the six checks of the hold and a timed one for violin and viola', () => {
    for (const family of ['violin', 'viola'] as const) {
      const checks = checksFor(family);
      expect(checks.filter(({ result }) => result === 'rating').length).toBeGreaterThanOrEqual(6);
      expect(checks.filter(({ result }) => result === 'seconds')).toHaveLength(1);
    }
    expect(checksFor('cello')).toEqual([]);
  });
});

describe('focusOf', () => {
  const checks = checksFor('violin');
  const [first, second, third] = checks.map(({ id }) => id) as [string, string, string];

  it('takes the weakest that was looked at, the earlier of equals', () => {
    expect(
      focusOf(checks, { [first]: rated('mostly'), [second]: rated('not-yet'), [third]: rated('not-yet') })?.id
    ).toBe(second);
  });

  it('has none when nothing was seen or all is secure', () => {
    expect(focusOf(checks, {})).toBeNull();
    expect(focusOf(checks, { [first]: rated('not-seen') })).toBeNull();
    expect(
      focusOf(checks, { [first]: rated('secure'), 'hold-hands-off': { kind: 'seconds', seconds: 12 } })
    ).toBeNull();
  });

  it('counts a no as weak and a yes as secure', () => {
    const said = (yes: boolean): CheckOutcome => ({ kind: 'yes-no', yes });
    expect(focusOf(checks, { [first]: rated('with-help'), [second]: said(false) })?.id).toBe(second);
    expect(focusOf(checks, { [first]: rated('with-help'), [second]: said(true) })?.id).toBe(first);
    expect(focusOf(checks, { [first]: rated('mostly'), [second]: { kind: 'count', count: 9 } })?.id).toBe(
      second
    );
  });

  it('counts a short hands-off hold as weak', () => {
    expect(
      focusOf(checks, { [first]: rated('mostly'), 'hold-hands-off': { kind: 'seconds', seconds: 1.5 } })?.id
    ).toBe('hold-hands-off');
  });
});
