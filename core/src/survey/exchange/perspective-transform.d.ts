declare module 'perspective-transform' {
  /** Four places in, four places out, each as x and y in turn. */
  export default function PerspT(
    from: number[],
    to: number[],
  ): { readonly transform: (x: number, y: number) => [number, number] }
}
