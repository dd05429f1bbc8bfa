// Stops: log2 of exposure. Positive = more light on the film. Written in whole stops and thirds, never as 0.33.

import { parseDecimal } from './decimal.ts';

const THIRDS = ['', '⅓', '⅔'] as const;

/**
 * Rounds to the nearest third of a stop.
 * @param stops any finite number
 * @returns stops; never −0
 */
export function roundToThird(stops: number): number {
  return Math.round(stops * 3) / 3 + 0;
}

/**
 * The bare amount in thirds; the sign is dropped.
 * @param stops any finite number
 * @returns such as 1.34 → "1⅓", 0.1 → "0", 0.7 → "⅔"
 */
export function formatThirds(stops: number): string {
  const thirds = Math.round(Math.abs(stops) * 3);
  const whole = Math.floor(thirds / 3);
  const part = THIRDS[thirds % 3] ?? '';
  return whole === 0 && part !== '' ? part : `${whole}${part}`;
}

/**
 * With a sign, for sums. The minus is the true minus sign.
 * @param stops any finite number
 * @returns such as "+1⅓", "−⅔", "0"
 */
export function formatSignedThirds(stops: number): string {
  const amount = formatThirds(stops);
  if (amount === '0') return '0';
  return stops > 0 ? `+${amount}` : `−${amount}`;
}

/**
 * With its unit; the sign is dropped: say over or under beside it.
 * @param stops any finite number
 * @returns such as "1⅓ stops", "1 stop", "⅔ stop", "0 stops"
 */
export function formatStops(stops: number): string {
  const amount = formatThirds(stops);
  const thirds = Math.round(Math.abs(stops) * 3);
  return `${amount} ${thirds > 0 && thirds <= 3 ? 'stop' : 'stops'}`;
}

/**
 * A light or exposure value to thirds, with its sign only when negative.
 * @param lv any finite number
 * @returns such as "13⅔", "−3"
 */
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

/**
 * A light value to half a stop.
 * @param value any finite number
 * @returns such as 10.4 → "10½"
 */
export function formatHalves(value: number): string {
  const halves = Math.round(2 * value);
  const whole = Math.trunc(halves / 2);
  const sign = halves < 0 ? '−' : '';
  const half = halves % 2 === 0 ? '' : '½';
  return `${sign}${whole === 0 && half !== '' ? '' : Math.abs(whole)}${half}`;
}
