// The facts of a frame in words: what one person noted and another noted otherwise, side by side.
import { SUPPORT_WORDS } from '../shoot/words.ts';
import type { Camera } from '#core/camera/camera.ts';
import { choiceLine } from '#core/log/border-note.ts';
import { FRAME_FACTS, type FrameFacts } from '#core/log/frame.ts';
import type { SomeFacts } from '#core/offline/change.ts';
import { formatDecimal } from '#core/units/decimal.ts';
import { formatShutter } from '#core/units/shutter.ts';
import { sayMetres } from '../text/say.ts';
import { sayLightShort, sayWhen } from './say-frame.ts';

/** One fact, with what it is called. */
export interface SaidFact {
  readonly fact: keyof FrameFacts;
  readonly name: string;
  readonly words: string;
}

const NAMES: Readonly<Record<keyof FrameFacts, string>> = {
  ...{
    number: 'Frame',
    takenAt: 'Taken',
    place: 'Place',
    light: 'Light',
    guess: 'Guess',
    conditions: 'Conditions'
  },
  ...{
    choice: 'Set',
    note: 'Note',
    timedSeconds: 'Held',
    heardSeconds: 'Heard',
    heardSdStops: 'Heard how well',
    about: 'Subject, reason, tags'
  }
};

function words(fact: keyof FrameFacts, facts: SomeFacts, camera: Camera | null): string {
  switch (fact) {
    case 'number':
      return String(facts.number);
    case 'takenAt':
      return facts.takenAt ? sayWhen(facts.takenAt) : '';
    case 'place':
      return facts.place === '' ? 'none' : (facts.place ?? '');
    case 'light':
      return sayLightShort(facts.light ?? null);
    case 'guess':
      return facts.guess ? sayLightShort(facts.guess) : 'none';
    case 'conditions': {
      const subjectM = facts.conditions?.circumstances?.subjectM ?? null;
      return [
        SUPPORT_WORDS[facts.conditions?.support ?? 'hand'],
        ...(subjectM === null ? [] : [`at ${sayMetres(subjectM)}`])
      ].join(', ');
    }
    case 'choice':
      return camera && facts.choice ? choiceLine(camera, facts.choice) : 'otherwise';
    case 'note':
      return facts.note === '' ? 'none' : `“${facts.note ?? ''}”`;
    case 'timedSeconds':
      return facts.timedSeconds == null ? 'not timed' : `${formatDecimal(facts.timedSeconds, 1)} s`;
    case 'heardSeconds':
      return facts.heardSeconds == null ? 'not heard' : formatShutter(facts.heardSeconds);
    case 'heardSdStops':
      return facts.heardSdStops == null
        ? 'by ear'
        : `give or take ${formatDecimal(facts.heardSdStops, 2)} stop`;
    case 'about': {
      const { subject = '', reason = '', tags = [] } = facts.about ?? {};
      return [subject, reason, ...tags].filter((s) => s !== '').join(' · ') || 'none';
    }
  }
}

/** The facts that are there, in their order. @param camera as it was for the frame; null = not known here */
export function saidFacts(facts: SomeFacts, camera: Camera | null): readonly SaidFact[] {
  return FRAME_FACTS.filter((fact) => fact in facts).map((fact) => ({
    ...{ fact, name: NAMES[fact], words: words(fact, facts, camera) }
  }));
}

/** The facts in a line: "frame 3, note “fog”". */
export function sayFacts(facts: SomeFacts, camera: Camera | null): string {
  return saidFacts(facts, camera)
    .map(({ name, words: said }) => `${name.toLowerCase()} ${said}`)
    .join(', ');
}
