import { believe, type Belief, type LookSeen, type SettingLook } from './belief';
import { reachOf, type SettingId, type SetupKind } from './kinds';

/**
 * What a teacher may see at a look: the setting that it speaks of and which way, or, where no number mends it, a hint
 * in words alone. Its picture is a pose with a change.
 */
export interface SeenAtLook {
  readonly id: string;
  readonly kind: SetupKind;
  readonly mends: { readonly setting: SettingId; readonly way: 'raise' | 'lower' } | null;
}

const seen = (kind: SetupKind, id: string, setting?: SettingId, way?: 'raise' | 'lower'): SeenAtLook => ({
  id,
  kind,
  mends: setting && way ? { setting, way } : null
});

/** In the order in which a teacher looks: head and shoulders first. Source: the usual remedies of string teachers. */
export const SEEN_AT_LOOK: readonly SeenAtLook[] = [
  seen('rest', 'rest-head-tips', 'lift', 'raise'),
  seen('rest', 'rest-chin-up', 'lift', 'lower'),
  seen('rest', 'rest-shoulder-raised', 'lift', 'raise'),
  seen('rest', 'rest-scroll-droops', 'chestFoot', 'raise'),
  seen('rest', 'rest-scroll-up', 'chestFoot', 'lower'),
  seen('rest', 'rest-slides-off', 'chestFoot', 'raise'),
  seen('rest', 'rest-slips', 'restWidth', 'lower'),
  seen('rest', 'rest-neck-turned'),
  seen('rest', 'rest-sore'),
  seen('seated', 'seated-peg-high', 'pin', 'lower'),
  seen('seated', 'seated-peg-low', 'pin', 'raise'),
  seen('seated', 'seated-neck-on-shoulder', 'angle', 'lower'),
  seen('seated', 'seated-leans-back', 'pin', 'lower'),
  seen('seated', 'seated-slumps', 'pin', 'raise'),
  seen('seated', 'seated-knees-high', 'seat', 'raise'),
  seen('seated', 'seated-knee-slides', 'seat', 'lower'),
  seen('seated', 'seated-slides-away'),
  seen('standing', 'standing-hand-high', 'pin', 'lower'),
  seen('standing', 'standing-hunched', 'pin', 'raise'),
  seen('standing', 'standing-wrist-bent', 'lean', 'raise'),
  seen('standing', 'standing-falls', 'lean', 'raise'),
  seen('standing', 'standing-leans-on', 'lean', 'lower')
];

/** That nothing more is seen: the set-up holds. */
export const HOLDS = 'holds';

/** @throws RangeError for what is not known */
export function seenAtLook(id: string): SeenAtLook {
  const found = SEEN_AT_LOOK.find((one) => one.id === id);
  if (!found) throw new RangeError(`nothing is known of ${id}`);
  return found;
}

/** What can be seen with a kind of set-up. */
export const seenFor = (kind: SetupKind): readonly SeenAtLook[] =>
  SEEN_AT_LOOK.filter((one) => one.kind === kind);

/** A look as it is kept: what was seen, and the settings as they stood. */
export interface KeptLook {
  readonly seen: string;
  /** The setting that was looked at with its value then; null where no number was concerned. */
  readonly change: { readonly setting: string; readonly from: number; readonly to: number } | null;
}

/** The next step after a look. */
export type Step =
  /** One change: what, from which value to which. */
  | {
      readonly kind: 'change';
      readonly setting: SettingId;
      readonly from: number;
      readonly to: number;
      readonly belief: Belief;
    }
  /** It holds well enough. */
  | { readonly kind: 'holds'; readonly setting: SettingId | null; readonly belief: Belief | null }
  /** The setting is at its end: another part must give. */
  | { readonly kind: 'end'; readonly setting: SettingId; readonly belief: Belief }
  /** No number mends it; the words say what does. */
  | { readonly kind: 'hint' };

/** A shoulder that is still up after this many raises is up by habit: no rest mends it. */
const RAISES_BEFORE_HABIT = 2;
const HABIT = 'rest-shoulder-raised';

/** The looks at one setting, oldest first, as its belief takes them. */
function looksAt(setting: SettingId, looks: readonly KeptLook[]): readonly SettingLook[] {
  return looks.flatMap((look): SettingLook[] => {
    if (look.change?.setting !== setting) return [];
    const way: LookSeen | null = look.seen === HOLDS ? 'holds' : (seenAtLook(look.seen).mends?.way ?? null);
    return way === null ? [] : [{ at: look.change.from, seen: way }];
  });
}

/**
 * What follows from what was seen, after the looks before it. A search begins where the setting stood at its first look.
 *
 * @param values the settings as they stand
 * @param mendedBy the setting by which this set-up mends what is usually mended by another one; null for a hint in words
 * @param exact the change that geometry gives, where the miss was measured; it is taken as it is
 * @throws RangeError for what is not known of this kind
 */
export function stepAfter(
  kind: SetupKind,
  what: string,
  looks: readonly KeptLook[],
  values: Readonly<Partial<Record<SettingId, number>>>,
  exact?: number,
  mendedBy: (setting: SettingId) => SettingId | null = (setting) => setting
): Step {
  const last = looks.findLast(({ change }) => change !== null)?.change;
  const mends = what === HOLDS ? null : seenAtLook(what).mends;
  const setting = mends
    ? mendedBy(mends.setting)
    : what === HOLDS
      ? (last?.setting as SettingId | undefined)
      : null;
  if (!setting) return what === HOLDS ? { kind: 'holds', setting: null, belief: null } : { kind: 'hint' };
  if (what === HABIT && looks.filter(({ seen }) => seen === HABIT).length >= RAISES_BEFORE_HABIT)
    return { kind: 'hint' };
  const from = values[setting] ?? 0;
  const { low, high, tolerance } = reachOf(kind, setting);
  const now: KeptLook = { seen: what, change: { setting, from, to: from } };
  const belief = believe(
    {
      low: Math.min(low, from),
      high: Math.max(high, from),
      start: looks.find(({ change }) => change?.setting === setting)?.change?.from ?? from,
      tolerance
    },
    looksAt(setting, [...looks, now])
  );
  if (what === HOLDS || belief.state === 'holds') return { kind: 'holds', setting, belief };
  if (belief.state === 'end-of-range') return { kind: 'end', setting, belief };
  const to = exact === undefined ? Math.round(belief.next ?? from) : Math.round(from + exact);
  return to === Math.round(from)
    ? { kind: 'end', setting, belief }
    : { kind: 'change', setting, from, to: Math.min(high, Math.max(low, to)), belief };
}

/** How much a cello's pin changes for a peg that is this far above its place: the peg rises by the cosine of the angle. */
export const pinForPeg = (pegTooHighMm: number, angleDeg: number): number =>
  -pegTooHighMm / Math.cos((angleDeg * Math.PI) / 180);
