import { coveringOf, type Covering, type Need } from '$lib/core/cupboard';
import { follow, heightOn, isBeyondReference } from '$lib/core/growth';
import { dimensionsOf, sizesUp } from '$lib/core/instruments';
import { driftAt, supportOf } from '$lib/core/setup';
import { monthsLater, type IsoDay } from '$lib/core/time';
import type { Database } from '../store/database';
import type { Player, Settings, Setup } from '../store/records';
import { groupByPlayer, newestFirst, setupThenOf } from './case';
import { heightsOf, sexOf } from './lengths';
import { ofPlayers } from './records';
import { getSettings } from './settings';

/** Nobody sits, or has a rest, further than this from what was worked out. Source: what teachers let pass. */
export const FITTING_REACH = { withinMm: 15, stepMm: 5 } as const;
/** Months after today at which a year's growth is looked at. */
const MOMENTS = [0, 4, 8, 12] as const;

/** The fewest stools and shoulder rests for some players, now and through the year. */
export interface Fittings {
  readonly stools: readonly Covering[];
  /** Shoulder rests by their width, foot to foot. */
  readonly rests: readonly Covering[];
  /** Who plays what needs one, and has no set-up to tell which. */
  readonly without: number;
}

/** The heights of somebody at the moments that count; only today's where growth can't be told. */
function heightsAhead(
  player: Player,
  heights: ReturnType<typeof heightsOf>,
  today: IsoDay
): readonly number[] {
  const last = heights.at(-1);
  if (!last) return [];
  const child = player.birthMonth === null ? null : { sex: sexOf(player), birthMonth: player.birthMonth };
  if (!child || isBeyondReference(child, last)) return [last.mm];
  const followed = follow(child, heights);
  return MOMENTS.map((months) => Math.max(last.mm, heightOn(followed, monthsLater(today, months)).p50Mm));
}

/** Seats of a set-up as the child grows, mm: what was set differently from the model stays different by as much. */
function seatsAhead(setup: Setup, settings: Settings, heights: readonly number[]): readonly number[] {
  if (setup.kind !== 'seated') return [];
  const then = setupThenOf(setup, settings);
  const seat = setup.settings.seat.value;
  if (heights.length === 0) return [seat];
  return heights.map((mm) => seat + (driftAt(then, mm).find(({ setting }) => setting === 'seat')?.byMm ?? 0));
}

/** The width of a rest as it is, and on the next size, whose back is so much wider. */
function widthsAhead(setup: Setup, settings: Settings, grows: boolean): readonly number[] {
  if (setup.kind !== 'rest' || supportOf(setup) !== 'shoulder-rest') return [];
  const width = setup.settings.restWidth.value;
  const sizes = sizesUp(setup.family);
  const next = sizes[sizes.indexOf(setup.size) + 1];
  if (!grows || next === undefined) return [width];
  const bodyOf = (size: string) => dimensionsOf(setup.family, size, settings.dimensions).bodyMm;
  return [width, (width * bodyOf(next)) / bodyOf(setup.size)];
}

/**
 * The fewest stools and rests with which everybody is within reach of what was worked out, now and through the year.
 *
 * @param outgrows who will need the next size within the year
 */
export async function fittingsFor(
  db: Database,
  players: readonly Player[],
  today: IsoDay,
  outgrows: ReadonlySet<string> = new Set()
): Promise<Fittings> {
  const ids = players.map(({ id }) => id);
  const [setups, measurements, settings] = await Promise.all([
    ofPlayers(db, 'setups', ids),
    ofPlayers(db, 'measurements', ids),
    getSettings(db)
  ]);
  const [setupsOf, lengthsOf] = [groupByPlayer(setups), groupByPlayer(measurements)];
  const [stools, rests]: [Need[], Need[]] = [[], []];
  let without = 0;
  for (const player of players) {
    const own = (setupsOf.get(player.id) ?? []).filter(({ family }) => family === player.family);
    const [setup] = newestFirst(own);
    if (!setup) {
      without += player.family === 'bass' ? 0 : 1;
      continue;
    }
    const heights = heightsAhead(player, heightsOf(lengthsOf.get(player.id) ?? []), today);
    const seats = seatsAhead(setup, settings, heights);
    const widths = widthsAhead(setup, settings, outgrows.has(player.id));
    if (seats.length > 0) stools.push({ id: player.id, mm: seats });
    if (widths.length > 0) rests.push({ id: player.id, mm: widths });
  }
  return {
    stools: coveringOf(stools, FITTING_REACH),
    rests: coveringOf(rests, FITTING_REACH),
    without
  };
}
