// Frames, their pictures, judgements and scans.
import { FILTER_KEYS } from '#schema/log/frame-filter.ts';
import type { Operation } from './operation.ts';

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

/** Operations on the log. */
export const LOG_OPERATIONS: readonly Operation[] = [
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
    ...{ method: 'post', path: '/frames/known', id: 'known-frames', body: 'KnownFrames', answer: 'any' },
    ...{ summary: 'Which of these frames were never stored here', status: 200 }
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
  ...SCAN_OPERATIONS
];
