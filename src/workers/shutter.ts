// The clicks of a recording, found off the main thread.
import { onsetsOf, type Onset } from '#core/bench/shutter/onsets.ts';
import { serve } from './serve.ts';

/** A recording. */
export interface ShutterQuestion {
  readonly samples: Float32Array;
  /** Samples a second. */
  readonly rate: number;
}

serve<ShutterQuestion, readonly Onset[]>(self, function* ({ samples, rate }, progress) {
  yield onsetsOf(samples, rate, progress);
});
