// Sound into the page: from a file or the microphone, as one channel of samples. Nothing leaves the device.
import { err, ok, type Result } from '#core/numeric/result.ts';

/** One channel. */
export interface Recording {
  readonly samples: Float32Array;
  /** Samples a second. */
  readonly rate: number;
}

/** Everything is brought to this, samples a second. */
const RATE = 48_000;
/** What is longer is refused before it is read whole. */
const MOST_BYTES = 80_000_000;
const MOST_SECONDS = 600;

/** How long a file says it is, seconds: its head alone is read. Null where it does not say so, or is no sound. */
function lengthOf(blob: Blob): Promise<number | null> {
  const address = URL.createObjectURL(blob);
  return new Promise<number | null>((done) => {
    const audio = new Audio();
    audio.preload = 'metadata';
    audio.onloadedmetadata = () => done(Number.isFinite(audio.duration) ? audio.duration : null);
    audio.onerror = () => done(null);
    audio.src = address;
  }).finally(() => URL.revokeObjectURL(address));
}

const TOO_LONG = 'That is longer than ten minutes. Cut it to the releases.';

/** Decodes a file or what was recorded; channels are mixed. */
export async function decoded(blob: Blob): Promise<Result<Recording, string>> {
  if (blob.size > MOST_BYTES)
    return err('That file is larger than 80 MB. Cut it to the releases, ten minutes at most.');
  // a small file can hold an hour: whole it would take the memory of the phone
  if (((await lengthOf(blob)) ?? 0) > MOST_SECONDS) return err(TOO_LONG);
  try {
    const context = new OfflineAudioContext(1, 1, RATE);
    const buffer = await context.decodeAudioData(await blob.arrayBuffer());
    if (buffer.duration > MOST_SECONDS) return err(TOO_LONG);
    if (buffer.length === 0) return err('There is no sound in it.');
    const samples = buffer.getChannelData(0).slice();
    for (let c = 1; c < buffer.numberOfChannels; c++) {
      const other = buffer.getChannelData(c);
      for (let i = 0; i < samples.length; i++) samples[i] = (samples[i] ?? 0) + (other[i] ?? 0);
    }
    return ok({ samples, rate: buffer.sampleRate });
  } catch {
    return err('There is no sound in that file that this browser can read. WAV works everywhere.');
  }
}

/** A recording under way. */
export interface Taking {
  /** Ends it. @returns what was recorded */
  stop(): Promise<Blob>;
}

/** Without what makes voices clearer: it eats clicks. */
const PLAIN_SOUND = { echoCancellation: false, noiseSuppression: false, autoGainControl: false } as const;

/** Begins to record. */
export async function listenIn(): Promise<Result<Taking, string>> {
  // without https there is no microphone
  if (!('mediaDevices' in navigator) || typeof MediaRecorder === 'undefined')
    return err(
      'This page may not use the microphone here. Record with the phone’s own recorder and choose the file.'
    );
  try {
    const stream = await navigator.mediaDevices.getUserMedia({ audio: PLAIN_SOUND });
    const plain = 'audio/webm;codecs=pcm';
    const recorder = new MediaRecorder(
      stream,
      MediaRecorder.isTypeSupported(plain) ? { mimeType: plain } : {}
    );
    const parts: Blob[] = [];
    recorder.ondataavailable = ({ data }) => parts.push(data);
    recorder.start();
    return ok({
      stop: () =>
        new Promise((done) => {
          recorder.onstop = () => {
            for (const track of stream.getTracks()) track.stop();
            done(new Blob(parts, { type: recorder.mimeType }));
          };
          recorder.stop();
        })
    });
  } catch {
    return err(
      'The microphone was refused. Allow it for this page, or record elsewhere and choose the file.'
    );
  }
}
