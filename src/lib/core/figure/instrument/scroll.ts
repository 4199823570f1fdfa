import { disc, slab } from '../drawing/meshes';
import { cone, type Shape } from '../drawing/shapes';
import { place, type Frame, type Vec } from '../vector';
import { mirrored, type Model } from './model';

const dark = { tone: 'board' } as const;

/**
 * Pegbox, scroll and pegs.
 *
 * @param pegOut how far the lowest string's peg has slipped, 0 in its place
 */
export function scrollShapes(model: Model, frame: Frame, pegOut = 0): Shape[] {
  const { overallMm, nut, neckRadius, nutHalf, boardAtNut } = model;
  const at = (point: Vec) => place(frame, point);
  const radius = (overallMm - nut) * 0.155;
  const top = overallMm - radius;
  const drop = radius * 0.75;
  const along = (share: number) => nut + (top - nut) * share;
  const sunk = (station: number) => ((station - nut) / (top - nut)) * drop;
  const look = { part: 'scroll', tone: 'wood' } as const;
  const left = [nut, along(0.5), top - radius * 0.5].map(
    (station, i) => [-nutHalf * ([1, 0.85, 0.62][i] ?? 1), station] as const
  );
  const box = slab(
    frame,
    left,
    mirrored(left),
    (station) =>
      boardAtNut - neckRadius * 1.7 + neckRadius * 0.5 * ((station - nut) / (top - nut)) - sunk(station),
    (station) => boardAtNut - sunk(station),
    look
  );
  const eye: Vec = [0, top, boardAtNut - drop * 0.9];
  const pegs = [0, 1, 2, 3].flatMap((i) => {
    const { station, side, out } = pegPlace(model, i);
    const slipped = i === 0 ? pegOut : 0;
    const end = side * nutHalf * (2.5 + 4.2 * slipped);
    const part = slipped > 0 ? 'peg0' : 'peg';
    return [
      cone(
        at([side * nutHalf * 3.6 * slipped, station, out]),
        at([end * 1.06, station, out]),
        radius * 0.16,
        radius * 0.2,
        {
          part,
          ...dark,
          slender: true
        }
      ),
      cone(
        at([end, station - radius * 0.2, out]),
        at([end, station + radius * 0.2, out]),
        radius * 0.28,
        radius * 0.28,
        {
          part,
          ...dark
        }
      )
    ];
  });
  return [
    box,
    cone(
      at([-nutHalf * 0.75, eye[1], eye[2]]),
      at([nutHalf * 0.75, eye[1], eye[2]]),
      radius * 0.5,
      radius * 0.5,
      {
        ...look,
        flesh: 'scroll',
        soft: 1
      }
    ),
    disc(frame, eye, radius, nutHalf * 0.55, look),
    ...pegs
  ];
}

/** Where a peg sits, 0 the lowest string's, which is nearest to the nut. */
export function pegPlace({ overallMm, nut, neckRadius, boardAtNut }: Model, peg: number) {
  const radius = (overallMm - nut) * 0.155;
  const top = overallMm - radius;
  const station = nut + (top - nut) * (0.2 + 0.17 * peg);
  const sunk = ((station - nut) / (top - nut)) * radius * 0.75;
  return { station, side: peg % 2 === 0 ? -1 : 1, out: boardAtNut - neckRadius * 0.75 - sunk };
}
