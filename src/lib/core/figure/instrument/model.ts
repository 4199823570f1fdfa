import { HALF_OUTLINE, stationsOf, type Family, type NominalInstrument } from '../../instruments';
import type { Vec } from '../vector';

/** An instrument as it is drawn: its dimensions, and the places on it that hands and body meet. */
export interface Model {
  readonly family: Family;
  readonly bodyMm: number;
  readonly overallMm: number;
  readonly stringMm: number;
  readonly ribMm: number;
  readonly bowMm: number;
  readonly lowerBoutMm: number;
  readonly chinRestMm: number;
  /** From the bottom edge up the back, mm. */
  readonly bridge: number;
  readonly nut: number;
  readonly boardEnd: number;
  readonly bow: number;
  readonly firstFinger: number;
  /** Out of the back, mm. */
  readonly bridgeTop: number;
  readonly boardAtNut: number;
  readonly nutHalf: number;
  readonly neckRadius: number;
  /** Half the spread of the strings at the bridge. */
  readonly spread: number;
}

/** Shares of the string: half width of the nut, height of the bridge over the top, half the spread of the strings. */
const OF_STRING: Readonly<
  Record<Family, { readonly nut: number; readonly bridge: number; readonly spread: number }>
> = {
  violin: { nut: 0.036, bridge: 0.1, spread: 0.052 },
  viola: { nut: 0.034, bridge: 0.1, spread: 0.05 },
  cello: { nut: 0.0235, bridge: 0.125, spread: 0.034 },
  bass: { nut: 0.0205, bridge: 0.15, spread: 0.032 }
};

/** The places of an instrument, from its dimensions and the stations that sizing and set-up use too. */
export function modelOf(family: Family, dimensions: NominalInstrument): Model {
  const { bodyMm, overallMm, stringMm, ribMm, bowMm, lowerBoutMm } = dimensions;
  const share = OF_STRING[family];
  const stations = stationsOf(family, dimensions);
  const nutHalf = share.nut * stringMm;
  return {
    family,
    bodyMm,
    overallMm: Math.max(overallMm, stations.nut + 0.05 * bodyMm),
    stringMm,
    ribMm,
    bowMm,
    lowerBoutMm,
    chinRestMm: dimensions.chinRestMm ?? 0,
    ...stations,
    bridgeTop: ribMm + share.bridge * stringMm,
    boardAtNut: ribMm + 0.012 * stringMm,
    nutHalf,
    neckRadius: nutHalf * 0.98,
    spread: share.spread * stringMm
  };
}

/** Height of the fingerboard's top over the back at a station. */
export const boardTop = ({ boardAtNut, bridgeTop, nut, stringMm }: Model, along: number): number =>
  boardAtNut + (((bridgeTop - boardAtNut) * (nut - along)) / stringMm) * 0.82;

export const boardHalf = ({ nutHalf, nut, stringMm }: Model, along: number): number =>
  nutHalf * (1 + (0.85 * (nut - along)) / (0.81 * stringMm));

/** A place on a string, 0 the lowest to 3 the highest, in the instrument's frame. */
export function onString(model: Model, string: number, along: number): Vec {
  const { nut, stringMm, nutHalf, spread, boardAtNut, bridgeTop } = model;
  const t = (nut - along) / stringMm;
  const side = (string - 1.5) / 1.5;
  return [
    side * (nutHalf * 0.72 * (1 - t) + spread * t),
    along,
    boardAtNut +
      0.006 * stringMm * (1 - t) +
      (bridgeTop - boardAtNut) * t -
      side * side * t * 0.012 * stringMm
  ];
}

/** The station of a note so many semitones above the open string. */
export const noteAt = ({ nut, stringMm }: Model, semitones: number): number =>
  nut - stringMm * (1 - 2 ** (-semitones / 12));

/** A string's place for the bow: 0 at the bridge, 1 at the end of the fingerboard, 0.5 where it should play. */
export function bowStation(model: Model, share: number): number {
  const { bridge, boardEnd, bow } = model;
  return share < 0.5 ? bridge + (bow - bridge) * share * 2 : bow + (boardEnd - bow) * (share - 0.5) * 2;
}

/** The half outline as shares of the body's length and of the lower bout, from the bottom to the neck. */
export function halfOutline(family: Family): readonly (readonly [station: number, half: number])[] {
  const outline = HALF_OUTLINE.flatMap((curve, i) => (i === 0 ? curve : curve.slice(1)));
  // A bass's shoulders slope into the neck.
  return family !== 'bass'
    ? outline
    : outline.map(([at, half]) => [
        at,
        at <= 0.8 ? half : Math.min(half, 0.405 * (1 - ((at - 0.8) / 0.2) ** 1.35) + 0.06)
      ]);
}

/** Half width of the body at a station, mm; 0 beside it. */
export function bodyHalf(model: Model, along: number): number {
  const outline = halfOutline(model.family);
  const at = along / model.bodyMm;
  const next = outline.findIndex(([station]) => station >= at);
  if (next < 1 || at < 0) return 0;
  const [[a, wa], [b, wb]] = [outline[next - 1] ?? [0, 0], outline[next] ?? [1, 0]];
  return model.lowerBoutMm * (wa + ((wb - wa) * (at - a)) / (b - a || 1));
}

/** The right half of an outline, from its left. */
export const mirrored = (left: readonly (readonly [number, number])[]) =>
  left.map(([wide, along]) => [-wide, along] as const);
