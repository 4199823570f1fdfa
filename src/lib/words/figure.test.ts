import { describe, expect, it } from 'vitest';
import { CHANGE_NAMES, changeKind, poseNames, VIEW_NAMES } from '$lib/core/figure';
import { FAMILIES } from '$lib/core/instruments';
import { CHANGE_WORDS, pictureText, POSE_WORDS } from './figure';
import { sideText, VIEW_WORDS } from './views';

describe('the words of pictures', () => {
  it.each([
    ['changes', Object.values(CHANGE_WORDS)],
    ['views', Object.values(VIEW_WORDS)],
    ['poses', Object.values(POSE_WORDS)]
  ] as const)('for %s are there, each its own', (_, words) => {
    expect(words.filter((word) => word.trim().length < 5)).toEqual([]);
    expect(new Set(words).size).toBe(words.length);
    for (const word of words) expect(word).not.toMatch(/[.:]$/);
  });

  it('name every view, every change, and every pose of every family', () => {
    expect(Object.keys(VIEW_WORDS).toSorted()).toEqual([...VIEW_NAMES].toSorted());
    expect(Object.keys(CHANGE_WORDS).toSorted()).toEqual([...CHANGE_NAMES].toSorted());
    for (const family of FAMILIES)
      for (const pose of poseNames(family)) expect([pose, pose in POSE_WORDS]).toEqual([pose, true]);
  });

  it('make one sentence of what a picture was made of', () => {
    expect(pictureText('violin', 'playing', 'headBehind', [{ kind: 'head-tipped' }])).toBe(
      'Violin, playing, head and shoulders from behind: the head tips to the left.'
    );
    expect(pictureText('bass', 'standing', 'front')).toBe(
      'Bass, standing without the instrument, from the front.'
    );
    expect(pictureText('cello', 'playing', 'left', [{ kind: 'slumped' }, { kind: 'pin-too-short' }])).toBe(
      'Cello, playing, from the player’s left: the back is slumped, and the pin is too short.'
    );
  });

  it.each([
    [0, 'from the front'],
    [40, 'from the front left'],
    [90, 'from the player’s left'],
    [-90, 'from the player’s right'],
    [-30, 'from the front right'],
    [180, 'from behind'],
    [-180, 'from behind'],
    [-170, 'from behind'],
    [-140, 'from behind right'],
    [22, 'from the front']
  ])('tell from where a figure is seen at %d degrees: %s', (azimuth, said) => {
    expect(sideText(azimuth)).toBe(said);
  });

  it('name the side on which the lines are marked', () => {
    const wrong = CHANGE_NAMES.filter((name) => {
      const [, side] = CHANGE_WORDS[name].match(/the (left|right) \w+/) ?? [];
      const { parts } = changeKind(name);
      return (
        side !== undefined && !parts.some((part) => part.startsWith(side) || !/^(left|right)/.test(part))
      );
    });
    expect(wrong).toEqual([]);
  });
});
