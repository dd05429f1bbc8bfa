// A recording on the bench: its releases, and the pair of clicks that is looked at.
import type { Onset } from '#core/bench/shutter/onsets.ts';
import {
  byMark,
  isTooShort,
  proposalsFor,
  releasesOf,
  type Proposal
} from '#core/bench/shutter/proposals.ts';
import { simulatedRelease } from '#core/bench/shutter/simulated.ts';
import { Clicks, type Marked } from '../../heard/clicks.svelte.ts';
import type { Recording } from '../../heard/recording.ts';

/** A release with what is proposed for it. */
export interface Release {
  readonly onsets: readonly Onset[];
  readonly proposals: readonly Proposal[];
}

/** The test by sound. */
export class SoundTest {
  readonly clicks = new Clicks();
  /** Which release is looked at. */
  at = $state(0);
  /** The marks as the person put them; null = as proposed first. */
  moved = $state.raw<Marked | null>(null);
  readonly #mark: () => number | null;

  /** @param mark what the dial said, seconds; null = it has no such mark */
  constructor(mark: () => number | null) {
    this.#mark = mark;
  }

  readonly #expected = $derived.by(() => {
    const mark = this.#mark();
    return mark === null ? null : byMark(mark);
  });
  readonly releases: readonly Release[] = $derived.by(() =>
    releasesOf(this.clicks.onsets, this.#mark())
      .filter((onsets) => onsets.length > 1)
      .map((onsets) => ({ onsets, proposals: proposalsFor(onsets, this.#expected) }))
  );
  readonly release: Release | null = $derived(this.releases[this.at] ?? this.releases[0] ?? null);
  readonly marked: Marked | null = $derived(this.moved ?? this.release?.proposals[0] ?? null);
  /** Whether the mark is shorter than sound can tell. */
  readonly isTooShort: boolean = $derived(isTooShort(this.#expected));

  /** Ends the worker. */
  stop(): void {
    this.clicks.stop();
  }

  readonly #found = (): void => {
    this.go(0);
    if (this.releases.length === 0)
      this.clicks.trouble = 'There is one click only: it takes two, opening and closing.';
  };

  /** Looks for the clicks of a recording. */
  take(recording: Recording): void {
    this.go(0);
    this.clicks.take(recording, this.#found);
  }

  async file(blob: Blob): Promise<void> {
    this.go(0);
    await this.clicks.file(blob, this.#found);
  }

  /** Begins or ends a recording. */
  async listen(): Promise<void> {
    await this.clicks.listen(this.#found);
  }

  /** A shutter that does not exist, a little off its mark. */
  simulate(seed: number): void {
    const seconds = (this.#mark() ?? 0.25) * 2 ** (((seed * 37) % 11) / 20 - 0.25);
    this.take(simulatedRelease({ seconds, kind: 'leaf', seed, signalDb: 30 }));
  }

  /** Looks at another release. */
  go(at: number): void {
    [this.at, this.moved] = [at, null];
  }
}
