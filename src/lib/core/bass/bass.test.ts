import { describe, expect, it } from 'vitest';
import { dimensionsOf } from '../instruments';
import { heightRules, LEAN_DEG, pinFor, standingPlaces } from '.';

const bass = dimensionsOf('bass', '3/4');

describe('the three height rules', () => {
  it.each([
    [{ gripHangMm: 640, cheekMm: 1372, eyebrowMm: 1445 }, 80, -43, -83],
    [{ gripHangMm: 735, cheekMm: 1575, eyebrowMm: 1659 }, 177, 164, 135]
  ])('of %o on a 3/4, as worked by hand', (player, bow, cheek, eyebrow) => {
    const rules = heightRules(player, bass);
    expect(Math.abs(rules.bowReachMm - bow)).toBeLessThan(1);
    expect(Math.abs(rules.cheekMm - cheek)).toBeLessThan(1);
    expect(Math.abs(rules.eyebrowMm - eyebrow)).toBeLessThan(1);
    expect(rules.liftMm).toBeCloseTo(rules.bowReachMm - rules.cheekMm, 9);
  });

  it('put the hand where they say: with the cheek’s pin the first finger is at the cheek', () => {
    const player = { gripHangMm: 735, cheekMm: 1575, eyebrowMm: 1659 };
    const rules = heightRules(player, bass);
    expect(standingPlaces(bass, rules.cheekMm).firstFingerMm).toBeCloseTo(player.cheekMm, 6);
    expect(standingPlaces(bass, rules.eyebrowMm).nutMm).toBeCloseTo(player.eyebrowMm, 6);
    expect(standingPlaces(bass, rules.bowReachMm).bowMm).toBeCloseTo(player.gripHangMm + 35, 6);
  });

  it('counts no pin as none when the bow hand hangs low', () => {
    const low = heightRules({ gripHangMm: 520, cheekMm: 1372, eyebrowMm: 1445 }, bass);
    expect(low.bowReachMm).toBeLessThan(0);
    expect(low.liftMm).toBeCloseTo(-low.cheekMm, 9);
  });

  it('asks for more pin the more the bass leans', () => {
    const player = { gripHangMm: 735, cheekMm: 1575, eyebrowMm: 1659 };
    expect(heightRules(player, bass, LEAN_DEG + 4).bowReachMm).toBeGreaterThan(
      heightRules(player, bass).bowReachMm
    );
  });
});

describe('the pin to begin with', () => {
  const rules = (bowReachMm: number, cheekMm: number) => ({
    bowReachMm,
    cheekMm,
    eyebrowMm: 0,
    liftMm: Math.max(0, bowReachMm) - cheekMm
  });

  it('is the bow’s, when the cheek is near', () => {
    expect(pinFor(rules(177, 164), bass)).toBe(177);
  });

  it('meets the left hand part of the way, by 60 mm at most', () => {
    // 177 - 0.75 (80 - 25)
    expect(pinFor(rules(177, 97), bass)).toBeCloseTo(135.75, 9);
    expect(pinFor(rules(277, 77), bass)).toBe(217);
  });

  it('begins to give without a jump, and never more than the bow’s rule has', () => {
    let before = pinFor(rules(177, 177), bass);
    for (let over = 0; over <= 200; over++) {
      const pin = pinFor(rules(177, 177 - over), bass);
      expect(Math.abs(pin - before)).toBeLessThanOrEqual(0.75 + 1e-9);
      before = pin;
    }
  });

  it('stays within the pin’s range', () => {
    expect(pinFor(rules(-40, -50), bass)).toBe(20);
    expect(pinFor(rules(900, 890), bass)).toBe(280);
  });
});
