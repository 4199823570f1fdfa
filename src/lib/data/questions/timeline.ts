import { changesBetween, type SettingChange } from '$lib/core/setup';
import type { IsoDay } from '$lib/core/time';
import type { Database } from '../store/database';
import { newestFirst } from './case';
import type { CheckResult, Fit, Measurement, Pain, Setup, Trial } from '../store/records';

/** What happened with one player on one day. */
export interface TimelineDay {
  readonly day: IsoDay;
  readonly measurements: readonly Measurement[];
  readonly fits: readonly { readonly fit: Fit; readonly earlier: Fit | null }[];
  readonly setups: readonly { readonly setup: Setup; readonly changes: readonly SettingChange[] | null }[];
  readonly trials: readonly Trial[];
  readonly checks: readonly CheckResult[];
  readonly pains: readonly Pain[];
}

/** A player's history, newest day first; each fit and set-up with what it changed. */
export async function timeline(db: Database, playerId: string): Promise<readonly TimelineDay[]> {
  const owned = { playerId };
  const [measurements, fits, setups, trials, checks, pains] = await Promise.all([
    db.measurements.where(owned).toArray(),
    db.fits.where(owned).toArray().then(newestFirst),
    db.setups.where(owned).toArray().then(newestFirst),
    db.trials.where(owned).toArray().then(newestFirst),
    db.checks.where(owned).toArray().then(newestFirst),
    db.pains.where(owned).toArray().then(newestFirst)
  ]);
  const days = [
    ...new Set([...measurements, ...fits, ...setups, ...trials, ...checks, ...pains].map(({ day }) => day))
  ]
    .sort()
    .reverse();
  return days.map((day) => ({
    day,
    measurements: measurements.filter((one) => one.day === day),
    fits: fits.flatMap((fit, index) => (fit.day === day ? [{ fit, earlier: fits[index + 1] ?? null }] : [])),
    setups: setups.flatMap((setup, index) => {
      const earlier = setups.slice(index + 1).find(({ kind }) => kind === setup.kind);
      return setup.day === day ? [{ setup, changes: earlier ? changesBetween(earlier, setup) : null }] : [];
    }),
    trials: trials.filter((one) => one.day === day),
    checks: checks.filter((one) => one.day === day),
    pains: pains.filter((one) => one.day === day)
  }));
}
