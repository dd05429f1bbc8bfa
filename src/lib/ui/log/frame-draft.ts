// A frame's form as texts, and back: only what was changed, with what it was before.
import { setOf, positionsOf, type Camera } from '#core/camera/camera.ts';
import type { Control } from '#core/camera/kinds/controls.ts';
import type { Choice } from '#core/camera/setting.ts';
import { factsOf, type Frame, type FrameFacts } from '#core/log/frame.ts';
import { PLAIN } from '#core/error/circumstances.ts';
import type { Conditions, Support } from '#core/error/situation.ts';
import type { Heard } from '#core/camera/heard.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import type { SomeFacts } from '#core/offline/change.ts';
import { wallClock } from '#core/sky/wall-clock.ts';
import { formatDecimal, parseDecimal } from '#core/units/decimal.ts';
import { formatShutter, parseShutter } from '#core/units/shutter.ts';
import type { LightChoice } from '#core/ways/choice.ts';
import { readClock } from '#schema/reading/clock-time.ts';
import type { FieldFault } from '#schema/reading/parse.ts';
import { explainQuantity } from '#schema/reading/words.ts';
import { tagsFrom, textFromTags } from './tags.ts';

/** What is typed. */
export interface FrameDraft {
  number: string;
  date: string;
  time: string;
  zone: string;
  place: string;
  /** Position numbers as texts, by control id. */
  choice: Record<string, string>;
  distance: string;
  held: string;
  heard: string;
  /** A time taken from a recording; counts while its text stands. */
  recorded: Heard | null;
  support: Support;
  note: string;
  subject: string;
  reason: string;
  tags: string;
}

const plain = (value: number): string => formatDecimal(value, 2).replace('−', '-');

/** A time that was heard, as it stands in its field. */
export function heardText(seconds: number): string {
  return formatShutter(seconds).replace('¼', '1/4');
}

/** The form of a frame. */
export function draftOf(frame: Frame): FrameDraft {
  const { takenAt, conditions, timedSeconds, heardSeconds, about } = frame;
  const clock = wallClock(Date.parse(takenAt.at), takenAt.zone);
  const subjectM = conditions.circumstances?.subjectM ?? null;
  return {
    ...{ number: String(frame.number), date: clock.date, time: clock.time, zone: takenAt.zone },
    place: frame.place,
    choice: Object.fromEntries(Object.entries(frame.choice).map(([id, at]) => [id, String(at)])),
    distance: subjectM === null ? '' : plain(subjectM),
    held: timedSeconds === null ? '' : plain(timedSeconds),
    heard: heardSeconds === null ? '' : heardText(heardSeconds),
    recorded: null,
    support: conditions.support ?? 'hand',
    ...{ note: frame.note, subject: about.subject, reason: about.reason, tags: textFromTags(about.tags) }
  };
}

/** The places of a control to choose from: value and words. */
export function placesOf(control: Control): readonly (readonly [string, string])[] {
  return positionsOf(control).map((p, i) => {
    const gear = setOf(control, i);
    return [String(i), gear === null ? p.mark : `${p.mark} (${gear})`] as const;
  });
}

/** What was changed, and what it was. */
export interface DraftChange {
  readonly from: SomeFacts;
  readonly to: SomeFacts;
}

function conditionsWith(before: Conditions, support: Support, subjectM: number | null): Conditions {
  const circumstances = before.circumstances ?? PLAIN;
  const distanced =
    subjectM === circumstances.subjectM ? {} : { circumstances: { ...circumstances, subjectM } };
  const stood = support === (before.support ?? 'hand') ? {} : { support };
  return { ...before, ...distanced, ...stood };
}

/**
 * Reads a form.
 * @param frame as it was when the form was opened @param light the light as it is told now
 * @returns only what was changed; or every field at fault
 */
export function readDraft(
  draft: FrameDraft,
  frame: Frame,
  light: LightChoice | null,
  camera: Camera | null
): Result<DraftChange, readonly FieldFault[]> {
  const faults: FieldFault[] = [];
  const fault = (field: string, message: string): null => {
    faults.push({ field, message });
    return null;
  };
  const whole = /^\s*\d{1,5}\s*$/.test(draft.number) ? Number(draft.number) : 0;
  if (whole < 1)
    fault('number', `“${draft.number}” is no frame number. Give a whole number from 1 to 99999.`);
  const before = draftOf(frame);
  const sameTime = (['date', 'time', 'zone'] as const).every((name) => before[name] === draft[name].trim());
  const taken = sameTime ? ok(frame.takenAt) : readClock(draft.date, draft.time, draft.zone.trim());
  if (!taken.ok)
    fault(taken.error.message.includes('time zone') ? 'zone' : taken.error.field, taken.error.message);
  const seconds = (field: 'held' | 'heard', was: number | null): number | null => {
    const text = draft[field].trim();
    if (text === before[field]) return was;
    if (text === '') return null;
    const plainText = text.replace(/^(about|ca\.?|~)\s*/i, '');
    const read = parseShutter(field === 'held' && /\d$/.test(plainText) ? `${plainText}s` : plainText);
    return read.ok ? read.value.seconds : fault(field, explainQuantity(read.error));
  };
  const timedSeconds = seconds('held', frame.timedSeconds);
  const { recorded } = draft;
  const isRecorded = recorded !== null && draft.heard.trim() === heardText(recorded.seconds);
  const heardSeconds = isRecorded ? recorded.seconds : seconds('heard', frame.heardSeconds);
  // what is typed anew was heard by ear
  const byHand = heardSeconds === frame.heardSeconds ? frame.heardSdStops : null;
  const heardSdStops = isRecorded ? recorded.sdStops : byHand;
  const subjectM = ((): number | null => {
    const text = draft.distance.trim();
    if (text === '') return null;
    if (text === before.distance) return frame.conditions.circumstances?.subjectM ?? null;
    const value = parseDecimal(text.replace(/\s*m$/, ''));
    const least = (camera?.focalMm ?? 0) / 1000;
    return value !== null && value > least && value <= 100_000
      ? value
      : fault(
          'distance',
          `“${text}” is no distance. Give metres, such as 2.5, further than the focal length.`
        );
  })();
  if (faults.length > 0 || !taken.ok) return err(faults);
  const facts: FrameFacts = {
    ...{ number: whole, takenAt: taken.value, place: draft.place.trim(), light, guess: frame.guess },
    conditions: conditionsWith(frame.conditions, draft.support, subjectM),
    choice: choiceFrom(draft.choice, frame.choice),
    ...{ note: draft.note, timedSeconds, heardSeconds, heardSdStops },
    about: { subject: draft.subject.trim(), reason: draft.reason.trim(), tags: tagsFrom(draft.tags) }
  };
  return ok(changedFacts(factsOf(frame), facts));
}

function choiceFrom(draft: Readonly<Record<string, string>>, before: Choice): Choice {
  return Object.fromEntries(Object.entries(before).map(([id, at]) => [id, Number(draft[id] ?? at)]));
}

/** The facts in which two notes of a frame differ. */
export function changedFacts(from: FrameFacts, to: FrameFacts): DraftChange {
  const names = (Object.keys(to) as (keyof FrameFacts)[]).filter(
    (name) => JSON.stringify(from[name]) !== JSON.stringify(to[name])
  );
  const only = (facts: FrameFacts): SomeFacts => Object.fromEntries(names.map((name) => [name, facts[name]]));
  return { from: only(from), to: only(to) };
}
