import { describe, expect, it } from 'vitest';
import { FAMILIES, type Family } from '../instruments';
import { identityOf } from './identities';
import { detailOf, differing, drawnScene, inkOf } from './testing';
import { checksFor, sidesOf, type Check, type CheckScene } from '.';

const INK_PX = 160;
/** Two faults that differ from each other by less than this share of what they differ from right look the same. */
const ALIKE = 0.35;

/** Faults of different identity that are drawn in one pose from one view, and look the same. */
function alike(family: Family, checks: readonly Check[]): readonly string[] {
  const drawn = checks.flatMap((check) =>
    sidesOf(check, family).flatMap(({ right, faults }) => {
      const ink = (scene: CheckScene) =>
        inkOf(drawnScene(family, { ...scene, marked: [] }, INK_PX), detailOf(family, scene, INK_PX));
      const asRight = ink(right);
      return faults.map(({ fault, scene }) => {
        const mine = ink(scene);
        return {
          name: `${check.id}/${fault.id}`,
          is: identityOf(check.id, fault.id),
          place: `${scene.view} ${scene.pose}`,
          ink: mine,
          off: differing(asRight, mine)
        };
      });
    })
  );
  return drawn.flatMap((one, i) =>
    drawn
      .slice(i + 1)
      .filter((other) => other.place === one.place && other.is !== one.is)
      .flatMap((other) => {
        const share = differing(one.ink, other.ink) / Math.max(one.off, other.off);
        return share < ALIKE ? [`${one.name} = ${other.name} ${share.toFixed(3)}`] : [];
      })
  );
}

describe.each(FAMILIES.filter((family) => family !== 'viola'))('the faults of the %s', (family) => {
  it(
    'are two pictures where they are two faults',
    async () => expect(alike(family, await checksFor(family))).toEqual([]),
    120_000
  );
});
