import { ValidationError } from 'yup';
import { FAMILIES, sizesOf, type Family } from '$lib/core/instruments';
import { clamp } from '$lib/core/maths';
import {
  copiedFrom,
  rangeOf,
  SETTING_IDS,
  SETUP_CHOICES,
  SETUP_KIND_OF,
  unitOf,
  type Adjustments,
  type Arrangement,
  type Setting,
  type SettingId
} from '$lib/core/setup';
import { isDay, type IsoDay } from '$lib/core/time';
import type { Setup } from '../store/records';
import { adjustmentsSchema } from '../schema/setup';

/** What a setup's text begins with: what it is, and the version of how it is written. */
const HEAD = 'jarvel-setup/1';

/**
 * A set-up as one line of text, short enough for a code on a card. It names nobody.
 *
 * Parts are parted by spaces: head, family, size (its own spaces as `_`), day, ways, values in the order of setting (mm or degrees, tenths), and
 * marks in the same order where there are any.
 *
 * @example `jarvel-setup/1 cello 1/2 2026-10-20 strap,turned 347,278,30,0,512 ,red%20tape`
 */
export function textOfSetup({ family, size, day, kind, choices, settings }: Setup): string {
  const all = SETTING_IDS[kind].map((id) => (settings as Readonly<Record<string, Setting>>)[id]);
  const ways = Object.keys(SETUP_CHOICES[kind]).map(
    (id) => (choices as Readonly<Record<string, string>>)[id]
  );
  const values = all.map((setting) => String(Math.round((setting?.value ?? 0) * 10) / 10));
  const marks = all.map((setting) => encodeURIComponent(setting?.mark ?? ''));
  return [
    HEAD,
    family,
    size.replaceAll(' ', '_'),
    day,
    ways.join(','),
    values.join(','),
    marks.join(',').replace(/,+$/, '')
  ]
    .join(' ')
    .trim();
}

/** A number as it is written; an empty one would pass for nought. */
const NUMBER = /^-?\d+(\.\d+)?$/;

/** A set-up that came as text: what it is for, and everything in it as copied values. */
export interface SetupRead {
  readonly family: Family;
  readonly size: string;
  readonly day: IsoDay;
  readonly adjustments: Adjustments;
}

/** Why a text is no set-up, for people. */
export class NotASetup extends Error {}

/**
 * Reads a set-up's text. A value beyond what its setting can do is taken at its end.
 *
 * @throws NotASetup with a sentence that says what is wrong, and where
 */
export function setupFromText(text: string): SetupRead {
  const [head, familyName, written = '', day = '', ways = '', numbers = '', marks = '', ...more] = text
    .trim()
    .split(/\s+/);
  if (!head?.startsWith('jarvel-setup/')) throw new NotASetup('This is not the text of a set-up.');
  if (head !== HEAD) throw new NotASetup('This set-up was written by a newer Jarvel.');
  const family = FAMILIES.find((one) => one === familyName);
  if (!family) throw new NotASetup('The set-up names no family that Jarvel knows.');
  const size = written.replaceAll('_', ' ');
  if (!sizesOf(family).some((one) => one === size))
    throw new NotASetup('The set-up names no size of its family.');
  if (!isDay(day)) throw new NotASetup('The set-up’s day is none.');
  if (more.length > 0) throw new NotASetup('There is more in the text than a set-up has.');
  const kind = SETUP_KIND_OF[family];
  const ids: readonly SettingId[] = SETTING_IDS[kind];
  const parts = numbers.split(',');
  const values = parts.map(Number);
  if (values.length !== ids.length || !parts.every((one) => NUMBER.test(one)))
    throw new NotASetup('A value of the set-up is missing or no number: was the text cut?');
  const kept = marksOf(marks);
  const chosen = ways.split(',');
  const arrangement = {
    kind,
    choices: Object.fromEntries(Object.keys(SETUP_CHOICES[kind]).map((id, i) => [id, chosen[i]])),
    settings: Object.fromEntries(
      ids.map((id, i): [string, Setting] => {
        const { low, high } = rangeOf(kind, id);
        const value = clamp(values[i] ?? 0, low, high);
        return [id, { value, unit: unitOf(id), origin: 'copied', mark: kept[i] ?? '' }];
      })
    )
  } as Arrangement;
  try {
    return {
      family,
      size,
      day,
      adjustments: adjustmentsSchema.validateSync(copiedFrom(arrangement)) as Adjustments
    };
  } catch (error) {
    if (error instanceof ValidationError)
      throw new NotASetup(`The set-up cannot be read: ${error.path} ${error.message}.`);
    throw error;
  }
}

function marksOf(text: string): readonly string[] {
  try {
    return text.split(',').map(decodeURIComponent);
  } catch {
    throw new NotASetup('A mark of the set-up cannot be read: was the text cut?');
  }
}
