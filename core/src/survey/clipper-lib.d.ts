/** What our tests use of clipper-lib, which ships no types. */
declare module 'clipper-lib' {
  interface Point {
    X: number
    Y: number
  }
  class ClipperOffset {
    constructor(miterLimit: number, arcTolerance: number)
    AddPath(path: readonly Point[], join: number, end: number): void
    Execute(into: Paths, delta: number): void
  }
  class Paths extends Array<Point[]> {}
  const lib: {
    Clipper: { Area(path: readonly Point[]): number }
    ClipperOffset: typeof ClipperOffset
    Paths: typeof Paths
    JoinType: { jtMiter: number }
    EndType: { etClosedPolygon: number }
  }
  export default lib
}
