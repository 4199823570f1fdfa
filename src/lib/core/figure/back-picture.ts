import type { Family, NominalInstrument } from '../instruments';
import { draw, type Drawing } from './drawing/draw';
import { modelOf } from './instrument/model';
import { BARE, instrumentShapes } from './instrument/solids';
import { UPRIGHT } from './vector';

/** A little beyond the body: the button below, and where the neck goes on above, in bodies. */
const BEYOND = { button: 0.035, neck: 0.1 };

/**
 * An instrument's back as it lies before the teacher, scroll up: x from the middle to the right (the chin rest's side
 * of a violin), y down from the upper edge of the body, as the places along its edge are told; mm.
 *
 * @param detail pixels per mm at which it is shown
 */
export function backPicture(family: Family, instrument: NominalInstrument, detail: number): Drawing {
  const { bodyMm, lowerBoutMm } = instrument;
  const side = 0.56 * lowerBoutMm;
  return draw(instrumentShapes(modelOf(family, instrument), { ...UPRIGHT, at: [0, -bodyMm, 0] }, BARE), {
    direction: { azimuth: 180, elevation: 0 },
    detail,
    window: [-side, -BEYOND.neck * bodyMm, side, (1 + BEYOND.button) * bodyMm],
    inkOf: () => 'instrument'
  });
}
