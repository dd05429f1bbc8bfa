// The phone away from home: opened cold without the server, frames logged, home again.
import { copyFileSync, mkdirSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { axe, expect, test, type Page } from './app.ts';

test.use({ serviceWorkers: 'allow' });

const HERON = 'shadow=soft&load=demo-load-heron';

/** Opens the app until the phone carries everything. */
async function fillOffline(page: Page, url: string): Promise<void> {
  await page.goto(`${url}/shoot?${HERON}`);
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await page.goto(`${url}/offline`);
  await expect(page.getByText(/12 cameras/)).toBeVisible();
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
}

/** Logs frames by the button, as it counts them. */
async function logFrames(page: Page, numbers: readonly number[]): Promise<void> {
  for (const n of numbers) {
    await expect(page.getByTestId('log')).toContainText(`Log frame ${n}`);
    await page.getByTestId('log').click();
    await expect(page.getByText(`Frame ${n} is kept on this device`).first()).toBeVisible();
    await page.waitForTimeout(750);
  }
}

const loggedAtHome = async (page: Page, url: string): Promise<string[]> => {
  await page.goto(`${url}/log?film=demo-load-heron`);
  return page.getByRole('article').evaluateAll((all) => all.map((a) => a.getAttribute('aria-label') ?? ''));
};

test('cold without the server: three frames, one edited, one deleted; home again, once and in order', async ({
  app,
  page,
  context
}) => {
  await fillOffline(page, app.url);
  await app.stop();
  await page.close();
  const cold = await context.newPage();
  // by the bare address, as it is typed
  await cold.goto(`${app.url}/?${HERON}`);
  await expect(cold.getByTestId('verdict')).toBeVisible();
  await expect(cold).toHaveURL(/\/shoot\?/);
  await expect(cold.getByTestId('frames-left')).toHaveText('8 left');
  await logFrames(cold, [1, 2, 3]);
  await expect(cold.getByTestId('frames-left')).toHaveText('5 left');
  await expect(cold.getByTestId('offline')).toContainText('3 waiting');

  await cold.getByTestId('offline').click();
  await expect(cold.getByRole('heading', { name: '3 wait to be sent' })).toBeVisible();
  await cold.getByRole('button', { name: 'Edit frame 2' }).click();
  await cold.getByLabel('Note').fill('fog over the bar');
  await cold.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(cold.getByText('fog over the bar').first()).toBeVisible();
  await cold.getByRole('button', { name: 'Delete frame 3' }).click();
  await expect(cold.getByRole('article', { name: 'Frame 3' })).toHaveCount(0);
  expect((await axe(cold)).violations).toEqual([]);

  // the tab is killed in between
  await cold.close();
  const again = await context.newPage();
  await again.goto(`${app.url}/offline?${HERON}`);
  await expect(again.getByTestId('offline')).toContainText('5 waiting');
  await app.restart();
  await expect(again.getByTestId('offline')).toContainText('All sent', { timeout: 25_000 });
  expect(await loggedAtHome(again, app.url)).toEqual(['Frame 1', 'Frame 2']);
  await expect(again.getByRole('article', { name: 'Frame 2' })).toContainText('fog over the bar');
});

test('the server is given an older copy: the phone, which carries more, asks and logs it again', async ({
  app,
  page
}) => {
  await fillOffline(page, app.url);
  // a copy of before, as somebody makes who looks after the files
  await app.stop();
  const before = join(app.data, 'before');
  mkdirSync(before);
  const files = readdirSync(app.data).filter((name) => name.includes('.sqlite'));
  for (const name of files) copyFileSync(join(app.data, name), join(before, name));
  await app.restart();
  await page.goto(`${app.url}/shoot?${HERON}`);
  for (const n of [1, 2]) {
    await expect(page.getByTestId('log')).toContainText(`Log frame ${n}`);
    await page.getByTestId('log').click();
    await expect(page.getByText(`Frame ${n} is logged`).first()).toBeVisible();
  }
  await page.goto(`${app.url}/log?film=demo-load-heron`);
  await page.getByRole('button', { name: 'Delete frame 2' }).click();
  await expect(page.getByRole('article', { name: 'Frame 2' })).toHaveCount(0);
  await page.goto(`${app.url}/offline?${HERON}`);
  await expect(page.getByRole('article', { name: 'Frame 1' })).toBeVisible();
  // in the trash is not lost: once the phone has heard of it nothing is asked
  await expect(page.getByRole('article', { name: 'Frame 2' })).toHaveCount(0);
  await expect(page.getByTestId('offline')).toContainText('All sent');

  await app.stop();
  for (const name of readdirSync(app.data)) if (name.includes('.sqlite')) rmSync(join(app.data, name));
  for (const name of files) copyFileSync(join(before, name), join(app.data, name));
  await app.restart();
  await page.goto(`${app.url}/offline?${HERON}`);
  await expect(page.getByTestId('offline')).toContainText('1 needs you');
  const asked = page.getByRole('article', { name: /^Needs you: .*frame 1/i });
  await expect(asked).toContainText('an older copy was brought back there');
  expect((await axe(page)).violations).toEqual([]);
  await asked.getByRole('button', { name: 'Log it again' }).click();
  await expect(page.getByTestId('offline')).toContainText('All sent');
  expect(await loggedAtHome(page, app.url)).toEqual(['Frame 1']);
});

test('every place of Shoot works without home: light by sun and moon, dials, reminders, looks, another pair', async ({
  app,
  page
}) => {
  await fillOffline(page, app.url);
  await app.stop();
  await page.goto(`${app.url}/shoot?${HERON}`);
  await page.getByRole('tab', { name: 'Sun' }).click();
  await page.getByLabel(/Where is it|Another place/).fill('47.5 -28.2');
  await expect(page.getByText(/by this phone’s own clock/)).toBeVisible();
  await expect(page.getByTestId('verdict')).toBeVisible();

  await page.getByRole('button', { name: 'Remind me' }).click();
  await page.getByLabel(/Before each press of/).fill('wipe the lens');
  await page.getByRole('button', { name: 'Add' }).click();
  await expect(page.getByTestId('checks')).toContainText(/wipe the lens/i);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Look: Day/ }).click();
  await page.getByRole('button', { name: /^Look: Evening/ }).click();
  await expect(page.locator('html')).toHaveAttribute('data-scheme', 'dark');
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-scheme', 'dark');
  await expect(page.getByTestId('checks')).toContainText(/wipe the lens/i);

  // places that are at home say so and offer what is here
  await page.getByRole('link', { name: 'Kit', exact: true }).click();
  await expect(page.getByText(/Kit is on the server/)).toBeVisible();
  // the page came whole from the phone: it answers once it is ready
  await page.locator('html[data-ready]').waitFor({ state: 'attached' });
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Thimble' })
    .getByRole('link', { name: 'Use this camera' })
    .click();
  // Kit's own mark reads “In use” too, until the page of Shoot stands
  await expect(page.getByRole('link', { name: /^In use: / })).toContainText('Thimble');
  await app.restart();
  await expect(page.getByTestId('offline')).toContainText('All sent', { timeout: 25_000 });
  await page.goto(`${app.url}/shoot?${HERON}`);
  await expect(page.getByTestId('checks')).toContainText(/wipe the lens/i);
});

test('two phones on one film, the clock moved: numbers that collide are settled with a press each', async ({
  app,
  page,
  browser
}) => {
  await fillOffline(page, app.url);
  const other = await (await browser.newContext({ serviceWorkers: 'allow' })).newPage();
  await fillOffline(other, app.url);
  await app.stop();
  // one phone's clock is a year behind, as after a dead battery
  await other.clock.install({ time: new Date('2025-01-01T08:00:00Z') });
  for (const phone of [page, other]) {
    await phone.goto(`${app.url}/shoot?${HERON}`);
    await phone.locator('html[data-ready]').waitFor({ state: 'attached' });
    await phone.getByTestId('log').click();
    await expect(phone.getByTestId('offline')).toContainText('1 waiting');
  }
  // the other one comes home later
  await other.context().setOffline(true);
  await app.restart();
  await expect(page.getByTestId('offline')).toContainText('All sent', { timeout: 25_000 });
  await other.context().setOffline(false);
  await other.clock.runFor(10_000);
  await expect(other.getByTestId('offline')).toContainText('1 needs you', { timeout: 25_000 });
  await other.getByTestId('offline').click();
  // by a clock that is a year behind, the frame is older than its film
  await other.getByRole('button', { name: 'Log it all the same' }).click();
  await expect(other.getByText(/Frame 1 is in the log already. The next free one is 2/)).toBeVisible();
  expect((await axe(other)).violations).toEqual([]);
  await other.getByRole('button', { name: 'Keep both: mine becomes 2' }).click();
  await expect(other.getByTestId('offline')).toContainText('All sent');
  expect(await loggedAtHome(page, app.url)).toEqual(['Frame 1', 'Frame 2']);
  await other.context().close();
});

test('the same frame edited on the phone and at home: both are shown, home’s can be kept', async ({
  app,
  page,
  request
}) => {
  await fillOffline(page, app.url);
  await page.goto(`${app.url}/shoot?${HERON}`);
  await page.getByTestId('log').click();
  await expect(page.getByText('Frame 1 is logged.').first()).toBeVisible();
  await page.getByTestId('offline').click();
  await expect(page.getByRole('article', { name: 'Frame 1' })).toBeVisible();
  await page.route('**/api/v1/sync', (route) => route.abort());
  await page.getByRole('button', { name: 'Edit frame 1' }).click();
  await page.getByLabel('Note').fill('from the field');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByTestId('offline')).toContainText('1 waiting');
  const carried = (await (await request.get(`${app.url}/api/v1/carried`)).json()) as {
    frames: { id: string; loadId: string }[];
  };
  const id = carried.frames.find((f) => f.loadId === 'demo-load-heron')?.id ?? '';
  await request.patch(`${app.url}/api/v1/frames/${id}`, {
    headers: { 'if-match': '"1"' },
    data: { note: 'from the desk' }
  });
  await page.unroute('**/api/v1/sync');
  await expect(page.getByTestId('offline')).toContainText('1 needs you', { timeout: 25_000 });
  const card = page.getByRole('article', { name: /^Needs you/ });
  await expect(card).toContainText('from the field');
  await expect(card).toContainText('from the desk');
  await card.getByRole('button', { name: 'Keep the server’s' }).click();
  await expect(page.getByText('1 left out')).toBeVisible();
  await expect(page.getByRole('article', { name: 'Frame 1' })).toContainText('from the desk');
});

test('a queue leaves the phone as a file and comes home by another', async ({ app, page, browser }) => {
  await fillOffline(page, app.url);
  await app.stop();
  await page.goto(`${app.url}/shoot?${HERON}`);
  await logFrames(page, [1, 2]);
  await page.goto(`${app.url}/offline`);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save to a file' }).click()
  ]);
  const path = await download.path();
  await app.restart();
  const desk = await (await browser.newContext()).newPage();
  await desk.goto(`${app.url}/offline`);
  await desk.locator('html[data-ready]').waitFor({ state: 'attached' });
  await desk.getByLabel('Take a file in').setInputFiles({
    name: 'notes.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"half')
  });
  await expect(desk.getByText(/This file is no queue of Just Enough/)).toBeVisible();
  await desk.getByLabel('Take a file in').setInputFiles(path);
  await expect(desk.getByText(/2 from the file taken in/)).toBeVisible();
  expect(await loggedAtHome(desk, app.url)).toEqual(['Frame 1', 'Frame 2']);
  // the phone comes home after all: nothing is doubled
  await expect(page.getByTestId('offline')).toContainText('All sent', { timeout: 25_000 });
  expect(await loggedAtHome(page, app.url)).toEqual(['Frame 1', 'Frame 2']);
  await desk.context().close();
});

test('what makes it installable is there', async ({ shared: app, page, request }) => {
  await page.goto(`${app.url}/shoot`);
  const href = (await page.locator('link[rel=manifest]').getAttribute('href')) ?? '';
  const manifest = (await (await request.get(new URL(href, app.url).href)).json()) as {
    name: string;
    start_url: string;
    display: string;
    icons: { src: string; sizes: string; type: string; purpose?: string }[];
  };
  expect(manifest.name).toBe('Just Enough');
  expect(manifest.display).toBe('standalone');
  const start = await request.get(new URL(manifest.start_url, app.url).href);
  expect(start.status()).toBe(200);
  for (const size of [192, 512]) {
    const icon = manifest.icons.find((i) => i.sizes === `${size}x${size}` && i.type === 'image/png');
    const png = await (await request.get(new URL(icon?.src ?? '', app.url).href)).body();
    // width and height in the header chunk of a PNG (RFC 2083, 11.2.2 IHDR)
    expect([png.readUInt32BE(16), png.readUInt32BE(20)]).toEqual([size, size]);
  }
  expect(manifest.icons.some((i) => i.purpose === 'maskable')).toBe(true);
  // the browser's own opinion
  const client = await page.context().newCDPSession(page);
  const seen = (await client.send('Page.getAppManifest')) as { errors: unknown[] };
  expect(seen.errors).toEqual([]);
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
});
