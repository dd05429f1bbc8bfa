// The reel in the camera in hand: what is noted of it goes with its load, and is there again the next time.
import { object } from 'yup';
import type { ReelNote } from '#core/log/reel-note.ts';
import type { Pair } from '#core/log/pair.ts';
import { reelSchema } from '#schema/kit/load.ts';
import { parseWith } from '#schema/reading/parse.ts';
import { changeLoad } from '../../api.ts';
import { sayTrouble } from '../../notices/say.ts';

const answerSchema = object({ reel: reelSchema.nullable().optional().default(undefined) }).required();

/** What is noted of a reel, kept with the load that runs. */
export class KeptReel {
  /** Null while nothing was noted. */
  note = $state.raw<ReelNote | null>(null);
  #loadId = '';
  #revision = 0;
  #sending: Promise<void> = Promise.resolve();

  /** Takes up what was noted of the reel of a pair. One that was turned over since starts anew. */
  async open({ loadId, side }: Pair): Promise<void> {
    this.#loadId = loadId;
    try {
      const response = await fetch(`/api/v1/loads/${encodeURIComponent(loadId)}`);
      if (!response.ok) return;
      this.#revision = Number((response.headers.get('etag') ?? '').replaceAll('"', ''));
      const read = parseWith(answerSchema, await response.json());
      const reel = read.ok ? (read.value.reel ?? null) : null;
      if (this.#loadId === loadId) this.note = reel?.side === side ? reel : null;
    } catch {
      // away from home: it is reckoned here, and said when it should be kept
    }
  }

  /** Notes how it is now, one after the other. */
  keep(note: ReelNote): void {
    this.note = note;
    this.#sending = this.#sending.then(async () => {
      const sent = await changeLoad(this.#loadId, { reel: note }, this.#revision);
      if (sent.ok) this.#revision += 1;
      else sayTrouble(sent.error.words);
    });
  }
}
