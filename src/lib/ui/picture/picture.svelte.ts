// The picture in hand: read in a worker, touched on the page. Nothing of it leaves the device.
import type { FramePicture } from '#core/log/frame-picture.ts';
import type { PictureExposure, PictureNotes } from '#core/picture/exposure.ts';
import { patchOf, thinned, type Pixels, type Spot } from '#core/picture/luminance.ts';
import { ANY_PHONE, patchStops, type PhoneMeter } from '#core/picture/phone.ts';
import { lightOfWhole, lightOnPatch, readPatch, type PictureLight } from '#core/picture/touched.ts';
import type { Surface } from '#core/picture/tones.ts';
import type { PictureAnswer, PictureQuestion, PictureTrouble } from '../../../workers/picture.ts';
import { WorkerLine } from '../worker/line.ts';
import { jpegOf } from './kept.ts';

/** What can be touched in a picture. */
export const TOUCHES = ['subject', 'lights', 'darks', 'eye'] as const;
/** @see TOUCHES */
export type Touch = (typeof TOUCHES)[number];

/** How large a patch is that a finger means, in shares of the shorter side. */
const FINGER = 0.03;
/** Longest side of a print beside the answer, pixels. */
const PRINTED = 400;
/** Files that are larger are no pictures of a phone. */
const MOST_BYTES = 60_000_000;

/** The picture. */
export class Picture {
  pixels = $state.raw<Pixels | null>(null);
  notes = $state.raw<PictureNotes | null>(null);
  exposure = $state.raw<PictureExposure | null>(null);
  /** Typed where the picture does not say it. */
  typedEv100 = $state.raw<number | null>(null);
  isZero = $state(false);
  isReading = $state(false);
  trouble = $state.raw<PictureTrouble | 'failed' | null>(null);
  surface = $state.raw<Surface | null>(null);
  spots = $state.raw<Readonly<Partial<Record<Touch, Spot>>>>({});
  phone = $state.raw<PhoneMeter>(ANY_PHONE);
  /** Whether it is kept, small, with the frames that are taken while it is in hand. */
  keeps = $state(false);
  #line: WorkerLine<PictureQuestion, PictureAnswer> | null = null;

  /** Its exposure, by its own notes or as typed; null = nobody knows it yet. */
  readonly exposed: PictureExposure | null = $derived(
    this.exposure ?? (this.typedEv100 === null ? null : { ev100: this.typedEv100, doubts: [], doubtStops: 0 })
  );
  /** The light of the subject: of what was touched, or of all of it; null while its exposure is not known. */
  readonly light: PictureLight | null = $derived.by(() => {
    const { exposed, pixels, phone, surface } = this;
    const spot = this.spots.subject;
    if (!exposed) return null;
    return pixels && spot && surface !== null
      ? lightOnPatch(exposed, patchOf(pixels, spot), surface, phone)
      : lightOfWhole(exposed, phone);
  });

  /** The same, small enough to be printed anew while the light is dragged. */
  readonly small: Pixels | null = $derived(this.pixels && thinned(this.pixels, PRINTED));

  /** What a frame of it is exposed for: the subject that was touched, else what the phone took for grey; stops above that. */
  readonly subjectStops: number = $derived.by(() => {
    const { pixels, phone } = this;
    const { subject } = this.spots;
    return pixels && subject ? patchStops(patchOf(pixels, subject).luminance, phone) : 0;
  });

  /** As it is kept with a frame; null where it is not to be, or cannot. */
  async toKeep(): Promise<FramePicture | null> {
    const { keeps, pixels, subjectStops } = this;
    const { offsetStops, slope } = this.phone;
    const jpeg = keeps && pixels ? await jpegOf(pixels) : null;
    return jpeg === null ? null : { jpeg, subjectStops, phone: { offsetStops, slope } };
  }

  /** What a reflected meter would have read at a touched place; null = it was not touched. */
  readAt(touch: Touch): PictureLight | null {
    const { exposed, pixels, phone } = this;
    const spot = this.spots[touch];
    return exposed && pixels && spot ? readPatch(exposed, patchOf(pixels, spot), phone) : null;
  }

  /** Opens a picture in place of the one before. @param opened when it can be looked at */
  open(file: Blob, opened: () => void): void {
    this.close();
    if (file.size > MOST_BYTES) {
      this.trouble = 'too-large';
      return;
    }
    this.#line ??= new WorkerLine<PictureQuestion, PictureAnswer>(
      // eslint-disable-next-line svelte/prefer-svelte-reactivity -- an address, never changed; the bundler looks for these very words
      () => new Worker(new URL('../../../workers/picture.ts', import.meta.url), { type: 'module' })
    );
    this.isReading = true;
    this.#line.ask(
      { file },
      {
        part: (answer) => {
          if ('trouble' in answer) this.trouble = answer.trouble;
          else if ('pixels' in answer) this.pixels = answer.pixels;
          else [this.notes, this.exposure, this.isZero] = [answer.notes, answer.exposure, answer.isZero];
        },
        done: () => {
          this.isReading = false;
          if (this.pixels) opened();
        },
        failed: () => {
          [this.isReading, this.trouble] = [false, 'failed'];
        }
      }
    );
  }

  /** Touches a place. */
  touch(touch: Touch, x: number, y: number, radius = FINGER): void {
    this.spots = { ...this.spots, [touch]: { x, y, radius } };
  }

  /** Puts the picture away. */
  close(): void {
    [this.pixels, this.notes, this.exposure, this.typedEv100, this.trouble] = [null, null, null, null, null];
    [this.isZero, this.isReading, this.surface, this.spots] = [false, false, null, {}];
    this.keeps = false;
  }
}

/** The picture that was taken last on this device. It is made and read in the browser alone. */
export const picture = new Picture();
