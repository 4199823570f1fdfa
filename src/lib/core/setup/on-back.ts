import { footPlace, halfWidthMm, type NominalInstrument } from '../instruments';
import type { RestArrangement } from './arrangement';
import { supportOf } from './in-use';
import { highEndOf, type HighEnd } from './rest-stack';

/** A place on the back, mm: x from the centre line, the chin-rest side positive, y downward from the top of the body. */
export type BackPlace = readonly [x: number, y: number];

/** What lies on the back of the instrument. */
export type OnBack =
  | {
      readonly kind: 'rest';
      readonly shoulderFoot: BackPlace;
      readonly chestFoot: BackPlace;
      readonly highEnd: HighEnd;
    }
  | {
      readonly kind: 'cushion';
      readonly at: BackPlace;
      readonly radiusMm: number;
      /** The band that holds a sponge: lower corner, sponge, end button; null for a pad, which sticks. */
      readonly band: readonly BackPlace[] | null;
    }
  | { readonly kind: 'bare' };

/** Half a sponge and half a pad, as shares of the lower bout. Source: what is usually cut for a size. */
const RADIUS = { pad: 0.15, sponge: 0.2 } as const;
/** A cushion lies in from the edge by its own radius, so that the shoulder meets the whole of it. */
const IN_FROM_EDGE = 0.85;
/** Where the lower corner stands, as a share of the body from its bottom. */
const CORNER = 0.37;

/** What a set-up puts on the back of its instrument, and where. */
export function onBack(rest: RestArrangement, instrument: NominalInstrument): OnBack {
  const support = supportOf(rest);
  if (support === 'none') return { kind: 'bare' };
  const { settings } = rest;
  const shoulderFoot = footPlace(instrument, settings.shoulderFootAlong.value, 'right');
  if (support === 'shoulder-rest')
    return {
      kind: 'rest',
      shoulderFoot,
      chestFoot: footPlace(instrument, settings.chestFootAlong.value, 'left'),
      highEnd: highEndOf(settings.shoulderFoot.value, settings.chestFoot.value)
    };
  const { bodyMm, lowerBoutMm } = instrument;
  const radiusMm = RADIUS[support] * lowerBoutMm;
  const at: BackPlace = [shoulderFoot[0] - IN_FROM_EDGE * radiusMm, shoulderFoot[1]];
  const corner: BackPlace = [halfWidthMm({ bodyMm, lowerBoutMm }, CORNER), (1 - CORNER) * bodyMm];
  return { kind: 'cushion', at, radiusMm, band: support === 'sponge' ? [corner, at, [0, bodyMm]] : null };
}
