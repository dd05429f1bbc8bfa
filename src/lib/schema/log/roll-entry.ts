// A frame written up after the fact, as the texts of a form.
import type { Camera } from '#core/camera/camera.ts';
import { positionsOf } from '#core/camera/camera.ts';
import type { Choice } from '#core/camera/setting.ts';
import type { NewFrame } from '#core/log/frame.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import { momentOf } from '#core/sky/wall-clock.ts';
import { parseShutter } from '#core/units/shutter.ts';
import type { LightChoice } from '#core/ways/choice.ts';
import { lightFromText } from '#core/ways/light-text.ts';
import { aboutSchema } from './frame.ts';
import { parseWith, type FieldFault } from '../reading/parse.ts';
import { explainQuantity } from '../reading/words.ts';

/** A frame with the moment it was taken. */
export interface WrittenUp {
  readonly frame: NewFrame;
  /** UTC, ISO 8601. */
  readonly at: string;
}

/**
 * Reads the form: `number`, `date`, `time`, `light`, `guess`, `held`, `subject`, `reason`, `tags`, `note`, `supported`,
 * and `set-` with the id of each control.
 * @param zone whose clocks date and time are by
 */
export function readWrittenUp(
  texts: Readonly<Record<string, string>>,
  about: {
    readonly loadId: string;
    readonly camera: Camera;
    readonly framesTotal: number;
    readonly zone: string;
  },
  newId: () => string
): Result<WrittenUp, readonly FieldFault[]> {
  const faults: FieldFault[] = [];
  const text = (name: string): string => (texts[name] ?? '').trim();
  const number = /^\d+$/.test(text('number')) ? Number(text('number')) : 0;
  if (number < 1 || number > about.framesTotal) {
    faults.push({
      field: 'number',
      message: `“${text('number')}” is no frame number. Give a whole number from 1 to ${about.framesTotal}.`
    });
  }
  const light = (name: string): LightChoice | null => {
    const read = lightFromText(text(name));
    if (read.ok) return read.value;
    const message = `${explainQuantity(read.error)} Or a clue such as sharp, soft, overcast, or a scene by its name.`;
    faults.push({ field: name, message });
    return null;
  };
  const found = light('light');
  const guess = text('guess') === '' ? null : light('guess');
  const held =
    text('held') === '' ? null : parseShutter(`${text('held')}${/\d$/.test(text('held')) ? 's' : ''}`);
  if (held && !held.ok) faults.push({ field: 'held', message: explainQuantity(held.error) });
  const moment = momentOf(text('date'), text('time') === '' ? '12:00' : text('time'), about.zone);
  if (!moment.ok && moment.error.problem.startsWith('bad-'))
    faults.push({ field: 'date', message: 'Give the day as 2026-05-31 and the time as 14:30.' });
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
  if (faults.length > 0 || !found || !written.ok) return err(faults);
  // an hour that clocks show twice is taken as the first, one they skip as the next
  const ms = moment.ok ? moment.value : 'earlierMs' in moment.error ? moment.error.earlierMs : 0;
  return ok({
    at: new Date(ms).toISOString(),
    frame: {
      ...{ id: newId(), loadId: about.loadId, number, light: found, guess },
      conditions: text('supported') === 'yes' ? { supported: true } : {},
      choice: choiceOf(about.camera, text),
      ...{ note: text('note'), series: null },
      timedSeconds: held?.ok === true ? held.value.seconds : null,
      about: written.value
    }
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
