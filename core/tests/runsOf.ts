/** How many made-up cases a check goes through: all of them with `LONG=1`, as `npm run drill` does, fewer in the tests of every day. */
export const runsOf = (all: number, few: number): number => (process.env.LONG ? all : few)
