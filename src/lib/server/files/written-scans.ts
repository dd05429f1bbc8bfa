// Copies of a film's scans with what is known of their frames written in, as the parts of a ZIP.
import { readFile } from 'node:fs/promises';
import sharp from 'sharp';
import type { NotedMark } from '#core/camera/noted.ts';
import { borderExtras, frameMarks } from '#core/log/border-note.ts';
import { verdictOfFrame } from '#core/log/exposed.ts';
import type { Frame } from '#core/log/frame.ts';
import type { ScanType } from '#core/log/scan.ts';
import { markOfFNumber, markOfSeconds } from '#core/units/series.ts';
import type { FrameWith } from '../log/found.ts';
import { takenWith } from '../log/taken-with.ts';
import type { Repositories } from '../repositories.ts';
import type { scanIntake } from '../scans/intake.ts';
import { withSegment } from '../scans/metadata/jpeg.ts';
import { plainPng } from '../scans/metadata/png.ts';
import { plainTiff } from '../scans/metadata/tiff.ts';
import { plainWebp } from '../scans/metadata/webp.ts';
import { exifOrientation, withExif, xmpSidecar, type PlaceData, type Written } from './exif.ts';
import type { ZipPart } from './formats/zip/zip-out.ts';

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

/** Names in a ZIP: each is there once, whatever its letters' case. */
function names(): (wanted: string, otherwise: string) => string {
  const used = new Set<string>();
  return (wanted, otherwise) => {
    const name = used.has(wanted.toLowerCase()) ? otherwise : wanted;
    used.add(name.toLowerCase());
    return name;
  };
}

/** The bytes of a file without what it says about itself; null = nothing is known of its form, so it must not go out. */
function plain(type: Exclude<ScanType, 'jpeg'>, file: Buffer): Buffer | null {
  if (type === 'png') return plainPng(file);
  return type === 'webp' ? plainWebp(file) : plainTiff(file);
}

/** What is asked for the scans of a film. */
export type ScansOf = Repositories & { readonly intake: ReturnType<typeof scanIntake> };

/**
 * The parts: JPEG copies with Exif; others with an XMP sidecar; scans without a frame as they are, but for place data.
 * @param place what becomes of place data in the files
 */
export function* writtenScans(store: ScansOf, loadId: string, place: PlaceData): Generator<ZipPart> {
  const frames = new Map(store.frames.listByLoad(loadId).map((f) => [f.id, f]));
  const look = takenWith(store);
  const once = names();
  for (const scan of store.scans.ofLoad(loadId)) {
    const safe = scan.name.replace(/[^\p{L}\p{N}. _-]/gu, '_').replace(/^\.+/, '_');
    const name = once(safe, `${scan.id.slice(0, 8)} ${safe}`);
    const path = store.intake.pathOf(scan, 'original');
    const frame = scan.frameId === null ? undefined : frames.get(scan.frameId);
    const taken = frame && look(frame);
    const written = taken ? writtenOf(taken, frame) : null;
    const { type } = scan;
    if (type === 'jpeg') {
      if (written === null && place === 'kept') yield { name, path };
      else yield { name, bytes: () => jpegCopy(path, written, place) };
      continue;
    }
    if (place === 'kept') yield { name, path };
    else yield { name, bytes: async () => plain(type, await readFile(path)) ?? (await redrawn(path)) };
    if (written === null) continue;
    const sidecar = Buffer.from(xmpSidecar(written));
    // of two files of one stem the second has its whole name before the ending
    yield {
      name: once(`${name.replace(/\.[^.]*$/, '')}.xmp`, `${name}.xmp`),
      bytes: () => Promise.resolve(sidecar)
    };
  }
}

async function jpegCopy(path: string, written: Written | null, place: PlaceData): Promise<Buffer> {
  const { orientation = 1 } = await sharp(path).metadata();
  const file = await readFile(path);
  return written === null
    ? withSegment(file, exifOrientation(orientation), false)
    : withExif(file, written, orientation, place);
}

/** A form whose tags are not known here is written anew, without any. */
const redrawn = (path: string): Promise<Buffer> =>
  sharp(path, { limitInputPixels: false }).keepIccProfile().tiff({ compression: 'deflate' }).toBuffer();
