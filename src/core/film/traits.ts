// What a film is beside what it can take: which light it is made for, cold, money, age, and what its camera must have.

/** The colours of light a film is made for; `orthochromatic` is blind to red. */
export type Balance = 'daylight' | 'tungsten' | 'panchromatic' | 'orthochromatic';

/** How the holes in a film lie, where it matters. */
export type Perforation = 'double-run-8' | 'super-8' | '16-one-edge' | '16-both-edges';

/** How a film changes in the cold (or heat): outside its range it gives less (or more) density. */
export interface Temperature {
  /** Between these, °C, it does what its sheet says. */
  readonly fromC: number;
  readonly toC: number;
  /** Stops it loses per 10 °C below the range (+ = the result is darker), and gains above it. */
  readonly stopsPerTenC: number;
}

/** A film beside its speed and range. */
export interface FilmTraits {
  readonly balance: Balance;
  /** Speed under lamps, ISO; null = the same as by day. */
  readonly tungstenIso: number | null;
  readonly temperature: Temperature | null;
  /** Price of a whole pack, roll or reel, in the owner's own money; null = not said. */
  readonly price: number | null;
  /** Month of expiry, YYYY-MM; null = not said. */
  readonly expires: string | null;
  /** Length in feet for cine film, one run; null = counted in frames. */
  readonly feet: number | null;
  readonly perforation: Perforation | null;
  /** How long it develops by the temperature, where its owner says otherwise than its kind; left out = as usual. */
  readonly developing?: readonly { readonly temperatureC: number; readonly seconds: number }[] | undefined;
  /** Whether nobody develops it any more as it was meant; left out = it is offered. */
  readonly processEnded?: boolean | undefined;
  /** Whether its pack carries the battery that some cameras run on. */
  readonly packBattery: boolean;
}

/** A film with nothing special. */
export const PLAIN_FILM_TRAITS: FilmTraits = {
  balance: 'daylight',
  tungstenIso: null,
  temperature: null,
  price: null,
  expires: null,
  feet: null,
  perforation: null,
  packBattery: false
};

/** Kinds of light that a film's speed may differ by. */
export type LightKind = 'daylight' | 'lamps';

/**
 * Stops by which a film is faster (+) under a kind of light than its printed speed: log2 of the ratio of both speeds.
 * @param iso as printed, > 0
 * @returns 0 where the film has no other speed for it
 */
export function lightKindStops(iso: number, traits: FilmTraits, kind: LightKind): number {
  return kind === 'lamps' && traits.tungstenIso !== null ? Math.log2(traits.tungstenIso / iso) : 0;
}

/**
 * Stops of speed gained (+) or lost (−) at a temperature in °C; null = not known, nothing is changed.
 * @param celsius of the film while it is exposed or developed
 * @returns 0 where nothing is known of the film or the air
 */
export function temperatureStops(traits: FilmTraits, celsius: number | null): number {
  const { temperature } = traits;
  if (temperature === null || celsius === null) return 0;
  const { fromC, toC, stopsPerTenC } = temperature;
  const beyond = celsius < fromC ? celsius - fromC : celsius > toC ? celsius - toC : 0;
  return (beyond / 10) * stopsPerTenC;
}

/**
 * Stops lost since expiry: colour negative about 1 per decade; used for all films unless their owner knows better. Common practice, no source.
 * @param expires YYYY-MM; null = not said @param today YYYY-MM-DD
 * @returns stops ≥ 0
 */
export function agedStops(expires: string | null, today: string): number {
  if (expires === null) return 0;
  const months = (text: string): number => Number(text.slice(0, 4)) * 12 + Number(text.slice(5, 7));
  return Math.max(0, (months(today) - months(expires)) / 120);
}
