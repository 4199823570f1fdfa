import type { Vec } from '../vector';
import { cameraOf, seen, type Direction } from './camera';
import { closed, flowingLine } from './path';
import { overlap, project, type Box, type Projected } from './project';
import { Raster } from './raster';
import { regionsOf } from './regions';
import { TONES, type Tone } from './materials';
import { type Shape } from './shapes';
import { fleshOf, visiblePieces } from './visible';

/** How a line is inked: the player, the instrument, what a fault marks, what stands back, and thin details. */
export type Ink = 'player' | 'instrument' | 'marked' | 'quiet' | 'fine';

/** A picture in mm of the view's plane: x right, y down, from the place of the world's origin. */
export interface Drawing {
  /** Closed outlines of one tone each, from back to front. */
  readonly regions: readonly { readonly tone: Tone; readonly quiet: boolean; readonly path: string }[];
  readonly lines: readonly { readonly ink: Ink; readonly path: string }[];
  /** What can be seen of all that is marked, as closed outlines; empty where nothing is. */
  readonly marked: string;
  /** Named places. */
  readonly spots: Readonly<Record<string, readonly [x: number, y: number]>>;
  readonly window: {
    readonly x: number;
    readonly y: number;
    readonly width: number;
    readonly height: number;
  };
}

export interface DrawOptions {
  readonly direction: Direction;
  /** Pixels per mm at which it will be shown; lines closer together than a stroke are drawn as one. */
  readonly detail: number;
  /** Left, top, right, bottom of what is shown, mm; all of the figure without it. */
  readonly window?: Box;
  /** Thickness of a stroke, pixels. */
  readonly strokePx?: number;
  readonly inkOf: (part: string) => Ink;
  readonly spots?: Readonly<Record<string, Vec>>;
  /** While something moves: fewer points, coarser outlines. */
  readonly coarse?: boolean;
}

const MARGIN_MM = 12;
const BEYOND_MM = 5;

/**
 * Pixels per mm at which hidden parts are told apart while nothing moves: the lines themselves are exact, so a close-up
 * needs fewer than it is shown with, while a small picture needs all of them for its pins and pegs.
 */
const restDetail = (detail: number): number => Math.min(detail, Math.max(0.17, 0.7 * detail));

const around = (all: readonly Projected[]): Box => {
  const box: [number, number, number, number] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const { box: one } of all) {
    box[0] = Math.min(box[0], one[0]);
    box[1] = Math.min(box[1], one[1]);
    box[2] = Math.max(box[2], one[2]);
    box[3] = Math.max(box[3], one[3]);
  }
  return [box[0] - MARGIN_MM, box[1] - MARGIN_MM, box[2] + MARGIN_MM, box[3] + MARGIN_MM];
};

/** Draws shapes from a direction, with hidden lines removed. The same shapes and options give the same drawing. */
export function draw(shapes: readonly Shape[], options: DrawOptions): Drawing {
  const { direction, detail, strokePx = 1.5, inkOf, coarse = false } = options;
  const camera = cameraOf(direction);
  const strokeMm = strokePx / detail;
  const projected = shapes
    .filter(
      (shape) => !(shape.kind === 'curve' && ((shape.fromDetail ?? 0) > detail || (coarse && shape.fine)))
    )
    .map((shape) => project(shape, camera, coarse ? detail / 4 : detail));
  const window = options.window ?? around(projected);
  const near: Box = [
    window[0] - BEYOND_MM,
    window[1] - BEYOND_MM,
    window[2] + BEYOND_MM,
    window[3] + BEYOND_MM
  ];
  const shown = projected.filter(({ box }) => overlap(box, near));
  const solids = shown.filter(({ shape }) => shape.kind !== 'curve');
  const raster = new Raster(solids, near, coarse ? detail / 2.5 : restDetail(detail));

  const scene = { solids, raster, flesh: fleshOf(solids) };
  const paths = new Map<Ink, string[]>();
  for (const me of shown) {
    const { shape } = me;
    const asAxis = shape.kind === 'cone' && shape.slender && shape.ra + shape.rb < 1.3 * strokeMm;
    const drawn = asAxis
      ? {
          ...me,
          lines: [[...seen(camera, shape.a), 0, ...seen(camera, shape.b), 1]],
          shape: { ...shape, kind: 'curve' as const, points: [], on: [shape.part] }
        }
      : me;
    const ink = shape.kind === 'curve' && shape.fine ? 'fine' : inkOf(shape.part);
    const pieces = visiblePieces(drawn, scene, {
      strokeMm,
      stepMm: Math.max(1.2, (coarse ? 6 : 3) / detail),
      halvings: coarse ? 2 : 5,
      shortestMm: (drawn.shape.kind === 'curve' ? 2 : 3.5) / detail
    });
    if (pieces.length === 0) continue;
    const list = paths.get(ink) ?? [];
    for (const piece of pieces) list.push(flowingLine(piece, (coarse ? 0.3 : 0.15) / detail));
    paths.set(ink, list);
  }

  const labelOf = Uint8Array.from(solids, ({ shape }) => {
    const tone = TONES.indexOf('tone' in shape ? shape.tone : 'skin');
    return 1 + 2 * tone + (inkOf(shape.part) === 'quiet' ? 1 : 0);
  });
  const regions = [...regionsOf(raster, raster.nearest, labelOf)]
    .sort(([a], [b]) => a - b)
    .map(([label, loops]) => ({
      tone: TONES[(label - 1) >> 1] ?? 'skin',
      quiet: (label - 1) % 2 === 1,
      path: loops
        .filter(({ length }) => length > 14)
        .map((loop) => closed(loop, 0.55 / raster.detail))
        .join('')
    }));
  const isMarked = Uint8Array.from(solids, ({ shape }) => (inkOf(shape.part) === 'marked' ? 1 : 0));
  const marked = isMarked.includes(1)
    ? (regionsOf(raster, raster.nearest, isMarked).get(1) ?? [])
        .filter(({ length }) => length > 14)
        .map((loop) => closed(loop, 0.55 / raster.detail))
        .join('')
    : '';
  const spots = Object.fromEntries(
    Object.entries(options.spots ?? {}).map(([name, point]) => {
      const [x, y] = seen(camera, point);
      return [name, [x, y] as const];
    })
  );
  return {
    regions,
    lines: [...paths].map(([ink, list]) => ({ ink, path: list.join('') })),
    marked,
    spots,
    window: { x: window[0], y: window[1], width: window[2] - window[0], height: window[3] - window[1] }
  };
}
