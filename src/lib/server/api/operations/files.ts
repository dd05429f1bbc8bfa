// The archive, out and in, and copies of the database. Files are the bodies.
import { FILTER_KEYS } from '#schema/log/frame-filter.ts';
import type { Operation } from './operation.ts';

function file(path: string, id: string, summary: string): Operation {
  return { method: 'get', path, id, summary, answer: 'any', status: 200 };
}

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

/** Operations on files. */
export const FILE_OPERATIONS: readonly Operation[] = [...ARCHIVE_OPERATIONS, ...COPY_OPERATIONS];
