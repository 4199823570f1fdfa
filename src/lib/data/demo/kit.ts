import type { KitGap } from '$lib/core/kit';
import { daysLater, type IsoDay } from '$lib/core/time';

/** What is missing or lent of the made-up class's kits. */
export function demoKit(name: string, today: IsoDay): readonly KitGap[] {
  const missing = (item: KitGap['item']): KitGap => ({ item, state: 'missing', whose: '', until: null });
  const lent = (item: KitGap['item'], days: number): KitGap => ({
    item,
    state: 'lent',
    whose: 'the school',
    until: daysLater(today, days)
  });
  const kits: Readonly<Record<string, readonly KitGap[]>> = {
    'Juno Appleyarrow': [lent('rosin', -11)],
    'Ludo Pennyroyal': [missing('rest')],
    'Wren Thistledown': [missing('rest'), lent('mute', 20)],
    'Elodie Starkweather': [lent('anchor', 60)]
  };
  return kits[name] ?? [];
}
