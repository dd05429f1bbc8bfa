// What is noted stays true: through a change of the camera, a town, a judgement, the development; and two people at one thing.
import { expect, test, unfold } from './app.ts';

const FILM = 'demo-load-marigold';

test('log, edit the camera, choose a town, judge, develop, read the log again: every word is still true', async ({
  app,
  page
}) => {
  await page.goto(`${app.url}/shoot?shadow=soft&load=${FILM}`);
  const label = (await page.getByTestId('log').innerText()).trim();
  const number = /Log frame (\d+)/.exec(label)?.[1] ?? '';
  await page.getByTestId('log').click();
  await expect(page.getByText(`Frame ${number} is logged.`).first()).toBeVisible();
  const words = async (): Promise<readonly string[]> => {
    await page.goto(`${app.url}/log?film=${FILM}`);
    const article = page.getByRole('article', { name: `Frame ${number}`, exact: true });
    await expect(article).toBeVisible();
    const text = await article.innerText();
    // its light, marks, day and hour
    return text.match(/LV \S+|sun|cloud|∞|[\d.]+ m\b|\d\d:\d\d|\d{1,2} \w+ \d{4}/g) ?? [];
  };
  const before = await words();
  expect(before.join(' ')).toMatch(/sun|cloud/);

  await page.goto(`${app.url}/kit/camera/demo-marigold`);
  const openings = page.getByLabel('Marks on the lever', { exact: true });
  await openings.fill(`haze=9.5 ${await openings.inputValue()}`);
  await page.getByRole('button', { name: 'Keep the changes' }).click();
  await unfold(page.getByRole('article').filter({ hasText: 'Marigold 6' }));
  await expect(page.getByText('aperture lever: haze · sun · cloud')).toBeVisible();
  expect(await words()).toEqual(before);

  await page.goto(`${app.url}/shoot?shadow=soft&load=demo-load-heron`);
  await page.getByRole('tab', { name: 'Sun', exact: true }).click();
  await page.getByLabel('Where is it?').fill('Tokyo');
  await page.getByRole('button', { name: /^Tokyo, JP/ }).click();
  await expect(page.getByText(/Tokyo/).first()).toBeVisible();
  expect(await words()).toEqual(before);

  await page.goto(`${app.url}/log/judge?film=${FILM}`);
  await page.getByRole('button', { name: `Frame ${number}: not judged` }).click();
  const card = page.getByRole('region', { name: `Judge frame ${number}`, exact: true });
  await card.getByRole('button', { name: /Thin$/ }).click();
  await expect(page.getByRole('button', { name: new RegExp(`^Frame ${number}: thin`) })).toBeVisible();
  expect(await words()).toEqual(before);

  await page.goto(`${app.url}/kit`);
  const marigold = page.getByRole('article').filter({ hasText: 'Marigold 6' });
  await unfold(marigold);
  await marigold.getByRole('button', { name: 'Finish film' }).click();
  await page.goto(`${app.url}/log?film=${FILM}`);
  await page.getByRole('button', { name: 'Note its development' }).click();
  await page.getByLabel('Developer').fill('Borax soup');
  await page.getByLabel('Dilution').fill('1+31');
  await page.getByLabel('Speed moved by, stops').fill('+1');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Developed: Borax soup 1+31, +1')).toBeVisible();
  expect(await words()).toEqual(before);
});

test(
  'two people at one film: the later one is shown both, and decides',
  { tag: '@desktop' },
  async ({ app, page, browser }) => {
    const other = await (await browser.newContext()).newPage();
    for (const who of [page, other]) {
      await who.goto(`${app.url}/kit`);
      await who.locator('html[data-ready]').waitFor({ state: 'attached' });
      await who.getByRole('link', { name: 'Change Heliodor 64' }).click();
      await expect(who.getByLabel('Its name')).toHaveValue('Heliodor 64');
    }
    await other.getByLabel('Its name').fill('Heliodor of theirs');
    await other.getByRole('button', { name: 'Keep the changes' }).click();
    await expect(other.getByText('Heliodor of theirs').first()).toBeVisible();
    await page.getByLabel('Its name').fill('Heliodor of mine');
    await page.getByRole('button', { name: 'Keep the changes' }).click();
    const both = page.getByRole('alert').filter({ hasText: 'changed elsewhere' });
    await expect(both).toContainText('Heliodor of theirs');
    await expect(both).toContainText('Heliodor of mine');
    await both.getByRole('button', { name: 'Keep mine' }).click();
    await expect(page.getByRole('region', { name: 'Films' }).getByText('Heliodor of mine')).toBeVisible();
    await other.context().close();
  }
);

test(
  'every write says what it was made on: none is 428, an old one 412 with how it is now',
  {
    tag: '@desktop'
  },
  async ({ app, request }) => {
    for (const [path, data] of [
      ['cameras/demo-heron', { id: 'demo-heron' }],
      ['cameras/demo-heron/stands', {}],
      ['films/demo-slowpack', { id: 'demo-slowpack' }],
      [`loads/${FILM}`, { remark: 'mine' }],
      [`frames/${FILM}-1`, { note: 'mine' }],
      ['settings', { leastChance: 0.6 }]
    ] as const) {
      const url = `${app.url}/api/v1/${path}`;
      const method = path.startsWith('cameras') || path.startsWith('films') ? 'PUT' : 'PATCH';
      const stored: unknown = method === 'PUT' ? await (await request.get(url)).json() : data;
      const send = (headers: Record<string, string>) => request.fetch(url, { method, headers, data: stored });
      expect((await send({})).status(), path).toBe(428);
      const old = await send({ 'if-match': '"77777"' });
      expect(old.status(), path).toBe(412);
      expect(await old.json(), path).toHaveProperty('theirs');
      const tag = old.headers()['etag'] ?? '';
      expect((await send({ 'if-match': tag })).ok(), path).toBe(true);
    }
  }
);

test(
  'the look is this device’s own: another one keeps its own',
  { tag: '@desktop' },
  async ({ app, browser }) => {
    const [phone, desk] = await Promise.all([browser.newContext(), browser.newContext()]);
    const here = await phone.newPage();
    await here.goto(`${app.url}/shoot`);
    await expect(here.locator('html')).toHaveAttribute('data-ready', 'yes');
    await here.getByRole('button', { name: /^Look: Day/ }).click();
    await expect(here.locator('html')).toHaveAttribute('data-scheme', 'evening');
    const there = await (await desk.request.get(`${app.url}/shoot`)).text();
    expect(there).toContain('data-scheme="day"');
    expect(await (await phone.request.get(`${app.url}/shoot`)).text()).toContain('data-scheme="evening"');
    await Promise.all([phone.close(), desk.close()]);
  }
);
