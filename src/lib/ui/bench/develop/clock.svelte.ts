// A clock that is read, never summed up: right after a sleep or a hidden tab. It beeps and shakes when what the hands do changes.
import { beep, keepAwake, shake } from '../../shoot/signals.ts';

const TICK_MS = 200;

/** A clock that runs up. */
export class DarkClock {
  /** Since it was started, seconds; null = it does not run. */
  elapsed = $state<number | null>(null);
  #startedAt = 0;
  #timer: ReturnType<typeof setInterval> | undefined;
  #audio: AudioContext | null = null;
  #last = '';
  #letSleep: () => void = () => undefined;
  readonly #phase: (seconds: number) => string;

  /** @param phase what is done at a moment: a signal is given when it changes, and after `done` nothing is to come */
  constructor(phase: (seconds: number) => string) {
    this.#phase = phase;
  }

  /** Begins. @param before so many seconds ago */
  start(before = 0): void {
    this.stop();
    this.#audio ??= 'AudioContext' in window ? new AudioContext() : null;
    void this.#audio?.resume();
    this.#startedAt = performance.now() - before * 1000;
    this.#last = this.#phase(before);
    this.elapsed = before;
    this.#timer = setInterval(() => this.#tick(), TICK_MS);
    const timer = this.#timer;
    void keepAwake().then((letSleep) => {
      // stopped, or started anew, before the screen was granted
      if (this.elapsed === null || timer !== this.#timer) letSleep();
      else this.#letSleep = letSleep;
    });
  }

  /** Ends. */
  stop(): void {
    this.#rest();
    this.elapsed = null;
  }

  /** Nothing is to come any more: the screen may sleep. */
  #rest(): void {
    clearInterval(this.#timer);
    this.#letSleep();
    this.#letSleep = () => undefined;
  }

  #tick(): void {
    const elapsed = (performance.now() - this.#startedAt) / 1000;
    const now = this.#phase(elapsed);
    if (now !== this.#last) {
      beep(this.#audio, now !== 'rest');
      shake(now === 'rest' ? 80 : 300);
    }
    this.#last = now;
    this.elapsed = elapsed;
    if (now === 'done') this.#rest();
  }
}

/** Minutes and seconds: "7:05". @param seconds ≥ 0 */
export function sayClock(seconds: number): string {
  const whole = Math.max(0, Math.ceil(seconds - 1e-6));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}
