// Prints on the table: judged against printed tones, what they say of the camera, taken up, and back.
import { axe, expect, test } from './app.ts';

interface CameraBody {
  readonly biasStops: number;
  readonly toleranceStops: number | null;
}

test(
  'frames are judged by key, the bias is taken up and every answer moves by just that, then taken back',
  { tag: '@phone' },
  async ({ app, page, request }) => {
    const camera = async (): Promise<CameraBody> =>
      (await (await request.get(`${app.url}/api/v1/cameras/demo-marigold`)).json()) as CameraBody;
    const before = await camera();
    await page.goto(`${app.url}/log?film=demo-load-marigold`);
    await page.getByRole('link', { name: 'Judge its frames' }).click();
    await expect(page.getByText('Nothing yet. Judge a few frames')).toBeVisible();
    expect((await axe(page)).violations).toEqual([]);
    for (const n of [1, 2, 3]) {
      await expect(page.locator(`[data-seen=yes][aria-label="Judge frame ${n}"]`)).toBeVisible();
      await page.keyboard.press('4');
    }
    await expect(page.getByTestId('bias')).toContainText(
      'lighter than its marks promise, from 3 judged frames'
    );
    await expect(page.getByRole('button', { name: 'Frame 1: dense' })).toBeVisible();

    await page.getByRole('button', { name: /^Count with/ }).click();
    await expect(page.getByText(/Every answer for .* counts with it/)).toBeVisible();
    const after = await camera();
    expect(after.biasStops).toBeGreaterThan(before.biasStops + 0.1);
    expect(after.toleranceStops).toBeGreaterThan(0);
    await page.goto(`${app.url}/shoot?shadow=soft&load=demo-load-marigold`);
    await expect(page.getByRole('region', { name: 'What to set' })).toContainText(
      /bias|off by itself|this camera/i
    );

    await page.goto(`${app.url}/log/judge?film=demo-load-marigold`);
    await page.getByText('How it was before').click();
    await page
      .getByRole('button', { name: /^Back to/ })
      .first()
      .click();
    await expect.poll(async () => (await camera()).biasStops).toBe(before.biasStops);
  }
);

test(
  'negatives are judged off the negative, faults ticked; a judgement that is none is refused',
  { tag: '@desktop' },
  async ({ app, page, request }) => {
    await page.goto(`${app.url}/shoot?shadow=soft&load=demo-load-thimble`);
    await page.getByTestId('log').click();
    await expect(page.getByText(/is logged/).first()).toBeVisible();
    await page.goto(`${app.url}/log/judge?film=demo-load-thimble`);
    await expect(page.getByRole('radio', { name: 'The negative' })).toBeChecked();
    await page.getByLabel('Light leak').check();
    await page.getByRole('button', { name: 'Thin' }).click();
    await expect(page.getByRole('button', { name: /: thin, light leak$/ })).toBeVisible();
    const { frames } = (await (await request.get(`${app.url}/api/v1/carried`)).json()) as {
      frames: { id: string }[];
    };
    const bad = await request.put(`${app.url}/api/v1/frames/${frames[0]?.id ?? ''}/judgement`, {
      headers: { 'if-match': '*' },
      data: { on: 'print', outcome: { kind: 'tone', stops: 9 }, faults: [] }
    });
    expect(bad.status()).toBe(422);
    expect(await bad.text()).toContain('A tone is one of');
  }
);

test(
  'the paper of each print says how the roll was developed, and leads to the next time in the tank',
  { tag: '@desktop' },
  async ({ app, page, request }) => {
    await page.goto(`${app.url}/log/judge?film=demo-load-marigold`);
    await page.getByRole('radio', { name: 'The negative' }).check({ force: true });
    const grade = page.getByLabel('Printed on grade');
    await grade.selectOption('4');
    await page.getByRole('button', { name: 'Thin' }).click();
    await expect(page.getByText('is judged.').first()).toBeVisible();
    await expect(page.getByTestId('paper')).toContainText('One print on grade 4.');
    await expect(page.getByTestId('paper')).toContainText('These negatives are flat');
    // a print is made long after: its paper goes to what was said
    await page.getByRole('button', { name: /^Frame 1:/ }).click();
    await expect(grade).toHaveValue('4');
    await grade.selectOption('5');
    await expect(page.getByTestId('paper')).toContainText('on grade 5.');
    const load = `${app.url}/api/v1/loads/demo-load-marigold`;
    const patch = async (data: object) => {
      const { revision } = (await (await request.get(load)).json()) as { revision: number };
      expect((await request.patch(load, { data, headers: { 'if-match': `"${revision}"` } })).ok()).toBe(true);
    };
    await patch({ finished: true });
    const development = {
      developer: 'Two baths',
      dilution: '1+1',
      minutes: 9,
      temperatureC: 20,
      shiftStops: 0
    };
    await patch({ development });
    await page.goto(`${app.url}/log/judge?film=demo-load-marigold`);
    await page.getByRole('link', { name: 'The next time in the tank' }).click();
    await expect(page.getByLabel('Last time, minutes')).toHaveValue('9');
    await expect(page.getByLabel('Its negatives looked')).toHaveValue('flat');
  }
);

test(
  'a judgement is undone and taken away; a digit changes nothing that is judged, and the subject is in the heading',
  { tag: '@desktop' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/log/judge?film=demo-load-pebble-summer`);
    const last = page.getByRole('button', { name: /^Frame 8: / });
    await expect(last).toHaveAttribute('aria-pressed', 'true');
    await expect(page.getByRole('heading', { name: 'Frame 8: Harbour wall' })).toBeVisible();
    const judged = await last.getAttribute('aria-label');
    const card = page.getByRole('region', { name: 'Judge frame 8' });
    await expect(card).toHaveAttribute('data-seen', 'yes');
    await page.keyboard.press('1');
    await card.getByRole('button', { name: 'Take this judgement away' }).click();
    await expect(page.getByRole('button', { name: 'Frame 8: not judged' })).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    // as it was before the digit and the taking away
    await expect(last).toHaveAttribute('aria-label', judged ?? '');
    await card.getByRole('button', { name: 'Too dark' }).click();
    await expect(page.getByRole('button', { name: 'Frame 8: too dark' })).toBeVisible();
    await page
      .getByRole('status')
      .filter({ hasText: 'Frame 8 is judged.' })
      .getByRole('button', { name: 'Undo' })
      .click();
    await expect(last).toHaveAttribute('aria-label', judged ?? '');
  }
);
