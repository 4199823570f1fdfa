import type { Player, PlayerForm } from '../store/records';

/** A name as it is compared: whatever its case, width and spaces. */
export const plainName = (name: string): string =>
  name.normalize('NFKC').trim().replace(/\s+/g, ' ').toLowerCase();

type Who = Pick<PlayerForm, 'name' | 'birthMonth' | 'family'>;

/**
 * Whether two of one name are the same child: by the birth month; where it is not known of both, by the instrument.
 */
const isSame = (one: Who, other: Who): boolean =>
  one.birthMonth !== null && other.birthMonth !== null
    ? one.birthMonth === other.birthMonth
    : one.family === other.family;

/**
 * Which players of a list are known already: by name, whatever its case, and birth month; where that is missing, by
 * name and instrument. Of several, who comes goes before who was put away.
 *
 * @returns in the order of the list, the player or null; who stands twice in the list is found at the second place by
 *   the index of the first
 */
export function knownPlayers(
  forms: readonly Who[],
  players: readonly Player[]
): readonly { readonly player: Player | null; readonly sameAs: number | null }[] {
  const byName = new Map<string, Player[]>();
  for (const player of players.toSorted(
    (a, b) => Number(a.archivedOn !== null) - Number(b.archivedOn !== null)
  )) {
    const same = byName.get(plainName(player.name));
    if (same) same.push(player);
    else byName.set(plainName(player.name), [player]);
  }
  /** Who is new, by name: the places in the list. */
  const news = new Map<string, number[]>();
  return forms.map((form, index) => {
    const name = plainName(form.name);
    const known = byName.get(name) ?? [];
    const player =
      known.find(({ birthMonth }) => birthMonth !== null && birthMonth === form.birthMonth) ??
      known.find((one) => isSame(one, form)) ??
      null;
    if (player) return { player, sameAs: null };
    const before = news.get(name) ?? [];
    const sameAs = before.find((at) => isSame(forms[at] ?? form, form)) ?? null;
    news.set(name, [...before, index]);
    return { player, sameAs };
  });
}
