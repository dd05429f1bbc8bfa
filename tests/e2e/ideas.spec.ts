// The ideas behind the answers: each has its page, with the numbers of the pair in hand.
import { axe, expect, test } from './app.ts';

test(
  'every idea is read through, one after the other, with the camera’s own numbers',
  { tag: '@phone' },
  async ({ shared, page }) => {
    test.slow();
    await page.goto(`${shared.url}/shoot?load=demo-load-heron&shadow=soft`);
    await page.getByRole('link', { name: 'Learn', exact: true }).click();
    await expect(page.getByText('with the numbers of the Heron folding')).toBeVisible();
    await page.getByRole('link', { name: /^Stops/ }).click();
    const next = page.getByRole('link', { name: /^Next: / });
    let pages = 1;
    for (;;) {
      const heading = page.getByRole('heading', { level: 1 });
      await expect(page.getByTestId('figure')).not.toBeEmpty();
      expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBe(0);
      // two screens at most
      expect(await page.evaluate(() => document.documentElement.scrollHeight / innerHeight)).toBeLessThan(
        2.2
      );
      expect((await axe(page)).violations).toEqual([]);
      if (!(await next.isVisible())) break;
      const name = (await next.innerText()).replace('Next: ', '');
      await next.click();
      await expect(heading).toHaveText(name);
      pages += 1;
    }
    expect(pages).toBe(12);
    // another camera, other numbers
    await page.goto(`${shared.url}/learn?idea=stopping-down&load=demo-load-heron&shadow=soft`);
    const row = page.getByRole('row', { name: /^5\.6/ });
    const before = await row.innerText();
    await page.goto(`${shared.url}/learn?idea=stopping-down&load=demo-load-corvane&shadow=sharp`);
    await expect(row).not.toHaveText(before);
    await page.goto(`${shared.url}/learn?idea=nothing`);
    await expect(page.getByRole('link', { name: /^Stops/ })).toBeVisible();
  }
);
