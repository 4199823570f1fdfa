import { add, place, scale, type Vec } from '../vector';
import { ball, cone, ringAt, type Shape } from '../drawing/shapes';
import type { Pose } from '../pose/pose';
import type { FigureBody } from './lengths';
import { CHEST_AT, onHead, type Spine } from './spine';

/** Where a necklace lies: round the base of the neck. */
export const collarOf = (body: FigureBody, spine: Spine): Vec =>
  place(spine.chest, [0, (1 - CHEST_AT) * body.trunkMm - 0.012 * body.heightMm, 0.03 * body.heightMm]);

/** What gets between the player and the instrument. */
export function jewelleryShapes(body: FigureBody, spine: Spine, { necklace, earring }: Pose): Shape[] {
  const h = body.heightMm;
  const shapes: Shape[] = [];
  if (necklace > 0) {
    const look = { part: 'necklace', tone: 'metal', slender: true, flesh: 'necklace' } as const;
    const { x, y, z } = spine.chest;
    const ring = ringAt(
      add(collarOf(body, spine), scale(y, -0.004 * h)),
      scale(x, 0.064 * h),
      add(scale(z, 0.075 * h), scale(y, -0.085 * h)),
      24
    );
    ring.forEach((point, i) =>
      shapes.push(cone(point, ring[(i + 1) % ring.length] ?? point, 0.006 * h, 0.006 * h, look))
    );
    shapes.push(ball(ring[6] ?? collarOf(body, spine), 0.022 * h, { part: 'necklace', tone: 'metal' }));
  }
  if (earring > 0) {
    const at = onHead(spine, body);
    const look = { part: 'earring', tone: 'metal', slender: true } as const;
    const hoop = ringAt(at(0.36, 0.2, 0), scale(spine.head.z, 0.024 * h), scale(spine.head.y, 0.024 * h), 16);
    hoop.forEach((point, i) =>
      shapes.push(cone(point, hoop[(i + 1) % hoop.length] ?? point, 0.0065 * h, 0.0065 * h, look))
    );
  }
  return shapes;
}
