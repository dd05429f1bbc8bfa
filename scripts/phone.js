// Starts the app for the phones of the home network: over HTTPS, behind a passcode, with the address as text and QR code.
// Honours PORT (4171) and JUST_ENOUGH_DATA. `--demo` uses the demonstration kit, `--new-passcode` asks for another passcode.
import { existsSync } from 'node:fs';
import { hostname, networkInterfaces } from 'node:os';
import { join, resolve } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { certificateFor } from './certificate.js';
import { readPort, requireFree, requireWritable } from './listen.js';
import { buildIfStale, buildStamp, fail, installIfMissing, refuseOldNode, ROOT } from './prepare.js';
import { serve } from './serve.js';

const LEAST_PASSCODE = 8;
const AUTHORITY_PATH = '/trust.crt';
/** The end of the authority is told so long before. */
const SOON_DAYS = 120;

refuseOldNode();
const demo = process.argv.includes('--demo');
const port = readPort(process.env.PORT || '4171');
const host = process.env.HOST || '0.0.0.0';
const data = resolve(ROOT, process.env.JUST_ENOUGH_DATA || 'data');
const addresses = Object.values(networkInterfaces()).flatMap((all) =>
  (all ?? []).filter((a) => a.family === 'IPv4' && !a.internal).map((a) => a.address)
);
const names = [...addresses, '127.0.0.1', 'localhost', `${hostname().split('.')[0]}.local`.toLowerCase()];

requireWritable(data);
await requireFree(host, port);
installIfMissing();
buildIfStale();
// what is written from here on is its owner's alone: keys, the database, copies, scans
process.umask(0o077);

const fresh = process.argv.includes('--new-passcode') || !(await hasPasscode());
if (fresh) process.env.JUST_ENOUGH_NEW_PASSCODE ||= await askPasscode();
else delete process.env.JUST_ENOUGH_NEW_PASSCODE;
const { key, cert, authority, renewed, anew, ends } = await certificateFor(
  join(data, 'phone'),
  names,
  Date.now()
);
Object.assign(process.env, {
  HOST: host,
  PORT: String(port),
  JUST_ENOUGH_DATA: data,
  JUST_ENOUGH_DEMO: demo ? '1' : '0',
  JUST_ENOUGH_LOCKED: '1',
  JUST_ENOUGH_BUILD: buildStamp(),
  JUST_ENOUGH_HOSTS: [...names, process.env.JUST_ENOUGH_HOSTS ?? ''].filter(Boolean).join(','),
  NODE_ENV: 'production',
  // scans and exports are large; every route that takes less says so itself
  BODY_SIZE_LIMIT: 'Infinity'
});

try {
  await serve({
    ...{ host, port, secure: { key, cert: `${cert.trim()}\n${authority}` } },
    own: (request, response) => {
      if (request.url !== AUTHORITY_PATH) return;
      response.setHeader('content-type', 'application/x-x509-ca-cert');
      response.setHeader('content-disposition', 'attachment; filename="just-enough.crt"');
      response.end(authority);
    }
  });
} catch (error) {
  fail(error instanceof Error ? error.message : String(error));
}
await tell();

/** Tells where it is. */
async function tell() {
  const { renderUnicodeCompact } = await import('uqr');
  const urls = (addresses.length > 0 ? addresses : ['127.0.0.1']).map((a) => `https://${a}:${port}/`);
  console.log(renderUnicodeCompact(urls[0] ?? '', { border: 2 }));
  if (renewed) console.log('A certificate for these addresses was made.');
  if (anew)
    console.log(
      'The household’s authority was made anew: phones that trusted the one before are asked again.'
    );
  const days = Math.floor((ends - Date.now()) / 86_400_000);
  if (days < SOON_DAYS)
    console.log(
      `The household’s authority ends in ${days} days; a new one is made then, and phones are asked again.`
    );
  console.log(
    `The first time, a phone is asked to trust this household: open ${urls[0]}${AUTHORITY_PATH.slice(1)}`
  );
  console.log('and install it as a certificate authority (README, “The phone”). Then:');
  for (const url of urls) console.log(`Just Enough is at ${url}`);
}

/** Whether the database holds a passcode. */
async function hasPasscode() {
  const file = join(data, demo ? 'demo.sqlite' : 'just-enough.sqlite');
  if (!existsSync(file)) return false;
  const { default: Database } = await import('better-sqlite3');
  const db = new Database(file, { readonly: true });
  try {
    const table = db.prepare("select 1 from sqlite_master where type = 'table' and name = 'passcode'").get();
    return table !== undefined && db.prepare('select 1 from passcode').get() !== undefined;
  } finally {
    db.close();
  }
}

/** Asks for a passcode, twice. Nothing is asked where nobody sits. */
async function askPasscode() {
  if (!process.stdin.isTTY) {
    fail(
      `Without a passcode nothing listens beyond this machine. Run \`npm run phone\` in a terminal, or give one: JUST_ENOUGH_NEW_PASSCODE=… (${LEAST_PASSCODE} characters or more).`
    );
  }
  const terminal = createInterface({ input: process.stdin, output: process.stdout });
  for (;;) {
    const first = await terminal.question(`Passcode for the phones (${LEAST_PASSCODE} characters or more): `);
    if (first.length < LEAST_PASSCODE) {
      console.log(`That has ${first.length} characters; ${LEAST_PASSCODE} are needed.`);
      continue;
    }
    if ((await terminal.question('Once more: ')) === first) {
      terminal.close();
      return first;
    }
    console.log('The two differ. Try again.');
  }
}
