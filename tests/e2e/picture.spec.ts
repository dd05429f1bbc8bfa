// Light from a phone's picture: read, touched, printed as this film would; and a phone made a meter.
import sharp from 'sharp';
import { axe, expect, test, type Page } from './app.ts';

/** A picture in three even parts: code 40, 118 (grey) and 190 from left to right; f/1.8 at 1/120 s and ISO 64 is EV100 9.25. */
async function pictureOf(
  exif: Record<string, string> | null,
  codes: readonly number[] = [40, 118, 190],
  model = 'Pocket 7'
): Promise<Buffer> {
  const [width, height] = [600, 400];
  const data = Buffer.alloc(width * height * 3);
  for (let i = 0; i < width * height; i++) {
    const code = codes[Math.floor(((i % width) / width) * codes.length)] ?? 0;
    data.fill(code, 3 * i, 3 * i + 3);
  }
  const picture = sharp(data, { raw: { width, height, channels: 3 } }).jpeg({ quality: 92 });
  return (exif ? picture.withExif({ IFD0: { Model: model }, IFD2: exif }) : picture).toBuffer();
}
const EXIF = { FNumber: '18/10', ExposureTime: '1/120', ISOSpeedRatings: '64', FocalLength: '54/10' };

async function choose(
  page: Page,
  buffer: Buffer,
  name = 'scene.jpg',
  mimeType = 'image/jpeg'
): Promise<void> {
  await page.locator('input[type=file]:not([capture])').first().setInputFiles({ name, mimeType, buffer });
}
async function touch(page: Page, x: number, y = 0.5): Promise<void> {
  const box = await page.getByTestId('touch').boundingBox();
  if (!box) throw new Error('no picture');
  await page.getByTestId('touch').click({ position: { x: box.width * x, y: box.height * y } });
}
async function openPanel(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await page.getByRole('tab', { name: 'Picture' }).click();
}

test(
  'a picture is read into the answer, touched, printed as this film would, and logged',
  { tag: '@phone' },
  async ({ app, page }) => {
    await openPanel(page, `${app.url}/shoot?load=demo-load-corvane&shadow=sharp`);
    const asked: string[] = [];
    page.on('request', (request) => {
      if (request.method() !== 'GET') asked.push(request.url());
    });
    const before = await page.getByTestId('verdict').innerText();
    await choose(page, await pictureOf(EXIF));
    const said = page.getByTestId('picture-light');
    await expect(said).toContainText('LV 9⅓, give or take 1 by the whole picture');
    await expect(page.getByTestId('verdict')).not.toHaveText(before);
    await expect(page.getByTestId('assumed')).toContainText('the whole of a picture, by Pocket 7');
    // grass that came out grey lies in a stop more light
    await touch(page, 0.5);
    await expect(said).toContainText('What did you touch?');
    await page.getByLabel('It is', { exact: true }).selectOption('grass');
    await expect(said).toContainText('on grass');
    await page.getByText('Lights', { exact: true }).click();
    await touch(page, 0.9);
    await page.getByText('Darks', { exact: true }).click();
    await touch(page, 0.1);
    await expect(page.getByTestId('ends')).toContainText('contrast. On');
    await expect(page.getByTestId('as-printed').locator('canvas')).toHaveCount(3);
    // the print a stop lighter is lighter
    const grey = async (label: string): Promise<number> =>
      page
        .locator(`canvas[aria-label$="${label}"]`)
        .evaluate(
          (c) => (c as HTMLCanvasElement).getContext('2d')?.getImageData(150, 100, 1, 1).data[0] ?? -1
        );
    expect(await grey('a step lighter')).toBeGreaterThan(await grey('as set'));
    expect(await grey('as set')).toBeGreaterThan(await grey('a step darker'));
    const mark = page.getByRole('slider', { name: /^the subject/ });
    await mark.focus();
    await page.keyboard.press('ArrowLeft');
    await expect(mark).toHaveAttribute('aria-valuenow', '48');
    expect((await axe(page)).violations).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBe(0);
    expect(asked).toEqual([]);
    await page.getByText('Keep it, small, with the frames I log').click();
    await page.getByTestId('log').click();
    await expect(page.getByText(/is logged/).first()).toBeVisible();
    await page.goto(`${app.url}/log?film=demo-load-corvane`);
    await expect(page.getByText('grass in a picture, by Pocket 7').first()).toBeAttached();
    // the picture that was kept, as its print was expected: grey in the middle, darker on the left
    const kept = page.getByTestId('kept-picture').locator('canvas');
    await expect(kept).toBeVisible();
    const codes = await kept.evaluate((c) =>
      [0.15, 0.5].map(
        (x) =>
          (c as HTMLCanvasElement)
            .getContext('2d')
            ?.getImageData(x * (c as HTMLCanvasElement).width, 50, 1, 1).data[0] ?? -1
      )
    );
    expect(codes[0]).toBeLessThan(codes[1] ?? 0);
    await page.getByRole('button', { name: /Take the picture of frame \d+ away/ }).click();
    await expect(page.getByTestId('kept-picture')).toHaveCount(0);
    await page.getByRole('button', { name: 'Undo' }).first().click();
    await expect(page.getByTestId('kept-picture')).toHaveCount(1);
  }
);

test(
  'the camera’s eye over the picture: what it reads against the subject is counted',
  { tag: '@desktop' },
  async ({ app, page }) => {
    await openPanel(page, `${app.url}/shoot?load=demo-load-heron&shadow=sharp`);
    await choose(page, await pictureOf(EXIF, [60, 60, 230]));
    await touch(page, 0.2);
    await page.getByLabel('It is', { exact: true }).selectOption('skin');
    await page.getByText('Eye', { exact: true }).click();
    await touch(page, 0.8);
    const says = page.getByTestId('eye-over');
    await expect(says).toContainText('The eye sees');
    await expect(says).toContainText('more than the subject has');
    await says.getByRole('button', { name: 'Count it on Shoot' }).click();
    await expect(says.getByRole('button')).toBeHidden();
    await expect(page.getByTestId('checks')).toContainText('more light than the subject has');
  }
);

test('what cannot be used is said, what can be is', { tag: '@desktop' }, async ({ app, page }) => {
  await openPanel(page, `${app.url}/shoot?load=demo-load-corvane&shadow=sharp`);
  const panel = page.getByTestId('picture');
  await choose(page, Buffer.from('no picture at all'));
  await expect(panel.getByRole('alert')).toContainText('This browser cannot read that file');
  await choose(page, await pictureOf(null));
  await expect(panel.getByRole('alert')).toContainText('does not say how it was exposed');
  await panel.getByLabel('Its exposure').fill('bright');
  await panel.getByLabel('Its exposure').press('Tab');
  await expect(panel.getByText(/“bright”/)).toBeVisible();
  await panel.getByLabel('Its exposure').fill('f/1.8 1/120 ISO 64');
  await panel.getByLabel('Its exposure').press('Tab');
  await expect(page.getByTestId('picture-light')).toContainText('LV 9⅓');
  await choose(page, await pictureOf({ ...EXIF, ExposureTime: '0/1' }));
  await expect(panel.getByRole('alert')).toContainText('notes is 0');
  await choose(page, await pictureOf({ ...EXIF, ExposureTime: '1/2' }));
  await expect(page.getByTestId('picture-light')).toContainText('it may be the sum of several');
  // a white sky is a bound
  await choose(page, await pictureOf(EXIF, [118, 118, 255]));
  await touch(page, 0.9);
  await page.getByLabel('It is', { exact: true }).selectOption('snow');
  await expect(page.getByTestId('picture-light')).toContainText('or more on snow');
  // sixteen bits, and a grey PNG under another name
  const png = await sharp(new Uint16Array(80 * 60).fill(30_583), {
    raw: { width: 80, height: 60, channels: 1 }
  })
    .toColourspace('grey16')
    .png()
    .toBuffer();
  await choose(page, png, 'scene.jpg');
  await expect(panel.getByRole('alert')).toContainText('does not say how it was exposed');
  await panel.getByRole('button', { name: 'Put the picture away' }).click();
  await expect(panel).toContainText('It never leaves this device');
  // 81 megapixels; and a wide panorama, which is read
  const blank = { channels: 3, background: '#777777' } as const;
  const huge = sharp({ create: { ...blank, width: 9000, height: 9000 } });
  await choose(page, await huge.jpeg({ quality: 40 }).toBuffer());
  await expect(panel.getByRole('alert')).toContainText('under 60 megapixels');
  const wide = sharp({ create: { ...blank, width: 4000, height: 300 } }).jpeg();
  await choose(page, await wide.withExif({ IFD2: EXIF }).toBuffer());
  await expect(page.getByTestId('picture-light')).toContainText('by the whole picture');
  // held upright: the browser turns it by its tag, and what is touched is what is seen
  const upright = await sharp(await pictureOf(EXIF, [40, 230]))
    .withMetadata({ orientation: 6 })
    .toBuffer();
  await choose(page, upright);
  await expect(page.getByTestId('touch')).toBeVisible();
  await touch(page, 0.5, 0.9);
  await page.getByLabel('It is', { exact: true }).selectOption('white');
  const low = await page.getByTestId('picture-light').innerText();
  await touch(page, 0.5, 0.1);
  await expect(page.getByTestId('picture-light')).not.toHaveText(low);
});

test(
  'a phone is made a meter from three pictures, kept, and reads the next picture',
  { tag: '@phone' },
  async ({ app, page }) => {
    await page.goto(`${app.url}/bench`);
    await page.getByRole('link', { name: /Your phone as a meter/ }).click();
    const says = page.getByTestId('phone');
    const pick = async (buffer: Buffer) =>
      page.locator('input[type=file]').setInputFiles({ name: 'p.jpg', mimeType: 'image/jpeg', buffer });
    const readAt = async (x: number, reading: string): Promise<void> => {
      await touch(page, x);
      const field = page.getByLabel('A meter reads there');
      await field.fill(reading);
      await field.press('Tab');
    };
    await pick(await pictureOf(null));
    await expect(page.getByRole('alert')).toContainText('does not say how it was exposed');
    // three equal tones: an offset is earned, a slope is not
    await pick(await pictureOf(EXIF, [118]));
    await readAt(0.3, 'LV 9.75');
    await readAt(0.5, 'LV 9.75');
    await readAt(0.7, 'LV 9.75');
    await expect(says).toContainText('Its pictures read ⅓ stop too low');
    await expect(page.getByText('All patches are of about one tone')).toBeVisible();
    await pick(await pictureOf(EXIF, [118], 'Another'));
    await expect(page.getByRole('alert')).toContainText('That picture is by another phone');
    await pick(await pictureOf(EXIF, [40, 118, 190]));
    await readAt(0.15, 'LV 7.5');
    await readAt(0.85, 'LV 11.5');
    await readAt(0.15, 'LV 7.5');
    await expect(page.getByText('one tone')).toBeHidden();
    await pick(await pictureOf(EXIF, [118, 255]));
    await readAt(0.9, 'LV 12');
    await expect(page.getByRole('alert')).toContainText('white or black in the picture');
    expect((await axe(page)).violations).toEqual([]);
    await page.getByRole('button', { name: 'Keep it as a meter' }).click();
    await expect(page.getByText('Pocket 7 is a meter')).toBeVisible();
    await page.goto(`${app.url}/kit#bag`);
    await expect(page.getByText('Phones as meters').first()).toBeVisible();
    await openPanel(page, `${app.url}/shoot?load=demo-load-corvane&shadow=sharp`);
    await choose(page, await pictureOf(EXIF));
    await expect(page.getByTestId('picture-light')).toContainText('By Pocket 7, as you measured it.');
  }
);
