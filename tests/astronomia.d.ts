// The parts of astronomia (J. Meeus, Astronomical Algorithms, in JavaScript) that the tests check against.
declare module 'astronomia' {
  interface Equatorial {
    readonly ra: number;
    readonly dec: number;
  }
  interface Planet {
    readonly name: string;
  }
  export const julian: { DateToJD(date: Date): number; DateToJDE(date: Date): number };
  export const planetposition: { readonly Planet: new (data: unknown) => Planet };
  export const solar: { apparentEquatorialVSOP87(earth: Planet, jde: number): Equatorial };
  /** Seconds of time. */
  export const sidereal: { apparent(jd: number): number };
}
declare module 'astronomia/data' {
  const data: { readonly vsop87Bearth: unknown };
  export default data;
}
