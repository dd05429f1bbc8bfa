// Certificates of the household: made once, made anew when they must be, and the authority that phones trust stays the same.
import { X509Certificate } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { certificateFor } from '../scripts/certificate.js';

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
