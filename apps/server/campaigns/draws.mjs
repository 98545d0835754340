/** Draws that come again with the same seed. */
export class Draws {
  #state;

  /** @param seed a whole number */
  constructor(seed) {
    this.#state = seed >>> 0;
  }

  /** From 0 up to 1. */
  next() {
    // Mulberry32.
    this.#state = (this.#state + 0x6d2b79f5) >>> 0;
    let t = this.#state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  }

  /** A whole number from `least` to `most`, both among them. */
  whole(least, most) {
    return least + Math.floor(this.next() * (most - least + 1));
  }

  oneOf(list) {
    return list[this.whole(0, list.length - 1)];
  }
}
