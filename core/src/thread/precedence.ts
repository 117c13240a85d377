/**
 * Who must come before whom, kept free of circles: a matrix of bits that is always transitively closed, so that a
 * question is one look and a copy is one slice.
 */
export class Precedence {
  readonly #index: ReadonlyMap<string, number>;
  readonly #words: number;
  readonly #bits: Uint32Array;

  constructor(ids: readonly string[]);
  constructor(ids: ReadonlyMap<string, number>, bits: Uint32Array);
  constructor(ids: readonly string[] | ReadonlyMap<string, number>, bits?: Uint32Array) {
    this.#index =
      ids instanceof Map ? ids : new Map((ids as readonly string[]).map((id, index) => [id, index]));
    this.#words = Math.ceil(this.#index.size / 32);
    this.#bits = bits ?? new Uint32Array(this.#index.size * this.#words);
  }

  /** A copy to try something on. */
  copy(): Precedence {
    return new Precedence(this.#index, this.#bits.slice());
  }

  /**
   * Adds `before` ahead of `after`; false, and nothing changed, when that would close a circle. What is not among the
   * ids has happened already: it comes before everything.
   */
  add(before: string, after: string): boolean {
    const from = this.#index.get(before);
    const to = this.#index.get(after);
    if (from === undefined) return true;
    if (to === undefined || from === to || this.#has(to, from)) return false;
    if (this.#has(from, to)) return true;
    for (let row = 0; row < this.#index.size; row++) {
      if (row !== from && !this.#has(row, from)) continue;
      for (let word = 0; word < this.#words; word++)
        this.#bits[row * this.#words + word]! |= this.#bits[to * this.#words + word]!;
      this.#bits[row * this.#words + (to >>> 5)]! |= 1 << (to & 31);
    }
    return true;
  }

  /** Whether `before` must come before `after`, directly or through others. */
  leads(before: string, after: string): boolean {
    const from = this.#index.get(before);
    const to = this.#index.get(after);
    return from !== undefined && to !== undefined && this.#has(from, to);
  }

  #has(from: number, to: number): boolean {
    return (this.#bits[from * this.#words + (to >>> 5)]! & (1 << (to & 31))) !== 0;
  }
}
