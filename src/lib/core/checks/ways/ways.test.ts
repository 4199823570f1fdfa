import { describe, expect, it } from 'vitest';
import { FAMILIES, type Family } from '../../instruments';
import { checksFor, DRILLS, inWay, subjectsFor, SUBJECT_IDS, type Check, type SubjectId } from '..';
import { REST_SCHOOLS, SUPPORT_OF } from '../../setup';

const LIBRARIES = await Promise.all(
  FAMILIES.map(async (family) => ({ family, checks: await checksFor(family) }))
);

/** Everything that a check says, to the teacher and to the child. */
const textsOf = ({ title, right, forPlayer, faults, drill }: Check): readonly string[] => [
  title,
  right,
  forPlayer,
  drill ? DRILLS[drill].text : '',
  ...faults.flatMap(({ text, causes }) => [
    text,
    ...causes.flatMap((cause) => [cause.remedy, ...(cause.drill ? [DRILLS[cause.drill].text] : [])])
  ])
];

interface Excluded {
  readonly of: (check: Check) => boolean;
  readonly words: RegExp;
}
const within = (...prefixes: readonly string[]): Excluded['of'] => {
  return ({ id }) => prefixes.some((prefix) => id.startsWith(prefix));
};
const bowing: Excluded['of'] = ({ category }) => category === 'bow-hand' || category === 'bow-use';

/** What nobody says who teaches in a way, and where. */
const EXCLUDED: Readonly<Partial<Record<SubjectId, Readonly<Record<string, Excluded>>>>> = {
  'bow-thumb-shape': {
    'nearly-straight': {
      of: bowing,
      words: /thumb (is |was )?(curved|bent|like a bridge)|curved thumb|locked/i
    }
  },
  'wrist-line': {
    outward: { of: within('left-wrist'), words: /straight|one line/i },
    straight: { of: within('left-wrist'), words: /curves a little|hill/i }
  },
  'bow-elbow': {
    hanging: {
      of: (check) => bowing(check),
      words:
        /elbow (goes |is |moves |climbs )?(first|before)|elbow up|elbow far down|elbow stays behind|elbow changes/i
    }
  },
  'bow-thumb-place': { balance: { of: bowing, words: /frog(?!\.)|metal ring|creeps/i } },
  'bass-bow-hold': {
    underhand: {
      of: bowing,
      words: /over the stick|opposite the (first|second)|under the first|on top of the bow|overhand/i
    }
  },
  'bass-plucking': { classical: { of: within('pluck-motion'), words: /through/i } },
  'cello-placing': {
    square: {
      of: within('hold-legs', 'hold-push', 'seat-knees'),
      words: /left leg (first|to)|right rear edge|turn it/i
    },
    turned: {
      of: within('hold-legs', 'hold-push', 'seat-knees'),
      words: /both rear edges|both legs at once/i
    }
  },
  anchoring: {
    strap: { of: within('ready-pin', 'hold-pin'), words: /\bstop\b|a strap to the chair/i }
  },
  'frame-from': {
    first: { of: ({ category }) => category === 'left-hand', words: /from the fourth|fourth finger first/i }
  },
  'finger-contact': { pads: { of: within('left-'), words: /on (their|the) tips/i } },
  seat: { 'further-out': { of: within('hold-'), words: /nearer to the centre/i } },
  facing: { 'left-side': { of: within('stance-facing'), words: /square to the stand|belly button/i } }
};

describe.each(LIBRARIES)('the ways of the $family', ({ family, checks }) => {
  const taught = (subject: SubjectId, way: string) =>
    checks.flatMap((check) => inWay(check, { [subject]: way }, family) ?? []);

  it('say nothing that they exclude', () => {
    const said: string[] = [];
    for (const { id, ways } of subjectsFor(family))
      for (const { id: way } of ways) {
        const excluded = EXCLUDED[id]?.[way];
        if (!excluded) continue;
        for (const check of taught(id, way).filter(excluded.of))
          for (const text of textsOf(check))
            if (excluded.words.test(text)) said.push(`${id} ${way}: ${check.id}: ${text}`);
      }
    expect(said).toEqual([]);
  });

  it('leave every check a fault, and every fault a cause', () => {
    for (const { id, ways } of subjectsFor(family))
      for (const { id: way } of ways)
        for (const { id: check, faults } of taught(id, way)) {
          expect([id, way, check, faults.length > 0]).toEqual([id, way, check, true]);
          for (const fault of faults)
            expect([id, way, check, fault.id, fault.causes.length > 0]).toEqual([
              id,
              way,
              check,
              fault.id,
              true
            ]);
        }
  });

  it('are named where something is left out for them', () => {
    const known = new Set(
      subjectsFor(family).flatMap(({ id, ways }) => ways.map((way) => `${id}/${way.id}`))
    );
    const named = checks.flatMap((check) =>
      [check, ...check.faults, ...check.faults.flatMap(({ causes }) => causes)].flatMap(({ except = {} }) =>
        SUBJECT_IDS.flatMap((id) => (except[id] ?? []).map((way) => `${id}/${way}`))
      )
    );
    const of = (family: Family) => subjectsFor(family).map(({ id }) => id);
    for (const one of named)
      if (of(family).some((id) => one.startsWith(`${id}/`)))
        expect([one, known.has(one)]).toEqual([one, true]);
  });

  it('draw right as the way itself is drawn, by the same amount', () => {
    for (const { id, ways } of subjectsFor(family))
      for (const { id: way, picture } of ways)
        for (const check of taught(id, way).filter(({ school }) => school?.subject === id))
          for (const { kind, amount } of check.picture.changes) {
            const same = picture.changes.find((one) => one.kind === kind);
            if (same)
              expect([id, way, check.id, kind, amount]).toEqual([id, way, check.id, kind, same.amount]);
          }
  });
});

describe('what is under the back', () => {
  it.each(REST_SCHOOLS.map((school) => [school]))(
    '%s: no word of a rest that is not there',
    async (school) => {
      const support = SUPPORT_OF[school];
      const checks = (await checksFor('violin')).flatMap(
        (check) => inWay(check, {}, 'violin', support) ?? []
      );
      const ready = checks.find(({ id }) => id === 'ready-rest');
      expect(ready === undefined).toBe(support === 'none');
      if (support === 'shoulder-rest') return;
      const said = ready ? textsOf(ready).join(' ') : '';
      expect(said).not.toMatch(/shoulder rest|high end|\bfoot\b|\bfeet\b/);
      const settings = checks.flatMap(({ faults }) =>
        faults.flatMap(({ causes }) => causes.flatMap(({ step }) => (step ? [step.setting] : [])))
      );
      expect(settings).not.toContain('chestFoot');
      expect(settings).not.toContain('restWidth');
      expect(settings.includes('lift')).toBe(support !== 'none');
      for (const { id, faults } of checks)
        for (const fault of faults)
          expect([id, fault.id, fault.causes.length > 0]).toEqual([id, fault.id, true]);
    }
  );
});
