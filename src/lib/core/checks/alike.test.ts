import { beforeAll, describe, expect, it } from 'vitest';
import { FAMILIES, type Family } from '../instruments';
import { identityOf } from './identities';
import { detailOf, differing, drawnScene, ghostShare, inkOf, ringsIn } from './testing';
import { checksFor, sidesOf, type CheckScene } from '.';

const INK_PX = 160;
/** Two faults that differ from each other by less than this share of what they differ from right look the same. */
const ALIKE = 0.35;
/** Of less ink than this that differs from right a fault is overlooked, unless a mark tells it. */
const LEAST_INK = 0.03;
/** So large a mark tells it: where it should be takes so much of the picture. */
const LEAST_GHOST = 0.1;

/** The faults of a family as they are drawn: with their ink, and how much of it is not that of right. */
async function faultsDrawn(family: Family) {
  const checks = await checksFor(family);
  return checks.flatMap((check) =>
    sidesOf(check, family).flatMap(({ right, faults }) => {
      const ink = (scene: CheckScene) =>
        inkOf(drawnScene(family, { ...scene, marked: [] }, INK_PX), detailOf(family, scene, INK_PX));
      const asRight = ink(right);
      return faults.map(({ fault, scene }) => {
        const mine = ink(scene);
        return {
          name: `${check.id}/${fault.id}`,
          is: identityOf(check.id, fault.id),
          scene,
          place: `${scene.view} ${scene.pose}`,
          ink: mine,
          off: differing(asRight, mine)
        };
      });
    })
  );
}

describe.each(FAMILIES.filter((family) => family !== 'viola'))('the faults of the %s', (family) => {
  let drawn: Awaited<ReturnType<typeof faultsDrawn>> = [];
  beforeAll(async () => void (drawn = await faultsDrawn(family)), 120_000);

  it('are two pictures where they are two faults', () => {
    const alike = drawn.flatMap((one, i) =>
      drawn
        .slice(i + 1)
        .filter((other) => other.place === one.place && other.is !== one.is)
        .flatMap((other) => {
          const share = differing(one.ink, other.ink) / Math.max(one.off, other.off);
          return share < ALIKE ? [`${one.name} = ${other.name} ${share.toFixed(3)}`] : [];
        })
    );
    expect(alike).toEqual([]);
  }, 120_000);

  it('are large enough to be seen, or have a mark that is', () => {
    const overlooked = drawn.flatMap(({ name, scene, off }) => {
      if (off >= LEAST_INK) return [];
      const picture = drawnScene(family, scene, INK_PX);
      const isTold = ringsIn(picture).length > 0 || ghostShare(picture) >= LEAST_GHOST;
      return isTold ? [] : [`${name} ${off.toFixed(3)} ${ghostShare(picture).toFixed(3)}`];
    });
    expect(overlooked).toEqual([]);
  });
});
