/** `4`, `0.3`, `0.04`, `<0.01`: two figures that matter, never more. */
export function figure(value: number): string {
  if (value === 0) return '0'
  if (value < 0.01) return '<0.01'
  if (value >= 10) return String(Math.round(value))
  return String(Number(value.toPrecision(value < 1 ? 1 : 2)))
}
