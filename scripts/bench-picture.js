// A phone's picture of 12 megapixels on Shoot, in Chromium: until its exposure is read, until it can be touched, and what the prints
// of it add to a drag of the light at four times slowdown.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { chromiumPath } from './chromium.js';
import sharp from 'sharp';
import { drag, quantile } from './bench-shoot.js';
import { buildIfStale, ROOT } from './prepare.js';

const PORT = '4179';

/** Twelve megapixels of noise over a gradient: as large a file as a phone makes. */
async function twelveMegapixels() {
  const [width, height] = [4000, 3000];
  const data = Buffer.alloc(width * height * 3);
  let state = 7;
  for (let i = 0; i < data.length; i++) {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    data[i] = 60 + ((i / data.length) * 120 + (state >>> 27));
  }
  return sharp(data, { raw: { width, height, channels: 3 } })
    .jpeg({ quality: 88 })
    .withExif({
      IFD0: { Model: 'Pocket 7' },
      IFD2: { FNumber: '18/10', ExposureTime: '1/120', ISOSpeedRatings: '64' }
    })
    .toBuffer();
}

/** Measures and prints. */
export async function benchPicture() {
  buildIfStale();
  const data = mkdtempSync(join(tmpdir(), 'just-enough-bench-'));
  const server = spawn('node', ['scripts/start.js', '--demo'], {
    cwd: ROOT,
    env: { ...process.env, PORT, HOST: '127.0.0.1', JUST_ENOUGH_DATA: data }
  });
  await new Promise((done) =>
    server.stdout.on('data', (line) => String(line).includes('is at') && done(null))
  );
  const browser = await chromium.launch({
    executablePath: chromiumPath(),
    args: ['--headless', '--no-sandbox', '--disable-gpu']
  });
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await page.goto(`http://127.0.0.1:${PORT}/shoot?shadow=soft&load=demo-load-heron`);
  await page.locator('html[data-ready]').waitFor({ state: 'attached' });
  await page.getByRole('tab', { name: 'Picture' }).click();
  await page.locator('input[type=file]:not([capture])').waitFor({ state: 'attached' });
  const buffer = await twelveMegapixels();
  const file = { name: 'scene.jpg', mimeType: 'image/jpeg', buffer };
  /** On the page's own clock, from the moment the file is there. */
  const once = async () => {
    const seen = page.evaluate(
      () =>
        new Promise((done) => {
          document.addEventListener(
            'change',
            () => {
              const start = performance.now();
              const look = () => {
                if (document.querySelector('[data-testid=picture-light]')) done(performance.now() - start);
                else requestAnimationFrame(look);
              };
              look();
            },
            { once: true, capture: true }
          );
        })
    );
    await page.locator('input[type=file]:not([capture])').setInputFiles(file);
    const ms = Number(await seen);
    return ms;
  };
  const times = [];
  for (let i = 0; i < 5; i++) {
    times.push(await once());
    if (i < 4) await page.getByRole('button', { name: 'Put the picture away' }).click();
  }
  const client = await page.context().newCDPSession(page);
  await client.send('Emulation.setCPUThrottlingRate', { rate: 4 });
  const withPicture = await drag(page);
  await page.getByRole('button', { name: 'Put the picture away' }).click();
  const without = await drag(page);
  await browser.close();
  server.kill('SIGKILL');
  rmSync(data, { recursive: true, force: true });
  console.log('A picture of 12 megapixels:');
  console.table({
    'file, MB': (buffer.length / 1e6).toFixed(1),
    'from the choice until it is read and can be touched, ms, first and best': `${times[0]?.toFixed(0)} and ${Math.min(...times).toFixed(0)}`,
    'drag of the light to next paint at 4 times slowdown, ms, p95: with its prints, and with drawn ones': `${quantile(withPicture, 0.95).toFixed(0)} and ${quantile(without, 0.95).toFixed(0)}`
  });
}
