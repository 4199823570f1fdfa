export { LENGTH_UNITS, MM_PER_CM, MM_PER_INCH, type LengthUnit } from './units';
export { firstOfRow, parseLength, type LengthProblem } from './parse-length';
export { formatHeight, formatLength, formatSetting, lengthNumber } from './format-length';
