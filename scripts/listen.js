// What has to be so before a server can listen: said in one line when it is not.
import { accessSync, constants, existsSync, mkdirSync } from 'node:fs';
import { createServer } from 'node:net';
import { fail } from './prepare.js';

/**
 * A port, or a clear line and the end.
 * @param {string} text
 */
export function readPort(text) {
  const number = Number(text);
  if (!Number.isInteger(number) || number < 1 || number > 65535) {
    fail(`PORT must be a whole number from 1 to 65535, got “${text}”.`);
  }
  return number;
}

/**
 * Makes sure that the folder of the database can be written.
 * @param {string} folder
 */
export function requireWritable(folder) {
  try {
    mkdirSync(folder, { recursive: true });
    accessSync(folder, constants.W_OK | constants.X_OK);
  } catch {
    const what = existsSync(folder) ? 'cannot be written' : 'cannot be made';
    fail(`The folder ${folder} ${what}. Give another one: JUST_ENOUGH_DATA=/some/folder npm start`);
  }
}

/**
 * Makes sure that nothing listens there.
 * @param {string} address
 * @param {number} number
 */
export async function requireFree(address, number) {
  /** @type {NodeJS.ErrnoException | null} */
  const trouble = await new Promise((done) => {
    const probe = createServer();
    probe.once('error', done);
    probe.listen(number, address, () => probe.close(() => done(null)));
  });
  if (trouble?.code === 'EADDRINUSE') {
    fail(`Port ${number} is in use. Stop what runs there, or choose another: PORT=${number + 1} npm start`);
  }
  if (trouble) fail(`Cannot listen on ${address}:${number} (${trouble.code}). Choose another HOST or PORT.`);
}
