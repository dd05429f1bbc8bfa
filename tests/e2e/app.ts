// The built app on a free port with a database of its own, started fresh for each test.
import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import AxeBuilder from '@axe-core/playwright';
import { test as base, type Locator, type Page } from '@playwright/test';

/** A running app. */
export interface App {
  readonly url: string;
  /** The folder of its database. */
  readonly data: string;
  /** Stops the server and starts it again on the same database. */
  restart(): Promise<void>;
  stop(): Promise<void>;
}

/** A port that nothing listens on. */
export async function freePort(): Promise<number> {
  return new Promise((done, fail) => {
    const probe = createServer();
    probe.once('error', fail);
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      probe.close(() => done(typeof address === 'object' && address ? address.port : 0));
    });
  });
}

/** Starts the app. @param demo with the demonstration kit, else empty @param more of its environment */
export async function startApp(
  demo: boolean,
  more: Readonly<Record<string, string>> = {}
): Promise<App & { dispose(): Promise<void> }> {
  const port = await freePort();
  const data = mkdtempSync(join(tmpdir(), 'just-enough-e2e-'));
  let child: ChildProcess | null = null;
  const start = async (): Promise<void> => {
    const started = spawn('node', ['scripts/start.js', ...(demo ? ['--demo'] : [])], {
      env: { ...process.env, ...more, PORT: String(port), HOST: '127.0.0.1', JUST_ENOUGH_DATA: data }
    });
    child = started;
    await new Promise<void>((done, fail) => {
      let said = '';
      const hear = (chunk: Buffer): void => {
        said += chunk.toString();
        if (said.includes('Just Enough is at')) done();
      };
      started.stdout.on('data', hear);
      started.stderr.on('data', hear);
      started.once('exit', () => fail(new Error(`the app did not start: ${said}`)));
    });
  };
  const stop = async (): Promise<void> => {
    const running = child;
    if (!running) return;
    child = null;
    await new Promise<void>((done) => {
      running.removeAllListeners('exit');
      running.once('exit', () => done());
      running.kill('SIGKILL');
    });
  };
  await start();
  return {
    url: `http://127.0.0.1:${port}`,
    data,
    stop,
    restart: async () => {
      await stop();
      await start();
    },
    dispose: async () => {
      await stop();
      rmSync(data, { recursive: true, force: true });
    }
  };
}

/**
 * Tests with the demonstration kit (`app`) or an empty database (`emptyApp`), started for each test; or with a kit that is
 * only looked at (`shared`), started once for all of them: what such a test changes the next one would find.
 */
export const test = base.extend<{ app: App; emptyApp: App }, { shared: Pick<App, 'url'> }>({
  // a page is there for the hand once it answers, not once it is drawn
  page: async ({ page }, use) => {
    const goto = page.goto.bind(page);
    page.goto = async (url, options) => {
      const answer = await goto(url, options);
      await page.locator('html[data-ready]').waitFor({ state: 'attached' });
      return answer;
    };
    await use(page);
  },
  shared: [
    // eslint-disable-next-line no-empty-pattern -- the runner wants a destructured first parameter
    async ({}, use) => {
      const app = await startApp(true);
      await use(app);
      await app.dispose();
    },
    { scope: 'worker' }
  ],
  // eslint-disable-next-line no-empty-pattern -- as above
  app: async ({}, use) => {
    const app = await startApp(true);
    await use(app);
    await app.dispose();
  },
  // eslint-disable-next-line no-empty-pattern -- as above
  emptyApp: async ({}, use) => {
    const app = await startApp(false);
    await use(app);
    await app.dispose();
  }
});

/**
 * What shuts people out of a page. In one run and in one frame, as every page here is: a third of the time of the usual way.
 * @param only rules that are asked about; else all
 */
export async function axe(
  page: Page,
  only?: readonly string[]
): Promise<Awaited<ReturnType<AxeBuilder['analyze']>>> {
  const builder = new AxeBuilder({ page })
    .setLegacyMode(true)
    .options({ resultTypes: ['violations'], ...(only ? { runOnly: [...only] } : {}) });
  return builder.analyze();
}

/** Unfolds a camera of the kit: its film, its sheet and what can be done with both. */
export async function unfold(camera: Locator): Promise<void> {
  await camera.locator('summary').click();
}

export { expect, type Page } from '@playwright/test';
