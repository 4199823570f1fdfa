import { INCHES_PER_FOOT, INCH_STEP, MM_PER_CM, MM_PER_INCH, type LengthUnit } from './units';

/** Writes a number of sixteenths as whole inches and a reduced fraction: 306 → `19 1/8`. */
function sixteenths(count: number): string {
  const whole = Math.floor(count / INCH_STEP);
  let top = count % INCH_STEP;
  let bottom = INCH_STEP;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  if (top === 0) return String(whole);
  return whole === 0 ? `${top}/${bottom}` : `${whole} ${top}/${bottom}`;
}

/**
 * The number of a length as shown to people, without its unit: centimetres to the millimetre or inches to
 * the sixteenth. Negative lengths keep their sign.
 *
 * @example
 * lengthNumber(485.2, 'cm') // '48.5'
 */
export function lengthNumber(mm: number, unit: LengthUnit): string {
  const sign = mm < 0 ? '−' : '';
  const size = Math.abs(mm);
  const text =
    unit === 'cm'
      ? (Math.round(size) / MM_PER_CM).toFixed(1)
      : sixteenths(Math.round((size / MM_PER_INCH) * INCH_STEP));
  return /^[0.]+$/.test(text) ? text : sign + text;
}

/**
 * A length with its unit, rounded for people (handled lengths: arms, spans, instruments).
 *
 * @example
 * formatLength(485.8, 'in') // '19 1/8 in'
 */
export function formatLength(mm: number, unit: LengthUnit): string {
  return `${lengthNumber(mm, unit)} ${unit}`;
}

/** A standing height: `124.0 cm`, or feet and inches (`4' 7 1/2"`), as people say their height. */
export function formatHeight(mm: number, unit: LengthUnit): string {
  if (unit === 'cm') return formatLength(mm, unit);
  const count = Math.round((mm / MM_PER_INCH) * INCH_STEP);
  const perFoot = INCHES_PER_FOOT * INCH_STEP;
  return `${Math.floor(count / perFoot)}' ${sixteenths(count % perFoot)}"`;
}

/** A small setting such as a pad height: whole millimetres, or sixteenths of an inch. */
export function formatSetting(mm: number, unit: LengthUnit): string {
  if (unit === 'in') return formatLength(mm, unit);
  const rounded = Math.round(mm);
  return `${rounded < 0 ? '−' : ''}${Math.abs(rounded)} mm`;
}
