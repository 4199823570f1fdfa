import { readOf, type Readings } from './body';
import { MEASUREMENT_IDS, type MeasurementId } from './measurements';

/** A length that can't be right beside another: it should be the shorter or the longer one. */
export interface Contradiction {
  readonly id: MeasurementId;
  readonly should: 'shorter' | 'longer';
  readonly than: MeasurementId;
}

/** Pairs that no body has the other way round, from the seat or the floor up. */
const LONGER_THAN: readonly (readonly [longer: MeasurementId, shorter: MeasurementId])[] = [
  ['armToPalm', 'armToWrist'],
  ['seatedShoulder', 'seatedBreastbone'],
  ['seatedEar', 'seatedShoulder'],
  ['seatedEar', 'seatedBreastbone'],
  ['eyebrow', 'cheek'],
  ['cheek', 'gripHang'],
  ['eyebrow', 'gripHang']
];

/** Lengths of one body that can't all be right, such as an arm longer than the height. */
export function contradictions(readings: Readings): readonly Contradiction[] {
  const mm = (id: MeasurementId) => readOf(readings, id)?.mm;
  const height = mm('height') ?? Infinity;
  return [
    ...MEASUREMENT_IDS.filter((id) => id !== 'height' && (mm(id) ?? 0) >= height).map(
      (id): Contradiction => ({ id, should: 'shorter', than: 'height' })
    ),
    ...LONGER_THAN.filter(([longer, shorter]) => (mm(longer) ?? Infinity) <= (mm(shorter) ?? 0)).map(
      ([id, than]): Contradiction => ({ id, should: 'longer', than })
    )
  ];
}
