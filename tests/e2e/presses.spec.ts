// How much has to be pressed and typed from an empty database to a logged frame, for every kind of camera, with film speed and
// light told and not left at what they start from.
import type { Locator } from '@playwright/test';
import { expect, test } from './app.ts';

/** As the first visit names them, the speed of the film in it, and the light by its shadow. */
const KINDS = [
  ['Nothing to set', '125', 'Sharp edge'],
  ['A lever with symbols', '400', 'No shadow'],
  ['Scales of numbers', '64', 'Soft edge'],
  ['A wheel in two colours', '100', 'Barely there'],
  ['It times itself', '640', 'Under leaves'],
  ['Speed dial and scene lever', '3000', 'Deep shade'],
  ['It sets all by itself', '200', 'Sharp edge'],
  ['A needle sets the opening', '40', 'Soft edge'],
  ['A spring motor', '50', 'Sharp edge']
] as const;
const [MOST_PRESSES, MOST_LETTERS] = [6, 8];

for (const [kind, iso, shadow] of KINDS)
  test(
    `${kind}: from an empty kit to a logged frame in ${MOST_PRESSES} presses and ${MOST_LETTERS} letters`,
    { tag: '@phone' },
    async ({ emptyApp, page }) => {
      let presses = 0;
      let letters = 0;
      const press = async (what: Locator): Promise<void> => {
        presses += 1;
        await what.click();
      };
      await page.goto(emptyApp.url);
      await press(page.locator('label', { has: page.getByRole('radio', { name: new RegExp(`^${kind}`) }) }));
      const speed = page.getByLabel('Film speed, ISO');
      await press(speed);
      // what stands in a field is chosen when it is pressed: typing replaces it
      await page.keyboard.type(iso);
      letters += iso.length;
      await expect(speed).toHaveValue(iso);
      await press(page.getByRole('button', { name: /answer/ }));
      await press(page.getByTestId('light-guide').getByRole('button', { name: new RegExp(`^${shadow}`) }));
      await expect(page.getByTestId('verdict')).toBeVisible();
      await expect(page.getByText(new RegExp(`from “${shadow.toLowerCase()}”`)).first()).toBeAttached();
      await press(page.getByTestId('log'));
      await expect(page.getByText('Frame 1 is logged.').first()).toBeVisible();
      expect(presses).toBeLessThanOrEqual(MOST_PRESSES);
      expect(letters).toBeLessThanOrEqual(MOST_LETTERS);
      await page.goto(`${emptyApp.url}/log`);
      await expect(page.getByRole('article', { name: 'Frame 1' })).toContainText(
        `from “${shadow.toLowerCase()}”`
      );
      await expect(page.getByRole('heading', { level: 1 })).toContainText(iso);
    }
  );
