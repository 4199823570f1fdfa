/**
 * A time on the clock of this machine. Apart from dates, for the first screen says it and no date.
 *
 * @param moment as an ISO string in UTC
 * @example
 * timeText('2026-11-24T13:05:00Z') // '14:05' in Berlin
 */
export function timeText(moment: string): string {
  const at = new Date(moment);
  return [at.getHours(), at.getMinutes()].map((part) => String(part).padStart(2, '0')).join(':');
}
