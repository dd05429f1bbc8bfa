// Entering and changing what is in the kit: cameras of every kind, films, things in the bag, loads that do not fit.
import { axe, expect, test, unfold, type Page } from './app.ts';

const KINDS = [
  'Nothing to set',
  'A lever with symbols',
  'Scales of numbers',
  'A wheel in two colours',
  'It times itself',
  'Speed dial and scene lever',
  'It sets all by itself',
  'A spring motor'
] as const;

const camera = (page: Page, name: string) => page.getByRole('article').filter({ hasText: name });

test(
  'each kind answers at once with its typical numbers, before anything is typed',
  { tag: '@desktop' },
  async ({ shared: app, page }) => {
    test.setTimeout(120_000);
    await page.goto(`${app.url}/kit/camera?shadow=none`);
    for (const kind of KINDS) {
      await page.getByRole('radio', { name: new RegExp(kind) }).check();
      await expect(page.getByTestId('preview'), kind).toContainText(/in 100/);
      await expect(page.getByTestId('preview')).not.toContainText(/NaN|Infinity|undefined/);
      expect(
        await page.evaluate(() => document.documentElement.scrollWidth - innerWidth),
        kind
      ).toBeLessThanOrEqual(0);
      const { violations } = await axe(page);
      expect(violations.map((v) => `${kind} ${v.id}`)).toEqual([]);
    }
  }
);

test(
  'an owner enters a folding camera with dial and scene lever, loads it, logs a frame',
  { tag: '@desktop' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/kit/camera?shadow=soft`);
    await page.getByRole('radio', { name: /scene lever/ }).check();
    await page.getByLabel('What you call it').fill('Skerry folding');
    await page.getByLabel('Openings at place 1').fill('10 16');
    await page.getByLabel('Openings at place 2').fill('9 9 9 9');
    await page.getByRole('button', { name: 'Keep this camera' }).click();
    await expect(page.getByText(/“bright” has 2 openings for 4 marks/).first()).toBeVisible();
    await expect(page.getByLabel('Openings at place 1')).toHaveValue('10 16');
    await page.getByLabel('Openings at place 1').fill('10 16 26 60');
    await page.getByLabel('Openings at place 2').fill('9 9 9 18');
    await page.getByRole('button', { name: 'Keep this camera' }).click();
    const row = camera(page, 'Skerry folding');
    await unfold(row);
    await row.getByLabel('Load it with').selectOption({ label: 'Minutepack 640' });
    await row.getByRole('button', { name: 'Load', exact: true }).click();
    await row.getByRole('link', { name: 'Go to Shoot' }).click();
    await expect(page.getByTestId('instruction')).toContainText('lever to');
    await page.getByTestId('log').click();
    await expect(page.getByTestId('frames-left')).toHaveText('7 left');
  }
);

test(
  'a dial of small numbers is doubted, and swapped with one press',
  { tag: '@desktop' },
  async ({ shared: app, page }) => {
    await page.goto(`${app.url}/kit/camera`);
    await page.getByRole('radio', { name: /two colours/ }).check();
    await page.getByLabel('Times of colour 1').fill('250 125');
    await page.getByLabel('Times of colour 2').fill('8 4 2');
    await expect(page.getByText(/8, 4, 2 are taken as fractions/)).toBeVisible();
    await page.getByRole('button', { name: /Write them as/ }).click();
    await expect(page.getByLabel('Times of colour 2')).toHaveValue('8s 4s 2s');
    // a colour taken away, one added: rows, and no signs to know
    await page.getByRole('button', { name: 'Remove row 1' }).click();
    await page.getByRole('button', { name: 'Another row' }).click();
    await page.getByLabel('Colour 2', { exact: true }).fill('black');
    await page.getByLabel('Times of colour 2').fill('60 30');
    await expect(page.locator('input[name="time"]')).toHaveValue('red: 8s 4s 2s | black: 60 30');
  }
);

test(
  'marks stand as they are on the camera, what they stand for beside them; between two is a value',
  { tag: '@phone' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/kit/camera`);
    await page.getByRole('radio', { name: /lever with symbols/ }).check();
    const marks = page.getByLabel('Marks on the lever', { exact: true });
    await expect(marks).toHaveValue('sun cloud');
    await page.getByLabel('Value at cloud').fill('between 8 and 11');
    await page.getByLabel('Value at cloud').blur();
    await marks.fill('sun cloud moon');
    await expect(page.getByLabel('Value at sun')).toHaveValue('13');
    await page.getByLabel('What you call it').fill('Plover box');
    await page.getByRole('button', { name: 'Keep this camera' }).click();
    // a moon without a value: named, and the field in sight
    await expect(marks).toBeFocused();
    await page.getByLabel('Value at moon').fill('5.6');
    await page.getByLabel('Value at moon').blur();
    await page.getByRole('button', { name: 'Keep this camera' }).click();
    await unfold(camera(page, 'Plover box'));
    await page.getByRole('link', { name: 'Change Plover box' }).click();
    await expect(page.getByLabel('Marks on the lever', { exact: true })).toHaveValue('sun cloud moon');
    // f/8 to f/11 by their exact values, half way in stops
    await expect(page.getByLabel('Value at cloud')).toHaveValue(/^9\.51/);
  }
);

test(
  'a film is kept with name, kind, speed and frames on one screen; what is refused is in sight',
  { tag: '@phone' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/kit/film`);
    const keep = page.getByRole('button', { name: 'Keep this film' });
    await expect(keep).toBeInViewport();
    // the size of the camera in use
    await expect(page.getByRole('checkbox', { name: 'roll film, 6 × 6' })).toBeChecked();
    await page.getByLabel('Film speed, ISO').fill('many');
    await keep.click();
    await expect(page.getByLabel('Its name')).toBeFocused();
    await expect(page.getByLabel('Its name')).toBeInViewport();
    await expect(page.getByLabel('Film speed, ISO')).toHaveValue('many');
    await page.getByLabel('Its name').fill('Curlew 100');
    await page.getByLabel('Film speed, ISO').fill('100');
    await keep.click();
    await expect(page.getByRole('heading', { name: 'Kit', exact: true })).toBeVisible();
  }
);

test('a camera is changed, and another like it entered', { tag: '@desktop' }, async ({ app, page }) => {
  await page.goto(`${app.url}/kit`);
  await unfold(camera(page, 'Pebble box'));
  await page.getByRole('link', { name: 'Change Pebble box' }).click();
  await page.getByLabel('What you call it').fill('Pebble box, measured');
  await page.getByRole('button', { name: 'Keep the changes' }).click();
  await expect(camera(page, 'Pebble box, measured')).toContainText('5 of 8 left');
  await unfold(camera(page, 'Pebble box'));
  await page.getByRole('link', { name: 'Another like Pebble box, measured' }).click();
  await expect(page.getByLabel('What you call it')).toHaveValue('Pebble box, measured, another');
  await page.getByRole('button', { name: 'Keep this camera' }).click();
  await expect(camera(page, 'Pebble box, measured, another')).toContainText('Load it with');
});

test(
  'a pack without a battery is refused with the reason, and so is another size',
  { tag: '@desktop' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/kit`);
    const pelican = camera(page, 'Pelican fold-up');
    await unfold(pelican);
    await pelican.getByRole('button', { name: 'Finish film' }).click();
    await pelican.getByLabel('Load it with').selectOption({ label: 'Tidewater 125' });
    await pelican.getByRole('button', { name: 'Load', exact: true }).click();
    await expect(pelican.getByRole('alert')).toContainText('another size of film');
    await expect(pelican.getByRole('button', { name: 'Load anyway' })).toHaveCount(0);
    await pelican.getByLabel('Load it with').selectOption({ label: 'Barepack 640' });
    await pelican.getByRole('button', { name: 'Load', exact: true }).click();
    await expect(pelican.getByRole('alert')).toContainText('runs on the battery of its film pack');
    await expect(pelican.getByRole('button', { name: 'Load anyway' })).toHaveCount(0);
  }
);

test('double-run film is turned over, and back', { tag: '@phone' }, async ({ app, page }) => {
  await page.goto(`${app.url}/kit`);
  const ticker = camera(page, 'Ticker 8');
  await expect(ticker).toContainText('side one');
  await unfold(ticker);
  await ticker.getByRole('button', { name: 'Turn to side two' }).click();
  await expect(ticker).toContainText('side two');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(ticker).toContainText('side one');
});

test(
  '“ND 3” is asked about, then goes into the bag, is changed, taken out and put back',
  { tag: '@desktop' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/kit/thing`);
    await page.getByLabel('What you call it').fill('Gull grey');
    await page.getByLabel('How strong').fill('ND 3');
    await expect(page.getByText(/could be 3 stops as stops, 10 stops as density/)).toBeVisible();
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByRole('alert')).toContainText('could mean 3 stops (stops), or 10 stops');
    await page.getByLabel('If it says no unit').selectOption({ label: 'it counts stops' });
    await page.getByRole('button', { name: 'Keep it' }).click();
    const bag = page.getByRole('region', { name: 'In the bag' });
    await expect(bag.getByText('takes 3 stops')).toHaveCount(2);
    await bag.getByRole('link', { name: 'Change Gull grey' }).click();
    await page.getByLabel('How strong').fill('8×');
    await page.getByRole('button', { name: 'Keep the changes' }).click();
    await bag.getByRole('button', { name: 'Remove Gull grey' }).click();
    await expect(bag.getByText('Gull grey')).toHaveCount(0);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(bag.getByText('Gull grey')).toBeVisible();
  }
);

test('a film is changed and taken out of the kit', { tag: '@desktop' }, async ({ app, page }) => {
  await page.goto(`${app.url}/kit`);
  const films = page.getByRole('region', { name: 'Films' });
  await films.getByRole('link', { name: 'Change Heliodor 64' }).click();
  await page.getByLabel('Long exposures').fill('1s 1s, 10s 8s');
  await page.getByRole('button', { name: 'Keep the changes' }).click();
  await expect(page.getByText(/rise/)).toBeVisible();
  await page.getByLabel('Long exposures').fill('1s 1s, 10s 18s');
  await page.getByLabel('Its name').fill('Heliodor 64 II');
  await page.getByRole('button', { name: 'Keep the changes' }).click();
  await expect(films.getByText('Heliodor 64 II')).toBeVisible();
  await films.getByRole('button', { name: 'Remove Heliodor 64 II' }).click();
  await expect(films.getByText('Heliodor 64 II')).toHaveCount(0);
});

test(
  'the pairs table tells what would help most, and in which light a pair works',
  { tag: '@desktop' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/kit/pairs?shadow=sharp`);
    await page.getByLabel('Camera or film').fill('Pelican');
    const row = page.locator('tbody tr').filter({ hasText: 'Minutepack 640' });
    await expect(row.getByTestId('best-remedy')).toContainText(/on the film pack|over lens and eye|load /i);
    await expect(row.getByRole('img', { name: /Likely from LV|Possible from LV/ })).toBeVisible();
  }
);

test(
  'one camera in two tabs: only what differs is shown, nothing is lost, and the choice is asked',
  { tag: '@desktop' },
  async ({ app, page, context }) => {
    const other = await context.newPage();
    for (const tab of [page, other]) await tab.goto(`${app.url}/kit/camera/demo-pebble`);
    await page.getByLabel('What you call it').fill('Pebble one');
    await page.getByRole('button', { name: 'Keep the changes' }).click();
    await expect(page.getByRole('heading', { name: 'Kit', exact: true })).toBeVisible();
    await other.getByLabel('What you call it').fill('Pebble two');
    await other.getByRole('button', { name: 'Keep the changes' }).click();
    const asked = other.getByRole('alert').filter({ hasText: 'changed elsewhere' });
    await expect(asked.locator('tbody tr')).toHaveCount(1);
    await expect(asked.locator('tbody tr')).toContainText('Pebble onePebble two');
    await expect(other.getByLabel('What you call it')).toHaveValue('Pebble two');
    await asked.getByRole('button', { name: 'Keep mine' }).click();
    await expect(camera(other, 'Pebble two')).toBeVisible();
  }
);

test(
  'an address of a film that is gone says so, wherever it leads',
  { tag: '@desktop' },
  async ({ shared: app, page }) => {
    for (const place of ['/log', '/log/judge', '/log/roll', '/log/labels', '/log/files']) {
      await page.goto(`${app.url}${place}?film=gone`);
      await expect(
        page.getByText('The film that this address names is not in the log any more.')
      ).toBeVisible();
    }
    await page.goto(`${app.url}/shoot?load=gone`);
    await expect(page.getByText(/The film that this address names is not in the kit any more/)).toBeVisible();
  }
);

test(
  'days and hours that there are none of are refused by name, and what was typed stays',
  { tag: '@phone' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/log/roll?film=demo-load-thimble`);
    await page.getByLabel('Subject').fill('Crab pots');
    await page.getByLabel('Time', { exact: true }).fill('25:10');
    await page.getByRole('textbox', { name: 'Day' }).fill('31 Feb');
    await page.getByRole('button', { name: 'Store frame' }).click();
    await expect(page.locator('.fault').filter({ hasText: '31 Feb' })).toBeVisible();
    await expect(page.getByRole('textbox', { name: 'Day' })).toHaveValue('31 Feb');
    await expect(page.getByLabel('Subject')).toHaveValue('Crab pots');
    await page.getByRole('textbox', { name: 'Day' }).fill('2026-09-12');
    await page.getByRole('button', { name: 'Store frame' }).click();
    await expect(page.locator('.fault').filter({ hasText: '25:10' })).toBeVisible();
  }
);
