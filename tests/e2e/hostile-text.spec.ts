// Text that nobody expects, in every field of every page: nothing fails, nothing runs, nothing breaks out of the page.
import type { Request } from '@playwright/test';
import { expect, test, type Page } from './app.ts';
import { PLACES } from '../../src/lib/ui/places/places.ts';

const TEXTS: readonly (readonly [string, string])[] = [
  [
    'marks that turn the line, joined emoji, markup and a formula',
    '\u202Eمرحبا\u202C 👩‍👩‍👧‍👦 e\u0301\u200B "><img src=x onerror="window.broken=1"><script>window.broken=1</script> \u00A0=A1'
  ],
  ['a comma for a point', '1,5'],
  ['a million letters', 'a'.repeat(1_000_000)]
];
const PATHS = [
  ...PLACES.map((p) => p.path),
  ...['/kit/camera/demo-pebble', '/kit/film/demo-saltmarsh', '/log?load=demo-load-pebble']
];

/** Fills every field of a page with a text. @returns how many there were */
function fill(page: Page, text: string): Promise<number> {
  return page.evaluate((said) => {
    const fields = [
      ...document.querySelectorAll<HTMLInputElement | HTMLTextAreaElement>(
        'input:not([type]), input[type=text], input[type=search], textarea'
      )
    ].filter((field) => !field.readOnly && !field.disabled);
    for (const field of fields) {
      field.value = said.slice(0, field.maxLength > 0 ? Math.max(field.maxLength, 50) : undefined);
      field.dispatchEvent(new Event('input', { bubbles: true }));
      field.dispatchEvent(new Event('change', { bubbles: true }));
    }
    return fields.length;
  }, text);
}

/** Sends each form of a page, one after another, and waits for the answer to what it sent. */
async function sendForms(page: Page): Promise<void> {
  const sent = new Set<Request>();
  page.on('request', (r) => (r.isNavigationRequest() || r.method() !== 'GET') && sent.add(r));
  for (const over of ['requestfinished', 'requestfailed'] as const)
    page.on(over as 'requestfinished', (r) => sent.delete(r));
  const forms = await page.locator('form').count();
  for (let i = 0; i < forms; i++) {
    await page
      .evaluate(async (at) => {
        const form = document.querySelectorAll('form')[at];
        if (!form) return;
        form.noValidate = true;
        form.requestSubmit();
        await new Promise((next) => requestAnimationFrame(next));
      }, i)
      // it led to another page
      .catch(() => null);
    await expect.poll(() => sent.size).toBe(0);
  }
}

for (const [name, text] of TEXTS) {
  test(`${name} in every field of every page`, { tag: '@desktop' }, async ({ app, browser }) => {
    test.slow();
    const failures: string[] = [];
    let fields = 0;
    const context = await browser.newContext();
    for (const path of PATHS) {
      const page = await context.newPage();
      page.on('pageerror', (error) => failures.push(`${path}: ${error.message}`));
      page.on(
        'response',
        (r) => r.status() >= 500 && failures.push(`${path}: ${r.status()} ${r.url().slice(0, 200)}`)
      );
      page.on('dialog', (dialog) => void dialog.dismiss());
      await page.goto(app.url + path);
      await page.locator('html[data-ready]').waitFor({ state: 'attached' });
      fields += await fill(page, text);
      await sendForms(page);
      // the last form may have led to another page
      await expect.poll(() => page.evaluate(() => 'broken' in window).catch(() => null)).toBe(false);
      await page.close();
    }
    await context.close();
    expect(failures).toEqual([]);
    expect(fields).toBeGreaterThan(40);
    // and the pages stand as before
    const looked = await browser.newPage();
    for (const path of ['/shoot', '/kit', '/log']) {
      await looked.goto(app.url + path);
      await looked.locator('html[data-ready]').waitFor({ state: 'attached' });
      expect(
        await looked.evaluate(() => document.documentElement.scrollWidth - innerWidth)
      ).toBeLessThanOrEqual(0);
    }
    await looked.close();
  });
}
