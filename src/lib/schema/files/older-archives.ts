// Archives of version 1 as those of today. They kept neither zones nor revisions: a camera came as it was at the end, and frames
// named positions of it. What that leaves open is marked as a doubt.
import type { NotedMark } from '#core/camera/noted.ts';
import { notedMarks } from '#core/camera/noted.ts';
import type { Camera } from '#core/camera/camera.ts';
import { cameraFrom, cameraSchema } from '../kit/camera.ts';
import { standsSchema } from '../kit/choice.ts';
import { parseWith } from '../reading/parse.ts';

type Json = Readonly<Record<string, unknown>>;

/** Brings the value of a line to the form of today. */
export type Upgrade = (value: unknown) => unknown;

const isObject = (value: unknown): value is Json => typeof value === 'object' && value !== null;
const inner = (value: Json, name: string): Json => {
  const found = value[name];
  return isObject(found) ? found : {};
};

interface Known {
  readonly camera: Camera;
  readonly revision: number;
}

/** Marks of a choice on a camera; none where it cannot be told. */
function marksFor(known: Known | undefined, choice: unknown): readonly NotedMark[] {
  const read = parseWith(standsSchema, { choice });
  return (known && read.ok && notedMarks(known.camera, read.value.choice)) || [];
}

/**
 * Reads lines of version 1, in the order of the file: frames are told by the cameras and loads before them.
 * @param zone the clocks that times are taken to be by
 */
export function fromVersionOne(zone: string): Upgrade {
  const cameras = new Map<unknown, Known>();
  const cameraOfLoad = new Map<unknown, unknown>();
  const at = (value: unknown): unknown => (value === null ? null : { at: value, zone });

  function camera(line: Json): Json {
    const read = parseWith(cameraSchema, line['camera']);
    const { revision } = line;
    if (read.ok && typeof revision === 'number')
      cameras.set(read.value.id, { camera: cameraFrom(read.value), revision });
    const own = { camera: line['camera'], revision, what: 'entered', note: '', since: at(line['addedAt']) };
    const { addedAt, retiredAt, stands } = line;
    return { kind: 'camera', id: inner(line, 'camera')['id'], revisions: [own], addedAt, retiredAt, stands };
  }
  function load(line: Json): Json {
    const own = inner(line, 'load');
    cameraOfLoad.set(own['id'], own['cameraId']);
    return {
      kind: 'load',
      load: {
        ...{ ...own, loadedAt: at(own['loadedAt']), finishedAt: at(own['finishedAt']), firstNumber: 1 },
        ...{ packFilter: null, development: null, lab: null, reel: null, remark: '', revision: 1 }
      }
    };
  }
  function frame(line: Json): Json {
    const { loggedAt, deltaStops, sdStops, pUsable, ...own } = inner(line, 'frame');
    const known = cameras.get(cameraOfLoad.get(own['loadId']));
    const sure = known?.revision === line['cameraRevision'];
    const set = marksFor(known, own['choice']);
    return {
      kind: 'frame',
      frame: {
        ...{ ...own, takenAt: at(loggedAt), place: '', expected: { deltaStops, sdStops, pUsable } },
        ...{ cameraRevision: known?.revision ?? line['cameraRevision'], filmRevision: 1, heardSeconds: null },
        set: set.map((mark) => ({ ...mark, value: mark.value === Infinity ? null : mark.value })),
        ...{ doubts: sure ? ['zone'] : ['setting', 'zone'], revision: 1 }
      },
      deletedAt: line['deletedAt']
    };
  }

  return (value) => {
    if (!isObject(value)) return value;
    switch (value['kind']) {
      case 'camera':
        return camera(value);
      case 'film': {
        const own = { film: value['film'], revision: 1, since: at(value['addedAt']) };
        const { addedAt, deletedAt } = value;
        return { kind: 'film', id: inner(value, 'film')['id'], revisions: [own], addedAt, deletedAt };
      }
      case 'load':
        return load(value);
      case 'frame':
        return frame(value);
      case 'judgement':
        return { ...value, judgedAt: at(value['judgedAt']), revision: 1 };
      case 'bias':
        return { ...value, changedAt: at(value['changedAt']) };
      default:
        return value;
    }
  };
}
