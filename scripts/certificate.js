// Certificates for the home network: an authority of one's own, made once and trusted by the phones, and under it a
// certificate of the server, made anew when it nears its end or the machine has other addresses.
import { X509Certificate } from 'node:crypto';
import { chmodSync, existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const AUTHORITY_YEARS = 10;
/** Phones refuse server certificates that last longer than 398 days (CA/Browser Forum Baseline Requirements, 6.3.2). */
const SERVER_DAYS = 397;
const RENEW_DAYS = 30;
const DAY_MS = 24 * 3_600_000;

/**
 * The server's key and certificate, and the authority that phones are to trust.
 * @param {string} folder where they are kept, readable by their owner alone
 * @param {readonly string[]} names names and IPv4 addresses the server goes by
 * @param {number} now ms since 1970
 * @returns {Promise<{ key: string; cert: string; authority: string; renewed: boolean }>}
 */
export async function certificateFor(folder, names, now) {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const authority = await authorityIn(folder, now);
  const files = { key: join(folder, 'server-key.pem'), cert: join(folder, 'server.pem') };
  if (existsSync(files.key) && existsSync(files.cert)) {
    const cert = readFileSync(files.cert, 'utf8');
    if (isGood(cert, authority.cert, names, now)) {
      return { key: readFileSync(files.key, 'utf8'), cert, authority: authority.cert, renewed: false };
    }
  }
  // fetched here, so that checking arguments needs no installed packages
  const { generate } = await import('selfsigned');
  const made = await generate([{ name: 'commonName', value: 'Just Enough at home' }], {
    keyType: 'ec',
    algorithm: 'sha256',
    notBeforeDate: new Date(now - DAY_MS),
    notAfterDate: new Date(now + (SERVER_DAYS - 1) * DAY_MS),
    ca: authority,
    extensions: [
      { name: 'basicConstraints', cA: false },
      { name: 'keyUsage', digitalSignature: true, critical: true },
      { name: 'extKeyUsage', serverAuth: true },
      {
        name: 'subjectAltName',
        altNames: names.map((name) => (isAddress(name) ? { type: 7, ip: name } : { type: 2, value: name }))
      }
    ]
  });
  keep(files.key, made.private);
  keep(files.cert, made.cert);
  return { key: made.private, cert: made.cert, authority: authority.cert, renewed: true };
}

/** @param {string} name */
const isAddress = (name) => /^\d+(\.\d+){3}$/.test(name);

/**
 * @param {string} folder
 * @param {number} now
 * @returns {Promise<{ key: string; cert: string }>}
 */
async function authorityIn(folder, now) {
  const files = { key: join(folder, 'authority-key.pem'), cert: join(folder, 'authority.pem') };
  if (existsSync(files.key) && existsSync(files.cert)) {
    const cert = readFileSync(files.cert, 'utf8');
    if (Date.parse(new X509Certificate(cert).validTo) - now > RENEW_DAYS * DAY_MS) {
      return { key: readFileSync(files.key, 'utf8'), cert };
    }
  }
  const { generate } = await import('selfsigned');
  const made = await generate([{ name: 'commonName', value: 'Just Enough, this household' }], {
    keyType: 'ec',
    algorithm: 'sha256',
    notBeforeDate: new Date(now - DAY_MS),
    notAfterDate: new Date(now + AUTHORITY_YEARS * 365 * DAY_MS),
    extensions: [
      { name: 'basicConstraints', cA: true, pathLenConstraint: 0, critical: true },
      { name: 'keyUsage', keyCertSign: true, cRLSign: true, critical: true }
    ]
  });
  keep(files.key, made.private);
  keep(files.cert, made.cert);
  return { key: made.private, cert: made.cert };
}

/**
 * Whether a certificate is of this authority, lasts long enough and names every address.
 * @param {string} pem
 * @param {string} authority
 * @param {readonly string[]} names
 * @param {number} now
 */
function isGood(pem, authority, names, now) {
  const cert = new X509Certificate(pem);
  return (
    cert.checkIssued(new X509Certificate(authority)) &&
    Date.parse(cert.validTo) - now > RENEW_DAYS * DAY_MS &&
    names.every((name) => (isAddress(name) ? cert.checkIP(name) : cert.checkHost(name)) !== undefined)
  );
}

/**
 * @param {string} file
 * @param {string} text
 */
function keep(file, text) {
  writeFileSync(file, text, { mode: 0o600 });
  chmodSync(file, 0o600);
}
