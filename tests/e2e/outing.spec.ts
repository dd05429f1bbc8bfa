// A day out: stops, what takes them, what to pack, the order changed by keys, the calendar; and films compared for a place.
import { readFileSync } from 'node:fs';
import { axe, expect, test, type Page } from './app.ts';

const worked = (page: Page) =>
  expect(page.getByTestId('outing')).toHaveAttribute('aria-busy', 'false', { timeout: 60_000 });
const stops = (page: Page) => page.getByTestId('stop');

test(
  'the demonstration’s day out: each stop has its camera, the kit is small, the order is changed by keys',
  { tag: '@phone' },
  async ({ app, page }) => {
    test.slow();
    await page.goto(`${app.url}/plan`);
    await page.getByRole('link', { name: 'Outings' }).click();
    await page.getByRole('link', { name: /From the quay to the curve/ }).click();
    await expect(page.getByTestId('pack')).toContainText('To pack', { timeout: 60_000 });
    await worked(page);
    await expect(stops(page).nth(1)).toContainText(/20:18 Lights of the 20:20/);
    await expect(stops(page).nth(1)).toContainText(/set down: .*in 100, works 1\d:\d\d–20:\d\d/);
    await expect(page.getByTestId('pack')).toContainText('Something to stand a camera on');

    // by the arrow keys, as the list itself says: the train first
    const handle = page.getByRole('button', { name: 'Move Lights of the 20:20' });
    await handle.focus();
    await page.keyboard.press('Enter');
    await page.keyboard.press('ArrowUp');
    await page.keyboard.press('Enter');
    await expect(stops(page).first()).toContainText('Lights of the 20:20');
    await expect(stops(page).nth(1)).toContainText('This is earlier than the stop before it.', {
      timeout: 60_000
    });
    const { violations } = await axe(page);
    expect(violations.filter((v) => v.impact === 'serious' || v.impact === 'critical')).toEqual([]);

    // it stays so, over a reload
    await page.reload();
    await expect(stops(page).first()).toContainText('Lights of the 20:20');

    await worked(page);
    await expect(page.getByTestId('pack')).toBeVisible();
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Add to calendar' }).click()
    ]);
    const text = readFileSync(await download.path(), 'utf8');
    expect(text.match(/BEGIN:VEVENT/g)).toHaveLength(3);
    expect(text).toContain('SUMMARY:From the quay to the curve: Lights of the 20:20');
  }
);

test('a new outing: an hour that is none is told, a stop at night says when it would work, deleted and back', async ({
  app,
  page
}) => {
  test.slow();
  await page.goto(`${app.url}/plan`);
  await page.getByLabel('Where is it?').fill('Lisbon');
  await page.getByRole('list', { name: 'Places found' }).getByRole('button').first().click();
  await expect(page.getByTestId('plan')).toBeVisible();
  await page.goto(`${app.url}/plan/outings`);
  await page.getByRole('button', { name: 'New outing' }).click();
  await page.getByLabel('Day', { exact: true }).fill('12.3.2027');
  await page.getByLabel('Day', { exact: true }).press('Enter');
  await page.getByRole('button', { name: 'Add a stop' }).click();
  const stop = stops(page).first();
  await stop.getByLabel('What').fill('The tram');
  await stop.getByLabel('What').press('Tab');
  await expect(stop).toContainText('The tram');
  const hour = stop.getByLabel('At, by the clocks there');
  await hour.fill('25:70');
  await hour.press('Tab');
  await expect(stop).toContainText('“25:70” is no hour. Write it as 18:40, or leave it empty.');
  await hour.fill('11 pm');
  await hour.press('Tab');
  await stop.getByLabel('Purpose').selectOption('stop-motion');
  await stop.getByLabel('Camera').selectOption({ label: 'Pebble box with Saltmarsh 160' });
  await expect(stop).toContainText(/Nothing loaded does this then\..*would \d\d:\d\d/, { timeout: 60_000 });
  await expect(page.getByTestId('pack')).toContainText(/After \d\d:\d\d no frame of this list works\./);
  // without an hour it is when it works
  await hour.fill('');
  await hour.press('Tab');
  await expect(stop).toContainText(/in 100, works \d\d:\d\d–\d\d:\d\d/, { timeout: 60_000 });

  await page.getByRole('button', { name: 'Delete this outing' }).click();
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByRole('link', { name: /A day out/ })).toBeVisible();
});

test('films compared for a place: ranked, drawn, broken off', { tag: '@phone' }, async ({ app, page }) => {
  test.slow();
  await page.goto(`${app.url}/plan?load=demo-load-gemel`);
  await page.getByLabel('Where is it?').fill('Lisbon');
  await page.getByRole('list', { name: 'Places found' }).getByRole('button').first().click();
  await page.getByRole('link', { name: 'Which film?' }).click();
  await page.getByLabel('Camera', { exact: true }).selectOption({ label: 'Gemel twin-lens' });
  await page.getByRole('button', { name: 'Compare' }).click();
  const films = page.getByTestId('films');
  await expect(films.getByRole('row').nth(1)).toContainText(/64[01]|640/, { timeout: 60_000 });
  await expect(films).toHaveAttribute('aria-busy', 'false', { timeout: 60_000 });
  await expect(films.locator('.apexcharts-heatmap-rect').first()).toBeAttached({ timeout: 30_000 });
  await films.getByRole('button', { name: 'Slowpack 160', exact: true }).click();
  await expect(films.locator('figcaption')).toContainText('Slowpack 160');
  // a year takes a moment: it can be broken off, and what was there stays
  await page.getByLabel('Days', { exact: true }).selectOption('year');
  // pressed the moment it is there: a quick machine is done before a walk has found it
  await page.evaluate(() => {
    const watch = new MutationObserver(() => {
      const stop = [...document.querySelectorAll('button')].find((b) => b.textContent.trim() === 'Stop');
      if (!stop) return;
      watch.disconnect();
      stop.click();
      document.documentElement.dataset['stopped'] = 'yes';
    });
    watch.observe(document.body, { childList: true, subtree: true });
  });
  await page.getByRole('button', { name: 'Compare' }).click();
  await expect(page.locator('html[data-stopped]')).toBeAttached();
  await expect(page.getByRole('button', { name: 'Compare' })).toBeVisible();
  await expect(films.locator('figcaption')).toContainText('by hour and day');
  // ten clear days and one more
  await page.getByLabel('Clear days of ten').fill('8');
  await page.getByLabel('With broken cloud').fill('3');
  await page.getByLabel('With broken cloud').press('Tab');
  await expect(
    page.getByText('“3” is no number of days. Give 0 to 2; the rest has full cloud.')
  ).toBeVisible();
  const { violations } = await axe(page);
  expect(violations.filter((v) => v.impact === 'serious' || v.impact === 'critical')).toEqual([]);
});

test(
  'other programs ask for windows and chances; what is wrong is told by field',
  { tag: '@desktop' },
  async ({ app, request }) => {
    const place = { name: 'Quay', latitude: 38.72, longitude: -9.14, zone: 'Europe/Lisbon' };
    const pair = { cameraId: 'demo-pelican', filmId: 'demo-slowpack', present: {}, purpose: 'light-trails' };
    const fromMs = Date.UTC(2027, 2, 12, 12);
    const day = {
      ...{ place, fromMs, toMs: fromMs + 43_200_000, sky: 'clear', facing: 'front', ground: 'ground' },
      ...{ lamps: null, shadeFromMs: null }
    };
    const windows = await request.post(`${app.url}/api/v1/plan/windows`, { data: { ...pair, day } });
    expect(windows.status()).toBe(200);
    const found = (await windows.json()) as { hand: unknown[]; standing: { from: { likelyMs: number } }[] };
    expect(found.hand).toEqual([]);
    // after the sun has set at 18:44 there
    expect(found.standing.at(-1)?.from.likelyMs).toBeGreaterThan(Date.UTC(2027, 2, 12, 15));

    const wrong = await request.post(`${app.url}/api/v1/plan/windows`, {
      data: { ...pair, day: { ...day, toMs: fromMs - 1 } }
    });
    expect(wrong.status()).toBe(422);
    expect(await wrong.text()).toContain('at most three days later');

    const days = { place, from: '2027-03-12', days: 2, facing: 'front', ground: 'ground', lamps: null };
    const chances = await request.post(`${app.url}/api/v1/plan/chances`, {
      data: { ...pair, purpose: 'good-frame', days }
    });
    const said = (await chances.json()) as { days: { date: string; chances: number[] }[] };
    expect(said.days.map((d) => [d.date, d.chances.length])).toEqual([
      ['2027-03-12', 24],
      ['2027-03-13', 24]
    ]);
  }
);
