import { describe, expect, it } from 'vitest';
import { FAMILIES } from '../instruments';
import {
  changeKind,
  changesFor,
  loopsOf,
  pairOf,
  poseNames,
  viewOf,
  VIEWS,
  type Change,
  type ChangeName,
  type Picture,
  type ViewName
} from '.';
import { LANDED } from './parts';
import { sample } from './testing';
import { shows } from './views';

const strayed = (family: 'violin' | 'cello', change: Change, view: ViewName): Picture =>
  pairOf(sample(family), sample(family, { changes: [change] }), { view: VIEWS[view], detail: 0.4 }).wrong;

/** Places of a path of moves, lines and quadratic curves. */
const placesOf = (path: string) => loopsOf(path).flat();
/** From where an arrow comes and where it points: its shaft is its first line. */
function shaftOf({ straying }: Picture) {
  const [shaft = ''] = straying?.arrow.split(/(?=M)/) ?? [];
  const places = placesOf(shaft);
  const [from = [0, 0], to = [0, 0]] = [places[0], places.at(-1)];
  return { from, to, by: [to[0] - from[0], to[1] - from[1]] as const };
}

describe('what strayed', () => {
  it.each([
    // A kind, where it is seen, and which way it goes there: right and down are positive.
    ['shoulder-raised', 'headBehind', [0, -1]],
    ['on-the-chest', 'head', [0, 1]],
    ['scroll-droops', 'left', [0, 1]],
    ['scroll-up', 'left', [0, -1]],
    ['elbow-out', 'head', [1, 0]],
    ['elbow-in', 'head', [-1, 0]],
    ['bow-over-board', viewOf('bow-over-board', 'violin'), [0, 1]]
  ] as const)('%s is led to by an arrow that points the way it went', (kind, view, [right, down]) => {
    const { by } = shaftOf(strayed('violin', { kind }, view));
    const along = by[0] * right + by[1] * down;
    expect(along).toBeGreaterThan(0.7 * Math.hypot(...by));
  });

  it('is told by an arrow as long however little it is, and points the other way for the other fault', () => {
    const lengthOf = (amount: number) =>
      Math.hypot(...shaftOf(strayed('violin', { kind: 'scroll-droops', amount }, 'left')).by);
    expect(lengthOf(12)).toBeCloseTo(lengthOf(30), 0);
  });

  it('is nothing where nothing strays, and leaves the ring then', () => {
    const { straying, cues } = strayed('violin', { kind: 'scroll-droops', amount: 0 }, 'left');
    expect(straying).toEqual({ ghost: '', arrow: '' });
    expect(cues.some(({ radius }) => radius > 0)).toBe(true);
    const clenched = strayed('violin', { kind: 'jaw-clenched' }, 'face');
    expect(clenched.straying?.arrow).toBe('');
    expect(clenched.cues.some(({ radius }) => radius > 0)).toBe(true);
  });

  it('has an arrow on either side where both moved, unless one hides the other', () => {
    const arrowsOf = (view: ViewName) =>
      (strayed('violin', { kind: 'feet-together' }, view).straying?.arrow.match(/M/g) ?? []).length / 2;
    expect(arrowsOf('front')).toBe(2);
    expect(arrowsOf('left')).toBeLessThan(2);
    expect(shaftOf(strayed('violin', { kind: 'feet-together' }, 'front')).by[0]).toBeLessThan(0);
  });

  it('is of the fingers where they land, in the view that shows that and in no other', () => {
    const past = changeKind('fingers-past').parts.filter((part) => part.startsWith(LANDED));
    expect(past).toEqual([LANDED]);
    expect(shows(VIEWS.prints, `${LANDED}1`)).toBe(true);
    expect(shows(VIEWS.prints, 'leftFinger1')).toBe(false);
    expect(shows(VIEWS.fingers, `${LANDED}1`)).toBe(false);
    expect(shows(VIEWS.fingers, 'leftFinger1')).toBe(true);
    const landed = strayed('violin', { kind: 'fingers-past' }, 'prints');
    expect(landed.lines.some(({ ink }) => ink === 'marked')).toBe(true);
  });

  it('has its ghost where the part was: the further it went, the more of it stands off', () => {
    const ghost = (amount: number) =>
      placesOf(strayed('cello', { kind: 'head-tipped', amount }, 'head').straying?.ghost ?? '').length;
    expect(ghost(2)).toBe(0);
    expect(ghost(38)).toBeGreaterThan(ghost(10));
  });

  it.each(FAMILIES)('stays in the picture, for every fault of the %s', (family) => {
    const out = changesFor(family).flatMap((kind: ChangeName) => {
      const pose = changeKind(kind).pose ?? 'playing';
      if (!poseNames(family).includes(pose)) return [];
      const right = sample(family, { pose });
      const view = VIEWS[viewOf(kind, family)];
      const { wrong } = pairOf(right, { ...right, changes: [{ kind }] }, { view, detail: 0.2 });
      const { x, y, width, height } = wrong.window;
      const { ghost, arrow } = wrong.straying ?? { ghost: '', arrow: '' };
      const shaft = placesOf(arrow.split(/(?=M)/)[0] ?? '');
      const beside = [...placesOf(ghost), ...(shaft.length === 2 ? shaft : [])].filter(
        ([px, py]) => px < x - 1 || py < y - 1 || px > x + width + 1 || py > y + height + 1
      );
      return beside.length > 0 ? [`${kind} ${beside.length}`] : [];
    });
    expect(out).toEqual([]);
  });
});
