// Every page for every pair of eyes and hands: no fault of accessibility, fingers' room, no sideways scrolling, forced colours,
// twice the size, and no motion where none is wanted.
import sharp from 'sharp';
import { PLACES } from '../../src/lib/ui/places/places.ts';
import { axe, expect, test, type Page } from './app.ts';
import type { BrowserContext } from '@playwright/test';

/** Every place, and pages and states that are no places. */
const PAGES: readonly string[] = [
  ...PLACES.map((place) => place.path),
  '/shoot?shadow=deep',
  '/shoot?scene=room-evening&load=demo-load-brisk',
  '/kit/pairs?shadow=soft',
  '/kit/camera/demo-corvane',
  '/kit/film/demo-tidewater',
  '/kit/thing/demo-smoke',
  '/log?view=table',
  '/start',
  '/nothing-here'
];

/** What a finger must hit: all that can be pressed and is seen, but for links within a sentence (WCAG 2.2, 2.5.8 and 2.5.5). */
async function smallTargets(page: Page): Promise<readonly string[]> {
  return page.evaluate(() => {
    const isInSentence = (e: Element): boolean =>
      e.matches('p a, li a, td a, dd a') && getComputedStyle(e).display === 'inline';
    const covers = (e: Element): Element => e.closest('label') ?? e;
    return [
      ...document.querySelectorAll('a[href], button, select, input:not([type=hidden]), summary, textarea')
    ]
      .filter((e) => !e.classList.contains('skip') && !isInSentence(e))
      .map((e) => (e.matches('input[type=checkbox], input[type=radio], input[type=file]') ? covers(e) : e))
      .filter((e) => e.checkVisibility({ opacityProperty: false, visibilityProperty: true }))
      .map((e) => [e, e.getBoundingClientRect()] as const)
      .filter(([, box]) => box.width > 1 && box.height > 1 && (box.height < 43.5 || box.width < 43.5))
      .map(
        ([e, box]) =>
          `${e.tagName.toLowerCase()} “${e.textContent.trim().slice(0, 30)}” ${Math.round(box.width)}×${Math.round(box.height)}`
      );
  });
}

/** What is cut off at an edge: letters and fields that reach out of what holds them, but for what can be moved sideways. */
async function cutOff(page: Page): Promise<readonly string[]> {
  return page.evaluate(() => {
    const holds = (style: CSSStyleDeclaration): 'scrolls' | 'cuts' | 'neither' =>
      /auto|scroll/.test(style.overflowX)
        ? 'scrolls'
        : /hidden|clip/.test(style.overflowX) || /paint|content|strict/.test(style.contain)
          ? 'cuts'
          : 'neither';
    /** What cuts an element off; null where it can be moved into sight. */
    const edgeOf = (e: Element): { readonly left: number; readonly right: number } | null => {
      for (let up = e.parentElement; up && up !== document.body; up = up.parentElement) {
        const held = holds(getComputedStyle(up));
        if (held === 'scrolls') return null;
        if (held === 'cuts') return up.getBoundingClientRect();
      }
      return { left: 0, right: innerWidth };
    };
    const hasLetters = (e: Element): boolean =>
      e.matches('input, select, button') ||
      [...e.childNodes].some((n) => n.nodeType === Node.TEXT_NODE && n.textContent?.trim() !== '');
    return [...document.querySelectorAll('main *')]
      .filter((e) => hasLetters(e) && !e.closest('.sr-only, .skip, svg, noscript'))
      .filter((e) => e.checkVisibility({ opacityProperty: true, visibilityProperty: true }))
      .flatMap((e) => {
        const [box, edge] = [e.getBoundingClientRect(), edgeOf(e)];
        if (!edge || box.width <= 1 || (box.right <= edge.right + 1 && box.left >= edge.left - 1)) return [];
        return [
          `${e.tagName.toLowerCase()} “${e.textContent.trim().slice(0, 40)}” to ${Math.round(box.right)}`
        ];
      });
  });
}

/** Words that are seen through the red glass of the dark look, which is for what is drawn in greys. */
function throughGlass(page: Page): Promise<readonly string[]> {
  return page.evaluate(() => {
    const { dataset } = document.documentElement;
    const { scheme } = dataset;
    dataset['scheme'] = 'dark';
    const seen = [...document.querySelectorAll('main *, header *')].filter(
      (e) => getComputedStyle(e).filter !== 'none' && e.checkVisibility()
    );
    const words = seen.map((e) => e.textContent.replace(/\s+/g, ' ').trim()).filter((text) => text !== '');
    dataset['scheme'] = scheme;
    return words;
  });
}

/** Words of less than 13 pixels, but for what is drawn as it will be printed, in its size on paper. */
function smallWords(page: Page): Promise<readonly string[]> {
  return page.evaluate(() => {
    const hasWords = (e: Element): boolean =>
      [...e.childNodes].some((n) => n.nodeType === Node.TEXT_NODE && n.textContent?.trim() !== '');
    return [...document.querySelectorAll('main *, header *, nav *')]
      .filter((e) => e instanceof HTMLElement && hasWords(e) && !e.closest('.sr-only, .skip, [data-paper]'))
      .filter((e) => e.checkVisibility() && parseFloat(getComputedStyle(e).fontSize) < 13)
      .map((e) => `${getComputedStyle(e).fontSize} “${e.textContent.trim().slice(0, 30)}”`);
  });
}

/** The most green of any pixel in the dark look: white has 255, the lightest of its reds 176. */
async function greenInTheDark(page: Page): Promise<number> {
  const opened = await page.evaluate(() => {
    const { dataset } = document.documentElement;
    const before = dataset['scheme'];
    dataset['scheme'] = 'dark';
    return before;
  });
  // charts take their colours when they are drawn, and were drawn in the look that the page was opened in
  const mask = [page.locator('.apexcharts-canvas')];
  const { channels } = await sharp(await page.screenshot({ animations: 'disabled', mask })).stats();
  await page.evaluate((to) => (document.documentElement.dataset['scheme'] = to), opened);
  return channels[1]?.max ?? 255;
}

/** What is too pale or too dark to be read in the looks that the page was not opened in. */
async function paleInOtherLooks(page: Page): Promise<readonly string[]> {
  const opened = await page.evaluate(() => document.documentElement.dataset['scheme']);
  const found: string[] = [];
  for (const look of ['evening', 'dark', opened]) {
    await page.evaluate((to) => (document.documentElement.dataset['scheme'] = to), look);
    if (look === opened) break;
    const { violations } = await axe(page, ['color-contrast']);
    found.push(
      ...violations.flatMap((v) => v.nodes.map((n) => `${look}: ${n.target.join(' ')} ${n.failureSummary}`))
    );
  }
  return found;
}

// one browser profile for all of them: what the first page fetched the next one has
let context: BrowserContext | null = null;
test.afterAll(async () => {
  await context?.close();
  context = null;
});
for (const size of ['@phone', '@desktop'] as const) {
  for (const path of PAGES) {
    test(`${path} holds nobody up ${size}`, { tag: size }, async ({ shared: app, browser }) => {
      context ??= await browser.newContext();
      const page = await context.newPage();
      const said: string[] = [];
      page.on('console', (message) => message.type() === 'error' && said.push(message.text()));
      await page.goto(`${app.url}${path}`);
      await page.locator('html[data-ready]').waitFor({ state: 'attached' });
      const { violations } = await axe(page);
      expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)).toEqual(
        []
      );
      expect(
        await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)
      ).toBeLessThanOrEqual(0);
      expect(await smallTargets(page)).toEqual([]);
      expect(await cutOff(page)).toEqual([]);
      expect(await throughGlass(page)).toEqual([]);
      expect(await smallWords(page)).toEqual([]);
      if (size === '@phone') {
        expect(await paleInOtherLooks(page)).toEqual([]);
        expect(await greenInTheDark(page)).toBeLessThan(190);
      }
      // no style or script that the page does not allow, nothing missing but the page that is not there
      expect(said.filter((text) => !text.includes('404'))).toEqual([]);
      await page.close();
    });
  }
}

test('nothing is cut off or runs into its neighbour, whichever camera is used', async ({
  shared: app,
  page
}) => {
  const { loads } = (await (await page.request.get(`${app.url}/api/v1/carried`)).json()) as {
    readonly loads: readonly { readonly id: string }[];
  };
  expect(loads.length).toBeGreaterThan(8);
  for (const { id } of loads) {
    await page.goto(`${app.url}/shoot?shadow=deep&load=${id}`);
    await page.locator('html[data-ready]').waitFor({ state: 'attached' });
    // what to set and how likely it is stand side by side
    const over = await page.getByTestId('instruction').evaluate((p) => p.scrollWidth - p.clientWidth);
    expect(over, id).toBeLessThanOrEqual(0);
    // one mark off the advice brings all that can be pressed under the controls
    const mark = page.locator('.controls input[type=radio]:not(:checked)').first();
    if ((await mark.count()) > 0) await mark.check({ force: true });
    expect(await cutOff(page), id).toEqual([]);
  }
});

test(
  'where colours are forced the frames, the rule, the reach and the chosen light are still told',
  { tag: '@desktop' },
  async ({ shared: app, page }) => {
    await page.emulateMedia({ forcedColors: 'active' });
    await page.goto(`${app.url}/shoot?shadow=deep&load=demo-load-marigold`);
    await page.locator('html[data-ready]').waitFor({ state: 'attached' });
    const looks = (selector: string, name: string): Promise<readonly string[]> =>
      page
        .locator(selector)
        .evaluateAll((all, of) => all.map((e) => getComputedStyle(e).getPropertyValue(of)), name);
    expect(new Set(await looks('.frames i', 'background-color')).size).toBeGreaterThan(1);
    expect(new Set(await looks('.strips > *', 'background-image')).size).toBeGreaterThan(1);
    expect((await looks('.likely', 'border-top-width'))[0]).toBe('3px');
    const tabs = await page
      .getByRole('tab')
      .evaluateAll((all) => all.map((e) => [e.ariaSelected, getComputedStyle(e).backgroundColor] as const));
    const chosen = tabs.filter(([selected]) => selected === 'true').map(([, colour]) => colour);
    expect(chosen).toHaveLength(1);
    expect(tabs.filter(([, colour]) => colour === chosen[0])).toHaveLength(1);
    // the clue that was pressed is not told by colour alone
    // the chosen clue has a frame of its own over its drawing
    const frames = await page
      .locator('label:has(input[type=radio])')
      .filter({ hasText: /shade|edge/i })
      .evaluateAll((all) =>
        all.map((e) => [e.querySelector('input')?.checked, getComputedStyle(e, '::after').content])
      );
    expect(frames.filter(([checked]) => checked)).toEqual([[true, '""']]);
    expect(frames.filter(([checked, style]) => !checked && style !== 'none')).toEqual([]);
    // an answer over a filled ground keeps its letters
    const next = page.locator('.next').first();
    const [ground, ink] = await next.evaluate((e) => {
      const { backgroundColor, color } = getComputedStyle(e);
      return [backgroundColor, color];
    });
    expect(ground).not.toBe(ink);
  }
);

test(
  'at 200 % most of the screen is left for the page',
  { tag: '@desktop' },
  async ({ shared: app, page }) => {
    // a desk of 1280 by 800 at twice the size
    await page.setViewportSize({ width: 640, height: 400 });
    await page.goto(`${app.url}/shoot?shadow=deep&load=demo-load-marigold`);
    await expect(page.getByTestId('instruction')).toBeInViewport();
    await page.mouse.wheel(0, 500);
    const covered = await page.evaluate(() =>
      [...document.querySelectorAll('*')]
        .filter((e) => ['fixed', 'sticky'].includes(getComputedStyle(e).position))
        .map((e) => e.getBoundingClientRect())
        .filter((box) => box.width > 300)
        .reduce((sum, box) => sum + Math.max(0, Math.min(innerHeight, box.bottom) - Math.max(0, box.top)), 0)
    );
    expect(covered).toBeLessThanOrEqual(100);
    expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(
      0
    );
  }
);

test('nothing moves where no motion is wanted', { tag: '@phone' }, async ({ shared: app, page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.goto(`${app.url}/shoot?shadow=deep&load=demo-load-marigold`);
  await page.getByText('set down').click();
  const moving = await page.evaluate(() =>
    [...document.querySelectorAll('*')]
      .map((e) => [e.tagName, getComputedStyle(e)] as const)
      .filter(
        ([, s]) =>
          parseFloat(s.transitionDuration) > 0 ||
          (s.animationName !== 'none' && parseFloat(s.animationDuration) > 0)
      )
      .map(([name]) => name)
  );
  expect(moving).toEqual([]);
});

test('light and log are among the first stops of Tab', { tag: '@desktop' }, async ({ shared: app, page }) => {
  await page.goto(`${app.url}/shoot?shadow=deep&load=demo-load-marigold`);
  await page.locator('html[data-ready]').waitFor({ state: 'attached' });
  const stopAt = async (name: string): Promise<void> => {
    for (let i = 0; i < 4; i++) {
      await page.keyboard.press('Tab');
      if (await page.getByRole('button', { name, exact: true }).evaluate((e) => e === document.activeElement))
        return;
    }
    throw new Error(`“${name}” is not among the first stops`);
  };
  await stopAt('Tell the light');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('tab', { name: 'Shadow' })).toBeFocused();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('tab', { name: 'Sky' })).toBeFocused();
  await page.reload();
  await page.locator('html[data-ready]').waitFor({ state: 'attached' });
  await stopAt('Log a frame');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('log')).toBeFocused();
});
