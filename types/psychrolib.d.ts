declare module 'psychrolib' {
  const psychrolib: {
    SI: unknown;
    SetUnitSystem(system: unknown): void;
    GetSatVapPres(celsius: number): number;
    GetStandardAtmPressure(metres: number): number;
  };
  export default psychrolib;
}
