import { SIDES } from './body/spine';
import { bowTouch } from './pose/bow-hand';
import { FINGER_NAMES, type Parts } from './readout';
import { add, distance, scale, type Vec } from './vector';

/** A finger or bow that misses by more than this is out of reach, mm. */
export const REACHED_MM = 3;

/** What a fingertip or the bow should meet, and what it meets. */
export interface Contact {
  readonly target: Vec;
  readonly reached: Vec;
  readonly outOfReach: boolean;
}

/** What meets what. */
export function contactsOf({
  hands,
  arms,
  plans,
  lies,
  bow,
  pose,
  model,
  frame
}: Parts): Record<string, Contact> {
  const contacts: Record<string, Contact> = {};
  for (const side of SIDES) {
    const { fingers } = plans[side].targets(arms[side].hand);
    plans[side].touches.forEach((_, i) => {
      const target = fingers[i];
      const reached = hands[side].fingers[i]?.[3];
      if (!target || !reached) return;
      const outOfReach = distance(target, reached) > REACHED_MM;
      contacts[`${side}${FINGER_NAMES[i] ?? ''}Finger`] = { target, reached, outOfReach };
    });
  }
  if (lies && frame) {
    const target = bowTouch(model, frame, pose);
    const reached = add(lies.at, scale(lies.along, bow.hairMm * pose.bowAt));
    contacts.bow = { target, reached, outOfReach: distance(target, reached) > REACHED_MM };
  }
  return contacts;
}
