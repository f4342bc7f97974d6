/** A run along which something is covered, to a hand's width: nobody measures where it ends, mm. */
export const aboutRun = (runMm: number): number => Math.ceil(runMm / 50) * 50
