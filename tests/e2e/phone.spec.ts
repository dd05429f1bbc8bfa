// The app as phones see it: HTTPS with a certificate of the household, a passcode, and nobody else let in.
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { X509Certificate } from 'node:crypto';
import { once } from 'node:events';
import { mkdtempSync, readdirSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, freePort, test } from './app.ts';

const PASSCODE = 'a fogbound passcode';
test.use({ ignoreHTTPSErrors: true });

let data = '';
let url = '';
let server: ChildProcess | null = null;
let said = '';

test.beforeAll(async () => {
  data = mkdtempSync(join(tmpdir(), 'just-enough-phone-'));
  const port = await freePort();
  url = `https://127.0.0.1:${port}`;
  const started = spawn('node', ['scripts/phone.js', '--demo'], {
    env: {
      ...process.env,
      ...{ PORT: String(port), HOST: '127.0.0.1', JUST_ENOUGH_DATA: data, JUST_ENOUGH_NEW_PASSCODE: PASSCODE }
    }
  });
  server = started;
  await new Promise<void>((done, fail) => {
    const hear = (chunk: Buffer): void => {
      said += chunk.toString();
      if (said.includes('Just Enough is at')) done();
    };
    started.stdout.on('data', hear);
    started.stderr.on('data', hear);
    started.once('exit', () => fail(new Error(`it did not start: ${said}`)));
  });
});
test.afterAll(() => {
  server?.removeAllListeners('exit');
  server?.kill('SIGKILL');
  rmSync(data, { recursive: true, force: true });
});

test('the address is told as text and as a QR code; key and passcode are nowhere readable', () => {
  expect(said).toMatch(/Just Enough is at https:\/\/[\d.]+:\d+\//);
  expect(said).toContain('█');
  expect(said).not.toContain(PASSCODE);
  for (const name of ['phone/server-key.pem', 'phone/authority-key.pem', 'demo.sqlite'])
    expect(statSync(join(data, name)).mode & 0o077, name).toBe(0);
  const cert = new X509Certificate(readFileSync(join(data, 'phone', 'server.pem')));
  const authority = new X509Certificate(readFileSync(join(data, 'phone', 'authority.pem')));
  expect(cert.checkIssued(authority)).toBe(true);
  expect(cert.checkIP('127.0.0.1')).toBe('127.0.0.1');
  expect(authority.ca).toBe(true);
  // an independent reader: OpenSSL's own verification
  const check = spawnSync('openssl', ['verify', '-CAfile', 'authority.pem', 'server.pem'], {
    ...{ cwd: join(data, 'phone'), encoding: 'utf8' }
  });
  expect(check.stdout).toContain('server.pem: OK');
});

test('without the passcode nothing is told; with it the phone is in, and out again everywhere', async ({
  page,
  request
}) => {
  expect((await request.get(`${url}/api/v1/cameras`)).status()).toBe(401);
  // where a stranger is led to the gate the answer says of itself what every other says
  const led = await request.get(`${url}/shoot`, { maxRedirects: 0 });
  expect([led.status(), led.headers()['location']]).toEqual([303, '/enter?to=%2Fshoot']);
  expect(led.headers()).toMatchObject({
    ...{ 'x-content-type-options': 'nosniff', 'referrer-policy': 'same-origin' },
    ...{ 'cache-control': 'private, no-cache', 'strict-transport-security': 'max-age=2592000' }
  });
  const data = await request.get(`${url}/shoot/__data.json`);
  expect(await data.json()).toMatchObject({ type: 'redirect', location: '/enter?to=%2Fshoot' });
  expect((await request.get(`${url}/trust.crt`)).headers()['content-type']).toContain('x509-ca-cert');
  await page.goto(`${url}/shoot?shadow=soft`);
  await expect(page).toHaveURL(/\/enter\?to=/);
  expect(await page.content()).not.toContain('Marigold');
  await page.getByLabel('Passcode set on the server').fill('not this one');
  await page.getByRole('button', { name: 'Enter' }).click();
  await expect(page.getByText(/That is not the passcode. 9 tries are left/)).toBeVisible();
  await page.getByLabel('Passcode set on the server').fill(PASSCODE);
  await page.getByRole('button', { name: 'Enter' }).click();
  await expect(page).toHaveURL(/\/shoot\?shadow=soft/);
  await expect(page.getByTestId('verdict')).toBeVisible();
  const cookie = (await page.context().cookies()).find((c) => c.name === '__Host-just-enough');
  expect(cookie).toMatchObject({ httpOnly: true, secure: true, sameSite: 'Lax' });

  await page.getByTestId('log').click();
  await expect(page.getByText(/Frame \d is logged/).first()).toBeVisible();
  await page.goto(`${url}/enter`);
  await page.getByRole('button', { name: 'Sign out everywhere' }).click();
  await page.goto(`${url}/shoot`);
  await expect(page).toHaveURL(/\/enter\?to=/);
});

test('ten wrong passcodes shut the gate; foreign hosts, origins and addresses to go to are refused', async ({
  page,
  request
}) => {
  const foreign = await request.get(`${url}/enter`, { headers: { host: 'elsewhere.example' } });
  expect(foreign.status()).toBe(403);
  const posted = await request.post(`${url}/enter?/enter`, {
    headers: { origin: 'https://elsewhere.example' },
    form: { passcode: PASSCODE }
  });
  expect(posted.status()).toBe(403);
  await page.goto(`${url}/enter?to=//elsewhere.example`);
  await expect(page.getByRole('button', { name: 'Enter' })).toBeVisible();
  expect(await page.locator('form').getAttribute('action')).toContain(encodeURIComponent('/shoot'));
  for (let i = 0; i < 11; i++) {
    await page.getByLabel('Passcode set on the server').fill(`wrong ${i}`);
    await page.getByRole('button', { name: 'Enter' }).click();
    await expect(page.getByRole('alert')).toContainText(
      i < 10 ? 'That is not the passcode' : 'The gate is shut'
    );
    const left = i < 8 ? `${9 - i} tries are left` : i === 8 ? 'One try is left' : 'last try';
    if (i < 10) await expect(page.getByRole('alert')).toContainText(left);
  }
  await page.getByLabel('Passcode set on the server').fill(PASSCODE);
  await page.getByRole('button', { name: 'Enter' }).click();
  await expect(page.getByRole('alert')).toContainText('The gate is shut for 15 minutes');
});

test('asked to stop, it leaves everything in the one file of the database', async () => {
  const stopping = server;
  if (!stopping) throw new Error('it was not started');
  stopping.removeAllListeners('exit');
  const stopped = once(stopping, 'exit');
  stopping.kill('SIGTERM');
  expect((await stopped)[0]).toBe(0);
  expect(readdirSync(data).filter((name) => /-(wal|shm)$/.test(name))).toEqual([]);
});
