// A file on its way into the log: sent, read and checked by the server, shown, then taken or dropped.
import { array, mixed, number, object, string, type InferType } from 'yup';
import { err, ok, type Result } from '#core/numeric/result.ts';
import { parseWith } from '#schema/reading/parse.ts';

const texts = () => mixed<Readonly<Record<string, string>>>().required();
const viewSchema = object({
  id: string().required(),
  name: string().defined(),
  state: string().oneOf(['reading', 'mapping', 'ready', 'refused', 'taking', 'done', 'cancelled']).required(),
  lines: number().required(),
  counts: mixed<Readonly<Record<string, { readonly fresh: number; readonly here: number }>>>().required(),
  names: array(string().defined()).required(),
  faults: array(object({ line: number().required(), why: string().required() }).required()).required(),
  faultCount: number().required(),
  csv: object({
    headers: array(string().defined()).required(),
    mapping: texts(),
    sample: array(texts()).required(),
    read: array(
      object({
        line: number().required(),
        number: number().required(),
        ...{ taken: string().defined(), set: string().defined(), light: string().defined() }
      }).required()
    ).required(),
    untold: array(string().defined()).required(),
    developed: string().defined()
  })
    .nullable()
    .defined()
}).required();
const problemSchema = object({ detail: string().required() });

/** An import as the server tells it. */
export type ImportView = InferType<typeof viewSchema>;

async function ask(path: string, init: RequestInit): Promise<Result<ImportView | null, string>> {
  try {
    const response = await fetch(path, init);
    const body: unknown = await response.json().catch(() => null);
    if (!response.ok) {
      const problem = parseWith(problemSchema, body);
      return err(problem.ok ? problem.value.detail : `The server answered with ${response.status}.`);
    }
    const view = parseWith(viewSchema, body);
    return ok(view.ok ? view.value : null);
  } catch {
    return err('The server does not answer. Nothing was changed.');
  }
}

/** How long to wait before asking again, ms. */
const PAUSE = 300;

/** The import of a page. */
export class ImportJob {
  view = $state.raw<ImportView | null>(null);
  /** What went wrong on the way, or ''. */
  trouble = $state('');
  /** Whether the file is being sent. */
  sending = $state(false);

  #hear(answer: Result<ImportView | null, string>): void {
    this.trouble = answer.ok ? '' : answer.error;
    if (answer.ok && answer.value) this.view = answer.value;
  }
  #isReading(): boolean {
    return this.view?.state === 'reading' && this.trouble === '';
  }
  #path(rest = ''): string {
    return `/api/v1/imports/${encodeURIComponent(this.view?.id ?? '')}${rest}`;
  }

  /** Sends a file and follows how it is read. */
  async begin(file: File): Promise<void> {
    this.view = null;
    this.sending = true;
    const headers = { 'content-type': 'application/octet-stream' };
    this.#hear(
      await ask(`/api/v1/imports?name=${encodeURIComponent(file.name)}`, {
        method: 'POST',
        headers,
        body: file
      })
    );
    this.sending = false;
    while (this.#isReading()) {
      await new Promise((next) => setTimeout(next, PAUSE));
      if (this.#isReading()) this.#hear(await ask(this.#path(), {}));
    }
  }

  /** Says what the columns of a CSV stand for. */
  async map(loadId: string, mapping: Readonly<Record<string, string>>): Promise<void> {
    const headers = { 'content-type': 'application/json' };
    this.#hear(
      await ask(this.#path(), { method: 'PUT', headers, body: JSON.stringify({ loadId, mapping }) })
    );
  }

  /** Takes all of it. @returns whether it is in the log */
  async take(): Promise<boolean> {
    this.#hear(await ask(this.#path('/take'), { method: 'POST' }));
    return this.view?.state === 'done';
  }

  /** Moves the frames of a CSV that was taken to the trash. @returns whether they are there */
  async undo(): Promise<boolean> {
    const answer = await ask(this.#path('/undo'), { method: 'POST' });
    this.trouble = answer.ok ? '' : answer.error;
    return answer.ok;
  }

  /** Drops it. */
  async drop(): Promise<void> {
    await ask(this.#path(), { method: 'DELETE' });
    this.view = null;
    this.trouble = '';
  }
}
