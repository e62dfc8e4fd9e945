/**
 * A window that asks the server for long work and numbers its questions: a newer one stops the work on those before it.
 * It knows how far the last one has come.
 */
export class AskingWindow {
  readonly name = crypto.randomUUID();
  private turn = 0;
  private done: number | undefined;
  private readonly listeners = new Set<() => void>();

  /** The name and the next number, as the server wants them. */
  next(): { window: string; turn: number } {
    this.turn += 1;
    this.reached(undefined);
    return { window: this.name, turn: this.turn };
  }

  /** Tells how far the last question has come, 0 to 1. */
  reached(done: number | undefined) {
    this.done = done;
    for (const listener of this.listeners) listener();
  }

  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => {
      this.listeners.delete(listener);
    };
  };

  readonly share = () => this.done;
}
