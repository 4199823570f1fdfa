import { clamp } from '../maths';
import { believe, type Belief, type LookSeen, type SettingLook } from './belief';
import type { Arrangement } from './arrangement';
import { mendedBy } from './in-use';
import type { SettingId, SetupKind } from './kinds';
import { reachOf, type ReachQuestion } from './reach';
import { toNotch } from './standing-plan';

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
  /** It stays where it is for one more look: the answers so far do not agree. */
  | { readonly kind: 'again'; readonly setting: SettingId; readonly belief: Belief }
  /** It holds, as the teacher says or the looks together; `to` is the value to keep. */
  | {
      readonly kind: 'holds';
      readonly setting: SettingId | null;
      readonly to: number | null;
      readonly belief: Belief | null;
    }
  /** The setting is at its end: another part must give. */
  | { readonly kind: 'end'; readonly setting: SettingId; readonly at: number }
  /** The answers do not agree after the most looks: the likeliest value, to be set by hand. */
  | { readonly kind: 'not-found'; readonly setting: SettingId; readonly to: number; readonly belief: Belief }
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

/** A look at a set-up that is under way. */
export interface LookQuestion extends ReachQuestion {
  /** The set-up as it stands. */
  readonly setup: Pick<Arrangement, 'kind' | 'choices' | 'settings'>;
  /** The looks before, oldest first. A search begins where the setting stood at its first one. */
  readonly looks: readonly KeptLook[];
  /** The value that geometry gives where the miss was measured; it is taken as it is. */
  readonly exact?: number | null;
}

/**
 * What follows from what was seen. It changes what this way of setting up changes, within what is at hand, and a pin
 * with notches goes from one to the next.
 *
 * @throws RangeError for what is not known of this kind
 */
export function stepAfter(what: string, question: LookQuestion): Step {
  const { kind, setup, looks, exact = null, notchesMm = [] } = question;
  const last = looks.findLast(({ change }) => change !== null)?.change;
  const mends = what === HOLDS ? null : seenAtLook(what).mends;
  const setting = mends
    ? mendedBy(setup, mends.setting)
    : what === HOLDS
      ? (last?.setting as SettingId | undefined)
      : null;
  if (!setting)
    return what === HOLDS ? { kind: 'holds', setting: null, to: null, belief: null } : { kind: 'hint' };
  if (what === HABIT && looks.filter(({ seen }) => seen === HABIT).length >= RAISES_BEFORE_HABIT)
    return { kind: 'hint' };
  const from =
    (setup.settings as Readonly<Partial<Record<SettingId, { value: number }>>>)[setting]?.value ?? 0;
  const { low, high, tolerance } = reachOf(setting, question);
  // What stands beyond what is at hand may come back, and goes no further.
  const [least, most] = [Math.min(low, from), Math.max(high, from)];
  if (most <= least) return { kind: 'end', setting, at: from };
  const now: KeptLook = { seen: what, change: { setting, from, to: from } };
  const start = looks.find(({ change }) => change?.setting === setting)?.change?.from ?? from;
  const belief = believe({ low: least, high: most, start, tolerance }, looksAt(setting, [...looks, now]));
  if (belief.state === 'end-of-range') return { kind: 'end', setting, at: from };
  const asSet = (to: number): number => {
    const whole = clamp(Math.round(to), least, most);
    return setting === 'pin' && kind === 'standing' ? toNotch(notchesMm, from, whole) : whole;
  };
  if (belief.state === 'holds')
    return { kind: 'holds', setting, to: belief.by === 'teacher' ? from : asSet(belief.best), belief };
  if (exact !== null) {
    const to = asSet(exact);
    // Geometry asks for more than there is.
    return Math.abs(to - from) < 1
      ? { kind: 'end', setting, at: from }
      : { kind: 'change', setting, from, to, belief };
  }
  if (belief.state === 'not-found') return { kind: 'not-found', setting, to: asSet(belief.best), belief };
  const to = asSet(belief.next ?? from);
  // It is never sent against what was just seen: that is looked at once more.
  const against = mends !== null && (mends.way === 'raise' ? to < from : to > from);
  return to === Math.round(from) || against
    ? { kind: 'again', setting, belief }
    : { kind: 'change', setting, from, to, belief };
}
