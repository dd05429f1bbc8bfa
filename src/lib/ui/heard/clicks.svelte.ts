// The clicks of a recording: taken by the microphone or from a file, looked for in a worker.
import type { Onset } from '#core/bench/shutter/onsets.ts';
import type { ShutterQuestion } from '../../../workers/shutter.ts';
import { WorkerLine } from '../worker/line.ts';
import { decoded, listenIn, type Recording, type Taking } from './recording.ts';

/** Two marks over a recording. */
export interface Marked {
  readonly openSeconds: number;
  readonly closeSeconds: number;
}

/** A recording and what clicks in it. */
export class Clicks {
  recording = $state.raw<Recording | null>(null);
  onsets = $state.raw<readonly Onset[]>([]);
  /** How far the answer is, 0…1; null = none is on its way. */
  progress = $state.raw<number | null>(null);
  trouble = $state('');
  taking = $state.raw<Taking | null>(null);
  readonly #line = new WorkerLine<ShutterQuestion, readonly Onset[]>(
    // eslint-disable-next-line svelte/prefer-svelte-reactivity -- an address, never changed; the bundler looks for these very words
    () => new Worker(new URL('../../../workers/shutter.ts', import.meta.url), { type: 'module' })
  );

  /** Ends the worker, and a recording under way. */
  stop(): void {
    this.#line.stop();
    void this.taking?.stop();
    this.taking = null;
  }

  /** Looks for the clicks of a recording. @param done what to do when all are found */
  take(recording: Recording, done: () => void): void {
    this.recording = recording;
    [this.onsets, this.trouble, this.progress] = [[], '', 0];
    this.#line.ask(recording, {
      part: (onsets) => (this.onsets = onsets),
      progress: (share) => (this.progress = share),
      done: () => {
        this.progress = null;
        if (this.onsets.length === 0)
          this.trouble = 'Nothing clicks in it: it is silent, or the camera was too far away.';
        else done();
      },
      failed: (words) => {
        [this.progress, this.trouble] = [null, words];
      }
    });
  }

  /** Reads a file, or what was recorded. */
  async file(blob: Blob, done: () => void): Promise<void> {
    const read = await decoded(blob);
    if (read.ok) this.take(read.value, done);
    else this.trouble = read.error;
  }

  /** Begins or ends a recording. */
  async listen(done: () => void): Promise<void> {
    const { taking } = this;
    if (taking) {
      this.taking = null;
      await this.file(await taking.stop(), done);
      return;
    }
    const begun = await listenIn();
    if (begun.ok) [this.taking, this.trouble] = [begun.value, ''];
    else this.trouble = begun.error;
  }
}
