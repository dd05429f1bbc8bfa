// Why a film does not go into a camera, in words.
import type { Misfit } from '#core/camera/fits.ts';
import type { Perforation } from '#core/film/traits.ts';

const PERFORATION_WORDS: Readonly<Record<Perforation, string>> = {
  'double-run-8': 'double-run 8 mm',
  'super-8': 'super 8',
  '16-one-edge': '16 mm with holes along one edge',
  '16-both-edges': '16 mm with holes along both edges'
};

/** What each perforation is called. */
export function sayPerforation(perforation: Perforation): string {
  return PERFORATION_WORDS[perforation];
}

/** One sentence for a misfit. */
export function explainMisfit(misfit: Misfit, cameraName: string, filmName: string): string {
  switch (misfit.misfit) {
    case 'format':
      return `${filmName} does not fit the ${cameraName}: it is another size of film.`;
    case 'spool':
      return `${filmName} is the right stock for the ${cameraName} on another spool or for another frame: it has to be re-rolled or masked.`;
    case 'perforation':
      return `The ${cameraName} cannot drive ${filmName}: it is ${sayPerforation(misfit.perforation)}.`;
    case 'battery':
      return `The ${cameraName} runs on the battery of its film pack, and ${filmName} has none: without another source of power it stays dead.`;
  }
}
