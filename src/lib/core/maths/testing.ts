/**
 * How far each value of a row stands from where its neighbours have it, in the unit of the row: between four of them the
 * curve through them, between two the middle, beyond the last two the line through them. What was measured runs smoothly; a slip of the pen does not.
 */
export function offItsNeighbours(row: readonly number[]): readonly number[] {
  const at = (index: number) => row[index] ?? NaN;
  return row.map((value, index) => {
    if (index === 0) return Math.abs(value - (2 * at(1) - at(2)));
    if (index === row.length - 1) return Math.abs(value - (2 * at(index - 1) - at(index - 2)));
    const near = at(index - 1) + at(index + 1);
    const far = at(index - 2) + at(index + 2);
    return Math.abs(value - (Number.isNaN(far) ? near / 2 : (4 * near - far) / 6));
  });
}
