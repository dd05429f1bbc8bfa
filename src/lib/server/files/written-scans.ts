// Copies of a film's scans with what is known of their frames written in, as the parts of a ZIP.
import { readFile } from 'node:fs/promises';
import sharp from 'sharp';
import { settingOf } from '#core/camera/setting.ts';
import { borderExtras, marksLine } from '#core/log/border-note.ts';
import type { Frame } from '#core/log/frame.ts';
import type { Pair } from '#core/log/pair.ts';
import type { Scan } from '#core/log/scan.ts';
import { judge } from '#core/match/verdict.ts';
import { markOfFNumber, markOfSeconds } from '#core/units/series.ts';
import type { Store } from '../store.ts';
import { withExif, xmpSidecar, type Written } from './exif.ts';
import type { ZipPart } from './zip-out.ts';

/** What is written of a frame: what the film got, as marks say it, and its border note. */
export function writtenOf({ camera, film }: Pair, frame: Frame, zone: string): Written {
  const setting = settingOf(camera, frame.choice);
  const { light, conditions, about, note } = frame;
  const exposure =
    setting && judge({ camera, film, light, contrast: light.contrast, ...conditions }, setting).exposure;
  const description = [
    `${frame.number}. ${about.subject === '' ? note : about.subject}`.trim(),
    `${camera.name}, ${film.name}, ${marksLine(camera, frame.choice)}`,
    ...borderExtras(frame)
  ].join(' · ');
  return {
    seconds: frame.timedSeconds ?? (exposure ? markOfSeconds(exposure.seconds) : null),
    fNumber: exposure ? markOfFNumber(exposure.fNumber) : null,
    ...{ iso: film.iso, ms: Date.parse(frame.loggedAt), zone, description }
  };
}

/** File names in a ZIP, each once. */
function* named(scans: readonly Scan[]): Generator<readonly [Scan, string]> {
  const used = new Set<string>();
  for (const scan of scans) {
    const safe = scan.name.replace(/[^\p{L}\p{N}. _-]/gu, '_').replace(/^\.+/, '_');
    const name = used.has(safe.toLowerCase()) ? `${scan.id.slice(0, 8)} ${safe}` : safe;
    used.add(name.toLowerCase());
    yield [scan, name];
  }
}

/** The parts: JPEG copies with Exif; other originals with an XMP sidecar; scans without a frame as they are. */
export function* writtenScans(store: Store, pair: Pair, zone: string): Generator<ZipPart> {
  const frames = new Map(store.frames.listByLoad(pair.loadId).map((f) => [f.id, f]));
  for (const [scan, name] of named(store.scans.ofLoad(pair.loadId))) {
    const path = store.intake.pathOf(scan, 'original');
    const frame = scan.frameId === null ? undefined : frames.get(scan.frameId);
    if (!frame) yield { name, path };
    else if (scan.type === 'jpeg') {
      yield {
        name,
        bytes: async () => {
          const { orientation = 1 } = await sharp(path).metadata();
          return withExif(await readFile(path), writtenOf(pair, frame, zone), orientation);
        }
      };
    } else {
      yield { name, path };
      const sidecar = Buffer.from(xmpSidecar(writtenOf(pair, frame, zone)));
      yield { name: `${name.replace(/\.[^.]*$/, '')}.xmp`, bytes: () => Promise.resolve(sidecar) };
    }
  }
}
