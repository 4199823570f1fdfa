import { clamp } from '../maths';
import { CONTACT_BELOW_EDGE_MM } from '../instruments';
import type { Cello, Placement } from './posture';
import type { SeatedBody } from './seated-body';

/** How far a cello can be turned and moved on the breastbone at all; well before that it does not rest well. */
const TURNS_DEG = [12, 48] as const;
const SLIDES_MM = [-120, 100] as const;

/** What a teacher sets: the seat, the pin, and where its tip is anchored, forward of the hips; mm. */
export interface Held {
  readonly seatMm: number;
  readonly pinMm: number;
  readonly tipMm: number;
}

/**
 * How a cello stands when seat, pin and anchor are set: it turns about its tip until the back touches the breastbone, so
 * angle and slide follow. Where that lies beyond what a player can be given, the nearest that can.
 *
 * Source: plane geometry; tip = chestDepth/2 + (touches + pin) sin t + rib/2 cos t, solved for t.
 */
export function heldPlacement(body: SeatedBody, cello: Cello, { seatMm, pinMm, tipMm }: Held): Placement {
  const touches = cello.bodyMm - CONTACT_BELOW_EDGE_MM;
  const [along, out] = [touches + pinMm, cello.ribMm / 2];
  const forward = (tipMm - body.chestDepthMm / 2) / Math.hypot(along, out);
  const turned = Math.asin(clamp(forward, -1, 1)) - Math.atan2(out, along);
  const angleDeg = clamp((turned * 180) / Math.PI, ...TURNS_DEG);
  const angle = (angleDeg * Math.PI) / 180;
  const contactMm = (pinMm + touches) * Math.cos(angle) - out * Math.sin(angle);
  return { angleDeg, seatMm, slideMm: clamp(contactMm - seatMm - body.breastboneMm, ...SLIDES_MM) };
}
