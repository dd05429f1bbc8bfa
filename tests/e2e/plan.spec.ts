// Eight frames of ISO 160, and trains in the dusk: from the place to the window, the calendar, and Shoot at that minute.
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import type { Locator } from '@playwright/test';
import { axe, expect, test, type Page } from './app.ts';

const DAY = '2027-03-12';

/** Opens the plan of a day in Lisbon. */
async function plan(page: Page, url: string): Promise<void> {
  await page.goto(`${url}/plan?load=demo-load-pelican`);
  await page.getByLabel('Where is it?').fill('Lisbon');
  await page.getByRole('list', { name: 'Places found' }).getByRole('button').first().click();
  await page.getByLabel('Day', { exact: true }).fill(DAY);
  await worked(page);
  // on a phone the sky and what else is seldom changed are folded
  if (await page.getByLabel('The sky').isHidden())
    await page.getByText('any sky, lit from the front').click();
}
/** Waits until the plan stands. */
const worked = (page: Page) =>
  expect(page.getByTestId('plan')).toHaveAttribute('aria-busy', 'false', { timeout: 30_000 });
const first = (page: Page) => page.getByTestId('pair-plan').first();

test(
  'trains in the dusk: place, window, calendar, Shoot at that minute, logged',
  { tag: '@phone' },
  async ({ app, page }) => {
    test.slow();
    await plan(page, app.url);
    await page.getByLabel('Purpose').selectOption('light-trails');
    await worked(page);
    await expect(first(page)).toContainText('No frame of this kind, in the hand.');
    // the sun sets at 18:44 there and then; the trade's four to ten seconds come with the half-light
    const last = first(page).getByTestId('window').last();
    await expect(last).toContainText(/1[89]:\d\d/);
    await expect(last).toContainText(/All 8 frames left fit \(21\.00 of film\)\. Last press at 19:/);

    const [download] = await Promise.all([
      page.waitForEvent('download'),
      last.getByRole('button', { name: 'Add to calendar' }).click()
    ]);
    const text = readFileSync(await download.path(), 'utf8');
    expect(text).toContain('BEGIN:VEVENT');
    expect(text).toMatch(/SUMMARY:Pelican fold-up with Slowpack 160\\, set down/);

    // minute by minute, by key
    const minute = page.getByLabel('The minute that is looked at');
    await minute.focus();
    const before = await minute.getAttribute('aria-valuetext');
    await page.keyboard.press('ArrowRight');
    await expect(minute).not.toHaveAttribute('aria-valuetext', before ?? '');
    const at = page.getByTestId('at-minute');
    await expect(at).toContainText('In the hand: no trails of light then');
    await at.getByRole('link', { name: 'Shoot then' }).click();
    await expect(page).toHaveURL(/\/shoot\?/);
    await expect(page.getByRole('radio', { name: /^set down/ })).toBeChecked();
    await expect(page.getByLabel('Purpose')).toHaveValue('light-trails');
    await expect(page.getByTestId('assumed')).toContainText('Lisbon');
    await page.getByTestId('log').click();
    await expect(page.getByText(/is logged/)).toBeVisible();
  }
);

test(
  'what is said moves the windows: the sky, lamps, a hill, the seconds between',
  { tag: '@desktop' },
  async ({ app, page }) => {
    test.slow();
    await plan(page, app.url);
    const words = () => first(page).innerText();
    const changes = async (step: () => Promise<unknown>): Promise<void> => {
      const before = await words();
      await step();
      await expect.poll(words, { timeout: 30_000 }).not.toBe(before);
      await worked(page);
    };
    await changes(() => page.getByLabel('The sky').selectOption('clear'));
    // a sky that is said leaves no earliest and latest minute
    await expect(first(page)).not.toContainText('As the sky is');
    await changes(() => page.getByLabel('Lamps that stay on').selectOption('street-bright'));
    await changes(() => page.getByLabel('Purpose').selectOption('light-trails'));
    await changes(() => page.getByLabel('Seconds between frames').fill('3000'));
    await page.getByLabel('Lamps that stay on').selectOption('');
    await changes(() => page.getByLabel('The sun is off it from').fill('15:00'));
  }
);

test(
  'what is no day, no hour and no number is said at its field, and the last plan stays',
  { tag: '@phone' },
  async ({ app, page }) => {
    await plan(page, app.url);
    await page.getByLabel('Day', { exact: true }).fill('31 Feb');
    await expect(page.getByText('“31 Feb” is no day of the calendar.')).toBeVisible();
    await page.getByLabel('Day', { exact: true }).fill('tomorrow');
    await page.getByLabel('The sun is off it from').fill('25:10');
    await expect(page.getByText('“25:10” is no time of day.')).toBeVisible();
    await page.getByLabel('Seconds between frames').fill('none');
    await expect(page.getByText('“none” is no number of seconds.')).toBeVisible();
    await expect(page.getByLabel('Seconds between frames')).toHaveValue('none');
    await expect(first(page)).toBeVisible();
  }
);

test(
  'without a film there is nothing to plan, and the page leads on',
  { tag: '@phone' },
  async ({ emptyApp, page }) => {
    await page.goto(`${emptyApp.url}/plan`);
    await expect(page.getByText('No camera is loaded.')).toBeVisible();
    await expect(page.getByRole('link', { name: 'Load one' })).toBeVisible();
  }
);

test(
  '“eight frames of ISO 160, and train lights tomorrow”: answered in 5 presses and 6 letters',
  { tag: '@phone' },
  async ({ app, page }) => {
    test.slow();
    let presses = 0;
    const press = async (what: Locator): Promise<void> => {
      presses += 1;
      await what.click();
    };
    await page.goto(app.url);
    await press(page.getByRole('link', { name: 'Plan', exact: true }).filter({ visible: true }));
    await press(page.getByLabel('Where is it?'));
    await page.keyboard.type('Lisbon');
    await press(page.getByRole('list', { name: 'Places found' }).getByRole('button').first());
    await press(page.getByRole('button', { name: 'tomorrow' }));
    presses += 1;
    await page.getByLabel('Purpose').selectOption('light-trails');
    await worked(page);
    const pelican = page.getByRole('region', { name: 'Pelican fold-up with Slowpack 160' });
    await expect(pelican).toContainText('8 left');
    await expect(pelican).toContainText(/\d\d:\d\d–\d\d:\d\d/);
    expect(presses).toBeLessThanOrEqual(5);
    // under every sky, and nothing runs off the screen
    expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBe(0);
  }
);

test(
  'what was taken today is laid on the windows, one of them is counted down, and Shoot says so in a line',
  { tag: '@phone' },
  async ({ app, page }) => {
    test.slow();
    await page.goto(`${app.url}/shoot?load=demo-load-gemel&shadow=sharp`);
    await page.getByTestId('log').click();
    await expect(page.getByText(/is logged/).first()).toBeVisible();
    await page.goto(`${app.url}/plan?load=demo-load-gemel`);
    await page.getByLabel('Where is it?').fill('Lisbon');
    await page.getByRole('list', { name: 'Places found' }).getByRole('button').first().click();
    await worked(page);
    await expect(first(page).getByTestId('taken').first()).toContainText(/Taken: 1 frame/);
    if (await page.getByLabel('The sky').isHidden())
      await page.getByText('any sky, lit from the front').click();
    // as bright as a street at night can be: open at every hour of the day
    await page.getByLabel('Lamps that stay on').selectOption('own');
    await page.getByLabel('They read').fill('about 9');
    await expect(page.getByText(/“about 9”/)).toBeVisible();
    await page.getByLabel('They read').fill('LV 9');
    await worked(page);
    await first(page).getByRole('button', { name: 'Count down' }).last().click();
    await expect(first(page).getByRole('timer')).toContainText(/(opens|open, shuts) in \d+:\d\d/);
    await first(page).getByRole('button', { name: 'Stop counting' }).click();
    await expect(first(page).getByRole('timer')).toHaveCount(0);
    await page.goto(`${app.url}/shoot?load=demo-load-gemel&shadow=sharp`);
    await expect(page.getByTestId('tonight')).toContainText(/Today at Lisbon: in the hand .*; set down /, {
      timeout: 60_000
    });
  }
);

test.describe('away from the server', () => {
  test.use({ serviceWorkers: 'allow' });
  test(
    'a day is planned without the server, from what the phone carries',
    { tag: '@phone' },
    async ({ app, page }) => {
      test.slow();
      await page.goto(`${app.url}/plan`);
      await page.evaluate(async () => {
        await navigator.serviceWorker.ready;
      });
      await plan(page, app.url);
      await page.goto(`${app.url}/offline`);
      await expect(page.getByText(/12 cameras/)).toBeVisible();
      await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
      await app.stop();
      await page.goto(`${app.url}/plan`);
      await page.getByLabel('Day', { exact: true }).fill(DAY);
      await worked(page);
      await expect(page.getByTestId('window').first()).toBeVisible();
      // and the day out with its list to pack
      await page.goto(`${app.url}/plan/outings?id=demo-outing-dusk`);
      await expect(page.getByTestId('pack')).toContainText('To pack', { timeout: 60_000 });
      await page.getByLabel('Film may cost').fill('5');
      await page.getByLabel('Film may cost').press('Tab');
      await expect(page.getByText('1 waiting')).toBeVisible();
    }
  );
});

test(
  'the pocket card: folded it fits, says what a small side leaves out, and prints on its paper',
  { tag: '@desktop' },
  async ({ app, page }) => {
    test.slow();
    for (const [load, light, marks] of [
      ['corvane', 'Sharp edge', '11 · 125'],
      ['pelican', 'Evening room', 'set down'],
      ['marigold', 'Street lamps', 'set down'],
      ['ticker', 'Sharp edge', '16'],
      ['heron', 'No shadow', 'dull']
    ] as const) {
      await page.goto(`${app.url}/plan/card?load=demo-load-${load}`);
      for (const size of ['Bank card', 'A6']) {
        await page.getByText(size, { exact: true }).click();
        const front = page.getByTestId('card-front').first();
        await expect(front.getByRole('row', { name: new RegExp(`^${light}`) })).toContainText(marks);
        // nothing is cut off, and nothing is smaller than seven points
        for (const side of await page.getByTestId(/^card-(front|back)$/).all()) {
          const room = await side.evaluate((e) => [
            e.scrollWidth - e.clientWidth,
            e.scrollHeight - e.clientHeight,
            parseFloat(getComputedStyle(e).fontSize) * 0.75
          ]);
          expect(room[0], `${load} ${size}`).toBeLessThanOrEqual(0);
          expect(room[1], `${load} ${size}`).toBeLessThanOrEqual(0);
          expect(room[2]).toBeGreaterThan(6.99);
        }
      }
    }
    expect((await axe(page)).violations).toEqual([]);
    const printed = async (name: string): Promise<readonly [text: string, info: string]> => {
      const path = test.info().outputPath(name);
      await page.pdf({ path, preferCSSPageSize: true });
      const run = (program: string, ...args: string[]) => execFileSync(program, args, { encoding: 'utf8' });
      return [run('pdftotext', '-layout', path, '-'), run('pdfinfo', path)];
    };
    const [text, info] = await printed('a6.pdf');
    expect(text).toContain('Heron folding with Minutepack 640');
    expect(text).not.toContain('Just Enough');
    expect(info).toMatch(/Pages: +1\n/);
    expect(info).toMatch(/Page size: +84[12][\d.]* x 59[45][\d.]* pts \(A4\)/);
    await page.getByText('Bank card', { exact: true }).click();
    await page.getByText('Letter', { exact: true }).click();
    await page.getByLabel('Copies').selectOption('4');
    await expect(page.getByTestId('pocket-card')).toHaveCount(4);
    const [four, letter] = await printed('bank.pdf');
    expect(four.match(/Heron folding with/g)).toHaveLength(4);
    expect(letter).toMatch(/Pages: +1\n/);
    expect(letter).toMatch(/612 x 792 pts \(letter\)/);
  }
);
