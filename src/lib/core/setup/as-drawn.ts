import type { FigureSetup } from '../figure';
import type { Arrangement } from './arrangement';
import { SCROLL_DEG } from './rest-schools';

/** A set-up as a figure takes it. */
export function asDrawn(setup: Arrangement): FigureSetup {
  switch (setup.kind) {
    case 'rest':
      return {
        scrollDeg: SCROLL_DEG[setup.choices.scroll],
        tiltDeg: setup.settings.tilt.value,
        rest: { leftMm: setup.settings.shoulderFoot.value, rightMm: setup.settings.chestFoot.value }
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
