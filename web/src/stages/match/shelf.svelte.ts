/** Which design is looked at on Match, and which stand side by side; still there when one comes back from drawing one. */
class Shelf {
  looked = $state('');
  beside = $state<string[]>([]);

  /** As many as can be read side by side. */
  static readonly MOST = 3;

  get full(): boolean {
    return this.beside.length >= Shelf.MOST;
  }

  /** Puts one beside the others, or takes it away. */
  compare(design: string): void {
    if (this.beside.includes(design)) this.beside = this.beside.filter((d) => d !== design);
    else if (!this.full) this.beside = [...this.beside, design];
  }
}

export const shelf = new Shelf();
