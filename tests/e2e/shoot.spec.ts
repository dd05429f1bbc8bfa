import type { Page } from '@playwright/test';
import { axe, expect, test, unfold } from './app.ts';

const SOFT = 'shadow=soft';

/** WCAG 2.2 contrast ratio of an element's colour on the nearest filled background. */
async function contrastOf(page: Page, testId: string): Promise<number> {
  return page.getByTestId(testId).evaluate((element) => {
    const paint = document.createElement('canvas').getContext('2d', { willReadFrequently: true });
    const luminance = (colour: string): number => {
      if (!paint) return NaN;
      paint.clearRect(0, 0, 1, 1);
      paint.fillStyle = colour;
      paint.fillRect(0, 0, 1, 1);
      const [r = 0, g = 0, b = 0] = [...paint.getImageData(0, 0, 1, 1).data].map((v) => {
        const c = v / 255;
        return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
      });
      return 0.2126 * r + 0.7152 * g + 0.0722 * b;
    };
    let behind: Element | null = element;
    while (behind && /^(rgba\(0, 0, 0, 0\)|transparent)$/.test(getComputedStyle(behind).backgroundColor)) {
      behind = behind.parentElement;
    }
    const a = luminance(getComputedStyle(element).color);
    const b = luminance(getComputedStyle(behind ?? document.body).backgroundColor);
    return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
  });
}

test('light, verdict, log, restart, still there', async ({ app, page }) => {
  await page.goto(app.url);
  // nobody told the light yet: the answer for each, and one press tells it
  await page
    .getByTestId('light-guide')
    .getByRole('button', { name: /Sharp edge/ })
    .click();
  await expect(page.getByTestId('instruction')).toContainText('Lever to');
  await page.getByRole('radio', { name: /Deep shade/ }).check();
  // too dark for what is held: never B in the hand, but a place to stand it on
  await expect(page.getByTestId('instruction')).toContainText('switch to N');
  await page
    .getByTestId('remedy')
    .getByRole('button', { name: /^Put the camera on something/ })
    .click();
  await expect(page.getByTestId('instruction')).toContainText('shutter B');
  await page.getByRole('radio', { name: /Soft edge/ }).check();
  await expect(page.getByTestId('verdict')).toContainText('It will likely come out');
  await page.getByTestId('log').click();
  await expect(page.getByText('Frame 6 is logged.').first()).toBeVisible();
  await expect(page.getByTestId('frames-left')).toHaveText('6 left');
  await app.restart();
  await page.goto(`${app.url}/log`);
  const frame = page.getByRole('article', { name: 'Frame 6' });
  await expect(frame).toContainText('LV 13⅔ from “soft edge”');
  await expect(frame).toContainText('On a support');
});

test('setting, chance and reason stand in the first view, large and in high contrast', async ({
  shared: app,
  page
}) => {
  await page.goto(`${app.url}/shoot?${SOFT}`);
  const height = page.viewportSize()?.height ?? 0;
  for (const id of ['instruction', 'chance', 'reason']) {
    const box = await page.getByTestId(id).boundingBox();
    expect(box, id).not.toBeNull();
    expect((box?.y ?? 0) + (box?.height ?? Infinity), id).toBeLessThanOrEqual(height);
  }
  const size = await page
    .getByTestId('instruction')
    .evaluate((e) => parseFloat(getComputedStyle(e).fontSize));
  expect(size).toBeGreaterThanOrEqual(24);
  expect(await contrastOf(page, 'instruction')).toBeGreaterThanOrEqual(7);
  expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0);
});

test('every camera’s page is free of serious accessibility faults', async ({ shared: app, page }) => {
  for (const load of ['demo-load-marigold', 'demo-load-pebble', 'demo-load-corvane']) {
    await page.goto(`${app.url}/shoot?${SOFT}&load=${load}`);
    await expect(page.getByTestId('instruction')).toBeVisible();
    const { violations } = await axe(page);
    expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)).toEqual(
      []
    );
  }
});

test('touch targets are at least 44 px high', { tag: '@phone' }, async ({ shared: app, page }) => {
  await page.goto(`${app.url}/shoot?${SOFT}&load=demo-load-corvane`);
  const small = await page.evaluate(() =>
    [...document.querySelectorAll('button, a, label:has(input), select')]
      .filter((e) => e.getBoundingClientRect().height > 0 && !e.classList.contains('skip'))
      .filter((e) => e.getBoundingClientRect().height < 44)
      .map((e) => e.textContent.trim())
  );
  expect(small).toEqual([]);
});

test('the light moves by keyboard and by pointer, and the verdict with it', async ({ shared: app, page }) => {
  await page.goto(`${app.url}/shoot?lv=12&sd=0.4&contrast=normal`);
  const slider = page.getByRole('slider', { name: 'Light now' });
  await expect(slider).toHaveAttribute('aria-valuenow', '12');
  await slider.focus();
  await page.keyboard.press('ArrowRight');
  await expect(slider).toHaveAttribute('aria-valuenow', '12.33');
  await page.keyboard.press('Shift+ArrowLeft');
  await expect(slider).toHaveAttribute('aria-valuenow', '11.33');
  await page.keyboard.press('Home');
  await expect(page.getByTestId('verdict')).toContainText('Too dark by');
  await expect(slider).toHaveAttribute('aria-valuenow', '-8');
  const box = await slider.boundingBox();
  if (!box) throw new Error('the rule has no box');
  await page.mouse.click(box.x + box.width * 0.9, box.y + 50);
  const moved = Number(await slider.getAttribute('aria-valuenow'));
  expect(moved).toBeGreaterThan(0);
  await expect.poll(() => Number(new URL(page.url()).searchParams.get('lv'))).toBeCloseTo(moved, 1);
  await page.reload();
  expect(Number(await slider.getAttribute('aria-valuenow'))).toBeCloseTo(moved, 1);
});

test('a light on the move changes the rule and the answer, and nothing else until it rests @phone', async ({
  shared: app,
  page
}) => {
  await page.goto(`${app.url}/shoot?lv=12&sd=0.4&contrast=normal`);
  await page.locator('html[data-ready]').waitFor({ state: 'attached' });
  await page.waitForTimeout(500);
  const drag = () =>
    page.evaluate(async () => {
      const track = document.querySelector('[role=slider][aria-label="Light now"]');
      if (!(track instanceof HTMLElement)) throw new Error('no rule');
      track.setPointerCapture = () => undefined;
      const box = track.getBoundingClientRect();
      const send = (type: string, share: number): boolean =>
        track.dispatchEvent(
          new PointerEvent(type, { clientX: box.left + box.width * share, bubbles: true, pointerId: 1 })
        );
      const frame = (): Promise<unknown> => new Promise((done) => requestAnimationFrame(done));
      send('pointerdown', 0.5);
      await frame();
      const inside = '[aria-label="Light rule"], [aria-label="What to set"] > :first-child';
      const elsewhere: string[] = [];
      let moved = 0;
      let [longest, last] = [0, performance.now()];
      const observer = new MutationObserver((records) => {
        for (const { target } of records) {
          const element = target instanceof Element ? target : target.parentElement;
          if (!element?.isConnected) continue;
          moved += 1;
          if (!element.closest(inside)) elsewhere.push(element.outerHTML.slice(0, 120));
        }
      });
      const parts = { subtree: true, childList: true, characterData: true, attributes: true };
      observer.observe(document.body, parts);
      for (let i = 0; i < 40; i++) {
        send('pointermove', 0.3 + 0.4 * Math.abs(Math.sin(i / 9)));
        await frame();
        const now = performance.now();
        [longest, last] = [Math.max(longest, now - last), now];
      }
      observer.disconnect();
      send('pointerup', 0.5);
      return { moved, elsewhere, longest };
    });
  // where the machine stood still in between the light did rest: that drag tells nothing, and is done again
  await expect(async () => {
    const { moved, elsewhere, longest } = await drag();
    expect(longest).toBeLessThan(100);
    expect(moved).toBeGreaterThan(40);
    expect(elsewhere).toEqual([]);
  }).toPass();
  const lv = Number(await page.getByRole('slider', { name: 'Light now' }).getAttribute('aria-valuenow'));
  // then everything follows: the address, the words beside the ways, the links
  await expect.poll(() => Number(new URL(page.url()).searchParams.get('lv'))).toBeCloseTo(lv, 1);
  await expect(page.getByTestId('assumed')).toContainText('from the marker on the ruler');
  await expect(page.getByRole('link', { name: 'Kit', exact: true })).toHaveAttribute('href', /[?&]lv=/);
});

test(
  'a reading is understood while it is typed; garbage leaves the last light',
  { tag: '@phone' },
  async ({ shared: app, page }) => {
    await page.goto(`${app.url}/shoot?${SOFT}`);
    await page.getByRole('tab', { name: 'Meter' }).click();
    const field = page.getByLabel('What the meter says');
    await field.fill('f/5,6 1/60 at 100');
    await expect(page.getByText(/Understood as f\/5\.6 .* LV 11\./).first()).toBeAttached();
    await expect(page.getByRole('slider', { name: 'Light now' })).toHaveAttribute('aria-valuenow', '11');
    await field.fill('f/5,6 1/0');
    await expect(page.getByText(/divides by 0/)).toBeVisible();
    await expect(page.getByRole('slider', { name: 'Light now' })).toHaveAttribute('aria-valuenow', '11');
  }
);

test(
  'another position can be tried and the advice taken back',
  { tag: '@phone' },
  async ({ shared: app, page }) => {
    await page.goto(`${app.url}/shoot?shadow=sharp`);
    await expect(page.getByTestId('instruction')).toContainText('Lever to sun');
    await page.getByRole('radio', { name: /^cloud/ }).check();
    await expect(page.getByText('If you set it like this')).toBeVisible();
    await expect(page.getByTestId('reason')).toContainText('2⅔ stops over');
    await page.getByRole('button', { name: 'Back to the advice' }).click();
    await expect(page.getByTestId('instruction')).toContainText('Lever to sun');
  }
);

for (const [query, words] of [
  ['lv=abc', '“abc” is no light value'],
  ['lv=99', 'LV 99 is off the scale'],
  ['lv=12&sd=-3', '“-3” is no uncertainty'],
  ['shadow=purple', '“purple” is no shadow edge'],
  ['reading=f/0 1/60', 'must be more than 0']
] as const) {
  test(
    `the address ?${query} is explained, not failed`,
    { tag: '@desktop' },
    async ({ shared: app, page }) => {
      const answer = await page.goto(`${app.url}/shoot?${encodeURI(query)}`);
      expect(answer?.status()).toBe(200);
      await expect(page.getByRole('alert').first()).toContainText(words);
      await expect(page.getByTestId('instruction')).toBeVisible();
      await expect(page.locator('body')).not.toContainText('NaN');
    }
  );
}

test('sd 0 is certainty: the chance is a step', { tag: '@desktop' }, async ({ shared: app, page }) => {
  await page.goto(`${app.url}/shoot?lv=14&sd=0&contrast=normal&load=demo-load-pebble`);
  await expect(page.getByTestId('factors')).toContainText('Exposure 99');
  await page.goto(`${app.url}/shoot?lv=-5&sd=0&contrast=normal&load=demo-load-pebble`);
  await expect(page.getByTestId('verdict')).toContainText('Too dark by');
});

test('a double tap logs one frame', { tag: '@phone' }, async ({ app, page }) => {
  await page.goto(`${app.url}/shoot?${SOFT}`);
  await page.getByTestId('log').dblclick();
  await expect(page.getByTestId('frames-left')).toHaveText('6 left');
  await page.waitForTimeout(900);
  await page.reload();
  await expect(page.getByTestId('frames-left')).toHaveText('6 left');
});

test('undo takes the frame back', { tag: '@desktop' }, async ({ app, page }) => {
  await page.goto(`${app.url}/shoot?${SOFT}`);
  await page.keyboard.press('l');
  await expect(page.getByTestId('frames-left')).toHaveText('6 left');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('frames-left')).toHaveText('7 left');
});

test(
  'two devices on the last frame: one wins, the other is asked and nothing is lost',
  { tag: '@desktop' },
  async ({ app, page, browser }) => {
    await page.goto(`${app.url}/kit`);
    const corvane = page.getByRole('article').filter({ hasText: 'Pebble box' });
    await unfold(corvane);
    await corvane.getByRole('button', { name: 'Finish film' }).click();
    await expect(page.getByText('The film is finished.')).toBeVisible();
    await corvane.getByLabel('Frames').fill('1');
    await corvane.getByRole('button', { name: 'Load' }).click();
    await expect(corvane).toContainText('1 of 1 left');
    const other = await (await browser.newContext()).newPage();
    await page.goto(`${app.url}/shoot?${SOFT}`);
    await other.goto(`${app.url}/shoot?${SOFT}`);
    await expect(other.getByTestId('log')).toContainText('Log frame 1');
    await page.getByTestId('log').click();
    await expect(page.getByText('Frame 1 is logged.').first()).toBeVisible();
    await other.getByTestId('log').click();
    await expect(
      other.getByText(/Frame 1 is in the log already. The next free one is 2/).first()
    ).toBeVisible();
    await expect(other.getByTestId('offline')).toContainText('1 needs you');
    await other.getByTestId('offline').click();
    // a film of one frame may hold another one
    await other.getByRole('button', { name: 'Keep both: mine becomes 2' }).click();
    await expect(other.getByTestId('offline')).toContainText('All sent');
    await page.goto(`${app.url}/shoot?${SOFT}`);
    await expect(page.getByTestId('frames-left')).toHaveText('0 left');
    await expect(page.getByTestId('log')).toContainText('Log frame 3');
    await other.context().close();
  }
);

test(
  'a frame on a film that was finished meanwhile is refused in words',
  { tag: '@desktop' },
  async ({ app, page, context }) => {
    await page.goto(`${app.url}/shoot?${SOFT}`);
    await expect(page.getByTestId('log')).toBeVisible();
    const other = await context.newPage();
    await other.goto(`${app.url}/kit`);
    const marigold = other.getByRole('article').filter({ hasText: 'Marigold' });
    await unfold(marigold);
    await marigold.getByRole('button', { name: 'Finish film' }).click();
    await expect(other.getByText('The film is finished.')).toBeVisible();
    await page.getByTestId('log').click();
    await expect(page.getByText(/This film was finished/).first()).toBeVisible();
  }
);

test(
  'a server whose answer is lost: the frame is kept, sent again, and there once',
  { tag: '@phone' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/shoot?${SOFT}`);
    // stored at home, but the answer is lost on the way back
    await page.route(
      '**/api/v1/sync',
      async (route) => {
        await route.fetch();
        await route.abort();
      },
      { times: 1 }
    );
    await page.getByTestId('log').click();
    await expect(page.getByText(/kept on this device until the server answers/).first()).toBeVisible();
    await expect(page.getByTestId('frames-left')).toHaveText('6 left');
    await expect(page.getByTestId('offline')).toContainText('All sent', { timeout: 15_000 });
    await page.reload();
    await expect(page.getByTestId('frames-left')).toHaveText('6 left');
  }
);

/** Opens a page whose scripts are held back, as on a slow phone: the server has drawn it, and it answers when it is released. */
async function drawnOnly(page: Page, address: string): Promise<() => Promise<void>> {
  let release = (): void => undefined;
  const held = new Promise<void>((done) => (release = done));
  await page.route('**/*.js', async (route) => {
    await held;
    await route.continue();
  });
  const shown = page.goto(address);
  return async () => {
    release();
    await shown;
    await page.locator('html[data-ready]').waitFor({ state: 'attached' });
  };
}

test('a press before the page answers is kept and done', { tag: '@phone' }, async ({ app, page }) => {
  const release = await drawnOnly(page, `${app.url}/shoot?${SOFT}&load=demo-load-heron`);
  const log = page.getByTestId('log');
  const number = /frame (\d+)/.exec((await log.textContent()) ?? '')?.[1] ?? '';
  // what is said of the frame, and of its light, goes before the press
  await page.getByText('set down', { exact: true }).click();
  await page.getByRole('radio', { name: /Deep shade/ }).check();
  await page.getByLabel('Purpose').selectOption('stop-motion');
  await log.click();
  await log.click();
  await expect(log).toHaveAttribute('aria-busy', 'true');
  await release();
  await expect(page.getByText(`Frame ${number} is logged.`)).toBeVisible();
  await expect(log).toContainText(`frame ${Number(number) + 1}`);
  await expect(page.getByRole('radio', { name: /^set down/ })).toBeChecked();
  await expect(page.getByLabel('Purpose')).toHaveValue('stop-motion');
  await page.waitForURL((url) => url.search.includes('shadow=deep') && url.search.includes('standing'));
  const answer = await page.request.get(`${app.url}/api/v1/frames?film=demo-load-heron`);
  expect(await answer.text()).toContain('"clue":"deep"');
});

test(
  'the first clue that is pressed before the page answers tells the light',
  { tag: '@phone' },
  async ({ app, page }) => {
    const release = await drawnOnly(page, `${app.url}/shoot?load=demo-load-heron`);
    // the last press counts
    await page
      .getByRole('button', { name: /Soft edge/ })
      .first()
      .click();
    await page
      .getByRole('button', { name: /Sharp edge/ })
      .first()
      .click();
    await release();
    await page.waitForURL(/shadow=sharp/);
    await expect(page.getByTestId('verdict')).toBeVisible();
  }
);

test(
  'what was asked of the frame is in the address and outlives a reload',
  { tag: '@desktop' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/shoot?${SOFT}&load=demo-load-heron`);
    await page.getByLabel('Purpose').selectOption('stop-motion');
    await page.waitForURL(/with=/);
    await page.reload();
    await page.locator('html[data-ready]').waitFor({ state: 'attached' });
    await expect(page.getByLabel('Purpose')).toHaveValue('stop-motion');
    await page.goto(
      `${app.url}/shoot?${SOFT}&load=demo-load-heron&with=${encodeURIComponent('{"purpose":"x"}')}`
    );
    await expect(page.getByRole('alert').filter({ hasText: 'purpose, distance' })).toBeVisible();
  }
);
