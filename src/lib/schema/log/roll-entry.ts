// A frame written up after the fact, as the texts of a form.
import { SUPPORTS, type Conditions } from '#core/error/situation.ts';
import type { Camera } from '#core/camera/camera.ts';
import { positionsOf } from '#core/camera/camera.ts';
import type { Choice } from '#core/camera/setting.ts';
import type { NewFrame } from '#core/log/frame.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import { parseShutter } from '#core/units/shutter.ts';
import type { LightChoice } from '#core/ways/choice.ts';
import { lightFromText } from '#core/ways/light-text.ts';
import { aboutSchema } from './frame.ts';
import { readClock } from '../reading/clock-time.ts';
import { parseWith, type FieldFault } from '../reading/parse.ts';
import { explainQuantity } from '../reading/words.ts';

/** What the form is about. */
export interface WriteUpAbout {
  readonly loadId: string;
  /** The camera and film as they were when it was shot, with their revisions. */
  readonly camera: Camera;
  readonly cameraRevision: number;
  readonly filmRevision: number;
  /** Whose clocks date and time are by. */
  readonly zone: string;
}

/**
 * Reads the form: `number`, `date`, `time`, `place`, `light`, `guess`, `held`, `heard`, `subject`, `reason`, `tags`, `note`,
 * `support`, and `set-` with the id of each control. Without `light` the light is not told.
 */
export function readWrittenUp(
  texts: Readonly<Record<string, string>>,
  about: WriteUpAbout,
  newId: () => string
): Result<NewFrame, readonly FieldFault[]> {
  const faults: FieldFault[] = [];
  const text = (name: string): string => (texts[name] ?? '').trim();
  const number = /^\d+$/.test(text('number')) ? Number(text('number')) : 0;
  if (number < 1 || number > 99_999) {
    faults.push({
      field: 'number',
      message: `“${text('number')}” is no frame number. Give a whole number from 1 to 99999.`
    });
  }
  const light = (name: string): LightChoice | null => {
    const read = lightFromText(text(name));
    if (read.ok) return read.value;
    const message = `${explainQuantity(read.error)} Or a clue such as sharp, soft, overcast, or a scene by its name.`;
    faults.push({ field: name, message });
    return null;
  };
  const found = text('light') === '' ? null : light('light');
  const guess = text('guess') === '' ? null : light('guess');
  const seconds = (name: string): number | null => {
    const typed = text(name);
    if (typed === '') return null;
    const read = parseShutter(name === 'held' && /\d$/.test(typed) ? `${typed}s` : typed);
    if (read.ok) return read.value.seconds;
    faults.push({ field: name, message: explainQuantity(read.error) });
    return null;
  };
  const [timedSeconds, heardSeconds] = [seconds('held'), seconds('heard')];
  const taken = readClock(text('date'), text('time') === '' ? '12:00' : text('time'), about.zone);
  if (!taken.ok) faults.push(taken.error);
  const written = parseWith(aboutSchema.required(), {
    ...{ subject: text('subject'), reason: text('reason') },
    tags: [
      ...new Set(
        text('tags')
          .split(',')
          .map((t) => t.trim())
      )
    ].filter((t) => t !== '')
  });
  if (!written.ok) faults.push(...written.error);
  if (text('note').length > 2000)
    faults.push({ field: 'note', message: 'A note holds at most 2000 characters.' });
  if (text('place').length > 80)
    faults.push({ field: 'place', message: 'A place holds at most 80 characters.' });
  if (faults.length > 0 || !taken.ok || !written.ok) return err(faults);
  const { loadId, cameraRevision, filmRevision } = about;
  return ok({
    ...{ id: newId(), loadId, number, takenAt: taken.value, place: text('place') },
    ...{ cameraRevision, filmRevision, light: found, guess },
    conditions: supportSaid(text('support')),
    choice: choiceOf(about.camera, text),
    ...{ note: text('note'), series: null, timedSeconds, heardSeconds, heardSdStops: null },
    about: written.value
  });
}

function choiceOf(camera: Camera, text: (name: string) => string): Choice {
  return Object.fromEntries(
    camera.controls.map((control) => {
      const index = Number(text(`set-${control.id}`));
      const known = Number.isInteger(index) && index >= 0 && index < positionsOf(control).length;
      return [control.id, known ? index : 0];
    })
  );
}

function supportSaid(text: string): Conditions {
  const support = SUPPORTS.find((s) => s === text);
  return support ? { support } : {};
}
