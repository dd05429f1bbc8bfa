// What lets the chart library write its styles into a page, and nobody else.

/** The nonce of the page's own scripts; '' where it has none. */
export function nonceOfPage(): string {
  return document.querySelector<HTMLScriptElement>('script[nonce]')?.nonce ?? '';
}
