// Copies: made, compared with today by name, brought back, and that taken back as well.
import { readdirSync, renameSync, truncateSync } from 'node:fs';
import { join } from 'node:path';
import { damageHead, damageTable, fold } from '../../src/lib/server/database/damage.test.fixtures.ts';
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

test(
  'while a copy is brought back everybody is answered, before it or after it',
  { tag: '@desktop' },
  async ({ app, page }) => {
    const api = `${app.url}/api/v1`;
    const made = await page.request.post(`${api}/copies`);
    const { name } = (await made.json()) as { readonly name: string };
    let going = true;
    const asked: number[] = [];
    const asking = ['/log', '/api/v1/carried', '/log/numbers', '/api/v1/frames?words=harbour'].map(
      async (path) => {
        while (going) asked.push((await page.request.get(`${app.url}${path}`)).status());
      }
    );
    const back = () => page.request.post(`${api}/copies/${encodeURIComponent(name)}/return`);
    // two at once: one of them is told to wait, neither breaks anything
    const returned = await Promise.all([back(), back()]);
    expect(returned.map((r) => r.status())).toContain(200);
    expect((await back()).status()).toBe(200);
    going = false;
    await Promise.all(asking);
    expect(asked.length).toBeGreaterThan(4);
    expect(asked.filter((status) => status !== 200)).toEqual([]);
  }
);

test(
  'a damaged database: what is in it is shown, nothing is stored, and the newest good copy is brought back',
  { tag: '@phone' },
  async ({ app, page }) => {
    const path = join(app.data, 'demo.sqlite');
    await page.goto(`${app.url}/log/copies`);
    await page.getByRole('button', { name: 'Make a copy now' }).click();
    await expect(page.getByText('A copy is made.')).toBeVisible();
    // a newer one that is no good is passed over
    await page.getByRole('button', { name: 'Make a copy now' }).click();
    await expect(page.getByRole('list', { name: 'Copies' }).getByText('asked for')).toHaveCount(2);
    await app.stop();
    const copies = join(app.data, 'demo-copies');
    const newest = readdirSync(copies).sort().at(-1) ?? '';
    truncateSync(join(copies, newest), 20_000);
    fold(path);
    damageTable(path, 'exercise');
    await app.restart();
    await page.goto(`${app.url}/log?film=demo-load-marigold`);
    await expect(page.getByRole('article')).toHaveCount(5);
    await expect(page.getByRole('alert')).toContainText('The database is damaged: nothing can be stored.');
    const refused = await page.request.post(`${app.url}/api/v1/copies`, { headers: { origin: app.url } });
    expect(refused.status()).toBe(503);
    expect(await refused.text()).toContain(path);
    await page.getByRole('link', { name: 'What can be done' }).click();
    await expect(page.getByText('The newest good copy is of')).toBeVisible();
    const { violations } = await axe(page);
    expect(violations.filter((v) => v.impact === 'serious' || v.impact === 'critical')).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBe(0);
    await page.getByRole('button', { name: 'Bring that copy back' }).click();
    await expect(page).toHaveURL(/\/log/);
    await page.goto(`${app.url}/log?film=demo-load-marigold`);
    await expect(page.getByRole('article')).toHaveCount(5);
    await expect(page.getByText('The database is damaged')).toHaveCount(0);
    expect(readdirSync(app.data).filter((name) => name.includes('.damaged-'))).not.toEqual([]);
    // moved away under the running server: told, and what it held is beside it
    renameSync(path, `${path}.elsewhere`);
    const gone = await page.request.post(`${app.url}/api/v1/copies`, { headers: { origin: app.url } });
    expect(gone.status()).toBe(503);
    expect(await gone.text()).toContain('was moved or removed while the server was running');
    expect(readdirSync(app.data).filter((name) => name.includes('.rescued-'))).toHaveLength(1);
    renameSync(`${path}.elsewhere`, path);
  }
);

test(
  'a database that cannot be read shows nothing but that, and begins from its copy',
  { tag: '@desktop' },
  async ({ app, page }) => {
    const path = join(app.data, 'demo.sqlite');
    await page.goto(`${app.url}/log/copies`);
    await page.getByRole('button', { name: 'Make a copy now' }).click();
    await expect(page.getByText('A copy is made.')).toBeVisible();
    await app.stop();
    fold(path);
    damageHead(path);
    await app.restart();
    await page.goto(`${app.url}/log`);
    await expect(page).toHaveURL(/\/damaged/);
    await expect(page.getByText('Nothing in it can be read by this program.')).toBeVisible();
    await page.getByRole('button', { name: 'Bring that copy back' }).click();
    await page.goto(`${app.url}/log?film=demo-load-marigold`);
    await expect(page.getByRole('article')).toHaveCount(5);
  }
);
