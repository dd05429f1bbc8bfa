// Every way to know the light ends in another verdict on Shoot.
import { axe, expect, test, type Page } from './app.ts';

const lv = async (page: Page): Promise<string> => (await page.getByTestId('assumed').textContent()) ?? '';
const way = (page: Page, name: string) => page.getByRole('tab', { name, exact: true }).click();
/** Runs a step and tells whether the answer on the page is another one then. */
async function changesVerdict(page: Page, step: () => Promise<void>): Promise<void> {
  const before = [await page.getByTestId('reason').textContent(), await lv(page)].join();
  await step();
  await expect
    .poll(async () => [await page.getByTestId('reason').textContent(), await lv(page)].join())
    .not.toBe(before);
}

test(
  'by a shadow and by the sky: the same view, and where the schools part',
  { tag: '@phone' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/shoot?shadow=soft`);
    await changesVerdict(page, () => page.getByRole('radio', { name: /Sharp edge/ }).check());
    await expect(page.getByTestId('other-school')).toContainText('says the same');
    await changesVerdict(page, () => page.getByRole('button', { name: 'Its shaded side' }).click());
    await expect(page.getByTestId('other-school')).toContainText('2 stops less');
    await changesVerdict(page, () => way(page, 'Sky'));
    await expect(page.getByRole('radio', { name: /Clear sky/ })).toBeChecked();
    expect(await lv(page)).toContain('LV 10⅔');
    await changesVerdict(page, async () => {
      await page.getByLabel('How low the sun is').selectOption('hour');
    });
    await expect(page).toHaveURL(/on=shaded(,|%2C)hour/);
    await page.reload();
    expect(await lv(page)).toContain('within an hour of sunrise');
  }
);

test('a named scene is found by a word', { tag: '@phone' }, async ({ app, page }) => {
  await page.goto(`${app.url}/shoot?shadow=sharp`);
  await way(page, 'Scene');
  await page.getByLabel('What kind of place is it?').fill('submarine');
  await expect(page.getByText('No scene has “submarine” in it')).toBeVisible();
  await page.getByLabel('What kind of place is it?').fill('moon snow');
  await changesVerdict(page, () => page.getByRole('button', { name: /Snow under a full moon/ }).click());
  expect(await lv(page)).toContain('LV −2');
});

test(
  'a reading: what it measured, with which meter, and where it was held',
  { tag: '@phone' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/shoot?shadow=sharp`);
    await way(page, 'Meter');
    const field = page.getByLabel('What the meter says');
    for (const [bad, words] of [
      ['f/', 'is not'],
      ['1//60', 'is not'],
      ['12 parsecs', 'is not'],
      ['0 lux', 'must be more than 0'],
      ['-5 lux', 'is not']
    ] as const) {
      await field.fill(bad);
      await expect(page.getByText(words).first(), bad).toBeVisible();
      expect(await lv(page), bad).toContain('LV 14⅔');
    }
    await changesVerdict(page, () => field.fill('f/8 1/60 at 400'));
    await expect(page.getByText(/Understood as f\/8 for/).first()).toBeVisible();
    await changesVerdict(page, async () => {
      await page.getByLabel('What it measured').selectOption({ label: 'snow' });
    });
    await changesVerdict(page, async () => {
      await page.getByLabel('With which meter').selectOption({ label: 'The phone' });
    });
    await changesVerdict(page, () => page.getByRole('button', { name: 'Where I stand' }).click());
    expect(await lv(page)).toContain('held in another light');
  }
);

test('sun and moon at coordinates out at sea, through a day', { tag: '@desktop' }, async ({ app, page }) => {
  await page.goto(`${app.url}/shoot?shadow=sharp`);
  await way(page, 'Sun');
  await page.getByLabel('Where is it?').fill('91 0');
  await expect(page.getByText('91 is no latitude: it lies between −90 and 90 degrees.')).toBeVisible();
  await page.getByLabel('Where is it?').fill('Xyzzyville');
  await expect(page.getByText(/No place “Xyzzyville”/)).toBeVisible();
  await page.getByLabel('Where is it?').fill('47.5 -28');
  await expect(page.getByText('47.5 N, 28 W').first()).toBeVisible();
  await page.getByLabel('Day', { exact: true }).fill('2026-02-30');
  await expect(page.getByText('“2026-02-30” is no day of the calendar')).toBeVisible();
  await page.getByLabel('Day', { exact: true }).fill('2026-06-20');
  await page.getByLabel('Time there').fill('12:00');
  await page.getByRole('button', { name: 'clear sky' }).click();
  await expect.poll(() => lv(page)).toContain('LV 15');
  await changesVerdict(page, async () => {
    await page.getByLabel('The subject is').selectOption({ label: 'lit from behind' });
  });
  await changesVerdict(page, () => page.getByLabel('Time there').fill('22:30'));
  await expect(page.getByRole('list', { name: 'Sun and moon in the next day' })).toContainText('sunrise');
  await page.getByLabel('Time there').fill('19:00');
  await page.getByLabel('When does it pass LV').fill('5');
  await expect(page.getByTestId('passing')).toContainText(/At \d\d:\d\d/);
  await page.getByLabel('When does it pass LV').fill('much');
  await expect(page.getByTestId('passing')).toContainText('“much” is no light value');
  // the place is remembered: same as last time
  await page.goto(`${app.url}/shoot?shadow=sharp`);
  await way(page, 'Sun');
  await expect(page.getByText('as last time')).toBeVisible();
});

test(
  'a town from the gazetteer, and an hour that a clock change skips',
  { tag: '@phone' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/shoot?shadow=sharp`);
    await way(page, 'Sun');
    await page.getByLabel('Where is it?').fill('Berl');
    await page.getByRole('button', { name: /^Berlin, DE/ }).click();
    await page.getByLabel('Day', { exact: true }).fill('2026-03-29');
    await page.getByLabel('Time there').fill('02:30');
    await expect(page.getByText('The clocks jump over this time.')).toBeVisible();
    await page.getByRole('button', { name: /03:30/ }).click();
    await expect.poll(() => lv(page)).toContain('03:30');
  }
);

test('as it was for an earlier frame', { tag: '@phone' }, async ({ app, page }) => {
  await page.goto(`${app.url}/shoot?shadow=deep`);
  await way(page, 'Frame');
  await changesVerdict(page, () => page.getByRole('button', { name: /Three rowers/ }).click());
  expect(await lv(page)).toContain('frame 2 of Tidewater 125');
});

test(
  'what the camera’s eye sees is moved by key and counted for the frame',
  { tag: '@desktop' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/shoot?shadow=soft&load=demo-load-brisk`);
    await page.getByRole('button', { name: /^Its eye sees/ }).click();
    await page.getByRole('button', { name: 'Draw what its eye sees' }).click();
    await expect(page.getByTestId('eye-says')).toContainText('too dark');
    await page
      .getByLabel('A scene like this')
      .selectOption({ label: 'I stand in shade, my subject in the sun' });
    await expect(page.getByTestId('eye-says')).toContainText('too light');
    const before = await page.getByTestId('eye-says').textContent();
    await page.getByRole('slider', { name: /Where the eye looks/ }).focus();
    for (let i = 0; i < 8; i++) await page.keyboard.press('ArrowLeft');
    await expect(page.getByTestId('eye-says')).not.toHaveText(before ?? '');
    await page.getByLabel('A scene like this').selectOption({ label: 'a person before a bright window' });
    await changesVerdict(page, () => page.getByRole('button', { name: 'Count this for my frame' }).click());
    await expect(page.getByTestId('eye-counted')).toBeVisible();
    await expect(page.getByText('Subject against what the eye sees')).toBeVisible();
  }
);

test(
  'a guess is sealed, a reading follows, both are in the log',
  { tag: '@desktop' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/shoot?shadow=soft`);
    // home answers slowly: what was pressed stays pressed meanwhile
    await page.route('**/__data.json*', async (route) => {
      await new Promise((later) => setTimeout(later, 700));
      await route.continue();
    });
    const habit = page.getByLabel('Guess before I measure');
    await page.getByText('Guess before I measure').click();
    for (let i = 0; i < 12; i++) {
      expect(await habit.isChecked()).toBe(true);
      await page.waitForTimeout(100);
    }
    await page.unroute('**/__data.json*');
    await page.getByRole('button', { name: /Seal LV/ }).click();
    await expect(page.getByTestId('guess')).toContainText('Sealed.');
    await way(page, 'Meter');
    await page.getByLabel('What the meter says').fill('EV 12');
    await expect(page.getByTestId('guess')).toContainText('1⅔ stops too bright');
    await page.getByTestId('log').click();
    await expect(page.getByTestId('frames-left')).toHaveText('6 left');
    await page.goto(`${app.url}/log`);
    await expect(page.getByRole('article', { name: 'Frame 6' })).toContainText('1⅔ stops too bright');
  }
);

test(
  'a logged frame gets a better light, and what was expected follows',
  { tag: '@phone' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/log`);
    const frame = page.getByRole('article', { name: 'Frame 2' });
    await frame.getByRole('button', { name: 'Edit frame 2' }).click();
    await page.getByRole('button', { name: 'Change its light' }).click();
    await page.getByRole('tab', { name: 'Meter' }).click();
    await page.getByLabel('What the meter says').fill('EV 9');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(frame).toContainText('LV 9 from your reading');
    await expect(frame).toContainText('under');
  }
);

test('waiting for the light is among what would help', { tag: '@phone' }, async ({ app, page }) => {
  const place = { name: 'Out at sea', latitude: 47.5, longitude: -28, zone: 'Etc/GMT+2' };
  // four in the afternoon there: too light for slow instant film in this camera, and the evening is to come
  const ms = Date.UTC(2026, 5, 20, 18);
  const sun = { kind: 'sun', place, ms, sky: 'clear', facing: 'front', ground: 'ground' };
  await page.goto(`${app.url}/shoot?load=demo-load-pelican&sun=${encodeURIComponent(JSON.stringify(sun))}`);
  await expect(page.getByTestId('verdict')).toContainText('Too light');
  await expect(
    page
      .getByTestId('remedy')
      .filter({ hasText: /Wait until (18|19|20):\d\d/ })
      .first()
  ).toBeVisible();
  // one press shows it as it will be then, one takes the light back
  const slider = page.getByRole('slider', { name: 'Light now' });
  const now = await slider.getAttribute('aria-valuenow');
  await page.getByRole('button', { name: /Wait until/ }).click();
  await expect(page.getByText(/Shown as it will be at/)).toBeVisible();
  await expect(slider).not.toHaveAttribute('aria-valuenow', now ?? '');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(slider).toHaveAttribute('aria-valuenow', now ?? '');
});

test(
  'every way, open, is free of accessibility faults and keeps inside the screen',
  { tag: '@phone' },
  async ({ app, page }) => {
    test.setTimeout(120_000);
    await page.goto(`${app.url}/shoot?shadow=soft&load=demo-load-brisk`);
    for (const name of ['Shadow', 'Sky', 'Scene', 'Meter', 'Sun', 'Frame']) {
      await way(page, name);
      if (name === 'Sun') {
        await page.getByLabel(/Where is it|Another place/).fill('47.5 -28');
        await expect(page.getByText('How the light goes on')).toBeVisible();
      }
      const { violations } = await axe(page);
      expect(
        violations.map((v) => `${name} ${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)
      ).toEqual([]);
      expect(
        await page.evaluate(() => document.documentElement.scrollWidth - innerWidth),
        name
      ).toBeLessThanOrEqual(0);
    }
    await page.getByRole('button', { name: /^Its eye sees/ }).click();
    await page.getByRole('button', { name: 'Draw what its eye sees' }).click();
    await expect(page.getByTestId('eye-says')).toBeVisible();
    const { violations } = await axe(page);
    expect(violations.map((v) => `eye ${v.id}`)).toEqual([]);
  }
);

test('other programs ask for light the same ways', { tag: '@desktop' }, async ({ shared: app, request }) => {
  const post = async (path: string, data: unknown) => {
    const response = await request.post(`${app.url}/api/v1/light/${path}`, { data });
    return { status: response.status(), body: (await response.json()) as Record<string, unknown> };
  };
  expect(await post('eye', { school: 'sky', clue: 'shade' })).toMatchObject({
    status: 200,
    body: { light: { sdStops: 1 }, other: { school: 'shadow', clue: 'leaf' } }
  });
  expect((await post('eye', { school: 'sky', clue: 'sharp' })).status).toBe(422);
  expect(await post('reading', { text: 'EV 12', of: 'palm' })).toMatchObject({ body: { light: { lv: 11 } } });
  expect((await post('reading', { text: '0 lux' })).status).toBe(422);
  expect(await post('scene', { scene: 'stage' })).toMatchObject({ body: { light: { lv: 7.5 } } });
  const place = { name: '', latitude: 47.5, longitude: -28, zone: 'Etc/GMT+2' };
  const sun = { place, ms: Date.UTC(2026, 5, 20, 14), sky: 'clear', facing: 'front', ground: 'ground' };
  const sky = await post('sun', { ...sun, passes: 5, hours: 24 });
  expect(sky.body['passesAt']).toBeGreaterThan(sun.ms);
  expect((await post('sun', { ...sun, place: { ...place, latitude: 91 } })).status).toBe(422);
  const patch = { id: 'a', name: '', x: 0, y: 0, width: 1, height: 1, lightStops: 2, toneStops: 0 };
  const eye = { x: 0.5, y: 0.5, radius: 0.3 };
  expect(await post('camera-eye', { patches: [patch], eye })).toMatchObject({ body: { offsetStops: 2 } });
  const zone = await request.get(`${app.url}/api/v1/light/zone?latitude=91&longitude=0`);
  expect(zone.status()).toBe(422);
});
