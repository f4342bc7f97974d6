/** Lines on which news go out, by whose they are: they end with the session or the account that opened them. */
export interface Lines {
  /** @returns how to take it off again, once it has ended by itself */
  readonly add: (line: Line) => () => void
  readonly endSession: (sessionId: string) => void
  readonly endPerson: (personId: string) => void
}

export interface Line {
  readonly personId: string
  readonly sessionId: string | null
  readonly end: () => void
}

export function openLines(): Lines {
  const open = new Set<Line>()
  const endWhere = (isIt: (line: Line) => boolean) => {
    for (const line of [...open]) if (isIt(line)) line.end()
  }
  return {
    add(line) {
      open.add(line)
      return () => void open.delete(line)
    },
    endSession: (sessionId) => endWhere((line) => line.sessionId === sessionId),
    endPerson: (personId) => endWhere((line) => line.personId === personId),
  }
}
