// The one place that reads environment variables of our own. Unknown ones are refused, so that a misspelling is heard of.
import { join } from 'node:path';
import { LEAST_PASSCODE } from './access/passcode.ts';

/** What the server was started with. */
export interface Config {
  /** The database file. */
  readonly databasePath: string;
  /** The folder of the scans' files. */
  readonly scansPath: string;
  /** The folder of its copies. */
  readonly copiesPath: string;
  /** Whether an empty database is filled with the demonstration kit. */
  readonly demo: boolean;
  /** Whether it gets its scans too. */
  readonly demoScans: boolean;
  /** The gazetteer, made with the build. */
  readonly placesPath: string;
  /** The folder of the workers, made with the build. */
  readonly workersPath: string;
  /** Changes with every build of the program. */
  readonly build: string;
  /** Whether the passcode is asked for. Never false where the server listens beyond this machine. */
  readonly locked: boolean;
  /** A passcode to set at the start; null = it stays. */
  readonly newPasscode: string | null;
  /** Names and addresses that this server goes by, beside those of the machine for itself. */
  readonly hosts: readonly string[];
}

const KNOWN = [
  'JUST_ENOUGH_DATA',
  'JUST_ENOUGH_DEMO',
  'JUST_ENOUGH_LOCKED',
  'JUST_ENOUGH_NEW_PASSCODE',
  'JUST_ENOUGH_HOSTS',
  'JUST_ENOUGH_BACKUPS',
  'JUST_ENOUGH_BUILD'
] as const;
const LOOPBACK = ['', 'localhost', '127.0.0.1', '::1', '[::1]'];

/**
 * Reads the configuration.
 * JUST_ENOUGH_DATA: folder of the database, `data` if not given. JUST_ENOUGH_DEMO: `1` for the demonstration kit, `scans` for
 * it with scans, which take some seconds to draw.
 * JUST_ENOUGH_BACKUPS: folder of the copies, `copies` in that of the database if not given.
 * JUST_ENOUGH_LOCKED: `1` asks for the passcode. JUST_ENOUGH_NEW_PASSCODE sets it. JUST_ENOUGH_HOSTS: names with commas.
 * JUST_ENOUGH_BUILD: set by the start, changes with every build.
 * @throws {Error} naming an unknown variable or a bad value, with what is accepted
 */
export function readConfig(env: Readonly<Record<string, string | undefined>>): Config {
  const unknown = Object.keys(env).find((k) => k.startsWith('JUST_ENOUGH_') && !KNOWN.some((n) => n === k));
  if (unknown !== undefined) throw new Error(`${unknown} is not known. Known are ${KNOWN.join(' and ')}.`);
  const demo = env['JUST_ENOUGH_DEMO'] ?? '0';
  if (demo !== '0' && demo !== '1' && demo !== 'scans')
    throw new Error(`JUST_ENOUGH_DEMO must be 0, 1 or scans, got “${demo}”.`);
  const locked = env['JUST_ENOUGH_LOCKED'] ?? '0';
  if (locked !== '0' && locked !== '1')
    throw new Error(`JUST_ENOUGH_LOCKED must be 0 or 1, got “${locked}”.`);
  const host = env['HOST'] ?? '';
  if (locked === '0' && !LOOPBACK.includes(host.toLowerCase())) {
    throw new Error(
      `HOST=${host} would open the log to everybody on the network. Use \`npm run phone\`, which asks for a passcode.`
    );
  }
  const newPasscode = env['JUST_ENOUGH_NEW_PASSCODE'] ?? null;
  if (newPasscode !== null && newPasscode.length < LEAST_PASSCODE)
    throw new Error(`The passcode needs ${LEAST_PASSCODE} characters or more.`);
  const named = (env['JUST_ENOUGH_HOSTS'] ?? '').split(',').map((name) => name.trim().toLowerCase());
  const folder = env['JUST_ENOUGH_DATA'] ?? '';
  const file = demo !== '0' ? 'demo.sqlite' : 'just-enough.sqlite';
  return {
    databasePath: join(folder === '' ? 'data' : folder, file),
    scansPath: join(folder === '' ? 'data' : folder, demo !== '0' ? 'demo-scans' : 'scans'),
    copiesPath: copiesPath(env['JUST_ENOUGH_BACKUPS'] ?? '', folder === '' ? 'data' : folder, demo),
    demo: demo !== '0',
    demoScans: demo === 'scans',
    placesPath: join('build', 'places.sqlite'),
    workersPath: join('build', 'workers'),
    build: env['JUST_ENOUGH_BUILD'] ?? '',
    locked: locked === '1',
    newPasscode,
    hosts: [host.toLowerCase(), ...named].filter((name) => name !== '')
  };
}

/** The demonstration's copies stay apart from one's own. */
function copiesPath(asked: string, data: string, demo: string): string {
  if (asked !== '') return demo === '0' ? asked : join(asked, 'demo');
  return join(data, demo === '0' ? 'copies' : 'demo-copies');
}
