/** Minutes that a step takes, by the clock on the wall: it goes on while the phone is locked, and is still there after it was switched off. Kept on this phone alone. Made by a component, with which it goes. */
export class Clock {
  private kept = $state.raw<{ before: number; since: number | null }>({ before: 0, since: null });
  private now = $state(Date.now());
  private readonly key: string;

  readonly running = $derived.by(() => this.kept.since !== null);
  readonly seconds = $derived.by(
    () => this.kept.before + (this.kept.since === null ? 0 : Math.max(0, (this.now - this.kept.since) / 1000)),
  );
  /** Null where it never went. */
  readonly minutes = $derived(this.seconds < 1 ? null : this.seconds / 60);
  /** "1:05:09", "12:34". */
  readonly words = $derived.by(() => {
    const two = (n: number) => String(n).padStart(2, '0');
    const [h, m, s] = [
      Math.floor(this.seconds / 3600),
      Math.floor(this.seconds / 60) % 60,
      Math.floor(this.seconds) % 60,
    ];
    return h > 0 ? `${h}:${two(m)}:${two(s)}` : `${m}:${two(s)}`;
  });

  /** @param of what it is the clock of; another has another clock. */
  constructor(of: () => string) {
    this.key = $derived(`metaplant-clock-${of()}`);
    $effect(() => {
      this.kept = Clock.read(this.key);
      this.now = Date.now();
    });
    $effect(() => {
      if (!this.running) return;
      const ticking = setInterval(() => (this.now = Date.now()), 500);
      return () => clearInterval(ticking);
    });
  }

  start(): void {
    this.now = Date.now();
    this.keep({ before: this.seconds, since: this.now });
  }

  stop(): void {
    this.now = Date.now();
    this.keep({ before: this.seconds, since: null });
  }

  /** Back to nothing, once its minutes are kept or nobody wants them. */
  clear(): void {
    this.keep({ before: 0, since: null });
  }

  private keep(now: { before: number; since: number | null }): void {
    this.kept = now;
    if (now.before === 0 && now.since === null) localStorage.removeItem(this.key);
    else localStorage.setItem(this.key, JSON.stringify(now));
  }

  private static read(key: string): { before: number; since: number | null } {
    try {
      const { before, since } = JSON.parse(localStorage.getItem(key) ?? '{}') as { before?: unknown; since?: unknown };
      return { before: typeof before === 'number' ? before : 0, since: typeof since === 'number' ? since : null };
    } catch {
      return { before: 0, since: null };
    }
  }
}
