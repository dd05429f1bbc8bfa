import { readFileSync } from 'node:fs';
import { axe, expect, test, unfold } from './app.ts';

test(
  'a first visit: three questions, an answer, a logged frame',
  { tag: '@phone' },
  async ({ emptyApp, page }) => {
    await page.goto(emptyApp.url);
    await expect(page.getByRole('heading', { name: 'Your camera, in three questions' })).toBeVisible();
    await page.getByRole('radio', { name: /Nothing to set/ }).check();
    await page.getByLabel('Its opening').fill('f/0');
    await page.getByLabel('Film speed, ISO').fill('0');
    await page.getByLabel('What you call it').fill('Attic find');
    await page.getByRole('button', { name: /today’s answer/ }).click();
    await expect(page.getByText('“f/0” is not an aperture: it must be more than 0.')).toBeVisible();
    await expect(page.getByText('“0” is not a film speed: it must be more than 0.')).toBeVisible();
    await expect(page.getByLabel('What you call it')).toHaveValue('Attic find');
    await page.getByLabel('Its opening').fill('f/5,6');
    await page.getByLabel('Film speed, ISO').fill('27°');
    await page.getByRole('button', { name: /today’s answer/ }).click();
    // the answer for every light stands there; a press tells which it is
    const guide = page.getByTestId('light-guide');
    await expect(guide.getByRole('button')).toHaveCount(8);
    await expect(guide).toContainText('Nothing to set');
    await guide.getByRole('button', { name: /Sharp edge/ }).click();
    await expect(page.getByTestId('instruction')).toContainText('Nothing to set');
    await page.getByTestId('log').click();
    await expect(page.getByTestId('frames-left')).toHaveText('7 left');
  }
);

test(
  'what was chosen last is in use on this device, and an address that names a film says so',
  { tag: '@desktop' },
  async ({ app, page, browser }) => {
    const pair = page.getByRole('link', { name: /^In use: / });
    await page.goto(`${app.url}/shoot?load=demo-load-heron`);
    await expect(page.getByText(/is in use now, as this address says/)).toBeVisible();
    await expect(pair).toContainText('Heron');
    // the address keeps no film: what is chosen in Kit is in use at once, and stays
    await expect(page).not.toHaveURL(/load=/);
    await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Kit' }).click();
    const pebble = page.getByRole('article').filter({ hasText: 'Pebble box' });
    await pebble.getByRole('button', { name: 'Use this camera' }).click();
    await expect(pebble).toContainText('In use');
    await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Shoot' }).click();
    await expect(pair).toContainText('Pebble box');
    await page.goBack();
    await page.goto(`${app.url}/shoot`);
    await expect(pair).toContainText('Pebble box');
    // a film that is finished and another that is loaded: the new one
    await page.goto(`${app.url}/kit`);
    await unfold(pebble);
    await pebble.getByRole('button', { name: 'Finish film' }).click();
    await pebble.getByLabel('Load it with').selectOption({ label: 'Tidewater 125' });
    await pebble.getByRole('button', { name: 'Load', exact: true }).click();
    await expect(pebble).toContainText('In use');
    await page.goto(`${app.url}/shoot`);
    await expect(pair).toContainText('Tidewater 125');
    // another device chose nothing of its own, and its choice is its own
    const phone = await (await browser.newContext()).newPage();
    await phone.goto(`${app.url}/kit`);
    const marigold = phone.getByRole('article').filter({ hasText: 'Marigold 6' });
    await marigold.getByRole('button', { name: 'Use this camera' }).click();
    await expect(marigold).toContainText('In use');
    await page.reload();
    await expect(pair).toContainText('Pebble box');
    // a bookmark to a film that is gone
    await page.goto(`${app.url}/shoot?load=long-gone`);
    await expect(page.getByText(/names is not in the kit any more. Pebble box with/)).toBeVisible();
  }
);

test(
  'taking another pair in use changes the whole instrument',
  { tag: '@desktop' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/kit?shadow=soft`);
    await page
      .getByRole('article')
      .filter({ hasText: 'Corvane 35' })
      .getByRole('button', { name: 'Use this camera' })
      .click();
    await expect(page.getByRole('article').filter({ hasText: 'Corvane 35' })).toContainText('In use');
    await page.getByRole('link', { name: 'Go to Shoot' }).click();
    await expect(page.getByTestId('instruction')).toContainText(/Aperture \d+.*shutter \d+/);
    await expect(page).toHaveURL(/shadow=soft/);
  }
);

test(
  'a film is loaded, and a number of frames that is none is refused by name',
  { tag: '@desktop' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/kit`);
    const marigold = page.getByRole('article').filter({ hasText: 'Marigold 6' });
    await unfold(marigold);
    await marigold.getByRole('button', { name: 'Finish film' }).click();
    await marigold.getByLabel('Load it with').selectOption({ label: 'Lantern 400' });
    await expect(marigold.getByLabel('Frames')).toHaveValue('12');
    await marigold.getByLabel('Frames').fill('some');
    await marigold.getByRole('button', { name: 'Load' }).click();
    await expect(marigold.getByRole('alert')).toContainText('“some” is no number of frames');
    await marigold.getByLabel('Frames').fill('8');
    await marigold.getByRole('button', { name: 'Load' }).click();
    await expect(marigold).toContainText('8 of 8 left');
  }
);

test('a camera is retired and brought back', { tag: '@desktop' }, async ({ app, page }) => {
  await page.goto(`${app.url}/kit`);
  const ticker = page.getByRole('article').filter({ hasText: 'Ticker 8' });
  await unfold(ticker);
  await ticker.getByRole('button', { name: 'Retire Ticker 8' }).click();
  await expect(ticker).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(ticker).toBeVisible();
});

test(
  'a new film is entered, its faults named, and it can be loaded',
  { tag: '@desktop' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/kit/film`);
    await page.getByLabel('Kind of film').selectOption({ label: 'colour reversal' });
    await page.getByLabel('Its name').fill('Kelpbed 50');
    await page.getByLabel('Film speed, ISO').fill('0');
    // the size of the camera in use is ticked
    await page.getByLabel('roll film, 6 × 6').uncheck();
    await page.getByRole('button', { name: 'Keep this film' }).click();
    await expect(page.getByText('Tick at least one size')).toBeVisible();
    await expect(page.getByText(/“0” is not a film speed/)).toBeVisible();
    await expect(page.getByLabel('Its name')).toHaveValue('Kelpbed 50');
    await page.getByLabel('Film speed, ISO').fill('50');
    await page.getByLabel('roll film, 6 × 6').check();
    await page.getByRole('button', { name: 'Keep this film' }).click();
    await expect(page.getByText('Kelpbed 50').first()).toBeVisible();
    const marigold = page.getByRole('article').filter({ hasText: 'Marigold 6' });
    await unfold(marigold);
    await marigold.getByRole('button', { name: 'Finish film' }).click();
    await marigold.getByLabel('Load it with').selectOption({ label: 'Kelpbed 50' });
    await marigold.getByRole('button', { name: 'Load' }).click();
    await expect(marigold).toContainText('12 of 12 left');
  }
);

test('finishing a film can be taken back', { tag: '@desktop' }, async ({ app, page }) => {
  await page.goto(`${app.url}/kit`);
  const pebble = page.getByRole('article').filter({ hasText: 'Pebble box' });
  await unfold(pebble);
  await pebble.getByRole('button', { name: 'Finish film' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(pebble).toContainText('5 of 8 left');
});

test(
  'a frame is edited, a bad number named, the frame deleted and taken back',
  { tag: '@desktop' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/log`);
    await page.getByRole('button', { name: 'Edit frame 2' }).click();
    const number = page.getByLabel('Frame number');
    for (const [bad, words] of [
      ['two', '“two” is no frame number'],
      ['5', 'Frame 5 is in the log already'],
      ['100000', 'Give a whole number from 1 to 99999'],
      ['0', 'Give a whole number from 1 to 99999']
    ] as const) {
      await number.fill(bad);
      await page.getByRole('button', { name: 'Save' }).click();
      await expect(page.getByRole('alert').filter({ hasText: words })).toBeVisible();
    }
    await number.fill('84');
    await page.getByLabel('Note').fill('Four rowers, not three');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('article', { name: 'Frame 84' })).toContainText('Four rowers, not three');
    await page.getByRole('button', { name: 'Delete frame 84' }).click();
    await expect(page.getByRole('article', { name: 'Frame 84' })).toHaveCount(0);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('article', { name: 'Frame 84' })).toBeVisible();
    await app.restart();
    await page.reload();
    await expect(page.getByRole('article', { name: 'Frame 84' })).toContainText('Four rowers, not three');
  }
);

test(
  'kit, log and start are free of serious accessibility faults and do not scroll sideways',
  { tag: '@phone' },
  async ({ shared: app, page }) => {
    test.setTimeout(120_000);
    for (const path of [
      '/kit',
      '/kit/film',
      '/kit/thing',
      '/kit/camera/demo-pebble',
      '/log',
      '/log?view=table&words=a',
      '/log/roll',
      '/log/scans',
      '/log/judge?film=demo-load-pebble-summer',
      '/log/compare?film=demo-load-pebble-summer',
      '/log/numbers',
      '/log/files',
      '/log/labels',
      '/start',
      '/nowhere'
    ]) {
      await page.goto(app.url + path);
      const { violations } = await axe(page);
      expect(
        violations.map((v) => `${path} ${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)
      ).toEqual([]);
      expect(
        await page.evaluate(() => document.documentElement.scrollWidth - innerWidth),
        path
      ).toBeLessThanOrEqual(0);
    }
  }
);

test('strangers are turned away', { tag: '@desktop' }, async ({ shared: app, request }) => {
  const foreignHost = await request.get(`${app.url}/shoot`, { headers: { host: 'evil.example' } });
  expect(foreignHost.status()).toBe(403);
  const foreignOrigin = await request.post(`${app.url}/api/v1/frames`, {
    headers: { origin: 'http://evil.example' },
    data: {}
  });
  expect(foreignOrigin.status()).toBe(403);
  const notJson = await request.post(`${app.url}/api/v1/frames`, {
    headers: { 'content-type': 'text/plain' },
    data: 'x'
  });
  expect(notJson.status()).toBe(415);
  const broken = await request.post(`${app.url}/api/v1/frames`, { data: { id: 'x' } });
  expect(broken.status()).toBe(422);
  const said: unknown = await broken.json();
  expect(said).toMatchObject({ status: 422, title: 'Some fields were not understood' });
});

test(
  'a film given to somebody else as a file is told by name, and is in their kit',
  { tag: '@desktop' },
  async ({ app, emptyApp, page }) => {
    await page.goto(`${app.url}/kit`);
    const coming = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Heliodor 64 as a file for somebody else' }).click();
    const path = await (await coming).path();
    await page.goto(`${emptyApp.url}/log/files`);
    await page.getByLabel(/^An archive/).setInputFiles({
      ...{ name: 'kit.jsonl', mimeType: 'application/jsonl', buffer: readFileSync(path) }
    });
    await expect(page.getByText('New in the kit: Heliodor 64')).toBeVisible();
    await page.getByRole('button', { name: 'Take all 1 in' }).click();
    await expect(page.getByText('1 new line is in the log.')).toBeVisible();
    await page.goto(`${emptyApp.url}/kit`);
    await expect(page.getByRole('region', { name: 'Films' })).toContainText('Heliodor 64');
  }
);
