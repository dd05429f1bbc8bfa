// The one place that reads environment variables of our own. Unknown ones are refused, so that a misspelling is heard of.
import { join } from 'node:path';

/** What the server was started with. */
export interface Config {
  /** The database file. */
  readonly databasePath: string;
  /** Whether an empty database is filled with the demonstration kit. */
  readonly demo: boolean;
  /** The gazetteer, made with the build. */
  readonly placesPath: string;
}

const KNOWN = ['JUST_ENOUGH_DATA', 'JUST_ENOUGH_DEMO'] as const;

/**
 * Reads the configuration.
 * JUST_ENOUGH_DATA: folder of the database, `data` if not given. JUST_ENOUGH_DEMO: `1` for the demonstration kit.
 * @throws {Error} naming an unknown variable or a bad value, with what is accepted
 */
export function readConfig(env: Readonly<Record<string, string | undefined>>): Config {
  const unknown = Object.keys(env).find((k) => k.startsWith('JUST_ENOUGH_') && !KNOWN.some((n) => n === k));
  if (unknown !== undefined) throw new Error(`${unknown} is not known. Known are ${KNOWN.join(' and ')}.`);
  const demo = env['JUST_ENOUGH_DEMO'] ?? '0';
  if (demo !== '0' && demo !== '1') throw new Error(`JUST_ENOUGH_DEMO must be 0 or 1, got “${demo}”.`);
  const folder = env['JUST_ENOUGH_DATA'] ?? '';
  const file = demo === '1' ? 'demo.sqlite' : 'just-enough.sqlite';
  return {
    databasePath: join(folder === '' ? 'data' : folder, file),
    demo: demo === '1',
    placesPath: join('build', 'places.sqlite')
  };
}
