/** Leads the focus back to where it was once a dialog is shut again: one that is taken out of the page leaves it nowhere. Called while a component is made. */
export function comesBack(open: () => boolean): void {
  let from: HTMLElement | null = null;
  $effect.pre(() => {
    if (open()) from ??= document.activeElement as HTMLElement | null;
    else if (from) {
      lead(from);
      from = null;
    }
  });
}

/** While it still slides away everything beside it is out of reach. */
function lead(to: HTMLElement): void {
  if (document.querySelector('dialog[open]')) requestAnimationFrame(() => lead(to));
  else to.focus();
}
