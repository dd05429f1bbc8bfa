// Waits until something that changes many times a second has come to rest. One timer runs at a time: setting one anew with each
// change costs a slow phone more than the change itself.

/**
 * Calls `then` once, `restMs` after the last stir and with the next frame: where a frame alone takes longer than the wait,
 * the next stir comes with that frame and is heard first.
 */
export class Rest {
  readonly #restMs: number;
  readonly #then: () => void;
  #stirredMs = 0;
  #timer: ReturnType<typeof setTimeout> | null = null;
  #frame: number | null = null;

  /** @param restMs milliseconds without a stir @param then what to do at rest */
  constructor(restMs: number, then: () => void) {
    this.#restMs = restMs;
    this.#then = then;
  }

  /** Something changed: the wait begins anew. */
  stir(): void {
    this.#stirredMs = performance.now();
    this.#timer ??= setTimeout(this.#look, this.#restMs);
  }

  /** Waits no longer, and does nothing. */
  stop(): void {
    if (this.#timer !== null) clearTimeout(this.#timer);
    if (this.#frame !== null) cancelAnimationFrame(this.#frame);
    this.#timer = this.#frame = null;
  }

  #leftMs(): number {
    return this.#stirredMs + this.#restMs - performance.now();
  }

  readonly #end = (): void => {
    this.#frame = null;
    const leftMs = this.#leftMs();
    this.#timer = leftMs > 0 ? setTimeout(this.#look, leftMs) : null;
    if (this.#timer === null) this.#then();
  };

  readonly #look = (): void => {
    const leftMs = this.#leftMs();
    if (leftMs > 0) this.#timer = setTimeout(this.#look, leftMs);
    else this.#frame = requestAnimationFrame(this.#end);
  };
}
