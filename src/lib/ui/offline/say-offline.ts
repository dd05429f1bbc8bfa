// The queue in words: what waits, what the server has against it, and what each answer would do.
import { positionsOf, type Camera } from '#core/camera/camera.ts';
import { positionAt, type Choice } from '#core/camera/setting.ts';
import { cameraOfFrame, type Carried } from '#core/offline/carried.ts';
import type { Action, Conflict } from '#core/offline/change.ts';
import { assertNever } from '#core/numeric/result.ts';
import { choiceLine } from '#core/log/border-note.ts';
import type { Outing } from '#core/plan/outing.ts';
import type { Moment } from '#core/sky/moment.ts';
import { sayFacts } from '../log/say-facts.ts';
import { sayLightShort, sayWhen } from '../log/say-frame.ts';

/** Where controls stand, by label: "scene cloud, compensation 0". @param camera null = not known here */
export function sayStands(camera: Camera | null, choice: Choice): string {
  const said = (camera?.controls ?? [])
    .filter((c) => positionsOf(c).length > 1 && choice[c.id] !== undefined)
    .map((c) => `${c.label} ${positionAt(c, choice)?.mark ?? '?'}`);
  return said.length > 0 ? said.join(', ') : 'as they were';
}

/** A frame's number and note: "frame 3, “fog”". */
export function sayWords({ number, note }: { readonly number: number; readonly note: string }): string {
  return `frame ${number}${note === '' ? ', no note' : `, “${note}”`}`;
}

/** What the server has against a change, in a sentence or two. @param camera the camera it is about; null = not known here */
export function sayConflict(conflict: Conflict, camera: Camera | null): string {
  switch (conflict.reason) {
    case 'edited':
      return `The frame was changed on the server. There: ${sayFacts(conflict.theirs, camera)}.`;
    case 'deleted':
      return 'The frame was deleted on the server.';
    case 'no-frame':
      return 'The frame is not in the log on the server any more.';
    case 'lost':
      return 'The server had this frame and does not know it any more: an older copy was brought back there.';
    case 'taken':
      return conflict.next === null
        ? `Frame ${conflict.number} is in the log already, and side one is full now.`
        : `Frame ${conflict.number} is in the log already. The next free one is ${conflict.next}.`;
    case 'before-load':
      return `This film was loaded on ${sayWhen(conflict.loadedAt)}: the frame is older than that.`;
    case 'finished':
      return `This film was finished on the server (${conflict.filmName}).`;
    case 'retired':
      return `${conflict.cameraName} was removed from the kit on the server.`;
    case 'gone':
      return 'This film, or its camera, is not in the kit on the server any more.';
    case 'no-such-position':
      return 'The camera has no such position any more: it was changed on the server.';
    case 'stands-moved':
      return `The controls were set otherwise on the server: ${sayStands(camera, conflict.theirs)}.`;
    case 'checks-changed':
      return `The reminders were changed on the server: ${conflict.theirs.join('; ') || 'none'}.`;
    case 'settings-changed':
      return `These were changed on the server: ${Object.keys(conflict.theirs).map(saySetting).join(', ')}.`;
    case 'outing-changed':
      return conflict.theirs
        ? `The outing was changed on the server: ${sayOuting(conflict.theirs)}.`
        : 'The outing was deleted on the server.';
    default:
      return assertNever(conflict);
  }
}

/** An outing in a few words: "Ferries, 2026-09-12, 3 stops". */
function sayOuting({ name, date, stops }: Outing): string {
  return `${name}, ${date}, ${stops.length === 1 ? '1 stop' : `${stops.length} stops`}`;
}

const SETTING_WORDS: Readonly<Record<string, string>> = {
  ...{ school: 'the school of reading light', place: 'the place', guessFirst: 'guessing first' },
  correctGuesses: 'correcting guesses',
  correctJudgements: 'correcting judged prints',
  ...{ scheme: 'the look', leastChance: 'the chance to stop at' }
};
const saySetting = (name: string): string => SETTING_WORDS[name] ?? name;

/** What pressing for the phone's side does; null = there is no way to. */
export function sayInsist(action: Action, conflict: Conflict): string | null {
  switch (conflict.reason) {
    case 'taken':
      if (action.kind === 'restore') return null;
      return conflict.next === null
        ? `Keep both: it was one frame more`
        : `Keep both: mine becomes ${conflict.next}`;
    case 'before-load':
      return action.kind === 'log' ? 'Log it all the same' : null;
    case 'finished':
      return action.kind === 'log' ? 'Log it all the same' : null;
    case 'retired':
      return 'Log it all the same';
    case 'no-such-position':
      return 'Log it as the camera stands';
    case 'deleted':
      return 'Bring it back with mine';
    case 'edited':
      return action.kind === 'remove' ? 'Delete it still' : 'Keep mine';
    case 'stands-moved':
    case 'checks-changed':
    case 'settings-changed':
    case 'outing-changed':
      return 'Keep mine';
    case 'lost':
      return 'Log it again';
    case 'gone':
    case 'no-frame':
      return null;
    default:
      return assertNever(conflict);
  }
}

/** What pressing for the server's side does. */
export function sayLeaveOut(action: Action): string {
  return action.kind === 'log' ? 'Leave mine out' : 'Keep the server’s';
}

/** The camera that an action is about; null = none, or the phone does not carry it. */
export function cameraOfAction(action: Action, carried: Carried | null): Camera | null {
  const loadId = action.kind === 'log' ? action.frame.loadId : 'loadId' in action ? action.loadId : null;
  const id = 'cameraId' in action ? action.cameraId : carried?.loads.find((l) => l.id === loadId)?.cameraId;
  return carried?.cameras.find((c) => c.camera.id === id)?.camera ?? null;
}

/** What is carried, in a line. */
export function sayCarried(carried: Carried, keptAt: Moment): string {
  const count = (n: number, one: string, many: string): string => `${n} ${n === 1 ? one : many}`;
  const { cameras, films, loads } = carried;
  return `${count(cameras.length, 'camera', 'cameras')}, ${count(films.length, 'film', 'films')}, ${count(loads.length, 'open load', 'open loads')}; as they were on ${sayWhen(keptAt)}.`;
}

/** A change in a line. @param carried what the phone carries, for names */
export function sayAction(action: Action, carried: Carried | null): string {
  const cameraOf = (id: string): Camera | null =>
    carried?.cameras.find((c) => c.camera.id === id)?.camera ?? null;
  const load = (id: string) => carried?.loads.find((l) => l.id === id);
  const filmName = (id: string): string =>
    carried?.films.find((f) => f.value.id === load(id)?.filmId)?.value.name ?? 'a film';
  const cameraOfEdited = (id: string): Camera | null => {
    const frame = carried?.frames.find((f) => f.id === id);
    return carried && frame ? cameraOfFrame(carried, frame) : null;
  };
  switch (action.kind) {
    case 'log': {
      const camera = carried && cameraOfFrame(carried, action.frame);
      const set = camera ? `, ${choiceLine(camera, action.frame.choice)}` : '';
      return `Frame ${action.frame.number} on ${filmName(action.frame.loadId)}${set}, ${sayLightShort(action.frame.light)}`;
    }
    case 'edit':
      return `Edit: ${sayFacts(action.from, cameraOfEdited(action.frameId))} becomes ${sayFacts(action.to, cameraOfEdited(action.frameId))}`;
    case 'remove':
      return `Delete ${sayFacts({ number: action.from.number ?? 0, note: action.from.note ?? '' }, null)}`;
    case 'restore':
      return 'Take a deletion back';
    case 'picture': {
      const frame = carried?.frames.find((f) => f.id === action.frameId);
      const whose = frame ? `frame ${frame.number}` : 'a frame';
      return action.picture ? `Keep the picture with ${whose}` : `Take the picture of ${whose} away`;
    }
    case 'stand': {
      const camera = cameraOf(action.cameraId);
      return `${camera?.name ?? 'A camera'} stands at ${sayStands(camera, action.to)}`;
    }
    case 'checks':
      return `${cameraOf(action.cameraId)?.name ?? 'A camera'}, before each press: ${action.to.join('; ') || 'nothing'}`;
    case 'settings':
      return `Remember: ${Object.keys(action.edit).map(saySetting).join(', ')}`;
    case 'finish':
      return `${filmName(action.loadId)} is ${action.finished ? 'finished' : 'back in the camera'}`;
    case 'side':
      return `${filmName(action.loadId)}: side ${action.side === 1 ? 'one' : 'two'} is up`;
    case 'pack-filter':
      return `${filmName(action.loadId)}: the filter is ${action.on ? 'on the pack' : 'off the pack'}`;
    case 'outing':
      if (action.to) return `Outing: ${sayOuting(action.to)}`;
      return `Delete the outing ${action.from?.name ?? ''}`.trim();
    case 'practise':
      return action.exercise.kind === 'day'
        ? `Seven days: day ${action.exercise.day}`
        : 'An answer of a drill';
    default:
      return assertNever(action);
  }
}
