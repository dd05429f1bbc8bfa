// Short messages over the page, some with a way back. One place, so that every part speaks alike. What draws them is
// fetched once the page answers: the first view does not wait for it.
const drawing = () => import('./toaster.ts');

/** Says what was done, with a way to undo it. */
export function sayDone(title: string, undo?: () => void): void {
  const action = undo ? { action: { label: 'Undo', onClick: undo } } : {};
  void drawing().then(({ toaster }) => toaster.create({ title, type: 'info', duration: 8000, ...action }));
}

/** Says what went wrong; stays until it is closed. */
export function sayTrouble(title: string): void {
  void drawing().then(({ toaster }) => toaster.create({ title, type: 'error', duration: 60_000 }));
}
