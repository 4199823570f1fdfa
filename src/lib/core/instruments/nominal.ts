import { FAMILIES, type Family, type NominalInstrument } from './types';

/** One size: lengths in mm, `null` where the family has no such part or a height band is open. */
type Row = readonly [
  size: string,
  bodyMm: number,
  overallMm: number,
  stringMm: number,
  ribMm: number,
  bowMm: number,
  heightFromMm: number | null,
  heightToMm: number | null,
  pinMinMm: number | null,
  pinMaxMm: number | null,
  lowerBoutMm: number,
  chinRestMm: number | null,
  usual: boolean
];

/**
 * Common nominal dimensions of fractional instruments, largest first in each family. Makers differ by a few
 * millimetres; a measured instrument always outranks its row. `usual` marks the sizes that are considered unless
 * the teacher says otherwise.
 *
 * Source: averages of maker and rental size charts as gathered for string teaching; heights are the bands that
 * those charts give, open at the ends. Chin rests of violas are those that an average neck has room for over their ribs.
 */
// prettier-ignore
const ROWS: Readonly<Record<Family, readonly Row[]>> = {
  violin: [
    ['4/4', 356, 595, 328, 30, 745, 1480, null, null, null, 206, 25, true],
    ['7/8', 344, 573, 317, 30, 730, 1430, 1500, null, null, 200, 24, false],
    ['3/4', 335, 555, 308, 29, 690, 1380, 1490, null, null, 194, 23, true],
    ['1/2', 310, 518, 285, 28, 625, 1290, 1390, null, null, 180, 21, true],
    ['1/4', 282, 475, 258, 27, 565, 1180, 1300, null, null, 164, 18, true],
    ['1/8', 255, 430, 232, 25, 495, 1070, 1190, null, null, 148, 16, true],
    ['1/10', 237, 402, 215, 24, 445, 1000, 1080, null, null, 137, 15, true],
    ['1/16', 216, 370, 198, 22, 405, 920, 1010, null, null, 125, 13, true],
    ['1/32', 192, 328, 176, 21, 365, null, 930, null, null, 111, 12, true]
  ],
  viola: [
    ['16.5 in', 419, 690, 385, 39, 750, 1720, null, null, null, 243, 19, true],
    ['16 in', 406, 670, 375, 38, 745, 1670, 1770, null, null, 235, 18, true],
    ['15.5 in', 394, 650, 364, 38, 740, 1620, 1700, null, null, 229, 16, true],
    ['15 in', 381, 630, 355, 37, 735, 1540, 1650, null, null, 221, 14, true],
    ['14 in', 355, 596, 335, 35, 725, 1470, 1580, null, null, 206, 13, true],
    ['13 in', 330, 555, 312, 33, 690, 1380, 1490, null, null, 191, 12, true],
    ['12 in', 305, 518, 288, 32, 625, 1290, 1390, null, null, 177, 10, true],
    ['11 in', 280, 475, 262, 30, 565, null, 1300, null, null, 162, 10, true]
  ],
  cello: [
    ['4/4', 755, 1220, 690, 118, 715, 1520, null, 20, 420, 438, null, true],
    ['7/8', 722, 1170, 660, 112, 705, 1450, 1540, 20, 400, 419, null, false],
    ['3/4', 690, 1115, 625, 108, 675, 1360, 1500, 20, 380, 400, null, true],
    ['1/2', 648, 1040, 585, 100, 625, 1210, 1380, 20, 340, 376, null, true],
    ['1/4', 582, 940, 525, 90, 570, 1080, 1230, 20, 300, 338, null, true],
    ['1/8', 512, 830, 465, 80, 515, 980, 1100, 20, 260, 297, null, true],
    ['1/10', 465, 760, 430, 74, 480, null, 1000, 20, 240, 270, null, true]
  ],
  bass: [
    ['4/4', 1160, 1900, 1090, 200, 730, 1780, null, 20, 300, 696, null, false],
    ['3/4', 1110, 1820, 1050, 190, 720, 1560, null, 20, 280, 666, null, true],
    ['1/2', 1020, 1670, 970, 178, 680, 1400, 1580, 20, 230, 612, null, true],
    ['1/4', 940, 1540, 890, 165, 640, 1270, 1420, 20, 200, 564, null, true],
    ['1/8', 870, 1410, 810, 150, 600, 1150, 1290, 20, 180, 522, null, true],
    ['1/10', 780, 1280, 725, 135, 560, null, 1170, 20, 160, 468, null, true]
  ]
};

const named = ([size, bodyMm, overallMm, stringMm, ribMm, bowMm, ...rest]: Row): NominalInstrument => {
  const [heightFromMm, heightToMm, pinMinMm, pinMaxMm, lowerBoutMm, chinRestMm, usual] = rest;
  const band = { heightFromMm, heightToMm, pinMinMm, pinMaxMm };
  return { size, bodyMm, overallMm, stringMm, ribMm, bowMm, ...band, lowerBoutMm, chinRestMm, usual };
};

/** The nominal dimensions by family, largest size first. */
export const NOMINAL_INSTRUMENTS = Object.fromEntries(
  FAMILIES.map((family) => [family, ROWS[family].map(named)])
) as unknown as Readonly<Record<Family, readonly NominalInstrument[]>>;
