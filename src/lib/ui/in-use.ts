// Which loaded camera is in use on this device: kept by the device, so that two of them can be out with two cameras.
import { IN_USE_COOKIE } from '#schema/settings/settings.ts';

/** Over a year: browsers keep no cookie longer. */
const KEPT_SECONDS = 34_560_000;

/** The load chosen last on this device; null where none was. */
export function usedHere(): string | null {
  const found = document.cookie.split('; ').find((c) => c.startsWith(`${IN_USE_COOKIE}=`));
  return found === undefined ? null : decodeURIComponent(found.slice(IN_USE_COOKIE.length + 1));
}

/** Takes a load up on this device. */
export function useHere(loadId: string): void {
  document.cookie = `${IN_USE_COOKIE}=${encodeURIComponent(loadId)}; path=/; max-age=${KEPT_SECONDS}; samesite=lax`;
}
