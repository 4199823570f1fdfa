import type { FigureSetup } from '../figure';
import type { Arrangement, RestArrangement } from './arrangement';
import { supportOf } from './in-use';
import { SCROLL_DEG } from './rest-schools';

function underBack(setup: RestArrangement): NonNullable<FigureSetup['rest']> | null {
  const support = supportOf(setup);
  const { shoulderFoot, chestFoot, lift } = setup.settings;
  if (support === 'none') return null;
  return support === 'shoulder-rest'
    ? { leftMm: shoulderFoot.value, rightMm: chestFoot.value }
    : { cushion: support, thickMm: lift.value };
}

/** A set-up as a figure takes it. */
export function asDrawn(setup: Arrangement): FigureSetup {
  switch (setup.kind) {
    case 'rest':
      return {
        scrollDeg: SCROLL_DEG[setup.choices.scroll],
        tiltDeg: setup.settings.tilt.value,
        rest: underBack(setup)
      };
    case 'seated':
      return {
        seatMm: setup.settings.seat.value,
        angleDeg: setup.settings.angle.value,
        slideMm: setup.settings.slide.value
      };
    case 'standing':
      return { pinMm: setup.settings.pin.value, leanDeg: setup.settings.lean.value };
  }
}
