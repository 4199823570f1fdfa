import { causesOf } from '$lib/core/causes';
import {
  checksFor,
  CHECK_CATEGORIES,
  lessonPlan,
  RATINGS,
  type Check,
  type SeenResult
} from '$lib/core/checks';
import { FAMILIES, type Family } from '$lib/core/instruments';
import { settingsInUse } from '$lib/core/setup';
import { daysLater, type IsoDay } from '$lib/core/time';
import { openPains, type PlayerCase } from '../questions/case';
import { causeFacts } from '../questions/causes';
import { libraryFor, taughtTo } from '../questions/library';
import { type CheckResult } from '../store/records';
import { contradictions, ofCause, type Claim } from './claims';
import { dated, newest, type Told } from './told';

const LESSONS_BETWEEN = 2;
/** A category is left after so many lessons. */
const MOST_IN_A_ROW = 4;

const LIBRARIES = Object.fromEntries(
  await Promise.all(FAMILIES.map(async (family) => [family, await checksFor(family)] as const))
) as Readonly<Record<Family, readonly Check[]>>;

/** Some lessons; what is amiss in them has its causes weighed. */
export async function lessons(
  of: PlayerCase,
  told: Told,
  before: readonly CheckResult[],
  said: readonly Claim[]
): Promise<readonly CheckResult[]> {
  const { dice, tell, expect, child } = told;
  const taught = taughtTo(of.settings, null, of.setups);
  const checks = await (told.library.get(taught.support) ??
    told.library.set(taught.support, libraryFor(child.family, of.settings, [], taught)).get(taught.support));
  if (!checks) return before;
  const known = new Set(LIBRARIES[child.family].map(({ id }) => id));
  const pain = openPains(of.pains).length > 0;
  let results = before;
  let row = { category: '', lessons: 0 };
  for (let lesson = 0; lesson < LESSONS_BETWEEN; lesson++) {
    const today: IsoDay = daysLater(of.today, 7 * lesson);
    const seen = results.map(({ checkId, day, outcome }): SeenResult => ({ checkId, day, outcome }));
    const { focus, looks } = lessonPlan({ checks, results: seen, today, pain });
    expect(!pain || looks.length === 0, 'something is worked on while it hurts');
    if (focus.category === null) return results;
    row = { category: focus.category, lessons: row.category === focus.category ? row.lessons + 1 : 1 };
    expect(
      CHECK_CATEGORIES.includes(focus.category) && focus.category !== 'ready',
      `a lesson about ${focus.category}`
    );
    expect(focus.stays < MOST_IN_A_ROW + 1, `${focus.category} for ${focus.stays} lessons`);
    expect(looks.length > 0 && looks.length <= 6, `${looks.length} looks`);
    let weighed = false;
    for (const check of looks) {
      expect(known.has(check.id), `${check.id} is no check of the ${child.family}`);
      const rating = RATINGS[1 + Math.floor(4 * dice.roll())] ?? 'mostly';
      const amiss = rating === 'not-yet' && check.faults.length > 0 ? [dice.one(check.faults)] : [];
      results = [
        ...results,
        {
          ...dated({ ...of, today }, `${check.id}-${today}`, '11:00'),
          checkId: check.id,
          setupId: null,
          lessonId: null,
          outcome: { kind: 'rating', rating },
          faults: amiss.map(({ id }) => id)
        }
      ];
      const [fault] = amiss;
      if (fault && !weighed) causes({ ...of, today }, told, results, { check, fault, said });
      weighed ||= fault !== undefined;
    }
  }
  tell(`lessons about ${row.category}`);
  return results;
}

/** Why a fault came about, as the end of a lesson shows it beside what every list says. */
function causes(
  of: PlayerCase,
  told: Told,
  checks: readonly CheckResult[],
  { check, fault, said }: { check: Check; fault: Check['faults'][number]; said: readonly Claim[] }
): void {
  const { expect, tell } = told;
  const facts = causeFacts(
    { ...of, setups: of.setups ?? [], checks, standings: [], worked: [] },
    check,
    fault
  );
  const weighed = causesOf(
    fault.causes.map(({ cause }) => cause),
    facts
  );
  const all = weighed.reduce((sum, { share }) => sum + share, 0);
  expect(Math.abs(all - 1) < 1e-9, `the causes of ${check.id} ${fault.id} add up to ${all}`);
  const setup = of.setups?.at(-1);
  for (const { step } of fault.causes) {
    if (!step || !setup) continue;
    const has = step.setting in setup.choices || settingsInUse(setup).some((id) => id === step.setting);
    expect(has, `${check.id} ${fault.id} names ${step.setting}, which this set-up does not have`);
  }
  const [first] = weighed;
  const fit = newest(of);
  if (!first || !fit) return;
  tell(`${check.id} ${fault.id}: ${first.cause} ${first.share.toFixed(2)}`);
  const against = contradictions([...said, ...ofCause(first.cause, fit.size)]);
  expect(against.length === 0, against.join('; '));
}
