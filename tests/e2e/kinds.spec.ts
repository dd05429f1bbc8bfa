import { axe, expect, test } from './app.ts';

const KINDS = [
  ['Thimble reusable', 'none', 'Nothing to set'],
  ['Pebble box', 'soft', 'Tab to I'],
  ['Marigold 6', 'sharp', 'Lever to sun'],
  ['Heron folding', 'none', 'Speed dial'],
  ['Pelican fold-up', 'none', 'Lighten–darken'],
  ['Brisk one', 'soft', 'Lighten–darken to middle'],
  ['Gemel twin-lens', 'soft', 'Aperture'],
  ['Farrier pack', 'deep', 'Aperture'],
  ['Arclight swing', 'none', 'shutter black'],
  ['Corvane 35', 'soft', 'shutter'],
  ['Ticker 8', 'soft', 'Aperture'],
  ['Lathe portrait', 'leaf', 'Aperture']
] as const;

test(
  'each of the twelve kinds goes from Kit to an answer in its own marks to a logged frame',
  { tag: '@phone' },
  async ({ app, page }) => {
    test.setTimeout(120_000);
    for (const [name, shadow, instruction] of KINDS) {
      await page.goto(`${app.url}/kit?shadow=${shadow}`);
      const row = page.getByRole('article').filter({ hasText: name });
      const take = row.getByRole('button', { name: 'Use this camera' });
      if ((await take.count()) > 0) await take.click();
      await expect(row).toContainText('In use');
      await row.getByRole('link', { name: 'Go to Shoot' }).click();
      await expect(page.getByTestId('instruction'), name).toContainText(instruction);
      await expect(page.locator('body')).not.toContainText(/NaN|Infinity|undefined/);
      const left = Number((await page.getByTestId('frames-left').textContent())?.replace(/\D/g, ''));
      await page.getByTestId('log').click();
      await expect(page.getByTestId('frames-left'), name).toHaveText(`${left - 1} left`);
    }
  }
);

test('what would help is told with what it brings', { tag: '@desktop' }, async ({ shared: app, page }) => {
  await page.goto(`${app.url}/shoot?shadow=sharp&load=demo-load-pelican`);
  await expect(page.getByTestId('verdict')).toContainText('Too light');
  await expect(
    page.getByTestId('remedy').filter({ hasText: 'Smoke 2 (2 stops) over lens and eye' }).first()
  ).toBeVisible();
});

test(
  'a lever that depends on the dial says what it means for where the dial stands',
  { tag: '@phone' },
  async ({ shared: app, page }) => {
    await page.goto(`${app.url}/shoot?shadow=soft&load=demo-load-heron`);
    await page.getByRole('radio', { name: /^2000/ }).check();
    await expect(page.getByRole('radio', { name: /^bright, f\/52/ })).toBeAttached();
    await page.getByRole('radio', { name: /^64/ }).check();
    await expect(page.getByRole('radio', { name: /^bright, f\/9\.2/ })).toBeAttached();
  }
);

test(
  'the pairs table sorts, filters and follows the light',
  { tag: '@desktop' },
  async ({ shared: app, page }) => {
    await page.goto(`${app.url}/kit/pairs?shadow=none`);
    const rows = page.locator('tbody tr:not(.group)');
    await expect(page.locator('tbody tr.group').first()).toContainText('Sure: 90 and more');
    await expect(rows.first()).toContainText('99');
    const all = await rows.count();
    await page.getByText('Only what will likely come out').click();
    expect(await rows.count()).toBeLessThan(all);
    await page.getByText('Only what will likely come out').click();
    await page.getByLabel('Camera or film').fill('heron');
    await expect(rows.first()).toContainText('Heron folding');
    await page.getByLabel('Camera or film').fill('');
    await page.getByRole('button', { name: 'Camera', exact: true }).click();
    await expect(rows.first()).toContainText('Arclight swing');
    await page.getByRole('slider', { name: 'Light now' }).focus();
    await page.keyboard.press('Home');
    await expect(page.getByText(/Too dark by/).first()).toBeVisible();
    const { violations } = await axe(page);
    expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)).toEqual(
      []
    );
  }
);

test(
  'a camera that times itself is entered in three questions',
  { tag: '@phone' },
  async ({ emptyApp, page }) => {
    await page.goto(emptyApp.url);
    await page.getByRole('radio', { name: /It times itself/ }).check();
    await page.getByLabel('Its shortest time').fill('1/0');
    await page.getByRole('button', { name: /today’s answer/ }).click();
    await expect(page.getByText(/“1\/0” is not a shutter time/)).toBeVisible();
    await page.getByLabel('Its shortest time').fill('1/250');
    await page.getByRole('button', { name: /today’s answer/ }).click();
    await page
      .getByTestId('light-guide')
      .getByRole('button', { name: /No shadow/ })
      .click();
    await expect(page.getByTestId('instruction')).toContainText('Lighten–darken 0');
    await expect(page.getByText(/The camera times it/).first()).toBeVisible();
  }
);
