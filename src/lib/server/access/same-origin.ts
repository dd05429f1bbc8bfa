// Who may talk to the server. Any name that a browser can be fooled with is refused (DNS rebinding, foreign forms).

/** Whether a Host header names this server: loopback names and the ones it was told it goes by. @param names in lower case */
export function isOwnHost(host: string, names: readonly string[]): boolean {
  const name = host.replace(/:\d+$/, '').toLowerCase();
  return ['localhost', '127.0.0.1', '[::1]', ...names].includes(name);
}

/** Whether a write comes from a page of this server, or from a program that sends no Origin at all. */
export function isOwnOrigin(origin: string | null, host: string): boolean {
  if (origin === null) return true;
  try {
    return new URL(origin).host === host;
  } catch {
    return false;
  }
}
