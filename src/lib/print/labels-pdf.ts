import type { Card } from './card';
import type { Printed } from './card-pdf';
import { INSET_MM, labelSheet, type LabelPaper } from './label-sheet';
import { SOFT, WARM } from './pen';

/** Settings that a label has room for. */
const MOST_LINES = 8;

/** Draws labels for cases: whose it is, what is in it, and how it is set. */
export const labelsPdf = (cards: readonly Card[], paper: LabelPaper = {}): Promise<Printed> =>
  labelSheet(
    'Case labels',
    cards,
    ({ code }) => code,
    (pen, card, roomMm) => {
      pen.text(pen.fitted(card.player, roomMm, 12, true), INSET_MM, 7, { size: 12, bold: true });
      pen.text(`${card.instrument} ${card.size}`, INSET_MM, 11.5, { bold: true });
      for (const [i, { name, value, mark }] of card.settings.slice(0, MOST_LINES).entries()) {
        const [column, row] = [i % 2, Math.floor(i / 2)];
        const text = pen.fitted(`${name} ${value}`, roomMm / 2 - 1, 7);
        const color = mark === '' ? SOFT : WARM;
        pen.text(text, INSET_MM + (column * roomMm) / 2, 16 + row * 4.2, { size: 7, color });
      }
    },
    paper
  );

/** What a case's label says of the instrument in it. */
export interface InstrumentLabel {
  readonly number: string;
  /** Instrument and size. */
  readonly what: string;
  /** What was measured, and what goes with it. */
  readonly lines: readonly string[];
  readonly code: string;
}

/** Draws labels for the school's instruments: by its code a picture of one opens what is known of it. */
export const instrumentLabelsPdf = (
  labels: readonly InstrumentLabel[],
  paper: LabelPaper = {}
): Promise<Printed> =>
  labelSheet(
    'Instrument labels',
    labels,
    ({ code }) => code,
    (pen, { number, what, lines }, roomMm) => {
      pen.text(pen.fitted(`No. ${number}`, roomMm, 18, true), INSET_MM, 9, { size: 18, bold: true });
      pen.text(pen.fitted(what, roomMm, 11, true), INSET_MM, 15, { size: 11, bold: true });
      for (const [i, line] of lines.slice(0, 3).entries())
        pen.text(pen.fitted(line, roomMm, 8), INSET_MM, 20 + i * 4, { size: 8, color: SOFT });
    },
    paper
  );
