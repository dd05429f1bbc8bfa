// Who may talk to the server. Any name that a browser can be fooled with is refused (DNS rebinding, foreign forms).

/** Whether a Host header names this server: loopback names and the address it was told to listen on. */
export function isOwnHost(host: string, listeningOn: string | undefined): boolean {
  const name = host.replace(/:\d+$/, '').toLowerCase();
  return ['localhost', '127.0.0.1', '[::1]', listeningOn?.toLowerCase()].includes(name);
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
