/** A window that asks the server for long work and numbers its questions: a newer one stops the work on those before it. */
export class AskingWindow {
  readonly name = crypto.randomUUID?.() ?? String(Math.random());
  private turn = 0;

  /** The name and the next number, as the server wants them. */
  next(): { window: string; turn: number } {
    this.turn += 1;
    return { window: this.name, turn: this.turn };
  }
}
