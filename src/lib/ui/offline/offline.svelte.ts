// What works without the server: the kit that is carried and the queue of what the server does not know yet. One for each page.
import type { Conflict, Action } from '#core/offline/change.ts';
import { after, type Carried } from '#core/offline/carried.ts';
import {
  answered,
  cleared,
  countsOf,
  insisted,
  leftOut,
  nextToSend,
  put,
  takenBack,
  withFile,
  type Queue
} from '#core/offline/queue.ts';
import { askedAboutLost, missing } from '#core/offline/lost.ts';
import { MOST_CHANGES, MOST_CHARS } from '#schema/sync/limits.ts';
import { askUnknown, deliver, fetchCarried, hereNow, tellHomeAnswers } from './home.ts';
import { memoryStore, openStore, saidOf, type Kept, type OfflineStore, type Unreadable } from './store.ts';

/** Between tries while something waits, ms. */
const RETRY_MS = 4000;
/** Between looks at whether what is carried has changed, ms. */
const CARRY_MS = 3000;

/** What became of a change when it was put in. */
export type PutOutcome =
  | { readonly kind: 'sent' }
  | { readonly kind: 'kept' }
  | { readonly kind: 'asked'; readonly conflict: Conflict };

/** The kit that is carried and the queue. */
export class Offline {
  queue = $state.raw<Queue>([]);
  kept = $state.raw<Kept | null>(null);
  unreadable = $state.raw<Unreadable>([]);
  /** Whether a sending is under way. */
  sending = $state(false);
  /** Whether the server was out of reach when it was last asked. */
  away = $state(false);
  /** Why the server does not take the queue, in words; '' = it does, as far as is known. */
  refusal = $state('');
  signedOut = $state(false);
  /** Why nothing is kept over the closing of the page; '' = it is. */
  notKept = $state('');
  opened = $state(false);

  readonly counts = $derived(countsOf(this.queue));
  /** What is carried, with everything that waits to be sent; null = nothing is carried. */
  readonly carried: Carried | null = $derived(
    this.kept &&
      after(
        this.kept.offlineKit.carried,
        this.queue.filter((q) => q.state !== 'left').map((q) => q.change)
      )
  );

  /** Settings that were changed here and may not be in what the pages know from the server. */
  edits = $state.raw<Readonly<Record<string, unknown>>>({});
  /** The server has taken something that the pages have not asked the server about yet. */
  #settling = $state(0);
  #store: OfflineStore | null = null;
  #opening: Promise<void> | null = null;
  #sendingNow: Promise<void> | null = null;
  #retry: ReturnType<typeof setTimeout> | undefined;
  #channel: BroadcastChannel | null = null;
  #lookedAt = -Infinity;
  /** Changes that the server has answered. */
  #taken = 0;
  /** Called when the server has taken changes, before the queue forgets them: pages fetch what is true now. */
  onsent: () => Promise<void> = () => Promise.resolve();

  /** Opens the store; once. */
  open(): Promise<void> {
    this.#opening ??= this.#open();
    return this.#opening;
  }

  async #open(): Promise<void> {
    try {
      this.#store = await openStore();
    } catch (error) {
      this.#store = memoryStore();
      this.notKept = saidOf(error);
    }
    this.queue = await this.#store.readQueue();
    this.kept = await this.#store.readKept();
    this.unreadable = await this.#store.readUnreadable();
    if (typeof BroadcastChannel !== 'undefined') {
      this.#channel = new BroadcastChannel('just-enough-pocket');
      this.#channel.onmessage = () => void this.#reread();
    }
    this.opened = true;
  }

  #heard(answers: boolean): void {
    if (this.away && answers) tellHomeAnswers();
    this.away = !answers;
  }

  /** Another tab changed the queue. */
  async #reread(): Promise<void> {
    if (!this.#store) return;
    this.queue = await this.#store.readQueue();
    this.kept = await this.#store.readKept();
  }

  async #change(to: (queue: Queue) => Queue): Promise<void> {
    await this.open();
    try {
      this.queue = (await this.#store?.changeQueue(to)) ?? to(this.queue);
    } catch (error) {
      // nothing can be written: the page itself keeps it as long as it is open
      this.notKept = saidOf(error);
      const now = this.queue;
      this.#store = memoryStore();
      await this.#store.changeQueue(() => to(now));
      this.queue = to(now);
    }
    this.#channel?.postMessage('changed');
  }

  /** What was changed of the settings is true from the press until the server has been asked again. */
  #forgetEdits(): void {
    const waits = this.queue.some(({ change }) => change.action.kind === 'settings');
    if (this.#settling === 0 && !waits) this.edits = {};
  }

  /** Puts a change in and tries to send it. Resolves when it is sent or asked about, or is kept because the server is out of reach. */
  async put(action: Action): Promise<PutOutcome> {
    const key = crypto.randomUUID();
    const madeAt = hereNow();
    if (action.kind === 'settings') this.edits = { ...this.edits, ...action.edit };
    await this.#change((queue) => put(queue, { key, madeAt, action }));
    await this.send();
    const item = this.queue.find((q) => q.change.key === key);
    if (!item) return { kind: 'sent' };
    return item.state === 'asked' ? { kind: 'asked', conflict: item.conflict } : { kind: 'kept' };
  }

  /** Sends what waits, in order, until nothing does or the server is out of reach. */
  async send(): Promise<void> {
    // what was put in meanwhile goes with a round of its own
    while (this.#sendingNow) await this.#sendingNow;
    this.#sendingNow = this.#sendAll().finally(() => (this.#sendingNow = null));
    await this.#sendingNow;
  }

  async #sendAll(): Promise<void> {
    await this.open();
    clearTimeout(this.#retry);
    let answers = 0;
    for (;;) {
      const batch = nextToSend(this.queue, MOST_CHANGES, MOST_CHARS);
      if (batch.length === 0) break;
      this.sending = true;
      const delivery = await deliver(batch);
      this.#heard(delivery.kind !== 'away');
      this.refusal = delivery.kind === 'refused' ? delivery.words : '';
      this.signedOut = delivery.kind === 'refused' && delivery.signedOut;
      if (delivery.kind !== 'answered') {
        this.#retry = setTimeout(() => void this.send(), RETRY_MS);
        break;
      }
      const { outcomes } = delivery;
      const done = outcomes.flatMap((o) => (o.outcome === 'done' ? [o.key] : []));
      answers += outcomes.length;
      this.#taken += outcomes.length;
      // what is carried is as if it had been fetched again, until it is
      if (this.kept) {
        const changes = this.queue.map((q) => q.change).filter((c) => done.includes(c.key));
        const { offlineKit } = this.kept;
        this.kept = {
          ...this.kept,
          offlineKit: { ...offlineKit, carried: after(offlineKit.carried, changes) }
        };
      }
      await this.#change((queue) => answered(queue, outcomes));
      // an answer that is about something else altogether would have us ask for ever
      if (!batch.some((s) => outcomes.some((o) => o.key === s.change.key))) break;
    }
    this.sending = false;
    // also after a no: what stood against it is worth knowing
    if (answers > 0) await this.#settle();
  }

  /** Looks whether the server has something new to carry. @param now at once, else not more often than every few seconds */
  async carry(now = false): Promise<void> {
    await this.open();
    if (!now && performance.now() - this.#lookedAt < CARRY_MS) return;
    this.#lookedAt = performance.now();
    let answer: Awaited<ReturnType<typeof fetchCarried>>;
    let known: number;
    // an answer that was on its way while a change was taken may be older than the change
    do {
      known = this.#taken;
      answer = await fetchCarried(this.kept?.tag ?? '');
    } while (known !== this.#taken);
    this.#heard(answer.type !== 'away');
    if (answer.type !== 'new' || !(await this.#askAboutLost(answer.offlineKit.carried))) return;
    this.kept = { offlineKit: answer.offlineKit, tag: answer.tag, keptAt: hereNow() };
    try {
      await this.#store?.keep(this.kept);
    } catch (error) {
      this.notKept = saidOf(error);
    }
  }

  /** Before what is carried is replaced: what the server has lost of it is asked about. @returns whether that is known */
  async #askAboutLost(now: Carried): Promise<boolean> {
    const gone = this.kept ? missing(this.kept.offlineKit.carried, now) : [];
    if (gone.length === 0) return true;
    const unknown = await askUnknown(gone.map((f) => f.id));
    const lost = gone.filter((f) => unknown?.includes(f.id));
    if (lost.length > 0) await this.#change((queue) => askedAboutLost(queue, lost, hereNow()));
    return unknown !== null;
  }

  /** Lets the pages ask the server again. Until they have, what is carried stands for it: the next press need not wait. */
  async #settle(): Promise<void> {
    this.#settling += 1;
    const settled = Promise.all([this.onsent(), this.carry(true)]).finally(() => {
      this.#settling -= 1;
      this.#forgetEdits();
    });
    if (!this.kept) await settled;
  }

  /** The phone's side is right: it is sent again, with what the person saw. */
  async insist(key: string): Promise<void> {
    await this.#change((queue) => insisted(queue, key));
    await this.send();
  }

  /** Home's side is right: the change is left out, and can be taken back. */
  async leaveOut(key: string): Promise<void> {
    await this.#change((queue) => leftOut(queue, key));
    await this.onsent();
  }

  /** Takes back what was left out. */
  async takeBack(key: string): Promise<void> {
    await this.#change((queue) => takenBack(queue, key));
    await this.send();
  }

  /** Takes the changes of a file in. */
  async takeIn(from: Queue): Promise<void> {
    await this.#change((queue) => withFile(queue, from));
    await this.send();
  }

  /** Throws away what was left out and what could not be read. */
  async clear(): Promise<void> {
    await this.#change(cleared);
    await this.#store?.dropUnreadable();
    this.unreadable = [];
  }

  /** Whether the server's data may lack something about a film or its camera that is in the queue. */
  touches(loadId: string, cameraId: string): boolean {
    if (this.#settling > 0) return true;
    return this.queue.some(({ state, change: { action } }) => {
      if (state === 'left') return false;
      if (action.kind === 'log') return action.frame.loadId === loadId;
      if ('loadId' in action) return action.loadId === loadId;
      if ('cameraId' in action) return action.cameraId === cameraId;
      if (action.kind === 'settings' || action.kind === 'outing' || action.kind === 'practise') return false;
      const frames = this.kept?.offlineKit.carried.frames ?? [];
      return frames.some((f) => f.id === action.frameId && f.loadId === loadId);
    });
  }
}

/** What this page keeps to work without the server. On the server nothing is ever put into it. */
export const offline = new Offline();
