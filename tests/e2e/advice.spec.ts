// Advice that an experienced photographer would give: what holds a frame back, what to do first, and what is good to know.
import { axe, expect, test } from './app.ts';

test(
  'in a room by hand: what holds the frame back and what to do first stand with the answer, above the fold',
  { tag: '@phone' },
  async ({ shared: app, page }) => {
    await page.goto(`${app.url}/shoot?scene=room-evening&load=demo-load-pelican`);
    await expect(page.getByTestId('verdict')).toContainText('Too long for the hand');
    await expect(page.getByTestId('held-back')).toContainText('by hand');
    const first = page.getByTestId('remedy').first();
    await expect(first).toContainText('Put the camera on something');
    const [box, log] = [await first.boundingBox(), await page.getByTestId('log').boundingBox()];
    expect((box?.y ?? 9999) + (box?.height ?? 0)).toBeLessThan(log?.y ?? 0);
    // the one next thing is what helps: the frame can be logged all the same
    await expect(page.getByTestId('log')).toContainText('anyway');
    await first.getByRole('button').click();
    await expect(page.getByTestId('verdict')).toContainText('It will likely come out');
    await expect(page.getByTestId('log')).not.toContainText('anyway');
    const { violations } = await axe(page);
    expect(violations.map((v) => v.id)).toEqual([]);
  }
);

test(
  'the reach on something stands beside the hand’s',
  { tag: '@desktop' },
  async ({ shared: app, page }) => {
    await page.goto(`${app.url}/shoot?scene=room-evening&load=demo-load-pelican`);
    await expect(page.getByText(/on something also from LV/).first()).toBeVisible();
    await expect(page.locator('.standing').first()).toBeVisible();
  }
);

test(
  'whole seconds in sun: the filters of the bag, or how many stops are missing',
  { tag: '@desktop' },
  async ({ shared: app, page }) => {
    await page.goto(`${app.url}/shoot?shadow=sharp&load=demo-load-marigold`);
    await page.getByLabel('Purpose').selectOption('whole-seconds');
    await expect(page.getByTestId('served')).toContainText('has to stand on something');
    await page.getByRole('radio', { name: /set down/ }).check({ force: true });
    await expect(page.getByTestId('served')).toContainText(/\(\d stops\) on the lens/);
  }
);

test(
  'two readings give the contrast; the wrong way round they are refused by name',
  { tag: '@desktop' },
  async ({ shared: app, page }) => {
    await page.goto(`${app.url}/shoot?shadow=none&load=demo-load-corvane`);
    await page.getByRole('tab', { name: 'Meter', exact: true }).click();
    await page.getByLabel('Reading of the lights').fill('EV 9');
    await page.getByLabel('Reading of the darks').fill('EV 13');
    await expect(page.getByText('Darks: they read lighter than the lights.')).toBeVisible();
    await page.getByLabel('Reading of the lights').fill('EV 14');
    await page.getByLabel('Reading of the darks').fill('EV 8');
    await expect(page.getByText(/6 stops apart: hard contrast/).first()).toBeVisible();
    await expect(page.getByTestId('assumed')).toContainText('LV 11');
  }
);

test(
  'what a sheet cannot know is asked: a ring between its marks, a filter on a lever, double-run film',
  { tag: '@phone' },
  async ({ emptyApp: app, page }) => {
    await page.goto(app.url);
    await page.getByRole('radio', { name: /Scales of numbers/ }).check();
    await page.getByLabel('Openings are set with').selectOption('clicked');
    await page.getByLabel('Apertures on the ring', { exact: true }).fill('2.8 4 5.6 8');
    await page.getByRole('button', { name: /today’s answer/ }).click();
    await page
      .getByTestId('light-guide')
      .getByRole('button', { name: /Sharp edge/ })
      .click();
    await page.getByRole('radio', { name: /^4–5.6/ }).check({ force: true });
    await expect(page.getByTestId('instruction')).toContainText('Aperture 4–5.6');
    // a lever with a yellow filter at one of its places
    await page.goto(`${app.url}/kit/camera`);
    await page.getByRole('radio', { name: /A lever with symbols/ }).check();
    await page.getByLabel('Marks on the lever', { exact: true }).fill('sun yellow');
    await page.getByLabel('Value at sun').fill('16');
    await page.getByLabel('Value at yellow').fill('8×0.5');
    await page.getByLabel('What you call it').fill('Filter box');
    await page
      .getByRole('button', { name: /Keep|Add/ })
      .first()
      .click();
    await expect(page.getByText(/8×0.5/).first()).toBeVisible();
    await page.getByLabel('Value at yellow').fill('8×2');
    await page
      .getByRole('button', { name: /Keep|Add/ })
      .first()
      .click();
    await expect(page).toHaveURL(/\/kit/);
    // film for moving pictures is asked how it runs, other film is not
    await page.goto(`${app.url}/kit/film`);
    await expect(page.getByLabel('Kind of cine film')).toHaveCount(0);
    await page.getByText('Other sizes').click();
    await page.getByRole('checkbox', { name: '8 mm cine' }).check();
    await page.getByLabel('Kind of cine film').selectOption({ label: 'double-run 8 mm' });
  }
);

test(
  'a camera with a sliding plate and three blades, from an empty kit to a logged frame',
  { tag: '@phone' },
  async ({ emptyApp: app, page }) => {
    await page.goto(app.url);
    await page.getByRole('radio', { name: /Scales of numbers/ }).check();
    await page.getByLabel('Openings are set with').selectOption('plate');
    await page.getByLabel('Times are set with').selectOption('blades');
    await page.getByLabel('Apertures on the ring', { exact: true }).fill('8 11 16');
    await page.getByLabel('Times on the wheel', { exact: true }).fill('1/125 1/60 1/30');
    await page.getByRole('button', { name: /today’s answer/ }).click();
    await expect(page.getByText('Three blades have two times')).toBeVisible();
    await page.getByLabel('Times on the wheel', { exact: true }).fill('1/125 1/60');
    await page.getByRole('button', { name: /today’s answer/ }).click();
    await page
      .getByTestId('light-guide')
      .getByRole('button', { name: /Sharp edge/ })
      .click();
    await expect(page.getByTestId('instruction')).toContainText('Aperture');
    await page.getByRole('radio', { name: /^11–16/ }).check({ force: true });
    await expect(page.getByTestId('instruction')).toContainText('Aperture 11–16');
    await page.getByTestId('log').click();
    await expect(page.getByText('Frame 1 is logged.').first()).toBeVisible();
    await page.goto(`${app.url}/log`);
    await expect(page.getByText(/11–16/).first()).toBeVisible();
  }
);

test(
  'a camera that times itself and is held open by a trick tells its steps',
  { tag: '@desktop' },
  async ({ emptyApp: app, page }) => {
    await page.goto(`${app.url}/kit/camera`);
    await page.getByRole('radio', { name: /It times itself/ }).check();
    await page.getByText(/More, whenever you know it/).click();
    await page.getByLabel('Its time can be set with').selectOption('held-open');
    await page.getByRole('button', { name: /Keep/ }).first().click();
    await expect(page.getByText(/Say how it is opened/).first()).toBeVisible();
    // a usual trick to begin with, each step then in the owner's own words
    await page.getByRole('button', { name: 'The power is cut' }).click();
    await expect(page.getByLabel('Then, to get the picture out')).toHaveValue(/In a dark bag/);
    await page.getByRole('button', { name: 'The eye is covered' }).click();
    await expect(page.getByLabel('Then, to get the picture out')).toHaveValue('');
    await page.getByLabel('How it is opened').fill('cover the eye, press');
    await page.getByLabel('How it is closed').fill('uncover it');
    await page.getByRole('button', { name: /Keep/ }).first().click();
    await expect(page.getByRole('article').filter({ hasText: 'My automatic camera' })).toContainText(
      'by itself'
    );
  }
);
