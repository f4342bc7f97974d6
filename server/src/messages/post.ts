import { sayText } from '@crisp-hem/core/words'
import type { MessageTable, OutMessage } from '../db/messages'

/** Whoever carries a message to a crew's phones. Throws when it did not go out. */
export interface Messenger {
  /** @param key  the same for the same message, so that a carrier can tell a second copy */
  send(to: { readonly jobId: string; readonly crewId: string }, text: string, key: string): Promise<void>
}

/** Carries nothing: the list of messages with their states is all there is until somebody puts a carrier in its place. */
export const standInMessenger: Messenger = { send: () => Promise.resolve() }

export interface Post {
  /** Sends all that waits, one after another; called again while it is at it, it goes on until nothing waits. */
  readonly deliver: () => Promise<void>
}

/** Times a message that failed is tried in all. */
const MOST_TRIES = 3

/** Takes messages out of the table and has them carried. What was on its way when the server ended is not sent again. */
export function postOffice(table: MessageTable, messenger: Messenger, now: () => string): Post {
  table.leaveUnsure()
  let isAtIt = false
  const run = async (): Promise<void> => {
    const tried = new Set<string>()
    for (let next = table.take(MOST_TRIES); next; next = table.take(MOST_TRIES)) {
      const key = keyOf(next)
      const isSecond = tried.has(key)
      tried.add(key)
      try {
        await messenger.send(next, next.lines.map((line) => sayText(line)).join('\n'), key)
        table.told(next, 'sent', now())
      } catch {
        table.told(next, 'failed', now())
        // What fails twice in a row waits for the next occasion.
        if (isSecond) break
      }
    }
  }
  return {
    async deliver() {
      if (isAtIt) return
      isAtIt = true
      await run().finally(() => (isAtIt = false))
    },
  }
}

const keyOf = ({ jobId, number, crewId }: OutMessage): string => `${jobId}/${number}/${crewId}`
