// Copies: made, compared with today by name, brought back, and that taken back as well.
import { axe, expect, test } from './app.ts';

test(
  'a frame too many: the copy says it would be gone, is brought back, and the one made before it brings the frame again',
  { tag: '@phone' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/log/copies`);
    const copies = page.getByRole('list', { name: 'Copies' }).getByRole('listitem');
    await page.getByRole('button', { name: 'Make a copy now' }).click();
    await expect(page.getByText('A copy is made.')).toBeVisible();
    await expect(copies.filter({ hasText: 'asked for' })).toHaveCount(1);
    await page.goto(`${app.url}/shoot?shadow=soft&load=demo-load-marigold`);
    await page.getByTestId('log').click();
    await expect(page.getByText('Frame 6 is logged.')).toBeVisible();
    await page.goto(`${app.url}/log/copies`);
    const asked = copies.filter({ hasText: 'asked for' });
    await asked.getByRole('button', { name: /^Compare/ }).click();
    await expect(page.getByTestId('difference')).toContainText('One frame would be gone: 6 on Tidewater 125');
    const { violations } = await axe(page);
    expect(violations.filter((v) => v.impact === 'serious' || v.impact === 'critical')).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBe(0);
    await page.getByRole('button', { name: 'Bring it back' }).click();
    await expect(page.getByText(/Everything is as it was in that copy/)).toBeVisible();
    await page.goto(`${app.url}/log?film=demo-load-marigold`);
    await expect(page.getByRole('article')).toHaveCount(5);
    await page.goto(`${app.url}/log/copies`);
    const before = copies.filter({ hasText: 'before a copy was brought back' });
    await before.getByRole('button', { name: /^Compare/ }).click();
    await expect(page.getByTestId('difference')).toContainText('One frame would be back: 6 on Tidewater 125');
    await page.getByRole('button', { name: 'Bring it back' }).click();
    await expect(page.getByText(/Everything is as it was in that copy/)).toBeVisible();
    await page.goto(`${app.url}/log?film=demo-load-marigold`);
    await expect(page.getByRole('article')).toHaveCount(6);
  }
);
