import { MEASUREMENT_IDS } from '$lib/core/body';
import { from7To8, OWNED_IN_8 } from './migration-8';
import { isObject, rowsOf, text, type Old, type Rows } from './rows';
import { DEFAULT_SCROLL_SCHOOL, SETTING_IDS, TILT_DEG, unitOf } from '$lib/core/setup';

export { basesByPlayer } from './migration-8';
export type { Rows } from './rows';

/** Brings all records of one version to the next, in place. */
export interface Migration {
  /** Tables that it reads or writes. */
  readonly tables: readonly string[];
  readonly run: (rows: Rows) => void;
  /** The journal holds records of the version before and would bring them back: it begins anew. */
  readonly endsJournal?: boolean;
}

/** The day that stands for "before it was recorded". */
export const UNKNOWN_DAY = '1970-01-01';

const objects = (value: unknown): Old[] => (Array.isArray(value) ? value.filter(isObject) : []);

/** Version 1 only knew that a player was archived, not since when, and not whether it was made up. */
function from1To2(rows: Rows): void {
  for (const player of rowsOf(rows, 'players')) {
    player.archivedOn = player.archived ? UNKNOWN_DAY : null;
    player.demo ??= false;
    delete player.archived;
  }
}

/** Version 2 knew no trial and no measured instruments. */
function from2To3(rows: Rows): void {
  for (const fit of rowsOf(rows, 'fits')) Object.assign(fit, { trialId: null, instruments: [] });
  for (const draft of rowsOf(rows, 'drafts')) Object.assign(draft, { trial: null, instruments: [] });
}

/** The same name always makes the same id, so that a database and an older backup of it agree. */
function groupIdOf(name: string): string {
  let hash = 0xcbf29ce484222325n;
  for (const byte of new TextEncoder().encode(name))
    hash = BigInt.asUintN(64, (hash ^ BigInt(byte)) * 0x100000001b3n);
  return `group-${hash.toString(36)}`;
}

function groupsFromTexts(rows: Rows): void {
  const groups = new Map<string, Old>();
  for (const player of rowsOf(rows, 'players')) {
    const name = text(player.group).trim();
    delete player.group;
    player.groupId = name === '' ? null : groupIdOf(name);
    if (name === '') continue;
    const known = groups.get(name);
    // A group is made up only when everybody in it is.
    if (known) known.demo = known.demo === true && player.demo === true;
    else groups.set(name, { id: groupIdOf(name), name, seating: [], demo: player.demo === true });
  }
  rows.groups = [...groups.values()];
}

const typedRow = (playerId: string, field: string, typed: unknown, at: unknown): object[] =>
  text(typed) === ''
    ? []
    : [{ id: `${playerId}:${field}`, playerId, field, text: text(typed).slice(0, 200), at: text(at) }];

/** Typed text was part of drafts and fitting days; it has a place of its own now, one a field. */
function typedFromDrafts(rows: Rows): void {
  const typed = new Map<string, object>();
  const keep = (found: object[]) => found.forEach((row) => typed.set(text((row as Old).id), row));
  for (const day of rowsOf(rows, 'days')) {
    const [atHand] = objects(day.entries).filter(({ state }) => state === 'waiting');
    const texts = isObject(day.typed) ? day.typed : {};
    if (atHand)
      for (const [kind, value] of Object.entries(texts))
        keep(typedRow(text(atHand.playerId), kind, value, day.startedAt));
    delete day.typed;
  }
  for (const draft of rowsOf(rows, 'drafts')) {
    const [playerId, at] = [text(draft.id), draft.updatedAt];
    const texts = isObject(draft.texts) ? draft.texts : {};
    for (const [kind, value] of Object.entries(texts)) keep(typedRow(playerId, kind, value, at));
    keep(typedRow(playerId, 'reason', draft.overrideReason, at));
    delete draft.texts;
    delete draft.overrideReason;
  }
  rows.typed = [...typed.values()];
}

/** A rest's values and marks become the adjustments of a set-up of its kind. */
function adjustmentsInDrafts(rows: Rows): void {
  for (const draft of rowsOf(rows, 'drafts')) {
    const { values = {}, marks = {} } = isObject(draft.adjustments) ? draft.adjustments : {};
    const choices: Old = {};
    if (draft.restSchool) choices.school = draft.restSchool;
    if (draft.mount && draft.mount !== 'beside') choices.mount = draft.mount;
    const own = {
      ...(values as object),
      ...(typeof draft.tiltDeg === 'number' ? { tilt: draft.tiltDeg } : {})
    };
    const touched = [choices, own, marks as object].some((part) => Object.keys(part).length > 0);
    draft.setup = touched ? { kind: 'rest', choices, values: own, marks } : null;
    for (const key of ['adjustments', 'restSchool', 'mount', 'tiltDeg']) Reflect.deleteProperty(draft, key);
  }
}

/** Set-ups were chin rest and shoulder rest only; each becomes one kind of several. */
function setupsByKind(rows: Rows): void {
  for (const setup of rowsOf(rows, 'setups')) {
    const rest = isObject(setup.rest) ? setup.rest : {};
    const old = isObject(rest.settings) ? rest.settings : {};
    const tiltDeg = typeof rest.tiltDeg === 'number' ? rest.tiltDeg : TILT_DEG['high-over-shoulder'];
    const settingOf = (id: string): Old => {
      if (id === 'tilt') return { value: tiltDeg, origin: 'computed', mark: '' };
      const one = isObject(old[id]) ? (old[id] as Old) : {};
      return { value: one.mm, origin: one.origin, mark: one.mark };
    };
    Object.assign(setup, {
      kind: 'rest',
      instrumentId: null,
      choices: { school: rest.school, mount: rest.mount },
      settings: Object.fromEntries(
        SETTING_IDS.rest.map((id) => [id, { ...settingOf(id), unit: unitOf(id) }])
      ),
      basis: {
        lengths: { neckGap: setup.neckGapMm },
        estimated: setup.neckGapEstimated === true ? ['neckGap'] : []
      }
    });
    for (const key of ['rest', 'fillerMm', 'neckGapMm', 'neckGapEstimated'])
      Reflect.deleteProperty(setup, key);
  }
}

const LATER = (a: Old, b: Old) => text(b.at).localeCompare(text(a.at));

/** A stop for pain was a result of a check; it becomes a record of its own, open when nothing followed it. */
function painsFromChecks(rows: Rows): void {
  const familyOf = new Map(rowsOf(rows, 'players').map((player) => [player.id, player.family]));
  const stopped = (check: Old) => isObject(check.outcome) && check.outcome.kind === 'stopped';
  const checks = rowsOf(rows, 'checks');
  const newest = new Map<unknown, Old>();
  for (const check of [...checks].sort(LATER))
    if (!newest.has(check.playerId)) newest.set(check.playerId, check);
  rows.pains = checks.filter(stopped).map((check) => ({
    id: `pain-${text(check.id)}`,
    playerId: check.playerId,
    at: check.at,
    day: check.day,
    family: familyOf.get(check.playerId) ?? 'violin',
    during: 'check',
    size: null,
    closedAt: newest.get(check.playerId) === check ? null : check.at,
    note: ''
  }));
  rows.checks = checks.filter((check) => !stopped(check));
  for (const check of rowsOf(rows, 'checks')) check.lessonId = null;
}

/** Who has an instrument is a loan. */
function loansFromInstruments(rows: Rows): void {
  rows.loans = rowsOf(rows, 'instruments').flatMap(({ id, playerId, since, number }) =>
    playerId
      ? [
          {
            id: `loan-${text(id)}`,
            playerId,
            kind: 'instrument',
            instrumentId: id,
            what: text(number),
            from: since ?? UNKNOWN_DAY,
            to: null
          }
        ]
      : []
  );
  for (const instrument of rowsOf(rows, 'instruments')) {
    delete instrument.playerId;
    delete instrument.since;
  }
}

/** Earlier versions took more readings of a length than are kept now; the last ones stay. */
const MOST_READINGS_NOW = 30;
function cutReadings(rows: Rows): void {
  for (const measurement of rowsOf(rows, 'measurements'))
    if (Array.isArray(measurement.readings))
      measurement.readings = measurement.readings.slice(-MOST_READINGS_NOW);
  for (const { readings } of rowsOf(rows, 'fits'))
    if (isObject(readings))
      for (const kind of MEASUREMENT_IDS) {
        const values = readings[kind];
        if (Array.isArray(values)) readings[kind] = values.slice(-MOST_READINGS_NOW);
      }
}

/** Records whose player is not there any more were out of anybody's reach; what names no player at all is kept for the schema to judge. */
function dropOrphans(rows: Rows): void {
  const there = new Set(rowsOf(rows, 'players').map(({ id }) => id));
  for (const table of ['measurements', 'fits', 'trials', 'setups', 'checks', 'pains', 'loans', 'typed'])
    rows[table] = rowsOf(rows, table).filter(
      ({ playerId }) => typeof playerId !== 'string' || there.has(playerId)
    );
  rows.drafts = rowsOf(rows, 'drafts').filter(({ id }) => there.has(id));
}

function from3To4(rows: Rows): void {
  groupsFromTexts(rows);
  typedFromDrafts(rows);
  adjustmentsInDrafts(rows);
  setupsByKind(rows);
  painsFromChecks(rows);
  loansFromInstruments(rows);
  cutReadings(rows);
  dropOrphans(rows);
}

/** The ways of a rest did not say where the scroll points. */
function from4To5(rows: Rows): void {
  for (const setup of rowsOf(rows, 'setups'))
    if (setup.kind === 'rest' && isObject(setup.choices)) setup.choices.scroll ??= DEFAULT_SCROLL_SCHOOL;
}

/** What brings all records to a version, by the version. */
export const MIGRATIONS: Readonly<Record<number, Migration>> = {
  2: { tables: ['players'], run: from1To2 },
  3: { tables: ['fits', 'drafts'], run: from2To3 },
  4: {
    tables: [
      'players',
      'groups',
      'measurements',
      'fits',
      'trials',
      'setups',
      'checks',
      'pains',
      'instruments',
      'loans',
      'days',
      'drafts',
      'typed'
    ],
    run: from3To4,
    endsJournal: true
  },
  5: { tables: ['setups'], run: from4To5, endsJournal: true },
  8: {
    tables: ['players', 'groups', 'days', 'drafts', ...OWNED_IN_8],
    run: from7To8,
    endsJournal: true
  }
};
