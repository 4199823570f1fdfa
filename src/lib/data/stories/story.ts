import { subjectsFor, type SubjectId } from '$lib/core/checks';
import { type Family } from '$lib/core/instruments';
import { REST_SCHOOLS } from '$lib/core/setup';
import { LANDING_SCHOOLS } from '$lib/core/sizing';
import { daysLater } from '$lib/core/time';
import { openPains, type PlayerCase } from '../questions/case';
import { DEFAULT_SETTINGS } from '../questions/settings';
import { type CheckResult, type Player, type Settings } from '../store/records';
import { childOf, diceOf, FIRST_DAY, type Child, type Dice } from './child';
import { lessons } from './lesson-part';
import { setUp } from './set-up-part';
import { claimsOn, decided, trialOf } from './sizing-part';
import { Objection, type Tell, type Told } from './told';

const VISITS = 4;
/** A child goes through sizing, trial, set-up, growth, lessons and causes; whatever contradicts itself is objected to. */
export async function tellStory(seed: number): Promise<void> {
  const dice = diceOf(seed);
  const child = childOf(dice);
  const lines: string[] = [child.told];
  const tell: Tell = (line) => void lines.push(line);
  const expect = (holds: boolean, objection: string) => {
    if (!holds) throw new Objection([`story ${seed}: ${objection}`, ...lines].join('\n  '));
  };
  const told: Told = { child, dice, tell, expect, library: new Map() };
  const settings = ownSettings(dice, child.family);
  let of = firstCase(child, settings);
  let checks: readonly CheckResult[] = [];
  for (let visit = 0; visit < VISITS; visit++) {
    const today = visit === 0 ? FIRST_DAY : daysLater(of.today, 40 + Math.floor(160 * dice.roll()));
    of = withReadings({ ...of, today }, child, visit);
    tell(
      `${today}: ${of.measurements
        .filter(({ day }) => day === today)
        .map((one) => `${one.kind} ${one.readings[0]?.mm}`)
        .join(', ')}`
    );
    of = trialOf(of, told, visit);
    of = decided(of, told, visit);
    const said = claimsOn(of, told);
    of = setUp(of, told);
    checks = await lessons(of, told, checks, said);
    if (openPains(of.pains).length > 0 && dice.chance(0.7)) {
      tell('the pain is gone');
      of = { ...of, pains: of.pains.map((pain) => ({ ...pain, closedAt: `${today}T18:00:00.000Z` })) };
    }
  }
}

/** The school, the rest and the ways of one teacher. */
function ownSettings({ one, chance }: Dice, family: Family): Settings {
  const ways = Object.fromEntries(
    subjectsFor(family).flatMap(({ id, ways: all }): [SubjectId, string][] =>
      chance(0.4) ? [[id, one(all).id]] : []
    )
  );
  return { ...DEFAULT_SETTINGS, rule: { school: one(LANDING_SCHOOLS) }, restSchool: one(REST_SCHOOLS), ways };
}

function firstCase({ family, sex, birthMonth }: Child, settings: Settings): PlayerCase {
  const curve = sex === null ? null : sex === 'female' ? ('girl' as const) : ('boy' as const);
  const player = {
    id: 'child',
    name: 'Story',
    family,
    curve,
    birthMonth,
    groupId: null
  } as unknown as Player;
  const none = { measurements: [], fits: [], trials: [], pains: [], setups: [], draft: null };
  return { player, ...none, settings, today: FIRST_DAY };
}

const withReadings = (of: PlayerCase, child: Child, visit: number): PlayerCase => ({
  ...of,
  measurements: [
    ...of.measurements,
    ...child.read(of.today).map(([kind, mm]) => ({
      id: `${kind}-${visit}`,
      playerId: 'child',
      kind,
      day: of.today,
      at: `${of.today}T08:00:00.000Z`,
      readings: [{ mm, at: `${of.today}T08:00:00.000Z` }],
      look: null
    }))
  ]
});
