// What was chosen and pressed before the page answered: app.html marks it, in the page that the server drew.

/** Does it: first what was chosen, then the last press. */
export function doEarly(): void {
  for (const field of document.querySelectorAll<HTMLElement>('[data-changed]')) {
    const { changed = '' } = field.dataset;
    delete field.dataset['changed'];
    if (field instanceof HTMLSelectElement) field.value = changed;
    else if (field instanceof HTMLInputElement) field.checked = changed === 'true';
    field.dispatchEvent(new Event('change', { bubbles: true }));
  }
  const button = document.querySelector<HTMLElement>('[data-pressed]');
  if (!button) return;
  delete button.dataset['pressed'];
  button.removeAttribute('aria-busy');
  button.click();
}
