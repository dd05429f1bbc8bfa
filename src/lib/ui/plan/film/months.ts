// The months that films are compared over, and the skies in days of ten.
import type { SkyShares } from '#core/plan/chance-map.ts';

const MONTHS = 12;

/** The first day of a month and how many it has. @param month 0…11 */
export function monthOf(year: number, month: number): { readonly from: string; readonly days: number } {
  const two = (n: number): string => String(n).padStart(2, '0');
  return {
    from: `${year}-${two(month + 1)}-01`,
    days: new Date(Date.UTC(year, month + 1, 0)).getUTCDate()
  };
}

/** Shares of the skies of which two are said in days of ten; what is not said of either is shared evenly. */
export function sharesOf(clearTenths: number | null, brokenTenths: number | null): SkyShares {
  if (clearTenths === null && brokenTenths === null) return { clear: 1 / 3, partly: 1 / 3, cloudy: 1 / 3 };
  const clear = clearTenths === null ? (10 - (brokenTenths ?? 0)) / 20 : clearTenths / 10;
  const partly = brokenTenths === null ? (1 - clear) / 2 : brokenTenths / 10;
  return { clear, partly, cloudy: Math.max(0, 1 - clear - partly) };
}

/** Twelve months from the one of a day on: "2026-09" and "September 2026". @param today YYYY-MM-DD */
export function monthsFrom(today: string): readonly { readonly value: string; readonly words: string }[] {
  const [year = 2000, month = 1] = today.split('-').map(Number);
  const named = new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' });
  return Array.from({ length: MONTHS }, (_, i) => {
    const first = new Date(Date.UTC(year, month - 1 + i, 1));
    return { value: first.toISOString().slice(0, 7), words: named.format(first) };
  });
}
