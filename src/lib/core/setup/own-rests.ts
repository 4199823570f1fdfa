import { beyondRange, clamp } from '../maths';
import type { RestArrangement } from './arrangement';
import type { SettingId } from './kinds';

/** What a teacher has in the cupboard to fill the gap with. */
export const OWN_REST_KINDS = ['chin-rest', 'shoulder-rest', 'pad'] as const;
export type OwnRestKind = (typeof OWN_REST_KINDS)[number];

/** One kind of rest that the teacher has, and how many of it. */
export interface OwnRest {
  readonly id: string;
  readonly kind: OwnRestKind;
  readonly name: string;
  /** Heights that it can be set to, mm: over the plate, or from the back. */
  readonly lowMm: number;
  readonly highMm: number;
  /** Widths that it can be set to, foot to foot, mm; null where width does not matter. */
  readonly narrowMm: number | null;
  readonly wideMm: number | null;
  readonly count: number;
}

/** How well one of them does what is asked. */
export interface RestOffer {
  readonly rest: OwnRest;
  /** What is wanted lies so far above what it can do, mm; below nought so far under its lowest. */
  readonly higherMm: number;
  readonly widerMm: number;
  /** The settings as it would have them. */
  readonly values: Readonly<Partial<Record<SettingId<'rest'>, number>>>;
}

type Ids = readonly SettingId<'rest'>[];
const HEIGHTS: Readonly<Record<OwnRestKind, Ids>> = {
  'chin-rest': ['chinRest'],
  'shoulder-rest': ['shoulderFoot', 'chestFoot'],
  pad: ['lift']
};

const worst = (values: readonly number[]): number =>
  values.reduce((most, value) => (Math.abs(value) > Math.abs(most) ? value : most), 0);

/** Whether it does all that is asked; half a millimetre is nothing. */
export const suits = ({ higherMm, widerMm }: RestOffer): boolean =>
  Math.abs(higherMm) < 0.5 && Math.abs(widerMm) < 0.5;

/**
 * Which of the teacher's own does what a set-up asks for, the best first: the one that misses by least, and of those
 * that miss by nothing the one with the least room to spare. None that is out of stock.
 *
 * Source: a rest is chosen by whether its feet reach the heights and its length the width; what is made for larger
 * bodies is heavier and slips sooner.
 */
export function offerRests(
  kind: OwnRestKind,
  { settings }: RestArrangement,
  rests: readonly OwnRest[]
): readonly RestOffer[] {
  const room = ({ rest }: RestOffer) => rest.highMm - rest.lowMm;
  const missing = ({ higherMm, widerMm }: RestOffer) => Math.abs(higherMm) + Math.abs(widerMm);
  return rests
    .filter((rest) => rest.kind === kind && rest.count > 0)
    .map((rest): RestOffer => {
      const { lowMm, highMm, narrowMm, wideMm } = rest;
      const heights = HEIGHTS[kind].map((id) => ({ id, value: settings[id].value }));
      const [narrow, wide] = [narrowMm ?? -Infinity, wideMm ?? Infinity];
      const width = settings.restWidth.value;
      const values = Object.fromEntries(heights.map(({ id, value }) => [id, clamp(value, lowMm, highMm)]));
      return {
        rest,
        higherMm: worst(heights.map(({ value }) => beyondRange(value, lowMm, highMm))),
        widerMm: kind === 'shoulder-rest' ? beyondRange(width, narrow, wide) : 0,
        values: kind === 'shoulder-rest' ? { ...values, restWidth: clamp(width, narrow, wide) } : values
      };
    })
    .sort((a, b) => missing(a) - missing(b) || room(a) - room(b));
}
