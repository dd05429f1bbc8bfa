// What the API does, operation by operation.
import { FILTER_KEYS } from '#schema/log/frame-filter.ts';
import type { SCHEMAS } from './schemas.ts';

/** A method of the API on a path. */
export interface Operation {
  readonly method: 'get' | 'post' | 'put' | 'patch' | 'delete';
  readonly path: string;
  readonly id: string;
  readonly summary: string;
  /** Name of the body's schema. */
  readonly body?: keyof typeof SCHEMAS;
  readonly answer: keyof typeof SCHEMAS | `${keyof typeof SCHEMAS}[]` | 'any';
  readonly status: 200 | 201;
  /** Names in the address after the question mark; all must be there. */
  readonly query?: readonly string[];
  /** Those that may be left out. */
  readonly optional?: readonly string[];
  /** Whether the revision it is made on must be sent as If-Match. */
  readonly based?: boolean;
}

const kit = (
  noun: 'camera' | 'film' | 'thing' | 'outing',
  schema: 'Camera' | 'Film' | 'Thing' | 'Outing'
): readonly Operation[] => [
  {
    ...{ method: 'get', path: `/${noun}s`, id: `list-${noun}s`, answer: `${schema}[]`, status: 200 },
    summary: noun === 'outing' ? 'Days out' : `The ${noun}s of the kit`
  },
  {
    ...{ method: 'post', path: `/${noun}s`, id: `add-${noun}`, body: schema, answer: schema, status: 201 },
    summary: `Stores a ${noun}`
  },
  {
    ...{ method: 'get', path: `/${noun}s/{id}`, id: `get-${noun}`, answer: schema, status: 200 },
    summary: `One ${noun}`
  },
  {
    ...{ method: 'delete', path: `/${noun}s/{id}`, id: `remove-${noun}`, answer: schema, status: 200 },
    summary: noun === 'outing' ? 'Puts an outing in the trash' : `Takes a ${noun} out of the kit`
  }
];
const replace = (noun: 'camera' | 'film', schema: 'Camera' | 'Film'): Operation => ({
  ...{ method: 'put', path: `/${noun}s/{id}`, id: `replace-${noun}`, body: schema, answer: schema },
  ...{ summary: `Keeps how a ${noun} is from now on`, status: 200, based: true }
});
const ask = (
  name: 'match' | 'reach' | 'remedies',
  answer: 'MatchAnswer' | 'ReachAnswer' | 'RemediesAnswer',
  summary: string
): Operation => ({
  ...{ method: 'post', path: `/${name}`, id: name, body: 'Question', answer, status: 200 },
  summary
});

const plan = (
  name: 'windows' | 'chances',
  body: 'WindowsQuestion' | 'ChancesQuestion',
  answer: 'WindowsAnswer' | 'ChancesAnswer',
  summary: string
): Operation => ({
  ...{ method: 'post', path: `/plan/${name}`, id: `plan-${name}`, body, answer, status: 200 },
  summary
});

function file(path: string, id: string, summary: string): Operation {
  return { method: 'get', path, id, summary, answer: 'any', status: 200 };
}

/** The body of a scan is the file itself. */
const SCAN_OPERATIONS: readonly Operation[] = [
  {
    ...{ method: 'get', path: '/loads/{id}/scans', id: 'list-scans', answer: 'Scan[]', status: 200 },
    summary: 'The scans of a film'
  },
  {
    ...{ method: 'post', path: '/loads/{id}/scans', id: 'take-scan', answer: 'Scan', status: 201 },
    ...{ summary: 'Takes a scan in: the body is the file', query: ['name'] }
  },
  {
    ...{ method: 'put', path: '/loads/{id}/scans', id: 'match-scans', body: 'Assignments' },
    ...{ answer: 'Scan[]', summary: 'Says which frames the scans of a film show', status: 200 }
  },
  {
    ...{ method: 'get', path: '/scans/{id}/{size}', id: 'see-scan', answer: 'any', status: 200 },
    summary: 'A scan as a picture: thumb, view or original'
  },
  {
    ...{
      method: 'patch',
      path: '/scans/{id}',
      id: 'change-scan',
      body: 'ScanEdit',
      answer: 'Scan',
      status: 200
    },
    summary: 'Shows a scan otherwise, or gives it to another film'
  },
  {
    ...{ method: 'delete', path: '/scans/{id}', id: 'remove-scan', answer: 'Scan', status: 200 },
    summary: 'Moves a scan to the trash'
  },
  {
    ...{ method: 'post', path: '/scans/{id}/restore', id: 'restore-scan', answer: 'Scan', status: 200 },
    summary: 'Takes a scan back from the trash'
  }
];

/** The archive, in and out. Files are the bodies. */
const COPY_OPERATIONS: readonly Operation[] = [
  {
    ...{ method: 'get', path: '/copies', id: 'list-copies', answer: 'any', status: 200 },
    summary: 'The copies of the database, the newest first'
  },
  {
    ...{ method: 'post', path: '/copies', id: 'make-copy', answer: 'any', status: 201 },
    summary: 'Makes a copy now'
  },
  {
    ...{ method: 'get', path: '/copies/{name}', id: 'compare-copy', answer: 'any', status: 200 },
    summary: 'What would be different with a copy'
  },
  {
    ...{ method: 'post', path: '/copies/{name}/return', id: 'bring-copy-back', answer: 'any', status: 200 },
    summary: 'Brings a copy back; how it is now is copied first'
  }
];

const ARCHIVE_OPERATIONS: readonly Operation[] = [
  file('/archive/lines', 'write-archive', 'Everything as JSON Lines'),
  file('/archive/zip', 'write-archive-with-scans', 'Everything with the scans, as a ZIP'),
  {
    ...file('/archive/kit', 'write-kit-file', 'Cameras, films and things as a small file'),
    optional: ['camera', 'film', 'thing', 'filters', 'revisions']
  },
  file('/archive/schema', 'archive-schema', 'What a line of the archive may be, as JSON Schema'),
  { ...file('/frames.csv', 'frames-as-csv', 'Frames as CSV (RFC 4180)'), optional: FILTER_KEYS },
  {
    ...file(
      '/loads/{id}/scans/zip',
      'written-scans',
      'Copies of a film’s scans with what is known written in'
    ),
    optional: ['place']
  },
  {
    ...{ method: 'post', path: '/imports', id: 'begin-import', answer: 'any', status: 201, query: ['name'] },
    summary: 'Takes a file in to be read: an archive, its ZIP, or a CSV of frames'
  },
  {
    ...{ method: 'get', path: '/imports/{id}', id: 'see-import', answer: 'any', status: 200 },
    summary: 'How far an import is, and what it would bring'
  },
  {
    ...{ method: 'put', path: '/imports/{id}', id: 'map-import', body: 'CsvMapping', answer: 'any' },
    ...{ summary: 'Says what the columns of a CSV stand for', status: 200 }
  },
  {
    ...{ method: 'delete', path: '/imports/{id}', id: 'drop-import', answer: 'any', status: 200 },
    summary: 'Drops an import'
  },
  {
    ...{ method: 'post', path: '/imports/{id}/undo', id: 'undo-import', answer: 'any', status: 200 },
    summary: 'Moves the frames of a CSV that was taken to the trash'
  },
  {
    ...{ method: 'post', path: '/imports/{id}/take', id: 'take-import', answer: 'any', status: 200 },
    summary: 'Everything of an import goes in, or nothing'
  }
];

type Schemas = keyof typeof SCHEMAS;
const light = (path: string, body: Schemas, answer: Schemas, summary: string): Operation => ({
  ...{ method: 'post', path: `/light/${path}`, id: `light-${path}`, body, answer, status: 200 },
  summary
});
const look = (path: string, id: string, summary: string, query: readonly string[] = []): Operation => ({
  ...{ method: 'get', path, id, summary, answer: 'any', status: 200, query }
});

/** Every operation there is. A test compares the list with the routes. */
export const OPERATIONS: readonly Operation[] = [
  ...kit('camera', 'Camera'),
  replace('camera', 'Camera'),
  {
    ...{ method: 'get', path: '/cameras/{id}/revisions', id: 'list-revisions', answer: 'any', status: 200 },
    summary: 'How a camera was, from which moment on'
  },
  {
    ...{
      method: 'get',
      path: '/cameras/{id}/stands',
      id: 'get-controls',
      answer: 'Stands'
    },
    ...{ summary: 'Where a camera’s controls stand', status: 200 }
  },
  {
    ...{
      method: 'put',
      path: '/cameras/{id}/stands',
      id: 'leave-controls',
      body: 'Stands',
      answer: 'Stands'
    },
    ...{ summary: 'Remembers where a camera’s controls stand', status: 200, based: true }
  },
  ...kit('film', 'Film'),
  replace('film', 'Film'),
  ...kit('thing', 'Thing'),
  ...kit('outing', 'Outing'),
  {
    ...{ method: 'get', path: '/exercises', id: 'list-exercises', answer: 'Exercise[]', status: 200 },
    summary: 'Answers of drills and days in the field'
  },
  {
    ...{ method: 'post', path: '/exercises', id: 'keep-exercise', body: 'Exercise', answer: 'Exercise' },
    ...{ summary: 'Keeps an answer, or a day; what was sealed before stays', status: 201 }
  },
  {
    ...{ method: 'get', path: '/loads', id: 'list-loads', answer: 'Load[]', status: 200 },
    summary: 'Which film is, or was, in which camera'
  },
  {
    ...{ method: 'post', path: '/loads', id: 'load-film', body: 'NewLoad', answer: 'Load', status: 201 },
    summary: 'Loads a film into a camera'
  },
  {
    ...{ method: 'get', path: '/loads/{id}', id: 'get-load', answer: 'Load', status: 200 },
    summary: 'One load'
  },
  {
    ...{ method: 'patch', path: '/loads/{id}', id: 'change-load', body: 'LoadEdit', answer: 'Load' },
    ...{ summary: 'Finishes a film, or turns it over', status: 200 }
  },
  {
    ...{ method: 'post', path: '/frames', id: 'log-frame', body: 'NewFrame', answer: 'any', status: 201 },
    summary: 'Logs a frame'
  },
  {
    ...{ method: 'get', path: '/frames', id: 'find-frames', answer: 'any', status: 200 },
    ...{ summary: 'A page of frames, newest first', optional: FILTER_KEYS }
  },
  {
    ...{ method: 'patch', path: '/frames', id: 'change-frames', body: 'ManyEdit', answer: 'any' },
    ...{ summary: 'Changes many frames at once, or none', status: 200 }
  },
  {
    ...{ method: 'get', path: '/frames/{id}', id: 'get-frame', answer: 'Frame', status: 200 },
    summary: 'One frame, those in the trash too'
  },
  {
    ...{ method: 'patch', path: '/frames/{id}', id: 'change-frame', body: 'FrameEdit', answer: 'Frame' },
    ...{ summary: 'Changes facts of a frame; what is not named stays', status: 200, based: true }
  },
  {
    ...{ method: 'delete', path: '/frames/{id}', id: 'remove-frame', answer: 'Frame', status: 200 },
    based: true,
    summary: 'Moves a frame to the trash'
  },
  {
    ...{ method: 'post', path: '/frames/{id}/restore', id: 'restore-frame', answer: 'any', status: 200 },
    summary: 'Takes a deletion back'
  },
  ask('match', 'MatchAnswer', 'What to set, with chance and reasons; nothing is stored'),
  ask('reach', 'ReachAnswer', 'In which light a pair comes out; nothing is stored'),
  ask('remedies', 'RemediesAnswer', 'What would help; nothing is stored'),
  plan('windows', 'WindowsQuestion', 'WindowsAnswer', 'When a pair works; nothing is stored'),
  plan('chances', 'ChancesQuestion', 'ChancesAnswer', 'The chance by day and hour; nothing is stored'),
  light('eye', 'EyeQuestion', 'LightAnswer', 'Light by a clue of either school'),
  light('scene', 'SceneQuestion', 'LightAnswer', 'Light of a named scene'),
  light('reading', 'ReadingQuestion', 'LightAnswer', 'Light of a reading as people type it'),
  light('sun', 'SunQuestion', 'SunAnswer', 'Light of sun, moon and sky, its course and events'),
  light('camera-eye', 'CameraEyeQuestion', 'CameraEyeAnswer', 'What a camera’s eye sees of a scene'),
  look('/light/scenes', 'list-scenes', 'The named scenes'),
  look('/light/places', 'find-places', 'Places by name, offline', ['q']),
  look('/light/zone', 'find-zone', 'The time zone of coordinates', ['latitude', 'longitude']),
  {
    ...{ method: 'get', path: '/settings', id: 'get-settings', answer: 'Settings', status: 200 },
    summary: 'What is remembered of the person'
  },
  {
    ...{ method: 'patch', path: '/settings', id: 'change-settings', body: 'SettingsEdit' },
    ...{ answer: 'Settings', summary: 'Changes what is named', status: 200 }
  },
  ...SCAN_OPERATIONS,
  ...ARCHIVE_OPERATIONS,
  ...COPY_OPERATIONS,
  {
    ...{ method: 'post', path: '/notices/{id}/read', id: 'read-notice', answer: 'any', status: 200 },
    summary: 'Marks what the person is told once as read'
  },
  {
    ...{
      method: 'get',
      path: '/frames/{id}/picture',
      id: 'get-picture',
      answer: 'FramePicture',
      status: 200
    },
    summary: 'The picture of the scene that is kept with a frame'
  },
  {
    ...{ method: 'put', path: '/frames/{id}/picture', id: 'keep-picture', body: 'FramePicture' },
    ...{ answer: 'FramePicture', summary: 'Keeps a picture of the scene with a frame', status: 200 }
  },
  {
    ...{ method: 'delete', path: '/frames/{id}/picture', id: 'drop-picture', status: 200 },
    ...{ answer: 'FramePicture', summary: 'Takes that picture away' }
  },
  {
    ...{ method: 'put', path: '/frames/{id}/judgement', id: 'judge-frame', body: 'Judgement' },
    ...{ answer: 'any', summary: 'Says how a frame came out', status: 200, based: true }
  },
  {
    ...{ method: 'delete', path: '/frames/{id}/judgement', id: 'unjudge-frame', answer: 'any', status: 200 },
    based: true,
    summary: 'Takes a judgement back'
  },
  {
    ...{ method: 'put', path: '/cameras/{id}/bias', id: 'take-up-bias', body: 'Bias', answer: 'any' },
    ...{ summary: 'Takes a camera’s bias up', status: 200 }
  },
  {
    ...{ method: 'get', path: '/carried', id: 'carry', answer: 'Carried', status: 200 },
    summary: 'What a phone carries: the kit, open loads and their frames'
  },
  {
    ...{ method: 'post', path: '/sync', id: 'sync', body: 'Sync', answer: 'SyncAnswer', status: 200 },
    summary: 'Does what a phone did while it was away, each change once'
  },
  {
    ...{ method: 'get', path: '/openapi.json', id: 'describe', answer: 'any', status: 200 },
    summary: 'This description'
  }
];
