// A recording on the bench: its clicks, its releases, and the pair of clicks that is looked at.
import type { Onset } from '#core/bench/shutter/onsets.ts';
import {
  proposalsFor,
  releasesOf,
  SHORTEST_MARK_SECONDS,
  type Proposal
} from '#core/bench/shutter/proposals.ts';
import { simulatedRelease } from '#core/bench/shutter/simulated.ts';
import type { ShutterQuestion } from '../../../../workers/shutter.ts';
import { WorkerLine } from '../../worker/line.ts';
import { decoded, listenIn, type Recording, type Taking } from './recording.ts';

/** A release with what is proposed for it. */
export interface Release {
  readonly onsets: readonly Onset[];
  readonly proposals: readonly Proposal[];
}

/** Two marks over the waveform. */
export interface Marked {
  readonly openSeconds: number;
  readonly closeSeconds: number;
}

/** The test by sound. */
export class SoundTest {
  recording = $state.raw<Recording | null>(null);
  onsets = $state.raw<readonly Onset[]>([]);
  /** How far the answer is, 0…1; null = none is on its way. */
  progress = $state.raw<number | null>(null);
  trouble = $state('');
  taking = $state.raw<Taking | null>(null);
  /** Which release is looked at. */
  at = $state(0);
  /** The marks as the person put them; null = as proposed first. */
  moved = $state.raw<Marked | null>(null);
  readonly #mark: () => number | null;
  readonly #line = new WorkerLine<ShutterQuestion, readonly Onset[]>(
    // eslint-disable-next-line svelte/prefer-svelte-reactivity -- an address, never changed; the bundler looks for these very words
    () => new Worker(new URL('../../../../workers/shutter.ts', import.meta.url), { type: 'module' })
  );

  /** @param mark what the dial said, seconds; null = it has no such mark */
  constructor(mark: () => number | null) {
    this.#mark = mark;
  }

  readonly releases: readonly Release[] = $derived.by(() =>
    releasesOf(this.onsets, this.#mark())
      .filter((onsets) => onsets.length > 1)
      .map((onsets) => ({ onsets, proposals: proposalsFor(onsets, this.#mark()) }))
  );
  readonly release: Release | null = $derived(this.releases[this.at] ?? this.releases[0] ?? null);
  readonly marked: Marked | null = $derived(this.moved ?? this.release?.proposals[0] ?? null);
  /** Whether the mark is shorter than sound can tell. */
  readonly isTooShort: boolean = $derived.by(() => {
    const mark = this.#mark();
    return mark !== null && mark < SHORTEST_MARK_SECONDS;
  });

  /** Ends the worker. */
  stop(): void {
    this.#line.stop();
  }

  /** Looks for the clicks of a recording. */
  take(recording: Recording): void {
    this.recording = recording;
    [this.onsets, this.at, this.moved, this.trouble, this.progress] = [[], 0, null, '', 0];
    this.#line.ask(recording, {
      part: (onsets) => (this.onsets = onsets),
      progress: (share) => (this.progress = share),
      done: () => {
        this.progress = null;
        if (this.onsets.length === 0)
          this.trouble = 'Nothing clicks in it: it is silent, or the camera was too far away.';
        else if (this.releases.length === 0)
          this.trouble = 'There is one click only: it takes two, opening and closing.';
      },
      failed: (words) => {
        [this.progress, this.trouble] = [null, words];
      }
    });
  }

  async file(blob: Blob): Promise<void> {
    const read = await decoded(blob);
    if (read.ok) this.take(read.value);
    else this.trouble = read.error;
  }

  /** Begins or ends a recording. */
  async listen(): Promise<void> {
    const { taking } = this;
    if (taking) {
      this.taking = null;
      await this.file(await taking.stop());
      return;
    }
    const begun = await listenIn();
    if (begun.ok) [this.taking, this.trouble] = [begun.value, ''];
    else this.trouble = begun.error;
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
