// The ideas there are. A further one is written in one of these files, and stands here in a line.
import type { Idea } from './figure.ts';
import { guideNumbers, slowFilm, stoppingDown, threeNumbers, zoneFocus } from './of-cameras.ts';
import { highlights, latitude, reciprocity, tooFast } from './of-films.ts';
import { reflected, schools, stops } from './of-light.ts';

/** In the order in which they build on one another. */
export const IDEAS: readonly Idea[] = [
  ...[stops, threeNumbers, schools, reflected, stoppingDown, latitude],
  ...[highlights, zoneFocus, guideNumbers, slowFilm, tooFast, reciprocity]
];

/** The idea of an address; null = there is none. */
export const ideaOf = (id: string): Idea | null => IDEAS.find((i) => i.id === id) ?? null;
