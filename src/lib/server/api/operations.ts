// What the API does, operation by operation.
import { ENGINE_OPERATIONS } from './operations/engine.ts';
import { FILE_OPERATIONS } from './operations/files.ts';
import { KIT_OPERATIONS } from './operations/kit.ts';
import { LOG_OPERATIONS } from './operations/log.ts';
import type { Operation } from './operations/operation.ts';

/** Every operation there is. A test compares the list with the routes. */
export const OPERATIONS: readonly Operation[] = [
  ...KIT_OPERATIONS,
  ...LOG_OPERATIONS,
  ...ENGINE_OPERATIONS,
  ...FILE_OPERATIONS,
  {
    ...{ method: 'get', path: '/settings', id: 'get-settings', answer: 'Settings', status: 200 },
    summary: 'What is remembered of the person'
  },
  {
    ...{ method: 'patch', path: '/settings', id: 'change-settings', body: 'SettingsEdit' },
    ...{ answer: 'Settings', summary: 'Changes what is named', status: 200 }
  },
  {
    ...{ method: 'post', path: '/notices/{id}/read', id: 'read-notice', answer: 'any', status: 200 },
    summary: 'Marks what the person is told once as read'
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
