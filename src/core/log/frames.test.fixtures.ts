// Frames and loads for tests: plain ones, of which a test says what matters to it.
import type { Camera } from '../camera/camera.ts';
import { notedMarks } from '../camera/noted.ts';
import { settingOf } from '../camera/setting.ts';
import type { Film } from '../film/film.ts';
import type { Judgement } from '../learn/judgement.ts';
import { moment } from '../sky/moment.ts';
import { STARTING_LIGHT } from '../ways/choice.ts';
import { expectedOfFrame } from './exposed.ts';
import { NOTHING_ABOUT, type Frame, type NewFrame } from './frame.ts';
import type { Load } from './load.ts';

export const NOON = moment('2026-05-01T10:00:00.000Z', 'Europe/Oslo');

/** A frame to be logged. */
export function newFrameWith(more: Partial<NewFrame> = {}): NewFrame {
  return {
    ...{ id: 'frame-00', loadId: 'load', number: 1, takenAt: NOON, place: '', series: null },
    ...{ light: STARTING_LIGHT, guess: null, conditions: {}, choice: {}, note: '' },
    ...{ timedSeconds: null, heardSeconds: null, heardSdStops: null, about: NOTHING_ABOUT },
    ...{ cameraRevision: 1, filmRevision: 1 },
    ...more
  };
}

/** A frame as it is stored, taken with a camera on a film. */
export function frameWith(camera: Camera, film: Film, more: Partial<Frame> = {}): Frame {
  const frame = newFrameWith(more);
  const choice = settingOf(camera, frame.choice)?.choice ?? frame.choice;
  return {
    ...{ ...frame, choice, doubts: [], revision: 1 },
    set: notedMarks(camera, choice) ?? [],
    expected: expectedOfFrame(camera, film, frame),
    ...more
  };
}

/** A load of twelve frames. */
export function loadWith(more: Partial<Load> = {}): Load {
  return {
    ...{ id: 'load', cameraId: 'c', filmId: 'f', framesTotal: 12, firstNumber: 1 },
    ...{ loadedAt: NOON, finishedAt: null, side: null, packFilter: null, development: null },
    ...{ lab: null, reel: null, remark: '', revision: 1 },
    ...more
  };
}

/** A judgement. */
export function judgementWith(more: Partial<Judgement> = {}): Judgement {
  return {
    ...{ frameId: 'frame-00', on: 'print', outcome: { kind: 'tone', stops: 0 }, faults: [] },
    ...{ judgedAt: NOON, revision: 1 },
    ...more
  };
}
