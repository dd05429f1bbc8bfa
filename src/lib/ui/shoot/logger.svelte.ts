// Logs frames from Shoot: one press, one frame, whatever the network does; frames of a bracket one after the other.
import { NOTHING_ABOUT } from '#core/log/frame.ts';
import type { Heard } from '#core/camera/heard.ts';
import type { Current } from '../current.svelte.ts';
import { withFocus, type Judged } from '../current-judge.ts';
import { sayDone } from '../notices/say.ts';
import type { WaitingFrame } from '../heard/listening.svelte.ts';
import { hereNow } from '../offline/home.ts';
import { offline } from '../offline/offline.svelte.ts';
import { sayAsked } from '../offline/say-asked.ts';
import { stepsAround } from '#core/advice/steps.ts';
import { keepBracket, nextOf, type Bracket } from './bracket.ts';

/** Two taps closer together than this are one. */
const DOUBLE_TAP_MS = 700;

/** The log button's state. */
export class Logger {
  busy = $state(false);
  bracket = $state.raw<Bracket | null>(null);
  /** How long the exposure was really held open; goes into the next frame. */
  timedSeconds = $state<number | null>(null);
  /** The time that a camera which times itself was heard to take; goes into the next frame. */
  heard = $state.raw<Heard | null>(null);
  /** The frame that was logged last. */
  logged = $state.raw<WaitingFrame | null>(null);

  readonly #current: Current;
  #kept: Bracket | null;
  // not 0: a page can be ready, and pressed, within the first moments of its clock
  #pressedAt = -Infinity;

  /** @param kept a bracket that was under way when the page was left */
  constructor(current: Current, kept: Bracket | null) {
    this.#current = current;
    this.#kept = kept;
  }

  /** Takes up a bracket that a reload interrupted. */
  resume(loadId: string): void {
    this.bracket = this.#kept?.loadId === loadId ? this.#kept : null;
    this.#showNext();
  }

  /** Begins a bracket around the setting shown. @returns whether the camera has something to bracket with, and film for it */
  begin(judged: Judged): boolean {
    const { setting } = judged.shown;
    const { darker, lighter } = stepsAround(judged.situation, setting);
    const choices = [darker, setting, lighter].flatMap((s) => (s ? [s.choice] : []));
    if (choices.length < 2 || judged.pair.framesLeft < choices.length) return false;
    const series = crypto.randomUUID();
    this.#keep({ series, loadId: judged.pair.loadId, choices, done: 0 });
    return true;
  }

  /** Leaves the rest of a bracket; the frames that are logged stay one series. */
  leave(): void {
    this.#keep(null);
    this.#current.picked = null;
  }

  async log(judged: Judged): Promise<void> {
    const { pair } = judged;
    const number = pair.nextNumber;
    const now = performance.now();
    if (this.busy || number === null || pair.finished || now - this.#pressedAt < DOUBLE_TAP_MS) return;
    this.busy = true;
    this.#pressedAt = now;
    const id = crypto.randomUUID();
    const { guess, conditions } = this.#current;
    const light = this.#current.lightToLog(Date.now());
    const frame = {
      ...{
        id,
        loadId: pair.loadId,
        number,
        takenAt: hereNow(),
        place: '',
        light,
        guess,
        conditions,
        note: ''
      },
      ...{ cameraRevision: pair.cameraRevision, filmRevision: pair.filmRevision },
      choice: judged.shown.setting.choice,
      series: this.bracket?.series ?? null,
      timedSeconds: this.timedSeconds,
      ...{ heardSeconds: this.heard?.seconds ?? null, heardSdStops: this.heard?.sdStops ?? null },
      about: { ...NOTHING_ABOUT, reason: this.#current.reason.trim() }
    };
    const put = await offline.put({ kind: 'log', frame });
    this.busy = false;
    if (put.kind === 'asked') {
      await sayAsked(put.conflict, pair.camera, 'It is kept under “Offline”: say there what is right.');
      return;
    }
    await this.#keepPicture(id);
    this.timedSeconds = null;
    this.logged = { id, number, heard: this.heard };
    this.heard = null;
    this.#current.reason = '';
    this.#current.guess = null;
    this.#current.picked = null;
    if (this.bracket) this.#keep(nextOf(this.bracket));
    const kept = offline.signedOut
      ? 'kept on this device: sign in again, then it is sent'
      : 'kept on this device until the server answers';
    sayDone(`Frame ${number} is ${put.kind === 'sent' ? 'logged' : kept}.`, () => void this.undo(id, number));
  }

  /** The picture of the scene in hand, where it is to be kept, goes with the frame. */
  async #keepPicture(frameId: string): Promise<void> {
    const picture = await this.#current.scene?.toKeep();
    if (picture) await offline.put({ kind: 'picture', frameId, picture });
  }

  async undo(id: string, number: number): Promise<void> {
    const put = await offline.put({ kind: 'remove', frameId: id, from: { number, note: '' } });
    if (put.kind === 'asked') await sayAsked(put.conflict, null);
    else sayDone(`Frame ${number} is taken back.`);
  }

  #keep(bracket: Bracket | null): void {
    this.bracket = bracket;
    keepBracket(bracket, sessionStorage);
    this.#showNext();
  }

  #showNext(): void {
    const { bracket } = this;
    const pair = this.#current.pair;
    if (!bracket || !pair) return;
    const choice = bracket.choices[bracket.done];
    if (choice) this.#current.picked = withFocus(pair.camera, choice, this.#current.leftAt);
  }
}
