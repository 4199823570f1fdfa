import { stationsOf, type NominalInstrument } from '../instruments';
import { path } from './path';

export interface SideView {
  readonly ribs: string;
  readonly body: string;
  readonly neck: string;
  readonly scroll: string;
  readonly strings: string;
  readonly fittings: string;
  /** Highest and lowest y, mm. */
  readonly topMm: number;
  readonly bottomMm: number;
}

/** Body length of the instrument that the small parts below are measured on, mm. */
const FULL_BODY_MM = 356;

/**
 * A violin or viola seen from its side, lying on its back: x from the end of the body (0) to the end of the
 * scroll (overall length), y downward with 0 in the middle of the ribs. Paths in mm.
 */
export function sideView({
  bodyMm,
  overallMm,
  stringMm,
  ribMm,
  chinRestMm
}: Pick<NominalInstrument, 'bodyMm' | 'overallMm' | 'stringMm' | 'ribMm' | 'chinRestMm'>): SideView {
  const k = bodyMm / FULL_BODY_MM;
  const plate = -ribMm / 2;
  const back = ribMm / 2;
  const { bridge, nut, boardEnd } = stationsOf('violin', { bodyMm, stringMm });
  const bridgeTop = plate - 10 * k - 31 * k;
  const nutTop = plate - 5 * k;
  const boardEndTop = nutTop + ((bridgeTop + 7 * k - nutTop) * (nut - boardEnd)) / stringMm;
  const radius = 15 * k;
  const eyeX = overallMm - radius;
  const eyeY = nutTop + 9 * k;
  const chin = chinRestMm ?? 22 * k;

  const ribs = path(
    'M',
    3 * k,
    plate,
    'L',
    bodyMm - 3 * k,
    plate,
    'L',
    bodyMm - 3 * k,
    back,
    'L',
    3 * k,
    back,
    'Z'
  );
  const arch = (edge: number, peak: number) =>
    path('M', 0, edge, 'C', bodyMm * 0.24, edge + peak, bodyMm * 0.76, edge + peak, bodyMm, edge, 'Z');
  const neck =
    path(
      'M',
      nut,
      nutTop,
      'L',
      boardEnd,
      boardEndTop,
      'L',
      boardEnd,
      boardEndTop + 5 * k,
      'L',
      bodyMm,
      plate - 7 * k
    ) +
    path(
      'L',
      bodyMm,
      back,
      'C',
      bodyMm + 10 * k,
      back,
      bodyMm + 9 * k,
      plate + 13 * k,
      bodyMm + 26 * k,
      plate + 12 * k
    ) +
    path('L', nut - 8 * k, nutTop + 15 * k, 'L', nut, nutTop + 18 * k);
  const scroll =
    path('M', nut, nutTop, 'L', nut + 3 * k, nutTop - 1.5 * k, 'C', nut + 30 * k, nutTop + 9 * k) +
    path('', eyeX - 34 * k, nutTop + 10 * k, eyeX - 13 * k, eyeY - 8 * k) +
    path('A', radius, radius, 0, 1, 1, eyeX - 3 * k, eyeY + 14.6 * k) +
    path('C', eyeX - 26 * k, eyeY + 22 * k, nut + 26 * k, nutTop + 34 * k, nut, nutTop + 18 * k) +
    path('M', eyeX - 12 * k, eyeY + 1 * k, 'A', 10.5 * k, 10.5 * k, 0, 1, 1, eyeX + 4 * k, eyeY + 9.5 * k) +
    path(
      'A',
      7 * k,
      7 * k,
      0,
      1,
      1,
      eyeX - 4 * k,
      eyeY - 2 * k,
      'A',
      4.5 * k,
      4.5 * k,
      0,
      0,
      1,
      eyeX + 4 * k,
      eyeY + 1 * k
    );
  const tail = bridge - 55 * k;
  const strings = path('M', tail, plate - 21 * k, 'L', bridge, bridgeTop, 'L', nut, nutTop - 1 * k);
  const fittings =
    path(
      'M',
      bridge - 2.5 * k,
      plate - 9.5 * k,
      'L',
      bridge - 1 * k,
      bridgeTop,
      'L',
      bridge + 1 * k,
      bridgeTop
    ) +
    path('L', bridge + 2.5 * k, plate - 9.5 * k) +
    path(
      'M',
      1 * k,
      plate - 2 * k,
      'L',
      tail,
      plate - 23 * k,
      'L',
      tail,
      plate - 18 * k,
      'L',
      1 * k,
      plate - 2 * k
    ) +
    path(
      'M',
      4 * k,
      plate - 1 * k,
      'C',
      2 * k,
      plate - chin * 1.25,
      22 * k,
      plate - chin * 1.1,
      36 * k,
      plate - chin
    ) +
    path('C', 60 * k, plate - chin * 0.85, 84 * k, plate - chin * 1.05, 96 * k, plate - chin * 1.1) +
    path('C', 98 * k, plate - chin * 0.8, 70 * k, plate - chin * 0.62, 40 * k, plate - chin * 0.62) +
    path(
      'M',
      0,
      plate + 8 * k,
      'L',
      -3 * k,
      plate + 8 * k,
      'L',
      -3 * k,
      plate + 18 * k,
      'L',
      0,
      plate + 18 * k
    );
  return {
    ribs,
    body: arch(plate, -13 * k) + arch(back, 13 * k),
    neck,
    scroll,
    strings,
    fittings,
    topMm: bridgeTop,
    bottomMm: back + 10 * k
  };
}
