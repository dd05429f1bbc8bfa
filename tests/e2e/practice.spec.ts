// Learn by doing: a drill to its end, a week in the field with the clock moved, and Shoot using what was learned.
import { axe, expect, test, type Page } from './app.ts';

/** No accessibility faults that matter. */
async function isSound(page: Page): Promise<void> {
  const { violations } = await axe(page);
  expect(violations.filter((v) => v.impact === 'serious' || v.impact === 'critical')).toEqual([]);
}

test(
  'two minutes of drills: answers first, then the reading and the print; what went wrong comes back',
  { tag: '@phone' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/learn`);
    await page.getByRole('link', { name: /^Drills/ }).click();
    await page.getByRole('link', { name: /^Name the light/ }).click();
    await expect(page.getByRole('heading', { name: 'Name the light' })).toBeVisible();
    const before = await page.request.get(`${app.url}/api/v1/exercises`);
    const had = ((await before.json()) as unknown[]).length;
    await page.getByRole('button', { name: 'Begin' }).click();
    const question = page.getByTestId('question');
    await expect(question.getByTestId('scene').first()).toHaveAttribute('data-drawn', 'yes');
    // nothing tells the light before the answer is sealed
    await expect(question).not.toContainText(/A meter at the subject|shadow has a sharp edge/);
    // a press without an answer is none
    await page.getByRole('button', { name: 'That is my answer' }).click();
    await expect(question.getByRole('alert')).toHaveText('Slide it first.');
    await expect(page.getByLabel('Your answer')).toBeFocused();
    await page.getByLabel('Your answer').fill('16');
    await expect(question.getByRole('alert')).toHaveCount(0);
    await expect(question).toContainText('LV 16');
    await page.getByRole('button', { name: 'That is my answer' }).click();
    await expect(page.getByTestId('graded')).toContainText(/A meter at the subject reads LV/);
    await expect(page.getByText('as it is right')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Next' })).toBeFocused();
    await isSound(page);
    // an answer that took two minutes is the last one of the round
    await page.clock.install();
    await page.clock.pauseAt(Date.now() + 3_600_000);
    await page.getByRole('button', { name: 'Next' }).click();
    await page.clock.fastForward(125_000);
    await page.getByLabel('Your answer').fill('1');
    await page.getByRole('button', { name: 'That is my answer' }).click();
    await expect(page.getByTestId('graded')).toBeVisible();
    await page.getByRole('button', { name: 'Next' }).click();
    await expect(page.getByTestId('round-over')).toContainText(/of 2 right/);
    await expect(page.getByTestId('round-over')).toContainText(/come back/);
    await page.clock.resume();
    await expect
      .poll(
        async () =>
          ((await (await page.request.get(`${app.url}/api/v1/exercises`)).json()) as unknown[]).length
      )
      .toBe(had + 2);
    await isSound(page);
  }
);

test(
  'every drill can be answered with a camera of many settings, and says why',
  { tag: '@desktop' },
  async ({ app, page }) => {
    for (const drill of ['setting', 'compensation', 'film', 'comes-out', 'mistake', 'same', 'print']) {
      await page.goto(`${app.url}/learn/drills?drill=${drill}&load=demo-load-heron`);
      await page.getByRole('button', { name: 'Begin' }).click();
      await expect(page.getByTestId('question')).toHaveAttribute('data-drill', drill);
      const one = page.getByRole('group', { name: 'Your answer' }).getByRole('button').first();
      if (await one.isVisible()) await one.click();
      else {
        // where the slider stands is an answer once it is touched
        await page.getByLabel('Your answer').click();
        await page.getByRole('button', { name: 'That is my answer' }).click();
      }
      await expect(page.getByTestId('graded')).toHaveText(/\.\s*$/);
      await isSound(page);
    }
  }
);

test(
  'a frame of one’s own that was not to come out is asked about: what would have saved it',
  { tag: '@phone' },
  async ({ app, page }) => {
    // chance decides when a frame of one's own is asked about: here always
    await page.addInitScript(() => {
      Math.random = () => 0.7;
    });
    await page.goto(`${app.url}/shoot?shadow=deep&load=demo-load-marigold`);
    await page.getByTestId('log').click();
    await expect(page.getByText('Frame 6 is logged.')).toBeVisible();
    await page.goto(`${app.url}/learn/drills?drill=mistake&load=demo-load-marigold`);
    await page.getByRole('button', { name: 'Begin' }).click();
    const heading = page.getByTestId('question').getByRole('heading');
    const answers = page.getByRole('group', { name: 'Your answer' });
    // every kind of light comes up within so many questions
    for (let i = 0; i < 16; i++) {
      await expect(heading).toBeVisible();
      if ((await heading.innerText()).startsWith('Your frame 6 on Tidewater 125')) break;
      await answers.getByRole('button').first().click();
      await page.getByRole('button', { name: 'Next' }).click();
    }
    await expect(heading).toContainText('What would have saved it?');
    await answers.getByRole('button').last().click();
    await expect(page.getByTestId('graded')).toContainText(/would (likely )?have come out/);
    await isSound(page);
    expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBe(0);
  }
);

test(
  'seven days in the field, and what they say of the eye corrects Shoot',
  { tag: '@phone' },
  async ({ app, page }) => {
    test.slow();
    await page.clock.install({ time: new Date('2027-03-01T10:00:00Z') });
    await page.goto(`${app.url}/learn/days`);
    await expect(page.getByRole('heading', { name: 'Day 3: Against the light' })).toBeVisible();
    // the demonstration's second week is on its way: the rest of it, a day at a time
    for (const [day, reading] of [
      [3, 'LV 12.4'],
      [6, 'LV 11.2'],
      [7, 'LV 10.4']
    ] as const) {
      await page.clock.fastForward('24:00:00');
      await page.goto(`${app.url}/learn/days?day=${day}`);
      const section = page.getByRole('region', { name: `Day ${day}` });
      await section.getByRole('radio', { name: /Under leaves/ }).check();
      await section.getByLabel('What it goes by').fill('blue light');
      await section.getByRole('button', { name: /^Seal LV 10⅔ as my guess/ }).click();
      await expect(section).toContainText('neither right nor wrong');
      await section.getByRole('tab', { name: 'Meter' }).click();
      await section
        .getByLabel(/What the meter says|Reading/i)
        .first()
        .fill(reading);
      await section
        .getByLabel(/What the meter says|Reading/i)
        .first()
        .press('Tab');
      await section.getByRole('button', { name: /^The reading is LV/ }).click();
      await expect(section.getByTestId('day-result')).toContainText(/Guessed LV 10⅔: .*/);
      await expect(section).toContainText('You went by: blue light');
    }
    await page.goto(`${app.url}/learn/days`);
    await expect(page.getByText(/The week is whole, once more \(week 2\): 7 of 7 were\s+read/)).toBeVisible();
    await isSound(page);
    await page.goto(`${app.url}/learn/eye`);
    await expect(page.getByTestId('eye')).toContainText(/^You call|^Nothing is off/);
    await expect(page.getByRole('row', { name: /^open shade 6/ })).toBeVisible();
    await expect(page.getByText('One guess was never read')).toBeVisible();
    await isSound(page);
    await page.getByText('Let Shoot correct my guesses by this').click();
    await expect(
      page
        .getByRole('switch', { name: /Let Shoot correct/ })
        .or(page.getByLabel(/Let Shoot correct/))
        .first()
    ).toBeChecked();
    await page.goto(`${app.url}/shoot`);
    await page.getByRole('radio', { name: /Deep shade/ }).check();
    await expect(page.getByTestId('by-record')).toContainText(/By your own record: .* than you called it/);
    await expect(page).toHaveURL(/eye=/);
    await isSound(page);
    await page.getByRole('button', { name: 'As I called it' }).click();
    await expect(page.getByTestId('by-record')).toBeHidden();
  }
);

test(
  'how prints were judged in drills corrects the tones of the judging table, told there, and one press has them as called',
  { tag: '@desktop' },
  async ({ app, page }) => {
    for (let i = 0; i < 8; i++) {
      const exercise = {
        ...{ kind: 'drill', id: `print-${i}`, drill: 'print', group: 'sharp', seed: i, errorStops: 1 },
        ...{ at: { at: '2026-09-01T10:00:00Z', zone: 'Europe/Lisbon' }, right: false, seconds: 5 }
      };
      const sent = await page.request.post(`${app.url}/api/v1/exercises`, { data: { exercise } });
      expect(sent.status()).toBe(201);
    }
    await page.goto(`${app.url}/log/judge?film=demo-load-pebble-summer`);
    await expect(page.getByRole('heading', { name: /^Judge/ })).toBeVisible();
    await expect(page.getByTestId('judging')).toHaveCount(0);
    await page.goto(`${app.url}/learn/eye`);
    await page.getByText('Correct the tones I judge by my drills').click();
    await expect
      .poll(async () => {
        const settings = await page.request.get(`${app.url}/api/v1/settings`);
        return ((await settings.json()) as { correctJudgements: boolean }).correctJudgements;
      })
      .toBe(true);
    await page.goto(`${app.url}/log/judge?film=demo-load-pebble-summer`);
    await expect(page.getByTestId('judging')).toContainText(/tones are read .* darker than you call them/);
    await isSound(page);
    await page.getByRole('button', { name: 'As I call them' }).click();
    await expect(page.getByTestId('judging')).toHaveCount(0);
  }
);
