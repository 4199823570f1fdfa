import {
  array,
  boolean,
  lazy,
  mixed,
  number,
  object,
  string,
  type AnyObject,
  type ObjectSchema,
  type Schema
} from 'yup';
import { MEASUREMENT_IDS } from '$lib/core/body';
import { RATINGS } from '$lib/core/checks';
import { FAMILIES, SHOULDER_FAMILIES, sizesOf, type Family } from '$lib/core/instruments';
import { LENGTH_UNITS } from '$lib/core/length';
import {
  CHIN_REST_MOUNTS,
  REST_SCHOOLS,
  REST_SETTINGS,
  SHOULDER_SLOPES,
  TILT_SCHOOLS
} from '$lib/core/setup';
import { LANDING_SCHOOLS, OWN_LIMIT_RANGE } from '$lib/core/sizing';
import { playerFormSchema } from './player-schema';
import type { TableName } from './records';

/*
 * What every stored record must look like. Checked wherever records come from outside: backups and imports.
 */

const id = () => string().matches(/^[\w:.-]{1,80}$/, 'must be an id');
const day = () =>
  string().matches(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, 'must be a day such as 2026-11-24');
const moment = () =>
  string().matches(
    /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d+)?Z$/,
    'must be a moment such as 2026-11-24T09:30:00Z'
  );
const text = (longest: number) => string().max(longest).defined();
const mm = () => number().min(-500).max(5000);
const oneOf = (values: readonly string[]) => string().oneOf(values, `must be one of ${values.join(', ')}`);

const sizes = [...new Set(FAMILIES.flatMap(sizesOf))];
const size = () => oneOf(sizes);
const strictly = <T extends AnyObject>(shape: ObjectSchema<T>) =>
  shape.noUnknown('has an unknown field: ${unknown}').strict();

/** An object whose keys are known and whose values all look alike; any may be absent. */
const each = (keys: readonly string[], value: () => Schema) =>
  strictly(object(Object.fromEntries(keys.map((key) => [key, value().optional()])))).required();

const rule = lazy((value: unknown) =>
  typeof value === 'object' && value !== null && 'school' in value && value.school === 'own'
    ? strictly(
        object({
          school: oneOf(['own']).required(),
          limit: number().min(OWN_LIMIT_RANGE[0]).max(OWN_LIMIT_RANGE[1]).required()
        })
      )
    : strictly(object({ school: oneOf(LANDING_SCHOOLS).required() })).required()
);

const setting = () =>
  strictly(
    object({ mm: mm().required(), origin: oneOf(['computed', 'adjusted']).required(), mark: text(60) })
  );

const rest = strictly(
  object({
    school: oneOf(REST_SCHOOLS).required(),
    mount: oneOf(CHIN_REST_MOUNTS).required(),
    tiltDeg: number().min(0).max(30).required(),
    highEnd: oneOf(['shoulder', 'chest', 'even']).required(),
    settings: strictly(
      object(Object.fromEntries(REST_SETTINGS.map((key) => [key, setting().required()])))
    ).required()
  })
).required();

const outcome = lazy((value: unknown) => {
  const kind = typeof value === 'object' && value !== null && 'kind' in value ? value.kind : undefined;
  if (kind === 'seconds')
    return strictly(object({ kind: string().required(), seconds: number().min(0).max(3600).required() }));
  if (kind === 'stopped')
    return strictly(object({ kind: string().required(), because: oneOf(['pain']).required() }));
  return strictly(
    object({ kind: oneOf(['rating']).required(), rating: oneOf(RATINGS).required() })
  ).required();
});

const family = () => oneOf(FAMILIES).required();
const shoulderFamily = () => oneOf(SHOULDER_FAMILIES).required();
const owned = { id: id().required(), playerId: id().required() };
const dated = { ...owned, at: moment().required(), day: day().required() };
const readings = array().of(mm().positive().required()).min(1).max(50);
const instruments = array()
  .of(
    strictly(
      object({
        size: size().required(),
        overallMm: mm().positive().required(),
        stringMm: mm().positive().optional()
      })
    ).required()
  )
  .max(100)
  .defined();
const answers = array()
  .of(strictly(object({ look: id().required(), choice: id().required() })).required())
  .max(100)
  .defined();
const DIMENSIONS = ['bodyMm', 'overallMm', 'stringMm', 'ribMm', 'bowMm', 'lowerBoutMm', 'chinRestMm'];

/** The schema of each table's records. */
export const RECORD_SCHEMAS: Readonly<Record<TableName, Schema>> = {
  players: strictly(
    playerFormSchema.shape({
      id: id().required(),
      archivedOn: day().nullable().defined(),
      createdAt: moment().required(),
      demo: boolean().required()
    })
  ),
  measurements: strictly(
    object({
      ...owned,
      kind: oneOf(MEASUREMENT_IDS).required(),
      day: day().required(),
      readings: array()
        .of(strictly(object({ mm: mm().positive().required(), at: moment().required() })).required())
        .max(50)
        .defined(),
      look: oneOf([...SHOULDER_SLOPES])
        .nullable()
        .defined()
    })
  ),
  fits: strictly(
    object({
      ...dated,
      family: family(),
      readings: each(MEASUREMENT_IDS, () => readings),
      rule: lazy((value: unknown) => (value === null ? mixed().nullable() : rule)),
      instruments,
      trialId: id().nullable().defined(),
      proposal: size().required(),
      advised: size().required(),
      betweenSizes: boolean().required(),
      probability: number().min(0).max(1).required(),
      marginMm: mm().required(),
      size: size().required(),
      reason: string().max(160).nullable().defined(),
      nextLook: day().required()
    })
  ).test('own-size', 'has a size that its family does not come in', (fit) => sizeBelongs(fit)),
  setups: strictly(
    object({
      ...dated,
      fitId: id().required(),
      family: shoulderFamily(),
      size: size().required(),
      version: number().integer().min(1).required(),
      fillerMm: mm().required(),
      neckGapMm: mm().required(),
      neckGapEstimated: boolean().required(),
      rest
    })
  ).test('own-size', 'has a size that its family does not come in', (setup) => sizeBelongs(setup)),
  trials: strictly(
    object({
      ...dated,
      family: family(),
      size: size().required(),
      answers,
      verdict: oneOf(['smaller', 'keep', 'larger', 'stopped']).required()
    })
  ).test('own-size', 'has a size that its family does not come in', (trial) => sizeBelongs(trial)),
  checks: strictly(
    object({
      ...dated,
      checkId: id().required(),
      setupId: id().nullable().defined(),
      outcome,
      faults: array().of(id().required()).max(20).defined()
    })
  ),
  instruments: strictly(
    object({
      id: id().required(),
      number: text(40),
      family: family(),
      size: size().required(),
      overallMm: mm().positive().nullable().defined(),
      stringMm: mm().positive().nullable().defined(),
      playerId: id().nullable().defined(),
      since: day().nullable().defined(),
      notes: text(1000),
      demo: boolean().required()
    })
  ),
  days: strictly(
    object({
      id: id().required(),
      name: text(80),
      day: day().required(),
      startedAt: moment().required(),
      closedAt: moment().nullable().defined(),
      entries: array()
        .of(
          strictly(
            object({
              playerId: id().required(),
              state: oneOf(['waiting', 'passed', 'trial', 'skipped', 'absent']).required()
            })
          ).required()
        )
        .max(5000)
        .defined(),
      typed: each(MEASUREMENT_IDS, () => string().max(200)),
      demo: boolean().required()
    })
  ),
  drafts: strictly(
    object({
      id: id().required(),
      startedAt: moment().required(),
      updatedAt: moment().required(),
      texts: each(MEASUREMENT_IDS, () => string().max(200)),
      overrideSize: size().nullable().defined(),
      overrideReason: text(160),
      instruments,
      trial: strictly(object({ size: size().required(), answers }))
        .nullable()
        .defined(),
      restSchool: oneOf(REST_SCHOOLS).nullable().defined(),
      mount: oneOf(CHIN_REST_MOUNTS).required(),
      tiltDeg: number().min(0).max(30).nullable().defined(),
      adjustments: strictly(
        object({
          values: each(REST_SETTINGS, mm),
          marks: each(REST_SETTINGS, () => string().max(60))
        })
      ).required()
    })
  ),
  settings: strictly(
    object({
      id: oneOf(['settings']).required(),
      unit: oneOf(LENGTH_UNITS).required(),
      rule,
      restSchool: oneOf(REST_SCHOOLS).required(),
      tiltSchool: oneOf(TILT_SCHOOLS).required(),
      sizes: each(FAMILIES, () => array().of(size().required())),
      dimensions: each(FAMILIES, () => each(sizes, () => each(DIMENSIONS, mm).optional()).optional()),
      theme: oneOf(['light', 'dark', 'system']).required(),
      teacherName: text(80)
    })
  )
};

function sizeBelongs(record: { family?: string; size?: string }): boolean {
  const known = FAMILIES.find((one: Family) => one === record.family);
  return known !== undefined && record.size !== undefined && sizesOf(known).includes(record.size);
}
