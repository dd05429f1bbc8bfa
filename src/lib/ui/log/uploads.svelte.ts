// Scans on their way to the server: two at a time, each with how far it is; what is refused says why and can be taken away.
import { object, string } from 'yup';
import { parseWith } from '#schema/reading/parse.ts';

/** A file on its way. */
export interface Upload {
  readonly key: number;
  readonly name: string;
  /** 0…1 of its bytes are sent; then the server looks into it. */
  readonly share: number;
  readonly state: 'waiting' | 'sending' | 'looked-into' | 'taken' | 'refused';
  /** Why it was refused, or ''. */
  readonly why: string;
}

const AT_ONCE = 2;
const problemSchema = object({ detail: string().required() });

/** Sends one file. @param request told how far it is @returns '' or why it was refused */
async function send(
  url: string,
  file: File,
  request: XMLHttpRequest,
  told: (share: number) => void
): Promise<string> {
  return new Promise((done) => {
    request.open('POST', url);
    request.setRequestHeader('content-type', 'application/octet-stream');
    request.upload.onprogress = (e) => told(e.total > 0 ? e.loaded / e.total : 0);
    request.onabort = () => done('Taken back before it was there.');
    request.onerror = () => done('The server does not answer. The file is still yours: try again.');
    request.onload = () => {
      if (request.status < 300) {
        done('');
        return;
      }
      let body: unknown = null;
      try {
        body = JSON.parse(request.responseText);
      } catch {
        // no words of its own: the number says it
      }
      const problem = parseWith(problemSchema, body);
      done(problem.ok ? problem.value.detail : `The server answered with ${request.status}.`);
    };
    request.send(file);
  });
}

/** The uploads of a page. */
export class Uploads {
  #list = $state.raw<readonly Upload[]>([]);
  #waiting: { readonly key: number; readonly file: File; readonly url: string }[] = [];
  #sending: readonly XMLHttpRequest[] = [];
  #next = 0;
  readonly #done: () => void;

  /** @param done called when nothing is on its way any more, and after each ten files */
  constructor(done: () => void) {
    this.#done = done;
  }

  get list(): readonly Upload[] {
    return this.#list;
  }

  /** Whether anything is on its way. */
  get busy(): boolean {
    return this.#list.some(
      (u) => u.state === 'waiting' || u.state === 'sending' || u.state === 'looked-into'
    );
  }

  /** Adds files for a film. */
  add(files: readonly File[], loadId: string): void {
    this.#list = this.#list.filter((u) => u.state === 'refused' || this.busy);
    for (const file of files) {
      const key = this.#next++;
      const url = `/api/v1/loads/${encodeURIComponent(loadId)}/scans?name=${encodeURIComponent(file.name)}`;
      this.#waiting.push({ key, file, url });
      this.#list = [...this.#list, { key, name: file.name, share: 0, state: 'waiting', why: '' }];
    }
    for (let i = this.#sending.length; i < AT_ONCE; i++) void this.#work();
  }

  /** Takes everything back that is not there yet. */
  cancel(): void {
    this.#waiting = [];
    this.#list = this.#list.filter((u) => u.state !== 'waiting');
    for (const request of this.#sending) request.abort();
  }

  /** Takes the refusals away that were read. */
  forget(): void {
    this.#list = this.#list.filter((u) => u.state !== 'refused');
  }

  #set(key: number, to: Partial<Upload>): void {
    this.#list = this.#list.map((u) => (u.key === key ? { ...u, ...to } : u));
  }

  async #work(): Promise<void> {
    const next = this.#waiting.shift();
    if (!next) return;
    const { key, file, url } = next;
    const request = new XMLHttpRequest();
    this.#sending = [...this.#sending, request];
    this.#set(key, { state: 'sending' });
    const why = await send(url, file, request, (share) =>
      this.#set(key, { share, state: share < 1 ? 'sending' : 'looked-into' })
    );
    this.#sending = this.#sending.filter((r) => r !== request);
    this.#set(key, { share: 1, state: why === '' ? 'taken' : 'refused', why });
    const taken = this.#list.filter((u) => u.state === 'taken').length;
    if (!this.busy || (why === '' && taken % 10 === 0)) this.#done();
    void this.#work();
  }
}
