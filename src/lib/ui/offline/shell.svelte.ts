// The program on the phone: registers what keeps it there, and offers a new version without ever forcing it.

/** The state of the program on this phone. */
export class Shell {
  /** A new version is on the phone and waits to be taken up. */
  fresh = $state(false);
  #waiting: ServiceWorker | null = null;
  #asked = false;

  /** Registers the service worker, where there may be one (loopback or HTTPS). */
  async register(): Promise<void> {
    if (!('serviceWorker' in navigator)) return;
    try {
      const registration = await navigator.serviceWorker.register('/service-worker.js', { type: 'module' });
      const look = (): void => {
        const { waiting } = registration;
        // without one in charge this is the first: nothing old to replace
        if (!waiting || !navigator.serviceWorker.controller) return;
        this.#waiting = waiting;
        this.fresh = true;
      };
      look();
      registration.addEventListener('updatefound', () => {
        registration.installing?.addEventListener('statechange', look);
      });
      navigator.serviceWorker.addEventListener('controllerchange', () => {
        if (this.#asked) location.reload();
      });
      document.addEventListener('visibilitychange', () => {
        if (document.visibilityState === 'visible') void registration.update().catch(() => null);
      });
    } catch {
      // refused (a private visit, a certificate that is not trusted): the page works while the server answers
      return;
    }
  }

  /** Takes the new version up: the page is loaded again with it. */
  takeUp(): void {
    this.#asked = true;
    this.#waiting?.postMessage('take-over');
  }
}

/** The program on this phone. */
export const shell = new Shell();
