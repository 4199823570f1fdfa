import type { Costs, InstrumentState, Match, MoreOf, PlanLine, Whereabouts } from '$lib/core/cupboard';
import type { IsoDay } from '$lib/core/time';
import { nearDayText } from './dates';

export const STATE_WORDS: Readonly<Record<InstrumentState, string>> = {
  fine: 'Fine',
  'to-mend': 'To mend',
  workshop: 'In the workshop',
  'out-of-use': 'Out of use'
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

/** What a plan costs in all, and what one more of some sizes would do about it. */
export function costText(cost: number, moreOf: readonly MoreOf[]): string {
  const short = (value: number) => value.toFixed(value < 10 ? 1 : 0);
  const more = moreOf.map(({ size, saves }) => `one more ${size} would take ${short(saves)} off`).join(', ');
  return `All of it costs ${short(cost)}, proven the least${more === '' ? '' : `; ${more}`}.`;
}

/** What is weighed against what. */
export const costsText = ({ smaller, larger, waits, change }: Costs): string =>
  `A term on a size too small costs ${smaller[0]}, two sizes ${smaller[1]}; too large ${larger[0]} or ${larger[1]}; waiting ${waits}; a change ${change}. The last term counts twice.`;

/** What it costs that something was fixed. */
export const fixedText = (more: number): string =>
  more < 0.05 ? 'That costs nothing.' : `That costs ${more.toFixed(1)} more than without.`;
