import { ANGLE_IDS, type AngleId } from '../photo';
import type { IsoDay } from '../time';

/** An angle as it was read on a day, degrees, with how far it may be off. */
export interface AnglePoint {
  readonly day: IsoDay;
  readonly deg: number;
  readonly errorDeg: number;
}

/** One angle over time, oldest first, once a day. */
export interface AngleCourse {
  readonly angle: AngleId;
  readonly points: readonly AnglePoint[];
}

interface MeasuredLook {
  readonly day: IsoDay;
  readonly at: string;
  readonly angles?:
    readonly { readonly angle: string; readonly deg: number; readonly errorDeg: number }[] | undefined;
}

/** The angles that were measured, each over time; of a day the last reading counts. */
export function anglesOf(looks: readonly MeasuredLook[]): readonly AngleCourse[] {
  const inOrder = looks.filter(({ angles }) => angles).toSorted((a, b) => (a.at < b.at ? -1 : 1));
  return ANGLE_IDS.flatMap((id): AngleCourse[] => {
    const days = new Map<IsoDay, AnglePoint>();
    for (const { day, angles = [] } of inOrder)
      for (const { angle, deg, errorDeg } of angles) if (angle === id) days.set(day, { day, deg, errorDeg });
    const points = [...days.values()].sort((a, b) => (a.day < b.day ? -1 : 1));
    return points.length > 0 ? [{ angle: id, points }] : [];
  });
}

/** Whether an angle moved by more than both readings may be off. */
export const hasMoved = (from: AnglePoint, to: AnglePoint): boolean =>
  Math.abs(to.deg - from.deg) > Math.hypot(from.errorDeg, to.errorDeg);
