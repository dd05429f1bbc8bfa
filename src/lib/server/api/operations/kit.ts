// Cameras, films, things, days out, exercises, and what is loaded into what.
import type { Operation } from './operation.ts';

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

/** Operations on the kit. */
export const KIT_OPERATIONS: readonly Operation[] = [
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
    ...{ method: 'put', path: '/cameras/{id}/bias', id: 'take-up-bias', body: 'Bias', answer: 'any' },
    ...{ summary: 'Takes a camera’s bias up', status: 200 }
  }
];
