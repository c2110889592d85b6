/** Does something before the next picture is painted, once all that is put there now is laid out: asked for a place sooner, the browser lays out everything anew each time. Returns how it is called off. */
export function onceLaidOut(act: () => void): () => void {
  const frame = requestAnimationFrame(act);
  return () => cancelAnimationFrame(frame);
}

/** Tells the size of what scrolls each time that it is another, and never before it is laid out anyway: the virtualizer's own way lays the page out once more to ask. */
export function sizeOnceLaidOut(
  { scrollElement }: { scrollElement: Element | null },
  tell: (size: { width: number; height: number }) => void,
): (() => void) | undefined {
  if (!scrollElement) return;
  const observer = new ResizeObserver(([{ borderBoxSize }]) =>
    tell({ width: Math.round(borderBoxSize[0].inlineSize), height: Math.round(borderBoxSize[0].blockSize) }),
  );
  observer.observe(scrollElement, { box: 'border-box' });
  return () => observer.disconnect();
}
