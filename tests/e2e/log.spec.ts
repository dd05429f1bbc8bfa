// The prints come home: scans in, judged, the bias taken up, and every answer moves by just that; a film written up, looked
// for, changed together; everything out and in again.
import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import { expect, test, type Page } from './app.ts';

const FILM = 'film=demo-load-marigold';

async function jpeg(shade: number): Promise<Buffer> {
  return sharp({
    create: { width: 640, height: 480, channels: 3, background: { r: shade, g: shade, b: shade } }
  })
    .jpeg()
    .toBuffer();
}

/** What Shoot says of the pair in use in one light. */
async function answerOf(page: Page, url: string) {
  const question = {
    cameraId: 'demo-marigold',
    filmId: 'demo-tidewater',
    light: { lv: 13.64, sdStops: 0.5 },
    contrast: 'normal',
    present: {}
  };
  const said = await page.request.post(`${url}/api/v1/match`, { data: question });
  const body = (await said.json()) as {
    verdicts: {
      choice: Record<string, number>;
      deltaStops: number;
      sdStops: number;
      pUsable: number;
    }[];
  };
  return body.verdicts;
}

test(
  'logged in the field, scanned, judged, the bias taken up: on Shoot the mean moves by exactly that',
  { tag: '@desktop' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/shoot?shadow=soft&load=demo-load-marigold`);
    await page.getByTestId('log').click();
    await expect(page.getByText(/is logged/).first()).toBeVisible();
    const before = await answerOf(page, app.url);

    await page.goto(`${app.url}/log/scans?${FILM}`);
    await page.getByLabel(/Drop scans here/).setInputFiles([
      { name: 'roll 10.jpg', mimeType: 'image/jpeg', buffer: await jpeg(140) },
      { name: 'roll 9.jpg', mimeType: 'image/jpeg', buffer: await jpeg(200) },
      { name: 'roll 11.jpg', mimeType: 'image/jpeg', buffer: (await jpeg(90)).subarray(0, 700) },
      {
        name: 'drawing.jpg',
        mimeType: 'image/jpeg',
        buffer: Buffer.from('<svg><script>alert(1)</script></svg>')
      }
    ]);
    await expect(page.getByText('2 of 4 here')).toBeVisible();
    await expect(page.getByRole('alert')).toContainText('“drawing.jpg” is');
    await expect(page.getByRole('alert')).toContainText('“roll 11.jpg” ends before the picture does');
    await page.getByRole('button', { name: 'Match 2 by the order of names' }).click();
    const scan = page.getByRole('listitem').filter({ hasText: 'roll 9.jpg' });
    await expect(scan.getByLabel('Shows frame')).toHaveValue('demo-load-marigold-1');
    // looked at otherwise, and as it came again: the file is never touched
    const picture = scan.getByRole('img');
    await scan.getByRole('button', { name: 'Turn roll 9.jpg to the right' }).click();
    await expect(picture).toHaveAttribute('src', /shown=90-p/);
    await scan.getByRole('button', { name: 'roll 9.jpg is a negative' }).click();
    await expect(picture).toHaveAttribute('src', /shown=90-n/);
    await scan.getByText('Crop, or another film').click();
    await scan.getByLabel('Left, %').fill('95');
    await scan.getByLabel('Left, %').press('Tab');
    await expect(scan.getByRole('alert')).toContainText('Give 0 to 90 per cent');
    await scan.getByLabel('Left, %').fill('12,5');
    await scan.getByLabel('Left, %').press('Tab');
    await expect(picture).toHaveAttribute('src', /shown=90-n-0.125/);
    await expect(scan.getByRole('alert')).toHaveCount(0);
    await scan.getByRole('button', { name: 'As it came' }).click();
    await expect(picture).toHaveAttribute('src', /shown=0-p-0-0-0-0/);

    await page.getByRole('link', { name: 'Judge its frames' }).click();
    await expect(page.getByRole('img', { name: 'Scan roll 9.jpg of frame 1' })).toBeVisible();
    await expect(page.getByText(/By its middle tone the scan is about/)).toBeVisible();
    await page.getByText('The print or slide', { exact: true }).click();
    await page.getByText('The scan itself', { exact: true }).click();
    await expect(page.getByText(/Pushed through this film’s curve/)).toBeVisible();
    for (const n of [1, 2, 3, 4]) {
      await expect(page.locator(`[data-seen=yes][aria-label="Judge frame ${n}"]`)).toBeVisible();
      await page.keyboard.press('4');
    }
    await expect(page.getByTestId('bias')).toContainText('from 4 judged frames');
    await page.getByRole('button', { name: /^Count with/ }).click();
    await expect(page.getByText(/Every answer for .* counts with it/)).toBeVisible();
    const camera = (await (await page.request.get(`${app.url}/api/v1/cameras/demo-marigold`)).json()) as {
      biasStops: number;
      toleranceStops: number;
    };
    const after = await answerOf(page, app.url);
    expect(camera.biasStops).not.toBe(0);
    for (const verdict of after) {
      const same = before.find((b) => JSON.stringify(b.choice) === JSON.stringify(verdict.choice));
      if (!same) continue;
      expect(verdict.deltaStops - same.deltaStops).toBeCloseTo(camera.biasStops, 9);
      expect(verdict.sdStops).not.toBeCloseTo(same.sdStops, 6);
      if (same.pUsable > 0.01) expect(verdict.pUsable).not.toBeCloseTo(same.pUsable, 9);
    }
    // and it is what the page shows
    await page.goto(`${app.url}/shoot?shadow=soft&load=demo-load-marigold`);
    await expect(page.getByRole('region', { name: 'What to set' })).toContainText(
      /bias|off by itself|this camera/i
    );
  }
);

test(
  'a film is written up by keyboard, found, changed together, put in the trash and taken back',
  {
    tag: '@desktop'
  },
  async ({ app, page }) => {
    await page.goto(`${app.url}/log/roll?film=demo-load-thimble`);
    await page.getByLabel('Light: clue, scene or reading').fill('brightish');
    await page.keyboard.press('Enter');
    await expect(page.getByText(/“brightish” is not a light reading/)).toBeVisible();
    await page.getByLabel('Light: clue, scene or reading').fill('soft');
    await page.getByLabel('Subject').fill('Crab pots');
    await page.getByText('More: place').click();
    await page.getByLabel('Your tags, with commas').fill('quay, morning');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('listitem').filter({ hasText: 'Crab pots' })).toBeVisible();
    await expect(page.getByLabel('Light: clue, scene or reading')).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: 'Take back frame 2' })).toBeVisible();

    await page.goto(`${app.url}/log?tag=quay&view=table`);
    await expect(page.getByRole('row')).toHaveCount(3);
    await page.getByLabel('Choose all').check();
    await page.getByLabel('Add tags').fill('wanted');
    await page.getByRole('button', { name: 'Change them' }).click();
    await expect(page.getByRole('cell', { name: 'quay, morning, wanted' })).toHaveCount(2);
    await page.getByRole('button', { name: 'To the trash' }).click();
    await expect(page.getByText('No frame is like that.')).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('row')).toHaveCount(3);
    await page.goto(`${app.url}/log?dark=bright&words=crab`);
    await expect(page.getByText('“bright” is no light. Give an LV from −8 to 18.')).toBeVisible();
    await expect(page.getByRole('article')).toHaveCount(1);
  }
);

test(
  'everything goes out, and comes into an empty log; a spoiled file is refused line by line',
  {
    tag: '@desktop'
  },
  async ({ app, emptyApp, page }) => {
    await page.goto(`${app.url}/log/files`);
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('link', { name: 'Everything without the scans' }).click()
    ]);
    const archive = readFileSync(await download.path(), 'utf8');
    await page.goto(`${emptyApp.url}/log/files`);
    const field = page.getByLabel(/An archive \(.jsonl\)/);
    const spoiled = archive.replace('"pUsable":0', '"pUsable":9');
    await field.setInputFiles({
      name: 'spoiled.jsonl',
      mimeType: 'text/plain',
      buffer: Buffer.from(spoiled)
    });
    await expect(page.getByText('1 fault was found, so nothing was stored.')).toBeVisible();
    await expect(page.getByText(/^Line \d+: frame: frame\.expected\.pUsable/)).toBeVisible();
    await field.setInputFiles({
      name: 'archive.jsonl',
      mimeType: 'text/plain',
      buffer: Buffer.from(archive)
    });
    await page.getByRole('button', { name: /^Take all \d+ in$/ }).click();
    await expect(page.getByText('All of it is in the log.')).toBeVisible();
    await page.goto(`${emptyApp.url}/log?words=breakwater`);
    await expect(page.getByRole('article')).toContainText('Breakwater from the slip');
  }
);

test(
  'a table of another program: shown row by row as it was read, what is no mark refused by name, taken and undone',
  { tag: '@desktop' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/log/files`);
    const field = page.getByLabel(/An archive \(.jsonl\)/);
    const csv = (aperture: string): Buffer =>
      Buffer.from(
        `\uFEFFFrame;Day;Time;Aperture;Shutter;Light;Note\n21;9/12/26;2:15 PM;${aperture};1/60;overcast;Grüße\n`,
        'utf16le'
      );
    const choose = async (aperture: string): Promise<void> => {
      await field.setInputFiles({ name: 'frames.csv', mimeType: 'text/csv', buffer: csv(aperture) });
      await page.getByLabel('The frames are on').selectOption({ label: 'Heliodor 64 in Corvane 35' });
      await page.getByRole('button', { name: 'Check with these columns' }).click();
    };
    await choose('f/7.3');
    await expect(page.getByRole('list', { name: 'Faults' })).toContainText(
      'Line 2: aperture: “f/7.3” is no mark of'
    );
    await choose('f8');
    const read = page.getByTestId('read').getByRole('row').nth(1);
    await expect(read).toContainText('2026-09-12 14:15');
    await expect(read).toContainText(/8.*60/);
    await expect(page.getByText(/Nothing is told of .*: the first mark/)).toBeVisible();
    await page.getByRole('button', { name: /^Take all 1 in$/ }).click();
    await expect(page.getByText('All of it is in the log.')).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).first().click();
    await expect(page.getByText('The frames of that file are in the trash.')).toBeVisible();
    const bad = await page.request.get(`${app.url}/api/v1/frames.csv?since=yesterday`);
    expect(bad.status()).toBe(422);
  }
);

test(
  'frames are found by one line in the trade’s words, and the films in a list',
  { tag: '@desktop' },
  async ({ shared: app, page }) => {
    await page.goto(`${app.url}/log`);
    await page.getByRole('searchbox', { name: 'Look for frames' }).fill('overcast with the marigold, rowers');
    await page.keyboard.press('Enter');
    await expect(page.getByTestId('understood')).toContainText('Marigold 6 · light of LV 10.9 to 12.4');
    await page.getByRole('searchbox', { name: 'Look for frames' }).fill('marigold, three rowers');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('article')).toHaveCount(1);
    await expect(page.getByRole('article')).toContainText('Three rowers carrying the boat');
    await page.getByText(/^All \d+ films$/).click();
    const films = page.getByRole('list', { name: 'Films' });
    await page.getByRole('searchbox', { name: 'Search the films' }).fill('pebble');
    // two films of that camera, told apart by their dates
    await expect(films.getByRole('link')).toHaveCount(2);
    await films.getByRole('link').first().click();
    await expect(page.getByRole('heading', { name: /in Pebble box/ })).toBeVisible();
  }
);

test(
  'keys lead to every place, and the sheet of keys opens and closes anywhere',
  { tag: '@desktop' },
  async ({ shared: app, page }) => {
    await page.goto(`${app.url}/log`);
    for (const [key, path] of [
      ['2', '/kit'],
      ['4', '/kit/pairs'],
      ['6', '/log/numbers'],
      ['3', '/log'],
      ['1', '/shoot'],
      // last: digits judge there
      ['5', '/log/judge']
    ] as const) {
      await page.keyboard.press(key);
      await expect.poll(() => new URL(page.url()).pathname).toBe(path);
      await page.keyboard.press('?');
      await expect(page.getByRole('heading', { name: 'Keys' })).toBeVisible();
      await page.keyboard.press('Escape');
      await expect(page.getByRole('heading', { name: 'Keys' })).toHaveCount(0);
    }
  }
);
