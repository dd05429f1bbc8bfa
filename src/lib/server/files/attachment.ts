// A stream that the browser keeps as a file.

/** An answer with a file. @param name ASCII */
export function attachment(
  body: ReadableStream<Uint8Array<ArrayBuffer>>,
  name: string,
  type: string
): Response {
  return new Response(body, {
    headers: {
      'content-type': type,
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
      'x-content-type-options': 'nosniff'
    }
  });
}

/** Today, for the names of files. */
export function today(): string {
  return new Date().toISOString().slice(0, 10);
}
