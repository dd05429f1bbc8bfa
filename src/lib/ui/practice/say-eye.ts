// A person's eye in words.
import type { Eye, EyeInGroup } from '#core/learn/eye.ts';
import type { PrintEye } from '#core/learn/print-eye.ts';
import { formatThirds, roundToThird } from '#core/units/stops.ts';
import { GROUP_WORDS } from './scene-words.ts';

/** Stops too bright or too dark: "⅔ too bright"; "right" under a third. */
export function sayOff(stops: number): string {
  return roundToThird(stops) === 0 ? 'right' : `${formatThirds(stops)} too ${stops > 0 ? 'bright' : 'dark'}`;
}

/** What to correct in a kind of light, in a sentence. */
export function sayEyeIn({ group, biasStops, biasSd, guesses }: EyeInGroup): string {
  const often = guesses === 1 ? 'one guess' : `${guesses} guesses`;
  if (roundToThird(biasStops) === 0) return `You call ${GROUP_WORDS[group]} right (${often}).`;
  const sure = Math.abs(biasStops) > 2 * biasSd ? '' : ' so far, which may still be chance';
  return `You call ${GROUP_WORDS[group]} ${sayOff(biasStops)}${sure} (${often}).`;
}

/** What matters most of all that is known; '' = nothing is. */
export function sayEye(eye: Eye): string {
  const known = eye.groups.filter(
    (g) => Math.abs(g.biasStops) > 2 * g.biasSd && roundToThird(g.biasStops) !== 0
  );
  const worst = [...known].sort((a, b) => Math.abs(b.biasStops) - Math.abs(a.biasStops))[0];
  if (eye.guesses === 0) return '';
  if (!worst) return 'Nothing is off that chance would not explain.';
  return `You call ${GROUP_WORDS[worst.group]} ${sayOff(worst.biasStops)}: ${worst.biasStops > 0 ? 'open up' : 'close down'} by that.`;
}

/** What judged tones are corrected by, beside them. */
export function sayJudging({ biasStops, sdStops }: PrintEye): string {
  const by =
    roundToThird(biasStops) === 0
      ? 'left as you call them'
      : `read ${formatThirds(biasStops)} ${biasStops > 0 ? 'darker' : 'lighter'} than you call them`;
  return `By your drills, tones are ${by}, each give or take ${formatThirds(sdStops)}.`;
}
