import type { Arrangement, Setting } from './arrangement';
import { settingsInUse } from './in-use';
import { SETUP_CHOICES, type SettingId, type SettingUnit } from './kinds';

/** One difference between two versions of a set-up. */
export type SettingChange =
  | {
      readonly kind: 'value';
      readonly id: SettingId;
      readonly unit: SettingUnit;
      readonly from: number;
      readonly to: number;
    }
  | { readonly kind: 'mark'; readonly id: SettingId; readonly from: string; readonly to: string }
  | { readonly kind: 'choice'; readonly id: string; readonly from: string; readonly to: string };

/** A change that a tape or an eye would not show is none: values differ when they round to other millimetres. */
const differ = (from: number, to: number) => Math.round(from) !== Math.round(to);

/**
 * What differs between an earlier and a later set-up of one kind, in the order of setting. Set-ups of different
 * kinds have nothing to compare: there is no change to tell.
 */
export function changesBetween(earlier: Arrangement, later: Arrangement): readonly SettingChange[] {
  if (earlier.kind !== later.kind) return [];
  const { kind } = earlier;
  const changes: SettingChange[] = [];
  const ways: readonly [Readonly<Record<string, string>>, Readonly<Record<string, string>>] = [
    earlier.choices,
    later.choices
  ];
  for (const id of Object.keys(SETUP_CHOICES[kind])) {
    const [from = '', to = ''] = ways.map((choices) => choices[id]);
    if (from !== to) changes.push({ kind: 'choice', id, from, to });
  }
  const settings: readonly Readonly<Partial<Record<SettingId, Setting>>>[] = [
    earlier.settings,
    later.settings
  ];
  for (const id of settingsInUse(later)) {
    const [from, to] = settings.map((all) => all[id]);
    if (!from || !to) continue;
    if (differ(from.value, to.value))
      changes.push({ kind: 'value', id, unit: to.unit, from: from.value, to: to.value });
    if (from.mark !== to.mark) changes.push({ kind: 'mark', id, from: from.mark, to: to.mark });
  }
  return changes;
}
