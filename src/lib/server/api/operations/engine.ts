// Questions to the engine and ways to a light: nothing is stored.
import type { Operation, Schemas } from './operation.ts';

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

const light = (path: string, body: Schemas, answer: Schemas, summary: string): Operation => ({
  ...{ method: 'post', path: `/light/${path}`, id: `light-${path}`, body, answer, status: 200 },
  summary
});
const look = (path: string, id: string, summary: string, query: readonly string[] = []): Operation => ({
  ...{ method: 'get', path, id, summary, answer: 'any', status: 200, query }
});

/** Operations of the engine. */
export const ENGINE_OPERATIONS: readonly Operation[] = [
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
  look('/light/zone', 'find-zone', 'The time zone of coordinates', ['latitude', 'longitude'])
];
