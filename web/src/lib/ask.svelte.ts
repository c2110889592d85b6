/**
 * Questions of which only the last one matters: a letter typed, a slider moved. The one before is stopped, and an answer that comes all the same is dropped, so that the last good answer stays until the newest one is here.
 */
export class Asking {
  /** How many questions are under way. */
  pending = $state(0);
  private latest = 0;
  private abort: AbortController | null = null;

  /** The answer, or null where a later question has overtaken this one. What fails while it is the latest is thrown. */
  async ask<T>(send: (signal: AbortSignal) => Promise<T>): Promise<T | null> {
    const mine = ++this.latest;
    this.abort?.abort();
    this.abort = new AbortController();
    this.pending++;
    try {
      const answer = await send(this.abort.signal);
      return mine === this.latest ? answer : null;
    } catch (error) {
      if (mine !== this.latest) return null;
      throw error;
    } finally {
      this.pending--;
    }
  }

  /** Whatever is under way is of no interest any more. */
  stop(): void {
    this.latest++;
    this.abort?.abort();
  }
}
