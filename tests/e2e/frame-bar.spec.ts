// What is said about the frame beside its light: one press from the answer, the answer in view, and kept however light is told.
import { expect, test, type Page } from './app.ts';

const chance = async (page: Page): Promise<number> =>
  Number((await page.getByTestId('chance').textContent())?.replace(/\D.*/s, ''));
const held = (page: Page, name: RegExp) => page.getByRole('radio', { name });

test(
  'how the camera is held, with the chance each way, one press from the answer and the answer in view',
  { tag: '@phone' },
  async ({ shared: app, page }) => {
    await page.goto(`${app.url}/shoot?scene=room-evening&load=demo-load-brisk`);
    const standing = page.getByTestId('held-standing');
    await expect(standing).toHaveText(/\d+/);
    const promised = Number(await standing.textContent());
    expect(promised).toBeGreaterThan(Number(await page.getByTestId('held-hand').textContent()));
    await page.getByText('set down').click();
    await expect(held(page, /set down/)).toBeChecked();
    await expect.poll(() => chance(page)).toBe(promised);
    await expect(page.getByTestId('chance')).toBeInViewport();
  }
);

for (const size of ['@phone', '@desktop'] as const)
  test(
    `distance, flash, purpose, movement, contrast and eye stand below the answer ${size}`,
    { tag: size },
    async ({ shared: app, page }) => {
      await page.goto(`${app.url}/shoot?shadow=none&load=demo-load-brisk`);
      const bar = page.getByRole('group', { name: 'The frame' });
      for (const label of ['Purpose', 'Movement', 'Contrast']) {
        const field = bar.getByLabel(label);
        await field.scrollIntoViewIfNeeded();
        await expect(field).toBeVisible();
        // the whole answer or its line: one of both is in sight while the frame is told
        await expect(page.getByTestId('chance').or(page.getByTestId('glance')).first()).toBeVisible();
      }
      await bar.getByRole('button', { name: /^Distance/ }).click();
      await page.getByLabel('How far is the subject?').fill('3');
      await expect(bar.getByRole('button', { name: /^Distance/ })).toContainText('3 m');
      await bar.getByRole('button', { name: /^Its eye sees/ }).click();
      await bar.getByRole('button', { name: /I am in the shade/ }).click();
      await expect(bar.getByRole('button', { name: /^Its eye sees/ })).toContainText('−3 stops');
    }
  );

test(
  'nothing said about the frame is lost when the light is told another way',
  { tag: '@phone' },
  async ({ shared: app, page }) => {
    await page.goto(`${app.url}/shoot?shadow=none&load=demo-load-heron`);
    const bar = page.getByRole('group', { name: 'The frame' });
    await bar.getByLabel('Contrast').selectOption('hard');
    await bar.getByLabel('Purpose').selectOption('stop-motion');
    await bar.getByLabel('Movement').selectOption({ label: 'children at play' });
    await page.getByText('leaning').click();
    await page.getByRole('tab', { name: 'Scene' }).click();
    await page
      .getByRole('button', { name: /Living room/ })
      .first()
      .click();
    await page.getByRole('tab', { name: 'Meter' }).click();
    await page.getByLabel('What the meter says').fill('EV 9');
    await page.waitForURL(/reading|says|ev/i);
    await expect(bar.getByLabel('Contrast')).toHaveValue('hard');
    await expect(bar.getByLabel('Purpose')).toHaveValue('stop-motion');
    await expect(bar.getByLabel('Movement').locator('option:checked')).toHaveText('children at play');
    await expect(held(page, /leaning/)).toBeChecked();
    await expect(page).toHaveURL(/hard/);
  }
);

test(
  'the answer stays at the top in one line while its whole is scrolled away',
  { tag: '@phone' },
  async ({ shared: app, page }) => {
    await page.goto(`${app.url}/shoot?shadow=deep&load=demo-load-marigold`);
    await expect(page.getByTestId('glance')).toHaveCount(0);
    await page.getByRole('tab', { name: 'Scene' }).scrollIntoViewIfNeeded();
    await page.mouse.wheel(0, 900);
    await expect(page.getByTestId('glance')).toContainText('Lever to cloud');
    await page.getByTestId('glance').click();
    await expect(page.getByTestId('glance')).toHaveCount(0);
  }
);

test(
  'a bracket lists its frames, as many as the camera has steps for, and is seen armed after coming back',
  { tag: '@phone' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/shoot?shadow=soft&load=demo-load-corvane`);
    await page.getByRole('button', { name: 'Bracket 3 frames' }).click();
    const bracket = page.getByTestId('bracket');
    await expect(bracket.getByRole('listitem')).toHaveCount(3);
    const planned = await bracket.getByRole('listitem').allTextContents();
    expect(new Set(planned.map((t) => t.replace(/^\s*\d\.\s*/, ''))).size).toBe(3);
    await page.keyboard.press('2');
    await expect(page.getByRole('heading', { name: 'Kit', exact: true })).toBeVisible();
    await page.keyboard.press('1');
    await expect(bracket).toContainText('Bracket, frame 1 of 3');
    await expect(bracket).toBeInViewport();
    await page.getByRole('button', { name: 'No bracket' }).click();
    await expect(bracket).toHaveCount(0);
  }
);
