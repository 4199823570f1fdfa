/** The first and the last of some keys, in the order in which the database keeps them. */
export function endsOf(keys: readonly string[]): readonly [first: string, last: string] {
  let [first, last] = [keys[0] ?? '', keys[0] ?? ''];
  for (const key of keys) {
    if (key < first) first = key;
    if (key > last) last = key;
  }
  return [first, last];
}
