import { MOST_FAULTS } from './fields';

export interface FieldProblem {
  readonly path: string;
  readonly message: string;
}

/** What is told of a fault is never longer than this, whatever was sent. */
const LONGEST_TOLD = 300;
const cut = (text: string) => (text.length > LONGEST_TOLD ? `${text.slice(0, LONGEST_TOLD)}…` : text);

/** A problem of the input that no schema can see, found while computing. */
export class InputProblem extends Error {
  readonly fields: readonly FieldProblem[];
  constructor(fields: readonly FieldProblem[]) {
    super('The request is not right.');
    this.fields = fields
      .slice(0, MOST_FAULTS)
      .map(({ path, message }) => ({ path: cut(path), message: cut(message) }));
  }
}
