// The running server, for measuring it.
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { readFileSync } from 'node:fs';
import { ROOT } from './prepare.js';

/** Where it listens. */
export const PORT = '4179';
/** What the server works out by itself after its start is done when it took less than this share of a second of a processor. */
const RESTING_SHARE = 0.05;
/** Ticks of a processor in a second, as /proc counts. */
const TICKS = 100;

/** @param {number} ms */
export const pause = (ms) => new Promise((done) => setTimeout(done, ms));

/**
 * Starts the server and asks for a first page.
 * @param {string} data folder of the database
 */
export async function startServer(data) {
  const server = spawn('node', ['scripts/start.js'], {
    cwd: ROOT,
    env: { ...process.env, PORT, HOST: '127.0.0.1', JUST_ENOUGH_DATA: data }
  });
  server.stderr.pipe(process.stderr);
  await new Promise((done, fail) => {
    server.stdout.on('data', (line) => String(line).includes('is at') && done(null));
    server.on('exit', () => fail(new Error('The server did not start.')));
  });
  const listening = performance.now();
  const address = `http://127.0.0.1:${PORT}`;
  await (await fetch(`${address}/log`)).text();
  const status = () => readFileSync(`/proc/${server.pid}/status`, 'utf8');
  const worked = () => {
    const fields = readFileSync(`/proc/${server.pid}/stat`, 'utf8').split(') ')[1].split(' ');
    return (Number(fields[11]) + Number(fields[12])) / TICKS;
  };
  return {
    address,
    listening,
    /** Memory it has now, MB. */
    memory: () => Number(/VmRSS:\s+(\d+)/.exec(status())?.[1]) / 1024,
    /** The most memory it took so far, MB. */
    mostMemory: () => Number(/VmHWM:\s+(\d+)/.exec(status())?.[1]) / 1024,
    /** Waits until what it works out by itself is done. @returns seconds */
    rested: async () => {
      const from = performance.now();
      for (let before = worked(), now = Infinity; now - before > RESTING_SHARE;) {
        before = worked();
        await pause(1000);
        now = worked();
      }
      return (performance.now() - from) / 1000;
    },
    /** @param {'SIGTERM' | 'SIGKILL'} signal */
    stop: async (signal = 'SIGTERM') => {
      server.kill(signal);
      await once(server, 'exit');
    }
  };
}
