// Certificates of the household: made once, made anew when they must be, and the authority that phones trust stays the same.
import { spawnSync } from 'node:child_process';
import { X509Certificate } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { certificateFor } from '../scripts/certificate.js';
import { holds } from '../scripts/name-constraints.js';

const DAY_MS = 24 * 3_600_000;
const NAMES = ['192.168.7.5', '127.0.0.1', 'localhost'];
const NOW = Date.now();
let folder = '';
beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'just-enough-cert-'))));
afterEach(() => rmSync(folder, { recursive: true, force: true }));

test('the same as long as it is good', async () => {
  const first = await certificateFor(folder, NAMES, NOW);
  const again = await certificateFor(folder, NAMES, NOW + 100 * DAY_MS);
  expect([first.renewed, again.renewed]).toEqual([true, false]);
  expect(again.cert).toBe(first.cert);
  const days = (Date.parse(new X509Certificate(first.cert).validTo) - NOW) / DAY_MS;
  expect(days).toBeGreaterThan(390);
  // CA/Browser Forum Baseline Requirements, 6.3.2 (from memory): 398 days at most
  expect(days).toBeLessThan(398);
});

test('one that has ended, or is about to, is made anew under the same authority: phones need not be asked again', async () => {
  const first = await certificateFor(folder, NAMES, NOW);
  const later = await certificateFor(folder, NAMES, NOW + 380 * DAY_MS);
  expect(later.renewed).toBe(true);
  expect(later.cert).not.toBe(first.cert);
  expect(later.authority).toBe(first.authority);
  expect(new X509Certificate(later.cert).checkIssued(new X509Certificate(first.authority))).toBe(true);
});

test('for other addresses one is made that names them', async () => {
  await certificateFor(folder, NAMES, NOW);
  const moved = await certificateFor(folder, [...NAMES, '10.0.0.9', 'box.local'], NOW);
  expect(moved.renewed).toBe(true);
  const cert = new X509Certificate(moved.cert);
  expect(cert.checkIP('10.0.0.9')).toBe('10.0.0.9');
  expect(cert.checkHost('box.local')).toBe('box.local');
  expect(cert.checkHost('elsewhere.example')).toBeUndefined();
});

describe('the authority may sign for nobody but this household', () => {
  const openssl = (...args: readonly string[]): string => {
    const done = spawnSync('openssl', args, { encoding: 'utf8' });
    return `${done.stdout}${done.stderr}`;
  };

  test('its limits are read by another program, and its certificate is in order there (RFC 5280 §4.2.1.10)', async () => {
    await certificateFor(folder, [...NAMES, 'box.local'], NOW);
    const text = openssl('x509', '-in', join(folder, 'authority.pem'), '-noout', '-text');
    expect(text).toMatch(/Name Constraints: critical\s+Permitted:/);
    for (const range of ['10.0.0.0/255.0.0.0', '192.168.0.0/255.255.0.0', '172.16.0.0/255.240.0.0'])
      expect(text).toContain(`IP:${range}`);
    for (const name of ['localhost', 'local']) expect(text).toContain(`DNS:${name}`);
    const [authority, server] = [join(folder, 'authority.pem'), join(folder, 'server.pem')];
    expect(openssl('verify', '-x509_strict', '-CAfile', authority, server)).toContain('OK');
  });

  test('another server’s certificate under it is refused', async () => {
    const { authority } = await certificateFor(folder, NAMES, NOW);
    // made by the same key, for a name of the internet
    const key = join(folder, 'authority-key.pem');
    writeFileSync(join(folder, 'ext'), 'subjectAltName=DNS:shop.example\nbasicConstraints=CA:FALSE\n');
    const [request, forged, own] = ['forged.csr', 'forged.pem', 'forged-key.pem'].map((f) => join(folder, f));
    openssl(
      ...['req', '-newkey', 'ec', '-pkeyopt', 'ec_paramgen_curve:P-256', '-nodes', '-subj', '/CN=shop'],
      ...['-keyout', own ?? '', '-out', request ?? '']
    );
    openssl(
      ...[
        'x509',
        '-req',
        '-in',
        request ?? '',
        '-CA',
        join(folder, 'authority.pem'),
        '-CAkey',
        key,
        '-CAcreateserial'
      ],
      ...['-days', '30', '-extfile', join(folder, 'ext'), '-out', forged ?? '']
    );
    expect(new X509Certificate(readFileSync(forged ?? '')).checkIssued(new X509Certificate(authority))).toBe(
      true
    );
    expect(openssl('verify', '-CAfile', join(folder, 'authority.pem'), forged ?? '')).toMatch(
      /permitted subtree violation/
    );
  });

  test('a machine with a name or an address of the internet has that one permitted too; with another, phones are asked anew', async () => {
    const outside = ['203.0.113.7', 'log.example'];
    const first = await certificateFor(folder, [...NAMES, ...outside], NOW);
    const again = await certificateFor(folder, [...NAMES, ...outside, '192.168.9.1'], NOW);
    expect([first.anew, again.anew]).toEqual([true, false]);
    expect(again.authority).toBe(first.authority);
    const moved = await certificateFor(folder, [...NAMES, '203.0.113.8'], NOW);
    expect([moved.anew, moved.renewed]).toEqual([true, true]);
    expect(openssl('verify', '-CAfile', join(folder, 'authority.pem'), join(folder, 'server.pem'))).toContain(
      'OK'
    );
  });
});

test.each([
  ['10.0.0.0/8', '10.255.1.2', true],
  ['10.0.0.0/8', '11.0.0.1', false],
  ['172.16.0.0/12', '172.31.255.255', true],
  ['172.16.0.0/12', '172.32.0.0', false],
  ['203.0.113.7/32', '203.0.113.7', true],
  ['203.0.113.7/32', '203.0.113.6', false],
  ['local', 'box.local', true],
  ['local', 'notlocal', false],
  ['localhost', 'localhost', true],
  ['local', '10.0.0.1', false]
])('%s holds %s: %s', (range, name, held) => {
  expect(holds(range, name)).toBe(held);
});
