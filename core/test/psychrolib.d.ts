declare module 'psychrolib' {
  const lib: {
    SI: number;
    SetUnitSystem(u: number): void;
    GetStandardAtmPressure(altitudeM: number): number;
    GetSatVapPres(c: number): number;
  };
  export default lib;
}
