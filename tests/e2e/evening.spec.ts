// One evening from end to end: the place, its windows, an outing, the card for the pocket, the calendar, Shoot at a minute, the frame
// laid on its window, and all of it once more without the server.
import { readFileSync } from 'node:fs';
import { expect, test, type Page } from './app.ts';

test.use({ serviceWorkers: 'allow' });
const settled = (page: Page, name: string) =>
  expect(page.getByTestId(name)).toHaveAttribute('aria-busy', 'false', { timeout: 60_000 });
const first = (page: Page) => page.getByTestId('pair-plan').first();
/** A street lit so brightly that there is a window at whatever hour this runs. */
async function lit(page: Page): Promise<void> {
  await page.getByLabel('Lamps that stay on').selectOption('own');
  await page.getByLabel('They read').fill('LV 9');
  await settled(page, 'plan');
}

test(
  'from the place to the frame on its window, and again without the server',
  { tag: '@desktop' },
  async ({ app, page }) => {
    test.slow();
    await page.goto(`${app.url}/plan?load=demo-load-gemel`);
    await page.evaluate(async () => {
      await navigator.serviceWorker.ready;
    });
    await page.getByLabel('Where is it?').fill('Lisbon');
    await page.getByRole('list', { name: 'Places found' }).getByRole('button').first().click();
    await settled(page, 'plan');
    await lit(page);
    await expect(first(page).getByTestId('window').last()).toContainText('Last press at');

    await page.getByRole('link', { name: 'Outings' }).click();
    await page.getByRole('button', { name: 'New outing' }).click();
    await page.getByRole('button', { name: 'Add a stop' }).click();
    const stop = page.getByTestId('stop').first();
    await stop.getByLabel('What').fill('The tram');
    await stop.getByLabel('What').press('Tab');
    await stop.getByLabel('Lamps that stay on').selectOption('street-bright');
    await stop.getByLabel('Camera').selectOption({ label: 'Gemel twin-lens with Minutepack 640' });
    await settled(page, 'outing');
    await expect(page.getByTestId('pack')).toContainText('Gemel twin-lens with Minutepack 640');
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Add to calendar' }).click()
    ]);
    expect(readFileSync(await download.path(), 'utf8')).toContain('SUMMARY:A day out: The tram');

    await page.goto(`${app.url}/plan`);
    await page.getByRole('link', { name: 'Pocket card' }).click();
    await expect(page.getByTestId('card-front').first()).toContainText('Gemel twin-lens');
    await page.goto(`${app.url}/plan`);
    await settled(page, 'plan');
    await page.getByTestId('at-minute').getByRole('link', { name: 'Shoot then' }).first().click();
    await page.getByTestId('log').click();
    await expect(page.getByText(/is logged/).first()).toBeVisible();
    await page.goto(`${app.url}/plan`);
    await settled(page, 'plan');
    await lit(page);
    await expect(first(page).getByTestId('taken').first()).toContainText('Taken: 1 frame');

    await page.goto(`${app.url}/offline`);
    await expect(page.getByText(/12 cameras/)).toBeVisible();
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await app.stop();
    await page.goto(`${app.url}/plan`);
    await settled(page, 'plan');
    await lit(page);
    await expect(first(page).getByTestId('window').last()).toContainText('Last press at');
    await page.getByRole('link', { name: 'Outings' }).click();
    await page.getByRole('link', { name: /A day out/ }).click();
    await expect(page.getByTestId('stop').first()).toContainText('The tram');
  }
);
