// Films of the summer before that came back and were judged: what the log knows of the demonstration kit.
import type { Database } from 'better-sqlite3';
import type { Outcome } from '#core/learn/judgement.ts';
import type { ShadowClue } from '#core/light/shadow-edge.ts';
import { moment, type Moment } from '#core/sky/moment.ts';
import { choiceFromShadow } from '#core/ways/choice.ts';
import { judgementRepository } from '../learn/judgements.ts';
import { loadRepository } from '../kit/loads.ts';
import { logbook } from '../log/logbook.ts';

type Came = number | 'thin' | 'dense' | 'right' | 'shadows-empty';
type Row = readonly [clue: ShadowClue, subject: string, came: Came, ...faults: string[]];

const THIMBLE: readonly Row[] = [
  ['sharp', 'Ferry pier', 'dense'],
  ['sharp', 'Children on the slip', 'right'],
  ['soft', 'Ferry pier', 'right'],
  ['sharp', 'Kites', 'dense', 'flare'],
  ['barely', 'Market hall', 'thin'],
  ['none', 'Market hall', 'thin', 'blur'],
  ['leaf', 'Orchard', 'shadows-empty'],
  ['soft', 'Regatta', 'right'],
  ['sharp', 'Regatta', 'right'],
  ['sharp', 'Regatta', 'dense'],
  ['none', 'Pilot’s house', 'thin'],
  ['barely', 'Pilot’s house', 'right', 'focus-too-near']
];
const PEBBLE: readonly Row[] = [
  ['sharp', 'Lighthouse', 1],
  ['soft', 'Lighthouse', 1],
  ['sharp', 'Drying nets', 2],
  ['none', 'Boathouse', 0],
  ['barely', 'Boathouse', 0],
  ['sharp', 'Harbour wall', 1, 'leak'],
  ['deep', 'Net loft', -2],
  ['soft', 'Harbour wall', 0]
];

const outcomeOf = (came: Came): Outcome =>
  typeof came === 'number' ? { kind: 'tone', stops: came } : { kind: 'word', word: came };

/** Logs and judges the films of the summer, finished by the time the demonstration begins. */
export function seedHistory(db: Database, zone: string): void {
  film(db, zone, 'thimble', 'lantern', '2026-07-18', THIMBLE);
  film(db, zone, 'pebble', 'saltmarsh', '2026-08-09', PEBBLE);
}

function film(
  db: Database,
  zone: string,
  camera: string,
  stock: string,
  day: string,
  rows: readonly Row[]
): void {
  const id = `demo-load-${camera}-summer`;
  const at = (time: string): Moment => moment(`${day}T${time}:00Z`, zone);
  loadRepository(db).add({
    ...{ id, cameraId: `demo-${camera}`, filmId: `demo-${stock}`, framesTotal: rows.length, firstNumber: 1 },
    ...{ loadedAt: at('07:00'), finishedAt: at('19:00'), side: null, packFilter: null },
    ...{ development: null, lab: null, reel: null, remark: '', revision: 1 }
  });
  const judgements = judgementRepository(db);
  rows.forEach(([clue, subject, came, ...faults], i) => {
    const takenAt = at(`${String(8 + (i % 10)).padStart(2, '0')}:${String((i * 7) % 60).padStart(2, '0')}`);
    const frameId = `${id}-${i + 1}`;
    const logged = logbook(db, () => takenAt).log(
      {
        ...{ id: frameId, loadId: id, number: i + 1, takenAt, place: '', light: choiceFromShadow(clue) },
        ...{ guess: null, conditions: {}, choice: {}, note: '', series: null, timedSeconds: null },
        ...{ heardSeconds: null, heardSdStops: null, cameraRevision: 1, filmRevision: 1 },
        about: { subject, reason: '', tags: [clue === 'deep' || clue === 'leaf' ? 'shade' : 'summer'] }
      },
      { finished: true }
    );
    if (!logged.ok) throw new Error(`demo frame ${frameId} was refused: ${logged.refusal.reason}`);
    judgements.put({
      ...{ frameId, on: typeof came === 'number' ? 'print' : 'negative', outcome: outcomeOf(came), faults },
      ...{ judgedAt: at('20:00'), revision: 1 }
    });
  });
}
