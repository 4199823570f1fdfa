import { describe, expect, it } from 'vitest';
import { figureFor, pictureOf, VIEWS } from '../figure';
import { sample } from '../figure/testing';
import { FAMILIES, type Family } from '../instruments';
import { SETTING_IDS, SETUP_CHOICES, SETUP_KIND_OF } from '../setup';
import {
  CHECK_CATEGORIES,
  checksFor,
  DRILLS,
  drillsFor,
  inWay,
  sidesOf,
  subjectOf,
  subjectsFor,
  SUBJECT_IDS,
  walkOf,
  type Check,
  type CheckScene
} from '.';
import { detailOf, differing, drawnScene, inkOf } from './testing';

/** Width and height of a small picture. */
const INK_PX = 240;

const LIBRARY: readonly { readonly family: Family; readonly checks: readonly Check[] }[] = await Promise.all(
  FAMILIES.map(async (family) => ({ family, checks: await checksFor(family) }))
);

describe.each(LIBRARY)('the library of the $family', ({ family, checks }) => {
  it('has as many checks as the family asks for, in every category, each once', () => {
    const least: Readonly<Record<Family, number>> = { violin: 60, viola: 60, cello: 48, bass: 45 };
    expect(checks.length).toBeGreaterThanOrEqual(least[family]);
    expect(new Set(checks.map(({ id }) => id)).size).toBe(checks.length);
    for (const category of CHECK_CATEGORIES)
      expect(checks.filter((check) => check.category === category).length).toBeGreaterThanOrEqual(5);
    expect(checks.map(({ category }) => CHECK_CATEGORIES.indexOf(category))).toEqual(
      checks.map(({ category }) => CHECK_CATEGORIES.indexOf(category)).sort((a, b) => a - b)
    );
  });

  it('says of each check what right is, for teacher and child, and two faults with causes and remedies', () => {
    for (const check of checks) {
      expect(check.right.length).toBeGreaterThan(10);
      expect(check.forPlayer.length).toBeGreaterThan(5);
      expect(check.forPlayer.length).toBeLessThan(60);
      expect(drillsFor(family).map(({ id }) => id)).toContain(check.drill);
      const counted = ['seconds', 'count', 'yes-no'].includes(check.result);
      expect([check.id, check.faults.length >= (counted ? 1 : 2), check.faults.length <= 4]).toEqual([
        check.id,
        true,
        true
      ]);
      if (['seconds', 'count', 'angle'].includes(check.result)) expect(check.goal?.stops).toBeTruthy();
      expect(new Set(check.faults.map(({ id }) => id)).size).toBe(check.faults.length);
      for (const fault of check.faults) {
        expect(fault.causes.length).toBeGreaterThan(0);
        for (const { remedy, drill } of fault.causes) {
          expect(remedy.length).toBeGreaterThan(5);
          if (drill)
            expect([check.id, fault.id, DRILLS[drill].families.includes(family)]).toEqual([
              check.id,
              fault.id,
              true
            ]);
        }
      }
    }
  });

  it('names only settings that its set-up has', () => {
    const kind = SETUP_KIND_OF[family];
    const settings: readonly string[] = [...SETTING_IDS[kind], ...Object.keys(SETUP_CHOICES[kind])];
    for (const { id, families, faults } of checks)
      for (const { causes } of faults)
        for (const { step } of causes)
          if (step && families.length === 1)
            expect([id, settings.includes(step.setting)]).toEqual([id, true]);
          else if (step)
            expect([
              id,
              families.some((one) => {
                const own = SETUP_KIND_OF[one];
                return [...SETTING_IDS[own], ...Object.keys(SETUP_CHOICES[own])].includes(step.setting);
              })
            ]).toEqual([id, true]);
  });

  // The viola's library is the violin's.
  it.skipIf(family === 'viola')(
    'draws right and each fault so that they differ',
    () => expect(alikeIn(family, checks)).toEqual([]),
    60_000
  );

  it.skipIf(family === 'viola')(
    'draws them so in every way that changes a picture',
    () => {
      const usual = new Set(checks.map(({ picture }) => JSON.stringify(picture)));
      for (const { id, ways } of subjectsFor(family))
        for (const { id: way } of ways) {
          const others = checks.flatMap((check) => inWay(check, { [id]: way }, family) ?? []);
          const changed = others.filter(({ picture }) => !usual.has(JSON.stringify(picture)));
          expect([id, way, alikeIn(family, changed)]).toEqual([id, way, []]);
        }
    },
    60_000
  );

  it('puts every spot on the figure', () => {
    for (const { picture } of checks) {
      const { spots } = figureFor({ ...sample(family), pose: picture.pose });
      expect([picture.spot, picture.spot in spots]).toEqual([picture.spot, true]);
    }
  });

  it('is walked by standpoint, each visited once', () => {
    for (const category of CHECK_CATEGORIES) {
      const stands = walkOf(checks.filter((check) => check.category === category)).map(
        ({ standpoint }) => standpoint
      );
      const visits = stands.filter((standpoint, i) => standpoint !== stands[i - 1]);
      expect(visits).toEqual([...new Set(visits)]);
    }
  });
});

/** Faults of checks whose picture hardly differs from that of right. */
function alikeIn(family: Family, checks: readonly Check[]): readonly string[] {
  const alike: string[] = [];
  for (const check of checks)
    for (const { right, faults } of sidesOf(check, family)) {
      const detail = detailOf(family, right, INK_PX);
      const drawn = (scene: CheckScene) => inkOf(drawnScene(family, scene, INK_PX), detail);
      // What a stroke does is told by its own line beside the bow.
      const stroke = (scene: CheckScene) => {
        const { strokes, straying, ...picture } = drawnScene(family, scene, INK_PX);
        const path = strokes === '' ? (straying?.arrow ?? '') : strokes;
        return inkOf({ ...picture, lines: [], regions: [], straying, strokes: path }, detail);
      };
      const moves = right.changes.some(({ kind }) => kind.startsWith('strokes-'));
      const ink = drawn(right);
      expect([check.id, ink.size > 20]).toEqual([check.id, true]);
      for (const { fault, scene } of faults) {
        const share = Math.max(
          differing(ink, drawn(scene)),
          moves ? differing(stroke(right), stroke(scene)) : 0
        );
        if (share <= 0.02) alike.push(`${check.id} ${fault.id} ${share.toFixed(3)}`);
      }
    }
  return alike;
}

describe('the ways that are taught', () => {
  it.each([...SUBJECT_IDS])('%s has ways that differ in the picture, each with what speaks for it', (id) => {
    const { ways, families } = subjectOf(id);
    expect(ways.length).toBeGreaterThanOrEqual(2);
    for (const family of families) {
      const drawn = ways.map(({ why, picture: { pose, view, changes } }) => {
        expect(why.length).toBeGreaterThan(10);
        return JSON.stringify(
          pictureOf(figureFor({ ...sample(family), pose, changes }), { view: VIEWS[view], detail: 0.3 }).lines
        );
      });
      expect(new Set(drawn).size).toBe(ways.length);
    }
  });

  it.each(FAMILIES.map((family) => [family]))('each of the %s changes a check', (family) => {
    const checks = LIBRARY.find((one) => one.family === family)?.checks ?? [];
    for (const { id, ways } of subjectsFor(family)) {
      const said = ways.map(({ id: way }) =>
        JSON.stringify(checks.map((check) => inWay(check, { [id]: way }, family)))
      );
      expect([id, new Set(said).size]).toEqual([id, ways.length]);
    }
  });
});

describe('every drill', () => {
  it.each(FAMILIES.map((family) => [family]))('of the %s has a name, a dose and a picture', (family) => {
    for (const { name, text, dose, picture } of drillsFor(family)) {
      expect(Math.min(name.length, text.length, dose.length)).toBeGreaterThan(3);
      const pose = family === 'cello' && picture.pose === 'standing' ? 'seated' : picture.pose;
      const drawn = figureFor({
        ...sample(family),
        changes: picture.changes,
        pose: poseThere(family, pose)
      });
      expect(pictureOf(drawn, { view: VIEWS[picture.view], detail: 0.2 }).lines.length).toBeGreaterThan(0);
    }
  });
});

const poseThere = (family: Family, pose: string) =>
  pose === 'standing' && family !== 'bass' ? 'handsOff' : pose;
