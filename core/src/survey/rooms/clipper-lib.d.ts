/** What our tests use of clipper-lib, which ships no types. */
declare module 'clipper-lib' {
  interface Point {
    X: number
    Y: number
  }
  type Paths = Point[][]
  interface ClipperOffset {
    AddPath(path: readonly Point[], join: number, end: number): void
    Execute(into: Paths, delta: number): void
  }
  const lib: {
    Clipper: { Area(path: readonly Point[]): number }
    ClipperOffset: new (miterLimit: number, arcTolerance: number) => ClipperOffset
    Paths: new () => Paths
    JoinType: { jtMiter: number }
    EndType: { etClosedPolygon: number }
  }
  export default lib
}
