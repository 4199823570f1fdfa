import { figureFor, type Change, type Vec } from '../figure';
import { sample } from '../figure/testing';
import { add, cross, dot, mix, place, scale, sub, unit } from '../figure/vector';
import type { Family } from '../instruments';
import { angleKind, type AngleId, type PhotoPoint } from './angles';
import { FOCAL } from './error';
import type { At } from './read';

/** The drawn figure as a child before a camera: its places are known. */
export interface Sitter {
  readonly places: Readonly<Record<PhotoPoint, Vec>>;
  /** Towards the camera that stands as it should, and what is up for it. */
  readonly towards: Vec;
  readonly up: Vec;
}

const UP: Vec = [0, 1, 0];
const FORWARD: Vec = [0, 0, 1];

export function sitterOf(family: Family, id: AngleId, changes: readonly Change[] = []): Sitter {
  const { joints, spots, frame, model } = figureFor(sample(family, { changes }));
  const at = (name: string): Vec => joints[name] ?? spots[name] ?? [0, 0, 0];
  const onBack = (along: number): Vec => (frame ? place(frame, [0, along * model.bodyMm, 0]) : [0, 0, 0]);
  const places: Record<PhotoPoint, Vec> = {
    'left-ear': at('leftEar'),
    'right-ear': at('rightEar'),
    'left-shoulder': at('leftShoulder'),
    'right-shoulder': at('rightShoulder'),
    shoulder: mix(at('leftShoulder'), at('rightShoulder'), 0.5),
    hip: mix(at('leftHip'), at('rightHip'), 0.5),
    'left-elbow': at('leftElbow'),
    'left-wrist': at('leftWrist'),
    'left-knuckles': at('leftSecondKnuckle'),
    'right-elbow': at('rightElbow'),
    'right-wrist': at('rightWrist'),
    'right-knuckles': at('rightSecondKnuckle'),
    button: onBack(0),
    scroll: at('scroll'),
    'rib-below': onBack(0.1),
    'rib-above': onBack(0.95),
    frog: at('frog'),
    tip: at('bowTip'),
    bridge: at('bridge'),
    nut: at('nut')
  };
  const [a = UP, b = UP, c = UP, d = UP] = angleKind(id).points.map(([point]) => places[point]);
  const along = sub(a, b);
  const besideIt = unit(cross(UP, along));
  switch (id) {
    case 'shoulders':
    case 'head-violin':
    case 'head-low': {
      // Square to the shoulders, before or behind them.
      const square = unit(cross(sub(places['left-shoulder'], places['right-shoulder']), UP));
      return { places, towards: scale(square, id === 'head-violin' ? -1 : 1), up: UP };
    }
    case 'trunk':
      return { places, towards: unit(sub(places['right-shoulder'], places['left-shoulder'])), up: UP };
    case 'instrument-level':
    case 'cello-angle':
    case 'bass-angle':
      return { places, towards: besideIt, up: UP };
    case 'scroll-direction':
      return { places, towards: UP, up: FORWARD };
    case 'left-wrist':
    case 'right-wrist':
      return across(places, sub(c, b), along);
    case 'bow-string':
      return across(places, along, sub(d, c));
  }
}

/** Before the plane of two lines. */
function across(places: Sitter['places'], one: Vec, other: Vec): Sitter {
  const towards = unit(cross(one, other));
  return { places, towards, up: unit(sub(UP, scale(towards, dot(UP, towards)))) };
}

/** How a camera stands and is held. */
export interface Stands {
  readonly roundDeg: number;
  readonly offMm: number;
  readonly rollDeg: number;
  /** Null sees without perspective, from where it should: the truth. */
  readonly distanceMm: number | null;
  readonly longPx: number;
}

/** What a camera sees of places, pixels, looking at their middle. */
export function photographed(
  { towards, up }: Pick<Sitter, 'towards' | 'up'>,
  places: readonly Vec[],
  middle: Vec,
  { roundDeg, offMm, rollDeg, distanceMm, longPx }: Stands
): readonly At[] {
  const right = cross(up, towards);
  const round = (roundDeg * Math.PI) / 180;
  const from = add(scale(towards, Math.cos(round)), scale(right, Math.sin(round)));
  const far = distanceMm ?? 1e7;
  const eye = add(add(middle, scale(from, far)), scale(up, offMm));
  const ahead = unit(sub(eye, middle));
  const across = unit(cross(up, ahead));
  const over = cross(ahead, across);
  const [c, s] = [Math.cos((rollDeg * Math.PI) / 180), Math.sin((rollDeg * Math.PI) / 180)];
  return places.map((one) => {
    const way = sub(one, eye);
    const scaled = (FOCAL * longPx) / -dot(way, ahead);
    const [x, y] = [dot(way, across) * scaled, -dot(way, over) * scaled];
    return [x * c - y * s, x * s + y * c];
  });
}
