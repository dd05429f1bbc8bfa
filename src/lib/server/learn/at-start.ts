// What judged frames say, worked out when the server starts, so that the first page to ask is not the one that waits.
import { learnFrom } from '#core/learn/observe.ts';
import type { Repositories } from '../repositories.ts';
import { judgedFramesOf } from './judged-frames.ts';

/** Works through the cameras one at a time, pages in between. @returns what stops it */
export function learnAtStart(store: Repositories): () => void {
  const cameras = [...store.cameras.list()];
  let timer: NodeJS.Timeout;
  const next = (): void => {
    const camera = cameras.shift()?.value;
    if (!camera) return;
    learnFrom(camera, judgedFramesOf(store, camera.id));
    later();
  };
  const later = (): void => {
    timer = setTimeout(next, 50).unref();
  };
  later();
  return () => clearTimeout(timer);
}
