import type {
  Assignment,
  Costs,
  InstrumentState,
  Match,
  MoreOf,
  PlanLine,
  RoundPoint,
  Shortage,
  SolverState,
  ToGet,
  Whereabouts
} from '$lib/core/cupboard';
import type { Family } from '$lib/core/instruments';
import { fingersOn } from '$lib/core/tapes';
import type { IsoDay } from '$lib/core/time';
import { dayText, nearDayText } from './dates';
import { fingerText, semitonesText } from './tapes';

export const STATE_WORDS: Readonly<Record<InstrumentState, string>> = {
  fine: 'Fine',
  'to-mend': 'To mend',
  workshop: 'In the workshop',
  'out-of-use': 'Out of use'
};

/** What is looked at on an instrument, as it is called when it is not right. */
export const POINT_WORDS: Readonly<Record<RoundPoint, string>> = {
  case: 'Case',
  strings: 'Strings old',
  pegs: 'Pegs',
  bridge: 'Bridge leans',
  soundpost: 'Soundpost',
  tailpiece: 'Tailpiece cord',
  seams: 'Seam or crack',
  pin: 'Pin or its screw',
  'bow-hair': 'Bow hair',
  'bow-screw': 'Bow screw',
  'bow-stick': 'Bow stick'
};

/** What a size is for somebody, behind the name. */
const MATCH_WORDS: Readonly<Record<Match, string>> = {
  fits: 'the size in use',
  smaller: 'smaller than the size in use',
  larger: 'larger than the size in use',
  unknown: 'no size to go by'
};
export const matchText = (name: string, match: Match): string => `${name}, ${MATCH_WORDS[match]}`;

/** Two lines below an instrument on the shelf: who has it, and until when or why not. */
export function whereText(
  where: Whereabouts,
  {
    nameOf,
    state,
    today
  }: { readonly nameOf: (id: string) => string; readonly state: InstrumentState; readonly today: IsoDay }
): readonly [who: string, note: string] {
  switch (where.kind) {
    case 'here':
      return ['free', state === 'to-mend' ? 'to mend' : ''];
    case 'workshop':
      return ['workshop', ''];
    case 'out-of-use':
      return ['out of use', ''];
    case 'out': {
      const [first] = where.loans;
      const who = where.loans.length > 1 ? `${where.loans.length} players` : nameOf(first?.playerId ?? '');
      const until = first?.until ?? null;
      if (until === null || where.loans.length > 1) return [who, ''];
      return [who, where.overdue ? `due ${nearDayText(until, today)}` : `until ${nearDayText(until, today)}`];
    }
  }
}

export const freeText = (free: number): string => (free === 0 ? 'none free' : `${free} free`);

const percent = (chance: number): string => `${Math.round(100 * chance)} %`;
const SURE = 0.995;

/** What the line of a plan says, and why. */
export function planText(
  { kind, from, to, wanted, tooLarge, noneLeft }: PlanLine,
  named: (instrumentId: string) => string
): readonly [what: string, why: string] {
  const likely = `${wanted.size} fits with ${percent(wanted.chance)}`;
  const but = noneLeft
    ? `${likely}; none is left`
    : `${likely}, and is too large with ${percent(tooLarge)}: too soon`;
  if (kind === 'waits' || to === null)
    return [from === null ? 'waits' : `gives back ${named(from)} and waits`, but];
  const what =
    from === to
      ? `keeps ${named(to)}`
      : from === null
        ? `gets ${named(to)}`
        : `${named(from)} → ${named(to)}`;
  return [what, kind === 'makes-do' ? but : likely];
}

const costShort = (value: number) => value.toFixed(value < 10 ? 1 : 0);
/** Less than this is not worth an instrument. */
const WORTH = 0.25;

/** What a plan costs in all, how sure that is, and what one more of some sizes would do about it. */
export function costText(
  { cost, bound, gap }: Pick<Assignment, 'cost' | 'bound' | 'gap'>,
  moreOf: readonly MoreOf[]
): string {
  const more = moreOf
    .filter(({ saves }) => saves >= WORTH)
    .map(({ size, saves }) => `one more ${size} would take ${costShort(saves)} off`)
    .join(', ');
  const sure =
    gap === 0
      ? 'proven the least'
      : `within ${Math.max(0.1, gap * 100).toFixed(1)} % of the least, for none costs under ${costShort(bound)}`;
  return `All of it costs ${costShort(cost)}, ${sure}${more === '' ? '' : `; ${more}`}.`;
}

/** How far the working out is. */
export const stateText = ({ cost, bound, seconds }: SolverState): string =>
  seconds < 1 || !Number.isFinite(cost)
    ? ''
    : `The best so far costs ${costShort(cost)}, none can cost under ${costShort(Math.max(0, bound))}.`;

/** Each number that a plan weighs, with its place in the costs. */
export const COST_WORDS = [
  { place: ['smaller', 0], text: 'One size too small' },
  { place: ['smaller', 1], text: 'Two too small' },
  { place: ['larger', 0], text: 'One size too large' },
  { place: ['larger', 1], text: 'More too large' },
  { place: ['change'], text: 'A change' },
  { place: ['waits'], text: 'Waiting' }
] as const satisfies readonly {
  readonly place: readonly ['smaller' | 'larger', 0 | 1] | readonly ['change' | 'waits'];
  readonly text: string;
}[];

/** What is weighed against what. */
export const costsText = ({ smaller, larger, waits, change }: Costs): string =>
  `A term on a size too small costs ${smaller[0]}, two sizes ${smaller[1]}; too large ${larger[0]} or ${larger[1]}; waiting ${waits}; a change ${change}. The last term counts twice.`;

/** What it costs that something was fixed. */
export const fixedText = (more: number): string =>
  more < 0.05 ? 'That costs nothing.' : `That costs ${more.toFixed(1)} more than without.`;

/** How many of a size are wanted: `3`, or `2 to 4` where the forecast leaves it open. */
export const wantedText = ({ likely: [least, most] }: Pick<Shortage, 'likely'>): string =>
  least === most ? String(least) : `${least} to ${most}`;

/** Whether that is short or over, and how sure; nothing where it is neither. */
export function shortText({ chanceShort, chanceOver }: Shortage): string {
  const said = (what: string, chance: number) => (chance >= SURE ? what : `${what}, ${percent(chance)}`);
  if (chanceShort >= 0.1 && chanceShort >= chanceOver) return said('short', chanceShort);
  return chanceOver >= 0.5 ? said('over', chanceOver) : '';
}

/** What to rent or buy: `1 × 1/4, 2 × 1/2`. */
export const toGetText = (all: readonly ToGet[]): string =>
  all.map(({ size, count }) => `${count} × ${size}`).join(', ');

/** The finger tapes on an instrument: which are on since when, and which came off. */
export function tapesText(
  family: Family,
  tapes: readonly { readonly semitones: number; readonly since: IsoDay; readonly off: IsoDay | null }[]
): string {
  const fingers = fingersOn(
    family,
    tapes.map(({ semitones }) => semitones)
  );
  /** Those of one day together. */
  const told = (dayOf: (tape: (typeof tapes)[number]) => IsoDay | null) => {
    const byDay = new Map<IsoDay, string[]>();
    tapes.forEach((tape, i) => {
      const day = dayOf(tape);
      const finger = fingers[i];
      if (day === null) return;
      byDay.set(day, [
        ...(byDay.get(day) ?? []),
        finger ? fingerText({ finger }) : semitonesText(tape.semitones)
      ]);
    });
    return [...byDay].sort(([a], [b]) => (a < b ? -1 : 1));
  };
  return [
    ...told(({ since, off }) => (off === null ? since : null)).map(
      ([day, which]) => `Tapes on it since ${dayText(day)}: ${which.join(', ')}`
    ),
    ...told(({ off }) => off).map(([day, which]) => `taken off on ${dayText(day)}: ${which.join(', ')}`)
  ].join('; ');
}
