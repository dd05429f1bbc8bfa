// The shutter is listened for through a microphone that plays a release made for it.
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from './app.ts';
import { LAUNCH } from './browser.ts';

const RATE = 48_000;

/** Two clicks, half a second apart, as a WAV file: 16 bit, one channel. */
function releaseFile(apartSeconds: number): string {
  const samples = new Float64Array(2 * RATE);
  // the same noise on every run: a linear congruential generator
  let state = 1;
  const noise = (): number => (state = (state * 16_807) % 2_147_483_647) / 2_147_483_647 - 0.5;
  samples.forEach((_, i) => (samples[i] = 0.004 * noise()));
  for (const at of [0.6, 0.6 + apartSeconds])
    for (let i = 0; i < 900; i++) {
      const k = Math.round(at * RATE) + i;
      samples[k] = (samples[k] ?? 0) + 0.8 * Math.exp(-i / 150) * Math.sin(0.8 * i);
    }
  const wav = Buffer.alloc(44 + 2 * samples.length);
  wav.write('RIFF', 0);
  wav.writeUInt32LE(36 + 2 * samples.length, 4);
  wav.write('WAVEfmt ', 8);
  wav.writeUInt32LE(16, 16);
  wav.writeUInt16LE(1, 20);
  wav.writeUInt16LE(1, 22);
  wav.writeUInt32LE(RATE, 24);
  wav.writeUInt32LE(2 * RATE, 28);
  wav.writeUInt16LE(2, 32);
  wav.writeUInt16LE(16, 34);
  wav.write('data', 36);
  wav.writeUInt32LE(2 * samples.length, 40);
  samples.forEach((v, i) => wav.writeInt16LE(Math.round(24_000 * Math.max(-1, Math.min(1, v))), 44 + 2 * i));
  const file = join(mkdtempSync(join(tmpdir(), 'just-enough-heard-')), 'release.wav');
  writeFileSync(file, wav);
  return file;
}
const WAV = releaseFile(1 / 2);

test.use({
  permissions: ['microphone'],
  launchOptions: {
    ...LAUNCH,
    args: [
      ...LAUNCH.args,
      ...['--use-fake-device-for-media-stream', '--use-fake-ui-for-media-stream'],
      `--use-file-for-fake-audio-capture=${WAV}%noloop`
    ]
  }
});

test(
  'listening on Shoot: the time goes with the frame, or after it, and says what the eye read',
  { tag: '@phone' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/shoot?scene=room-evening&load=demo-load-pelican`);
    const heard = page.getByTestId('heard');
    // by ear first
    await heard.getByLabel('The time you heard').selectOption('0.25');
    await expect(page.getByTestId('heard-says')).toContainText(
      /^(¼|1\/4) s heard: .* (under|over) its usual/
    );
    await expect(page.getByTestId('heard-says')).toContainText('Its eye read LV');
    // then by the microphone: begun before the frame, said after it
    await heard.getByRole('button', { name: 'Listen for it' }).click();
    await expect(heard.getByRole('status')).toContainText('Listening');
    // the release that plays is two seconds long
    await expect(heard.getByRole('status')).toContainText('4 s');
    await heard.getByRole('button', { name: 'Stop listening' }).click();
    const which = heard.getByRole('group', { name: 'Which time was it?' });
    await expect(which.getByRole('button', { name: '½ s', exact: true })).toBeVisible();
    await page.getByTestId('log').click();
    await expect(page.getByText(/Frame \d+ is logged/)).toBeVisible();
    await expect(which).toContainText(/Frame \d+: which time was it/);
    await which.getByRole('button', { name: '½ s', exact: true }).click();
    await expect(page.getByText(/Frame \d+: ½ s heard/)).toBeVisible();
    const noted = await (await page.request.get(`${app.url}/api/v1/frames?load=demo-load-pelican`)).text();
    expect(noted).toMatch(/"heardSeconds":0\.5,|"heardSeconds":0\.(49|50)\d*,/);
    expect(noted).toMatch(/"heardSdStops":0\.00\d+/);
  }
);
