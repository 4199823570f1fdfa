import { heightOf, type Readings } from '$lib/core/body';
import type { FigureSetup } from '$lib/core/figure';
import {
  dimensionsOf,
  isShoulderFamily,
  sizesUp,
  type Family,
  type NominalInstrument,
  type Size
} from '$lib/core/instruments';
import { asDrawn, SCROLL_DEG } from '$lib/core/setup';
import type { Settings, Setup } from '$lib/data';
import { scrollSchoolOf } from '$lib/data/questions/settings';

/** Who is drawn, with what, as far as it is known. */
export interface DrawnAs {
  readonly family: Family;
  readonly readings: Readings;
  readonly instrument: NominalInstrument;
  readonly setup?: FigureSetup;
}

/** A middle size and the height that goes with it stand for what is not known, the teacher's way for a set-up. */
export function drawnAs(
  family: Family,
  readings: Readings,
  size: Size | null,
  setup: Setup | null,
  settings: Settings
): DrawnAs {
  const sizes = sizesUp(family);
  const chosen = size ?? sizes[Math.floor(sizes.length / 2)] ?? '4/4';
  const instrument = dimensionsOf(family, chosen, settings.dimensions);
  const usual = { ...readings, height: [(instrument.heightFromMm ?? 1500) + 60] };
  return {
    family,
    instrument,
    readings: heightOf(readings) === null ? usual : readings,
    ...(setup?.family === family
      ? { setup: asDrawn(setup) }
      : isShoulderFamily(family)
        ? { setup: { scrollDeg: SCROLL_DEG[scrollSchoolOf(settings)] } }
        : {})
  };
}
