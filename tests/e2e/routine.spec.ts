// Routines: the next step at the moment it is due, the order kept where a wrong one fogs a frame, changed by the owner.
import { axe, expect, test, unfold } from './app.ts';

test(
  'the next step stands on Shoot: after loading before each press, after a frame its own',
  { tag: '@phone' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/shoot?load=demo-load-corvane&shadow=soft`);
    const next = page.getByTestId('routine');
    await expect(next).toContainText('Loading, 1 of');
    // ticked one after the other
    const steps = Number(/of (\d+)/.exec(await next.innerText())?.[1]);
    for (let i = 1; i <= steps; i++) {
      await expect(next).toContainText(`Loading, ${i} of ${steps}`);
      await next.getByRole('checkbox').click();
    }
    await expect(next).toContainText('Before each press');
    await page.getByTestId('log').click();
    await expect(next).toContainText('After, 1 of');
    await expect(next).toContainText('Wind on');
    await page.reload();
    // what was ticked stays ticked on this device
    await expect(next).not.toContainText('Loading');
  }
);

test(
  'the order is kept where a wrong one costs a film; steps are added, moved, taken out',
  { tag: '@desktop' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/bench/routine?load=demo-load-corvane`);
    const end = page.getByRole('region', { name: 'End' });
    await end.getByRole('checkbox', { name: /Only then open the back/ }).click();
    await expect(end.getByRole('alert')).toContainText('First what stands above it');
    await expect(end.getByRole('checkbox', { name: /Only then open the back/ })).not.toBeChecked();
    for (const box of (await end.getByRole('checkbox').all()).slice(0, 2)) await box.click();
    await end.getByRole('checkbox', { name: /Only then open the back/ }).click();
    await expect(end.getByRole('checkbox', { name: /Only then open the back/ })).toBeChecked();
    expect((await axe(page)).violations).toEqual([]);

    await page.getByRole('button', { name: 'Change', exact: true }).click();
    await page.getByRole('button', { name: 'Add it' }).click();
    await expect(page.getByText('A step needs words')).toBeVisible();
    await page.getByRole('textbox', { name: 'A further step' }).fill('Hood on.');
    await page.getByLabel('When', { exact: true }).selectOption('before-press');
    await page.getByRole('button', { name: 'Add it' }).click();
    const before = page.getByRole('region', { name: 'Before each press' });
    await expect(before).toContainText('Hood on.');
    await before.getByRole('button', { name: 'Up: Hood on.' }).click();
    await before.getByRole('button', { name: /Take out: Cap off/ }).click();
    await expect(before).not.toContainText('Cap off');
    expect((await axe(page)).violations).toEqual([]);
    // what is on no sheet stays when the sheet is changed
    await page.goto(`${app.url}/kit/camera/demo-corvane`);
    await page
      .getByLabel(/What you call it|Name/)
      .first()
      .fill('Corvane thirty-five');
    await page
      .getByRole('button', { name: /^(Keep|Save)/ })
      .first()
      .click();
    await page.goto(`${app.url}/bench/routine?load=demo-load-corvane`);
    await expect(page.getByText('Corvane thirty-five')).toHaveCount(2);
    await expect(before).toContainText('Hood on.');
    await page.getByRole('button', { name: 'Change', exact: true }).click();
    await page.getByRole('button', { name: 'Back to the usual' }).click();
    await expect(before).toContainText('Cap off');
  }
);

test(
  'a finished film goes to the lab and comes back; a process that has ended is said before loading',
  { tag: '@desktop' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/log?film=demo-load-pebble-summer`);
    const film = page.getByRole('region', { name: 'This film' });
    await film.getByRole('button', { name: 'It goes to the lab' }).click();
    await expect(film).toContainText('It is at the lab.');
    await film.getByRole('button', { name: 'It is back' }).click();
    await expect(film).toContainText('Back from the lab.');
    await page.getByRole('button', { name: 'Undo' }).last().click();
    await expect(film).toContainText('It is at the lab.');
    // an instant film goes to no lab
    await page.goto(`${app.url}/log?film=demo-load-pelican`);
    await expect(film).toBeVisible();
    await expect(film.getByRole('button', { name: 'It goes to the lab' })).toHaveCount(0);

    await page.goto(`${app.url}/kit/film/demo-heliodor`);
    await page.getByLabel('Its process').selectOption('ended');
    await page
      .getByRole('button', { name: /^(Keep|Save)/ })
      .first()
      .click();
    await page.goto(`${app.url}/kit/film/demo-heliodor`);
    await expect(page.getByLabel('Its process')).toHaveValue('ended');
    await page.evaluate(async () => {
      const headers = { 'content-type': 'application/json', 'if-match': '*' };
      const body = JSON.stringify({ finished: true });
      await fetch('/api/v1/loads/demo-load-corvane', { method: 'PATCH', headers, body });
    });
    await page.goto(`${app.url}/kit`);
    const camera = page.getByRole('article').filter({ hasText: 'Corvane 35' });
    await unfold(camera);
    await camera.getByLabel('Load it with').selectOption({ label: 'Heliodor 64' });
    await expect(camera.getByText('Its process is no longer offered')).toBeVisible();
  }
);
