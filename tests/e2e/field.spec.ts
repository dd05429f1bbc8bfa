// Shoot with the camera in the other hand: checks, remedies, purposes, filters, flash, long exposures, brackets, looks, keys.
import { axe, expect, test, type Page } from './app.ts';

const chance = async (page: Page): Promise<number> =>
  Number((await page.getByTestId('chance').textContent())?.replace(/\D.*/s, ''));

test(
  'a remedy shows on the rule while pointed at, is taken with one press and given back with one',
  { tag: '@desktop' },
  async ({ shared: app, page }) => {
    await page.goto(`${app.url}/shoot?shadow=sharp&load=demo-load-pelican`);
    const remedy = page.getByTestId('remedy').getByRole('button', { name: /Smoke 2/ });
    await remedy.focus();
    await expect(page.locator('.ghost').first()).toBeVisible();
    const before = await chance(page);
    await remedy.click();
    await expect.poll(() => chance(page)).toBeGreaterThan(before + 20);
    await expect(page.getByText(/Smoke 2, 2 stops/).first()).toBeVisible();
    await page.getByRole('button', { name: 'Take the last one back' }).click();
    await expect.poll(() => chance(page)).toBe(before);
  }
);

test(
  'a filter is moved from place to place, and the answer follows',
  { tag: '@phone' },
  async ({ shared: app, page }) => {
    await page.goto(`${app.url}/shoot?shadow=soft&load=demo-load-gemel`);
    await page.getByRole('button', { name: /^On the lens/ }).click();
    await page.getByLabel('Put a filter on').selectOption({ label: 'Smoke 2, 2 stops' });
    await expect(page.getByRole('rowheader', { name: 'Filter over the eye' })).toBeVisible();
    await page.getByLabel(/Where Smoke 2.* sits/).selectOption({ label: 'on the film pack' });
    await expect(page.getByRole('rowheader', { name: 'Filter over the eye' })).toHaveCount(0);
    await expect(page.getByRole('rowheader', { name: 'Filter', exact: true })).toBeVisible();
    // it is the pack's now: on it until it is taken off
    await expect(page.getByText('Smoke 2, 2 stops on this pack')).toBeVisible();
    await page.getByRole('button', { name: 'Not on this pack' }).click();
    await expect(page.getByText(/on this pack/)).toHaveCount(0);
  }
);

test(
  'purpose and distance: what is asked is kept apart by kind of fault',
  { tag: '@phone' },
  async ({ shared: app, page }) => {
    await page.goto(`${app.url}/shoot?shadow=soft&load=demo-load-corvane`);
    const set = page.getByTestId('instruction');
    await page.getByLabel('Purpose').selectOption({ label: 'a blurred background' });
    const wide = await set.textContent();
    await page.getByLabel('Purpose').selectOption({ label: 'as much in focus as can be' });
    await expect(set).not.toHaveText(wide ?? '');
    await page.getByRole('button', { name: /^Distance/ }).click();
    const distance = page.getByLabel('How far is the subject?');
    await distance.fill('nearby');
    await expect(page.getByText(/“nearby” is not a distance/)).toBeVisible();
    await distance.fill('1 cm');
    await expect(page.getByText(/is not a distance/)).toBeVisible();
    await distance.fill('0.02');
    await expect(page.getByText('That is inside the lens.')).toBeVisible();
    await distance.fill('4 paces');
    await expect(page.getByText('Taken as 3 m.')).toBeVisible();
    await distance.fill('2.5');
    await page.getByLabel('Movement').selectOption({ label: 'a bicycle across' });
    await page.getByLabel('Purpose').selectOption({ label: 'to stop a motion' });
    await expect(set).toContainText('500');
  }
);

test(
  'a flash is switched on: the mix and the distances that work',
  { tag: '@phone' },
  async ({ shared: app, page }) => {
    await page.goto(`${app.url}/shoot?scene=room-evening&load=demo-load-heron`);
    await page.getByLabel('Flash', { exact: true }).selectOption({ label: 'Wink 18 at 1/4 power' });
    await expect(page.getByTestId('flash-mix')).toContainText('Flash alone');
    await expect(page.getByTestId('flash-mix')).toContainText(/works from .* m to .* m|At no distance/);
    await expect(page.getByTestId('checks')).toContainText('ready light');
  }
);

test(
  'checks before the press: what the last frame left, and the owner’s own words',
  { tag: '@phone' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/shoot?shadow=soft&load=demo-load-heron`);
    await expect(page.getByTestId('checks')).toContainText('Cock the shutter');
    await page.getByRole('radio', { name: /^light,/ }).check();
    await page.getByRole('button', { name: 'Set as shown' }).click();
    await page.getByRole('button', { name: 'Back to the advice' }).click();
    await expect(page.getByTestId('checks')).toContainText('Lighten–darken still stands at light');
    await page.reload();
    await expect(page.getByTestId('checks')).toContainText('Lighten–darken still stands at light');
  }
);

test('a long exposure is counted and its real length logged', async ({ app, page }) => {
  await page.clock.install();
  await page.goto(`${app.url}/shoot?lv=8&sd=0.3`);
  await page.getByRole('radio', { name: /^B,/ }).check();
  await page.getByRole('radio', { name: /^1 s/ }).check();
  const panel = page.getByTestId('long-exposure');
  // the clock of the page is turned by hand: a slow machine sees each state too
  await page.clock.pauseAt(Date.now() + 3_600_000);
  await panel.getByRole('button', { name: 'Start the count' }).click();
  await expect(panel.getByRole('timer')).toContainText('−3');
  await page.clock.runFor(3200);
  await expect(panel.getByTestId('count')).toHaveText(/^0\s*of 1 s/);
  await page.clock.runFor(1000);
  await expect(panel.getByRole('button', { name: 'Close it now' })).toBeVisible();
  await panel.getByRole('button', { name: 'Close it now' }).click();
  await expect(panel).toContainText(/It was open for 1\.2 s/);
  await page.clock.resume();
  await page.getByTestId('log').click();
  await expect(page.getByTestId('frames-left')).toHaveText('6 left');
  await page.goto(`${app.url}/log`);
  await expect(page.getByRole('article', { name: 'Frame 6' })).toContainText(/Held open [\d.]+ s/);
});

test(
  'a bracket of three, interrupted by a reload after one, is finished as one series',
  { tag: '@phone' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/shoot?shadow=none&load=demo-load-gemel`);
    await page.getByRole('button', { name: 'Bracket' }).click();
    await expect(page.getByTestId('bracket')).toContainText('frame 1 of');
    const count = Number((await page.getByTestId('bracket').textContent())?.match(/of (\d)/)?.[1]);
    const first = await page.getByTestId('instruction').textContent();
    await page.getByTestId('log').click();
    await expect(page.getByTestId('bracket')).toContainText('frame 2 of');
    await expect(page.getByTestId('instruction')).not.toHaveText(first ?? '');
    await page.reload();
    await expect(page.getByTestId('bracket')).toContainText('frame 2 of');
    for (let i = 2; i <= count; i++) {
      await page.waitForTimeout(800);
      await page.getByTestId('log').click();
      await expect(page.getByTestId('frames-left')).toHaveText(`${8 - i} left`);
    }
    await expect(page.getByTestId('bracket')).toHaveCount(0);
    await page.goto(`${app.url}/log?film=demo-load-gemel`);
    await expect(page.getByText('The bracket side by side')).toHaveCount(count);
  }
);

test('a bracket can be left: what is logged stays', { tag: '@phone' }, async ({ app, page }) => {
  await page.goto(`${app.url}/shoot?shadow=none&load=demo-load-gemel`);
  await page.getByRole('button', { name: 'Bracket' }).click();
  await page.getByTestId('log').click();
  await expect(page.getByTestId('frames-left')).toHaveText('7 left');
  await page.getByRole('button', { name: 'Leave the rest' }).click();
  await expect(page.getByTestId('bracket')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Bracket' })).toBeVisible();
});

test('a print a step away is tapped and becomes the setting', { tag: '@phone' }, async ({ app, page }) => {
  await page.goto(`${app.url}/shoot?shadow=none&load=demo-load-gemel`);
  const before = await page.getByTestId('instruction').textContent();
  await page.getByRole('button', { name: /^Take a step lighter/ }).click();
  await expect(page.getByTestId('instruction')).not.toHaveText(before ?? '');
  await page.getByRole('button', { name: 'Back to the advice' }).click();
  await expect(page.getByTestId('instruction')).toHaveText(before ?? '');
});

test('the evening goes, and the pair is told to stop', { tag: '@phone' }, async ({ shared: app, page }) => {
  const place = { name: 'Out at sea', latitude: 47.5, longitude: -28, zone: 'Etc/GMT+2' };
  const sun = { kind: 'sun', place, sky: 'clear', facing: 'front', ground: 'ground' };
  const at = (hour: number): string =>
    encodeURIComponent(JSON.stringify({ ...sun, ms: Date.UTC(2026, 8, 12, hour) }));
  await page.goto(`${app.url}/shoot?load=demo-load-thimble&sun=${at(17)}`);
  await expect(page.getByTestId('enough')).toContainText(/works until about \d\d:\d\d/);
  await page.goto(`${app.url}/shoot?load=demo-load-thimble&sun=${at(22)}`);
  await expect(page.getByTestId('enough')).toContainText(/Stop here|Not like this/);
});

test(
  'the film: what it costs, its other side, its end and back',
  { tag: '@phone' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/shoot?shadow=soft&load=demo-load-heron`);
    await expect(page.getByTestId('cost')).toContainText('a frame');
    await page.getByRole('button', { name: 'Finish film' }).click();
    await expect(page.getByRole('link', { name: /This film is finished/ })).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByTestId('log')).toBeVisible();
    await page.goto(`${app.url}/shoot?shadow=soft&load=demo-load-ticker`);
    await page.getByRole('button', { name: 'Next side' }).click();
    await expect(page.getByText('on side two')).toBeVisible();
  }
);

test('every key does what the sheet says', { tag: '@desktop' }, async ({ app, page }) => {
  await page.goto(`${app.url}/shoot?shadow=soft&load=demo-load-gemel`);
  await page.keyboard.press('?');
  await expect(page.getByRole('heading', { name: 'Keys' })).toBeVisible();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  const slider = page.getByRole('slider', { name: 'Light now' });
  const lv = async (): Promise<number> => Number(await slider.getAttribute('aria-valuenow'));
  const before = await lv();
  await page.keyboard.press(']');
  expect(await lv()).toBeGreaterThan(before);
  await page.keyboard.press('{');
  expect(await lv()).toBeLessThan(before);
  const set = await page.getByTestId('instruction').textContent();
  await page.keyboard.press('.');
  await expect(page.getByTestId('instruction')).not.toHaveText(set ?? '');
  await page.keyboard.press('a');
  await page.keyboard.press('b');
  await expect(page.getByTestId('bracket')).toBeVisible();
  await page.keyboard.press('b');
  await expect(page.getByTestId('bracket')).toHaveCount(0);
  await page.keyboard.press('d');
  await expect(page.locator('html')).toHaveAttribute('data-scheme', 'evening');
  await page.keyboard.press('l');
  await expect(page.getByTestId('frames-left')).toHaveText('7 left');
  await page.keyboard.press('2');
  await expect(page.getByRole('heading', { name: 'Kit', exact: true })).toBeVisible();
});

test(
  'the three looks hold their contrast, and the look is there with the first byte',
  { tag: '@phone' },
  async ({ app, page }) => {
    test.setTimeout(120_000);
    await page.goto(`${app.url}/shoot?lv=4&sd=0.3`);
    for (const look of ['day', 'evening', 'dark']) {
      await expect(page.locator('html')).toHaveAttribute('data-scheme', look);
      for (const name of [/^Distance/, /^On the lens/]) {
        await page.getByRole('button', { name }).click();
        const { violations } = await axe(page);
        expect(
          violations.map((v) => `${look} ${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)
        ).toEqual([]);
      }
      if (look !== 'dark') await page.getByRole('button', { name: /^Look:/ }).click();
    }
    const html = await (await page.request.get(`${app.url}/shoot`)).text();
    expect(html).toContain('data-scheme="dark"');
  }
);

test('pushing is noted on the roll, and taken back', { tag: '@desktop' }, async ({ app, page }) => {
  await page.goto(`${app.url}/shoot?lv=9.5&sd=0.3&load=demo-load-thimble`);
  await page
    .getByTestId('remedy')
    .getByRole('button', { name: /pushed/ })
    .click();
  await expect(page.getByText(/Noted on this roll of Lantern 400/)).toBeVisible();
  await expect(page.getByText('Pushed in development')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Pushed in development')).toHaveCount(0);
});

test(
  'a camera that was changed in another tab is told, and nothing is lost',
  { tag: '@desktop' },
  async ({ app, page, request }) => {
    await page.goto(`${app.url}/shoot?shadow=none&load=demo-load-gemel`);
    const camera = (await (await request.get(`${app.url}/api/v1/cameras/demo-gemel`)).json()) as {
      controls: { kind: string; positions?: unknown[] }[];
    };
    // its aperture lever loses all places but the first
    const controls = camera.controls.map((c) =>
      c.kind === 'marked' && c.positions ? { ...c, positions: c.positions.slice(0, 1) } : c
    );
    const changed = await request.put(`${app.url}/api/v1/cameras/demo-gemel`, {
      headers: { 'if-match': '"1"' },
      data: { ...camera, controls }
    });
    expect(changed.status()).toBe(200);
    await page.getByTestId('log').click();
    await expect(page.getByText(/no such position|is logged/).first()).toBeVisible();
    await expect(page.getByTestId('frames-left')).toHaveText(/[78] left/);
    // the page knows the camera as it is now, and the next press is taken
    await page.waitForTimeout(800);
    await page.getByTestId('log').click();
    await expect(page.getByText(/Frame \d is logged/).first()).toBeVisible();
  }
);

test(
  'who leaves a message for another field stays there: what is typed lands in it',
  { tag: '@desktop' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/bench/develop?load=demo-load-pelican&shadow=none`);
    const message = page.getByRole('button', { name: 'Close this message' }).first();
    await expect(message).toBeVisible();
    const [temperature, table] = [
      page.getByLabel('Temperature of the air, °C'),
      page.getByLabel(/Table of this film/)
    ];
    const before = await table.inputValue();
    // every place that has the focus from now on, so that nothing hides between two looks
    const had = await page.evaluateHandle(() => {
      const had: string[] = [];
      addEventListener(
        'focusin',
        (event) => {
          if (event.target instanceof HTMLInputElement) had.push(event.target.name || event.target.id);
        },
        true
      );
      return had;
    });
    await table.focus();
    await message.focus();
    await temperature.focus();
    await page.evaluate(() => new Promise((done) => setTimeout(() => requestAnimationFrame(done))));
    expect(await had.jsonValue(), 'the table once, the temperature once').toHaveLength(2);
    await expect(temperature).toBeFocused();
    await page.keyboard.press('ControlOrMeta+a');
    await page.keyboard.type('15');
    await expect(temperature).toHaveValue('15');
    await expect(table).toHaveValue(before);
    // a message closed by the keyboard leaves the person where they were
    await message.focus();
    await page.keyboard.press('Enter');
    await expect(message).toBeHidden();
    await expect(temperature).toBeFocused();
  }
);
