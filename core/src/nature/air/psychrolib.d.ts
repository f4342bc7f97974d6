/** What our tests use of the registry's port of ASHRAE Fundamentals ch. 1; the package ships no types. */
declare module 'psychrolib' {
  interface Psychrolib {
    SetUnitSystem(system: unknown): void
    readonly SI: unknown
    GetTDewPointFromRelHum(tempC: number, share: number): number
    GetSatVapPres(tempC: number): number
    GetTWetBulbFromRelHum(tempC: number, share: number, pressurePa: number): number
  }
  const psychrolib: Psychrolib
  export default psychrolib
}
