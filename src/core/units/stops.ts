// Stops: log2 of exposure. Positive = more light on the film. Written in whole stops and thirds, never as 0.33.

import { parseDecimal } from './decimal.ts';

const THIRDS = ['', '⅓', '⅔'] as const;

/** Rounds to the nearest third of a stop; −0 becomes 0. */
export function roundToThird(stops: number): number {
  return Math.round(stops * 3) / 3 + 0;
}

/** The bare amount in thirds: 1.34 → "1⅓", 0.1 → "0", 0.7 → "⅔". The sign is dropped. */
export function formatThirds(stops: number): string {
  const thirds = Math.round(Math.abs(stops) * 3);
  const whole = Math.floor(thirds / 3);
  const part = THIRDS[thirds % 3] ?? '';
  return whole === 0 && part !== '' ? part : `${whole}${part}`;
}

/** With a sign, for sums: +1⅓, −⅔, 0. The minus is the true minus sign. */
export function formatSignedThirds(stops: number): string {
  const amount = formatThirds(stops);
  if (amount === '0') return '0';
  return stops > 0 ? `+${amount}` : `−${amount}`;
}

/** With its unit: "1⅓ stops", "1 stop", "⅔ stop", "0 stops". The sign is dropped: say over or under beside it. */
export function formatStops(stops: number): string {
  const amount = formatThirds(stops);
  const thirds = Math.round(Math.abs(stops) * 3);
  return `${amount} ${thirds > 0 && thirds <= 3 ? 'stop' : 'stops'}`;
}

/** A light or exposure value to thirds with its sign only when negative: 13⅔, −3. */
export function formatLv(lv: number): string {
  const amount = formatThirds(lv);
  return lv < 0 && amount !== '0' ? `−${amount}` : amount;
}

/**
 * Reads "1⅓", "+2/3", "-1", "1 1/3 stops", "0.7".
 * @returns stops, or null when the text is no amount of stops
 */
export function parseStops(text: string): number | null {
  const match = /^([+\-−–])?\s*(.*?)\s*(?:stops?)?$/i.exec(text.trim());
  const value = readStopAmount(match?.[2] ?? '');
  if (value === null || !Number.isFinite(value)) return null;
  return match?.[1] !== undefined && match[1] !== '+' ? -value + 0 : value;
}

function readStopAmount(body: string): number | null {
  return body.startsWith('-') ? null : parseDecimal(body);
}

/** A light value to half a stop: 10.4 → "10½". */
export function formatHalves(value: number): string {
  const halves = Math.round(2 * value);
  const whole = Math.trunc(halves / 2);
  const sign = halves < 0 ? '−' : '';
  const half = halves % 2 === 0 ? '' : '½';
  return `${sign}${whole === 0 && half !== '' ? '' : Math.abs(whole)}${half}`;
}
