// The files of scans that come in with a ZIP: each must be there, be the very file its line tells of, and be a picture.
import { createHash } from 'node:crypto';
import { createReadStream, renameSync, rmSync } from 'node:fs';
import { writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { ArchiveRecord } from '#schema/files/archive.ts';
import { ENDING, type scanIntake } from '../scans/intake.ts';
import { explainScanRefusal } from '../scans/problem.ts';
import { lookInto } from '../scans/pictures.ts';
import { SCANS_FOLDER } from './formats/zip/unzip.ts';

type ScanRecord = ArchiveRecord & { readonly kind: 'scan' };

async function sha256Of(path: string): Promise<string> {
  const hash = createHash('sha256');
  for await (const chunk of createReadStream(path)) hash.update(chunk as Uint8Array);
  return hash.digest('hex');
}

/** Scans' files in the folder where an import waits. */
export function stagedScans(folder: string, intake: ReturnType<typeof scanIntake>) {
  const here = (name: string): string => join(folder, name);
  return {
    /** Looks into each file and makes its small pictures. @param names of the files in the ZIP @returns what is wrong */
    look: async (records: readonly ScanRecord[], names: readonly string[]): Promise<readonly string[]> => {
      const faults: string[] = [];
      for (const { scan, sha256 } of records) {
        const file = `${scan.id}.${ENDING[scan.type]}`;
        if (!names.includes(SCANS_FOLDER + file)) {
          faults.push(`The scan “${scan.name}” has no file in the ZIP.`);
          continue;
        }
        if ((await sha256Of(here(file))) !== sha256) {
          faults.push(`The file of the scan “${scan.name}” is not the one that its line tells of.`);
          continue;
        }
        const looked = await lookInto(here(file), scan.name, scan.shown);
        if (!looked.ok) {
          faults.push(explainScanRefusal(scan.name, looked.error));
          continue;
        }
        await writeFile(here(`${scan.id}.thumb.jpg`), looked.value.thumb);
        await writeFile(here(`${scan.id}.view.jpg`), looked.value.view);
      }
      return faults;
    },
    /** Moves the files to the scans' folder. @returns takes it back */
    moveIn: (records: readonly ScanRecord[]): (() => void) => {
      intake.prepare();
      const moved: string[] = [];
      const undo = (): void => {
        for (const path of moved) rmSync(path, { force: true });
      };
      try {
        for (const { scan } of records) {
          const from = {
            original: `${scan.id}.${ENDING[scan.type]}`,
            thumb: `${scan.id}.thumb.jpg`,
            view: `${scan.id}.view.jpg`
          };
          for (const size of ['original', 'thumb', 'view'] as const) {
            const to = intake.pathOf(scan, size);
            renameSync(here(from[size]), to);
            moved.push(to);
          }
        }
      } catch (error) {
        undo();
        throw error;
      }
      return undo;
    }
  };
}
