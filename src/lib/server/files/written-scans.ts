// Copies of a film's scans with what is known of their frames written in, as the parts of a ZIP.
import { readFile } from 'node:fs/promises';
import sharp from 'sharp';
import type { NotedMark } from '#core/camera/noted.ts';
import { borderExtras, frameMarks } from '#core/log/border-note.ts';
import { verdictOfFrame } from '#core/log/exposed.ts';
import type { Frame } from '#core/log/frame.ts';
import type { Scan } from '#core/log/scan.ts';
import { markOfFNumber, markOfSeconds } from '#core/units/series.ts';
import type { FrameWith } from '../log/found.ts';
import { takenWith } from '../log/taken-with.ts';
import type { Repositories } from '../repositories.ts';
import type { scanIntake } from '../scans/intake.ts';
import { withExif, xmpSidecar, type Written } from './exif.ts';
import type { ZipPart } from './zip-out.ts';

/** What is written of a frame: what the film got, as marks say it, and its border note. Time by the frame's own clocks. */
export function writtenOf({ camera, film }: FrameWith, frame: Frame): Written {
  const exposure = verdictOfFrame(camera, film, frame)?.exposure;
  const noted = (acts: NotedMark['acts']): number | null =>
    frame.set.find((n) => n.acts === acts)?.value ?? null;
  const fNumber = exposure?.fNumber ?? noted('aperture');
  const seconds = exposure?.seconds ?? noted('time');
  const { about, note } = frame;
  const description = [
    `${frame.number}. ${about.subject === '' ? note : about.subject}`.trim(),
    `${camera.name}, ${film.name}, ${frameMarks(frame)}`,
    ...borderExtras(frame)
  ].join(' · ');
  return {
    seconds: frame.timedSeconds ?? frame.heardSeconds ?? (seconds === null ? null : markOfSeconds(seconds)),
    fNumber: fNumber === null ? null : markOfFNumber(fNumber),
    ...{ iso: film.iso, ms: Date.parse(frame.takenAt.at), zone: frame.takenAt.zone, description }
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

/** What is asked for the scans of a film. */
export type ScansOf = Repositories & { readonly intake: ReturnType<typeof scanIntake> };

/** The parts: JPEG copies with Exif; other originals with an XMP sidecar; scans without a frame as they are. */
export function* writtenScans(store: ScansOf, loadId: string): Generator<ZipPart> {
  const frames = new Map(store.frames.listByLoad(loadId).map((f) => [f.id, f]));
  const look = takenWith(store);
  for (const [scan, name] of named(store.scans.ofLoad(loadId))) {
    const path = store.intake.pathOf(scan, 'original');
    const frame = scan.frameId === null ? undefined : frames.get(scan.frameId);
    const taken = frame && look(frame);
    if (!taken) yield { name, path };
    else if (scan.type === 'jpeg') {
      yield {
        name,
        bytes: async () => {
          const { orientation = 1 } = await sharp(path).metadata();
          return withExif(await readFile(path), writtenOf(taken, frame), orientation);
        }
      };
    } else {
      yield { name, path };
      const sidecar = Buffer.from(xmpSidecar(writtenOf(taken, frame)));
      yield { name: `${name.replace(/\.[^.]*$/, '')}.xmp`, bytes: () => Promise.resolve(sidecar) };
    }
  }
}
