/** Keeps the screen on while its component is there, where the browser allows it. */
export class Awake {
  /** Null until the browser has answered. */
  allowed = $state<boolean | null>(null);

  constructor() {
    $effect(() => {
      let lock: WakeLockSentinel | null = null;
      let gone = false;
      const ask = async () => {
        if (document.visibilityState !== 'visible') return;
        try {
          // Not there at all over plain HTTP, whatever the types say.
          const held = 'wakeLock' in navigator ? await navigator.wakeLock.request('screen') : null;
          if (gone) await held?.release();
          else [lock, this.allowed] = [held, held !== null];
        } catch {
          this.allowed = false;
        }
      };
      void ask();
      document.addEventListener('visibilitychange', ask);
      return () => {
        gone = true;
        document.removeEventListener('visibilitychange', ask);
        void lock?.release();
      };
    });
  }
}
