import { isOverdue, type KitCount, type KitGap, type KitItem } from '$lib/core/kit';
import type { IsoDay } from '$lib/core/time';
import { dayText } from './dates';

export const KIT_WORDS: Readonly<Record<KitItem, string>> = {
  rest: 'Shoulder rest, or sponge with band',
  anchor: 'Strap or stop for the pin',
  rosin: 'Rosin',
  cloth: 'Cloth',
  strings: 'Spare strings',
  mute: 'Mute',
  pencil: 'Pencil',
  'tape-measure': 'Tape measure at home'
};
const inLine = (item: KitItem): string => KIT_WORDS[item].toLowerCase().split(',')[0] ?? '';

/** One gap as a phrase: `rosin lent by the school until 3 Dec 2026, overdue`. */
export function gapText(gap: KitGap, today: IsoDay): string {
  const name = inLine(gap.item);
  if (gap.state === 'missing') return `${name} missing`;
  const whose = gap.whose === '' ? '' : ` by ${gap.whose}`;
  const until = gap.until === null ? '' : ` until ${dayText(gap.until)}`;
  return `${name} lent${whose}${until}${isOverdue(gap, today) ? ', overdue' : ''}`;
}

/** What a group needs: `To get: 3 × rosin, 1 × cloth. Lent: 2 × mute.` Empty where nothing is open. */
export function kitSentence(counts: readonly KitCount[]): string {
  const list = (of: 'missing' | 'lent') =>
    counts
      .filter((count) => count[of] > 0)
      .map((count) => `${count[of]} × ${inLine(count.item)}`)
      .join(', ');
  const [missing, lent] = [list('missing'), list('lent')];
  return [missing && `To get: ${missing}.`, lent && `Lent: ${lent}.`].filter(Boolean).join(' ');
}
