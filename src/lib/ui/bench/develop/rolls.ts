// Black and white rolls that are out of their camera: what a development is noted on.
import { array, mixed, number, object, string } from 'yup';
import { parseWith } from '#schema/reading/parse.ts';

const loadsSchema = array(
  object({
    id: string().required(),
    cameraId: string().required(),
    filmId: string().required(),
    revision: number().required(),
    finishedAt: mixed().nullable().optional(),
    development: mixed().nullable().optional()
  }).required()
).required();
const namedSchema = array(
  object({ id: string().required(), name: string().required(), kind: string().optional() }).required()
).required();

/** A roll to develop. */
export interface Roll {
  readonly id: string;
  readonly name: string;
  readonly revision: number;
  readonly isDeveloped: boolean;
}

const ask = async (path: string): Promise<unknown> => {
  const response = await fetch(`/api/v1/${path}`);
  return response.json();
};

/** Rolls of black and white negative film that are finished, those not yet developed first; none without the server. */
export async function rollsToDevelop(): Promise<readonly Roll[]> {
  try {
    const [loads, films, cameras] = await Promise.all(['loads', 'films', 'cameras'].map(ask));
    const [l, f, c] = [
      parseWith(loadsSchema, loads),
      parseWith(namedSchema, films),
      parseWith(namedSchema, cameras)
    ];
    if (!l.ok || !f.ok || !c.ok) return [];
    const rolls = l.value.flatMap((load): readonly Roll[] => {
      const film = f.value.find((x) => x.id === load.filmId);
      if (film?.kind !== 'negative-bw' || load.finishedAt == null) return [];
      const camera = c.value.find((x) => x.id === load.cameraId)?.name ?? '';
      return [
        {
          ...{ id: load.id, name: `${film.name} from ${camera}`, revision: load.revision },
          isDeveloped: load.development != null
        }
      ];
    });
    return rolls.sort((a, b) => Number(a.isDeveloped) - Number(b.isDeveloped));
  } catch {
    return [];
  }
}
