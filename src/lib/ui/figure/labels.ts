/** A label beside a drawing, and the height in it that it belongs to. */
export interface Label {
  readonly id: string;
  readonly y: number;
}

/**
 * Labels one below the other, each as near to its own height as the others let it, none over another and none beyond
 * the ends. Where they are too many for that, they share the room evenly.
 *
 * @param gap from one label's middle to the next
 * @returns the height of each, by its id
 */
export function stacked(
  labels: readonly Label[],
  gap: number,
  top: number,
  bottom: number
): ReadonlyMap<string, number> {
  const inOrder = [...labels].sort((a, b) => a.y - b.y);
  const apart = Math.min(gap, (bottom - top) / Math.max(1, inOrder.length - 1));
  /** Labels that touch, as one: the middle of what they want is the middle of where they stand. */
  const piles: { ids: string[]; sum: number; at: number }[] = [];
  const begin = ({ ids, sum }: { ids: readonly string[]; sum: number }): number => {
    const first = sum / ids.length - ((ids.length - 1) / 2) * apart;
    return Math.max(top, Math.min(bottom - (ids.length - 1) * apart, first));
  };
  for (const { id, y } of inOrder) {
    let pile = { ids: [id], sum: y, at: 0 };
    pile.at = begin(pile);
    for (
      let above = piles.at(-1);
      above && above.at + above.ids.length * apart > pile.at;
      above = piles.at(-1)
    ) {
      piles.pop();
      pile = { ids: [...above.ids, ...pile.ids], sum: above.sum + pile.sum, at: 0 };
      pile.at = begin(pile);
    }
    piles.push(pile);
  }
  return new Map(piles.flatMap(({ ids, at }) => ids.map((id, i) => [id, at + i * apart] as const)));
}
