// The shutter is listened for while a frame is taken: at most three times are proposed, one press says which. Where the frame was
// logged meanwhile the time goes to it.
import { byItself, proposalsFor, releasesOf, type Proposal } from '#core/bench/shutter/proposals.ts';
import { recordedSd, type Heard } from '#core/camera/heard.ts';
import { Clicks } from './clicks.svelte.ts';

/** A frame that was logged while its time was not yet said. */
export interface WaitingFrame {
  readonly id: string;
  readonly number: number;
  /** What was noted with it. */
  readonly heard: Heard | null;
}

/** Nobody listens longer than this for one frame. */
const MOST_SECONDS = 120;

/** Listening for one frame. */
export class Listening {
  readonly clicks = new Clicks();
  proposals = $state.raw<readonly Proposal[]>([]);
  frame = $state.raw<WaitingFrame | null>(null);
  /** Whole seconds since it began to listen. */
  seconds = $state(0);
  #timer: ReturnType<typeof setInterval> | undefined;

  /** Whether a time is still to be said. */
  get isOpen(): boolean {
    return this.clicks.taking !== null || this.clicks.progress !== null || this.proposals.length > 0;
  }

  /** Begins to listen, or ends it and looks for the two clicks. @param expectedSeconds what the camera should take; null = not known */
  async listen(expectedSeconds: number | null): Promise<void> {
    clearInterval(this.#timer);
    if (!this.clicks.taking) [this.proposals, this.frame] = [[], null];
    await this.clicks.listen(() => this.#propose(expectedSeconds));
    if (!this.clicks.taking) return;
    this.seconds = 0;
    this.#timer = setInterval(() => {
      this.seconds += 1;
      if (this.seconds >= MOST_SECONDS) void this.listen(expectedSeconds);
    }, 1000);
  }

  /** Reads a recording made elsewhere. */
  async file(blob: Blob, expectedSeconds: number | null): Promise<void> {
    [this.proposals, this.frame] = [[], null];
    await this.clicks.file(blob, () => this.#propose(expectedSeconds));
  }

  /** A frame was logged: what is heard from now on is its. */
  logged(frame: WaitingFrame): void {
    if (this.isOpen) this.frame = frame;
  }

  /** Takes a proposal. @returns the time with its spread */
  take({ seconds }: Proposal): Heard {
    this.close();
    return { seconds: Number(seconds.toPrecision(4)), sdStops: Number(recordedSd(seconds).toPrecision(2)) };
  }

  /** None of them. */
  close(): void {
    [this.proposals, this.frame, this.clicks.trouble] = [[], null, ''];
  }

  /** Leaves: the microphone is let go. */
  stop(): void {
    clearInterval(this.#timer);
    this.clicks.stop();
  }

  #propose(expectedSeconds: number | null): void {
    const expected = expectedSeconds === null ? null : byItself(expectedSeconds);
    // the camera in the hand is the loudest thing in the recording
    const releases = releasesOf(this.clicks.onsets, expectedSeconds).filter((r) => r.length > 1);
    const loudest = releases
      .map((onsets) => ({ onsets, level: Math.max(...onsets.map((o) => o.levelDb)) }))
      .sort((a, b) => b.level - a.level)[0];
    this.proposals = loudest ? proposalsFor(loudest.onsets, expected) : [];
    if (this.proposals.length === 0)
      this.clicks.trouble =
        'No two clicks of it fit this camera. Hold the phone nearer, or say the time by ear.';
  }
}
