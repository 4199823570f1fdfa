import { proposeSize } from '$lib/core/sizing';
import type { IsoDay } from '$lib/core/time';
import { db, getSettings, lastPractised, newestFitOf, type Fit } from '$lib/data';
import { loadCase, sizingQuestion } from '$lib/data/questions/case';
import { libraryFor, taughtTo } from '$lib/data/questions/library';
import { clock } from '$lib/ui/clock.svelte';
import { newestCards } from '$lib/ui/newest-card';
import { dayText } from '$lib/words/dates';
import { FAMILY_WORDS } from '$lib/words/families';
import { homePoints } from '$lib/words/home';
import { allOf, ofPlayers, recordOf } from '$lib/data/questions/records';
import type { LetterValue } from '$lib/words/letters';
import { whyForFamily } from '$lib/words/why-home';

/** What letters can say of a player; what is not known is absent. Null for nobody. */
export async function letterValues(
  playerId: string
): Promise<Readonly<Partial<Record<LetterValue, string>>> | null> {
  const known = await loadCase(db, playerId, clock.today);
  if (!known) return null;
  const { player } = known;
  const [settings, lessons, own, group, cards] = await Promise.all([
    getSettings(db),
    ofPlayers(db, 'lessons', [playerId]),
    allOf(db, 'ownChecks'),
    recordOf(db, 'groups', player.groupId),
    newestCards([playerId])
  ]);
  const fit = newestFitOf(player, known.fits);
  /** By what was known on the day of the decision: the player has grown since. */
  const why = ({ reason, size, readings, rule, instruments }: Fit) => {
    const asked = { ...sizingQuestion(known), readings, instruments, ...(rule === null ? {} : { rule }) };
    const proposal = proposeSize(asked);
    return reason ?? (proposal ? whyForFamily(size, proposal, settings.unit) : '');
  };
  const lesson = lastPractised(lessons);
  const checks = await libraryFor(player.family, settings, own, taughtTo(settings, group, known.setups));
  const points = homePoints(lesson?.practice ?? [], checks);
  const [card] = cards;
  /** A letter promises no day that is past. */
  const ahead = (day: IsoDay) => (day < clock.today ? '' : dayText(day));
  return {
    player: player.name,
    instrument: FAMILY_WORDS[player.family].toLowerCase(),
    date: dayText(clock.today),
    ...(settings.teacherName ? { teacher: settings.teacherName } : {}),
    ...(fit
      ? { size: fit.size, measured: dayText(fit.day), 'look again': ahead(fit.nextLook), why: why(fit) }
      : {}),
    ...(card
      ? {
          settings: card.settings
            .map(({ name, value, mark }) => `${name}: ${value}${mark ? ` (${mark})` : ''}`)
            .join('\n')
        }
      : {}),
    ...(points.length > 0
      ? {
          practice: points
            .map(({ line, drill, dose }, i) => `${i + 1}. ${line} ${drill} (${dose})`)
            .join('\n')
        }
      : {}),
    ...(lesson?.nextLook && points.length > 0 ? { 'next look': ahead(lesson.nextLook) } : {})
  };
}
