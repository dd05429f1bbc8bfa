// A frame that was acknowledged outlives a power cut: before the answer goes out, the disk was told to keep what was written.
// SQLite, “PRAGMA synchronous”: with a write-ahead log only FULL syncs at each commit; NORMAL may lose the last ones.
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, startApp, test } from './app.ts';

/** Laid before the C library: every sync is noted with its file, then done (ld.so(8), LD_PRELOAD). */
const NOTING = `
#define _GNU_SOURCE
#include <dlfcn.h>
#include <fcntl.h>
#include <stdio.h>
#include <stdlib.h>
#include <unistd.h>
static void note(int fd) {
  char link[64], path[4097];
  snprintf(link, sizeof link, "/proc/self/fd/%d", fd);
  ssize_t length = readlink(link, path, 4096);
  const char *to = getenv("SYNCS_NOTED");
  if (length < 0 || !to) return;
  path[length] = '\\n';
  int out = open(to, O_WRONLY | O_APPEND | O_CREAT, 0600);
  if (out < 0) return;
  if (write(out, path, length + 1) < 0) perror("note");
  close(out);
}
int fsync(int fd) { note(fd); return ((int (*)(int))dlsym(RTLD_NEXT, "fsync"))(fd); }
int fdatasync(int fd) { note(fd); return ((int (*)(int))dlsym(RTLD_NEXT, "fdatasync"))(fd); }
`;

test('every acknowledged frame was synced to the disk first', { tag: '@desktop' }, async () => {
  const folder = mkdtempSync(join(tmpdir(), 'just-enough-syncs-'));
  const [source, library, noted] = ['note.c', 'note.so', 'noted'].map((name) => join(folder, name)) as [
    ...[string, string, string]
  ];
  writeFileSync(source, NOTING);
  writeFileSync(noted, '');
  execFileSync('cc', ['-shared', '-fPIC', '-o', library, source, '-ldl']);
  const app = await startApp(true, { LD_PRELOAD: library, SYNCS_NOTED: noted });
  try {
    const syncs = (): number =>
      readFileSync(noted, 'utf8')
        .split('\n')
        .filter((path) => path.endsWith('.sqlite-wal')).length;
    for (let number = 500; number < 510; number++) {
      const before = syncs();
      const answer = await fetch(`${app.url}/api/v1/frames`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({
          ...{
            id: `durable-${number}`,
            loadId: 'demo-load-pebble',
            number,
            light: null,
            choice: {},
            note: ''
          },
          ...{ takenAt: { at: new Date().toISOString(), zone: 'UTC' }, cameraRevision: 0, filmRevision: 0 }
        })
      });
      expect(answer.status, await answer.text()).toBe(201);
      expect(syncs(), `frame ${number}`).toBeGreaterThan(before);
    }
  } finally {
    await app.dispose();
    rmSync(folder, { recursive: true, force: true });
  }
});
