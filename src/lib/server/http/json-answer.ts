// JSON as an answer: written here only. What has no end, such as a distance of infinity, becomes null.

/** JSON of a value. */
export function jsonAnswer(
  value: unknown,
  headers: Readonly<Record<string, string>> = {},
  status = 200
): Response {
  return new Response(JSON.stringify(value), {
    status,
    headers: { 'content-type': 'application/json', ...headers }
  });
}
