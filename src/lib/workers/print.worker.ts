import { expose } from 'comlink';
import type { Card } from '$lib/print/card';
import { cardPicture } from '$lib/print/card-picture';
import { cardsPdf, type Printed } from '$lib/print/card-pdf';
import type { HomeCard } from '$lib/print/home-card';
import { homePdf } from '$lib/print/home-pdf';
import { reportPdf } from '$lib/print/report-pdf';
import type { TermReport } from '$lib/print/report';
import { fittingTapePdf, type PrintedTape } from '$lib/print/fitting-tape-pdf';
import { instrumentLabelsPdf, labelsPdf, type InstrumentLabel } from '$lib/print/labels-pdf';
import { lettersPdf } from '$lib/print/letters-pdf';
import { loanPdf, type LoanPaper } from '$lib/print/loan-pdf';
import type { Paper } from '$lib/print/papers';
import { tapesPdf, type PrintedStrips, type TapeStrip } from '$lib/print/tapes-pdf';

type Report = (done: number) => void;

const door = {
  cards: (cards: readonly Card[], paper: Paper, report: Report): Promise<Printed> =>
    cardsPdf(cards, ({ drawing }) => cardPicture(drawing), { paper, report }),
  home: (cards: readonly HomeCard[], report: Report): Promise<Printed> => homePdf(cards, undefined, report),
  report: (report: TermReport): Promise<Printed> => reportPdf(report),
  labels: (cards: readonly Card[], paper: Paper, report: Report): Promise<Printed> =>
    labelsPdf(cards, { paper, report }),
  instrumentLabels: (labels: readonly InstrumentLabel[], paper: Paper, report: Report): Promise<Printed> =>
    instrumentLabelsPdf(labels, { paper, report }),
  letters: (letters: readonly string[], paper: Paper, report: Report): Promise<Printed> =>
    lettersPdf(letters, { paper, report }),
  loans: (papers: readonly LoanPaper[], paper: Paper, report: Report): Promise<Printed> =>
    loanPdf(papers, { paper, report }),
  fittingTape: (tape: PrintedTape, paper: Paper, proofMm: number): Promise<Printed> =>
    fittingTapePdf(tape, { paper, proofMm }),
  strips: (
    strips: readonly TapeStrip[],
    paper: Paper,
    proofMm: number,
    report: Report
  ): Promise<PrintedStrips> => tapesPdf(strips, { paper, proofMm, report })
};

export type PrintDoor = typeof door;

expose(door);
