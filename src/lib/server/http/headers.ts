// What every answer tells the browser about itself.

/** How long a browser keeps to HTTPS for this name, seconds: a month. */
const HSTS_SECONDS = 30 * 24 * 3600;

/**
 * Sets what is missing: no guessing of types, no address told to others, nothing private in caches that are not the person's own.
 * @param isSecure whether the server is reached over HTTPS alone
 */
export function setHeaders(headers: Headers, isSecure: boolean): void {
  headers.set('x-content-type-options', 'nosniff');
  headers.set('referrer-policy', 'same-origin');
  headers.set('cross-origin-resource-policy', 'same-origin');
  headers.set('cross-origin-opener-policy', 'same-origin');
  if (!headers.has('cache-control')) headers.set('cache-control', 'private, no-cache');
  if (isSecure) headers.set('strict-transport-security', `max-age=${HSTS_SECONDS}`);
}
