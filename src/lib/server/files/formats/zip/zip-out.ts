// Writes ZIPs as they are sent: one file after the other, never whole in memory. Pictures are stored, since they are packed already.
import { createReadStream } from 'node:fs';
import { Zip, ZipDeflate, ZipPassThrough } from 'fflate';
import { isPiece } from '../../export-rows.ts';

/** A file of a ZIP. */
export type ZipPart =
  | { readonly name: string; readonly path: string }
  | { readonly name: string; readonly bytes: () => Promise<Uint8Array> }
  | { readonly name: string; readonly lines: Generator<string> };

/** A ZIP as a stream of bytes. */
export function zipStream(parts: Iterable<ZipPart>): ReadableStream<Uint8Array<ArrayBuffer>> {
  async function* pieces(): AsyncGenerator<Uint8Array> {
    let ready: Uint8Array[] = [];
    const zip = new Zip((error, data) => {
      if (error) throw error;
      ready.push(data);
    });
    const flush = function* (): Generator<Uint8Array> {
      yield* ready;
      ready = [];
    };
    for (const part of parts) {
      if ('lines' in part) {
        const file = new ZipDeflate(part.name, { level: 6 });
        zip.add(file);
        let text: string[] = [];
        let begun = performance.now();
        for (const line of part.lines) {
          text.push(line, '\n');
          if (!isPiece(text.length, begun)) continue;
          file.push(Buffer.from(text.join('')));
          text = [];
          yield* flush();
          await new Promise((next) => setImmediate(next));
          begun = performance.now();
        }
        file.push(Buffer.from(text.join('')), true);
      } else {
        const file = new ZipPassThrough(part.name);
        zip.add(file);
        if ('path' in part) {
          for await (const chunk of createReadStream(part.path)) {
            file.push(chunk as Uint8Array);
            yield* flush();
          }
        } else file.push(await part.bytes());
        file.push(new Uint8Array(0), true);
      }
      yield* flush();
    }
    zip.end();
    yield* flush();
  }
  const source = pieces();
  return new ReadableStream({
    async pull(controller) {
      const next = await source.next();
      if (next.done === true) controller.close();
      else controller.enqueue(new Uint8Array(next.value));
    },
    async cancel() {
      await source.return(undefined);
    }
  });
}
