/** As many as can be answered at once are being answered; whoever comes later is told when to ask again. */
export class Busy extends Error {
  constructor(readonly retryAfterS: number) {
    super('Too much is being worked out at once; ask again in a moment.');
  }
}
