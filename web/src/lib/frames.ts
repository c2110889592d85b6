/** Does something before the next picture is painted, once all that is put there now is laid out: asked for a place sooner, the browser lays out everything anew each time. Returns how it is called off. */
export function onceLaidOut(act: () => void): () => void {
  const frame = requestAnimationFrame(act);
  return () => cancelAnimationFrame(frame);
}
