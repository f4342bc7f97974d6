import { Piscina } from 'piscina'
import type { Outcome } from '../errors'
import { answerOf, type HeavyWork } from './heavyWork'
import type { TaskFacts, TaskName } from './tasks'

/** What a thread is told of a task. */
export interface ThreadTask {
  readonly name: TaskName
  readonly body: Uint8Array
  readonly facts: TaskFacts
}

/** What a thread is told when it starts. */
export interface ThreadSetup {
  readonly file: string
  readonly migrations: string
}

/** Memory a thread may take before it is ended in place of the whole server, MB. */
const THREAD_MEMORY_MB = 1536
/** Bodies up to this are done at once by a thread of their own, so that a large one holds up only other large ones. */
const LIGHT_BYTES = 256 * 1024

/** Does heavy tasks in threads with connections of their own: a large body holds up other large ones, nobody else. */
export function heavyInThreads(worker: string, setup: ThreadSetup): HeavyWork {
  const pool = () =>
    new Piscina<ThreadTask, Outcome>({
      filename: worker,
      workerData: setup,
      minThreads: 1,
      maxThreads: 1,
      resourceLimits: { maxOldGenerationSizeMb: THREAD_MEMORY_MB },
    })
  // A search takes seconds whatever its size: it has a thread where nobody else waits.
  const [light, large, search] = [pool(), pool(), pool()]
  return {
    async run(name, body, facts) {
      const thread = name === 'better' ? search : body.length > LIGHT_BYTES || name === 'file' ? large : light
      const own = ownBytes(body)
      return answerOf<typeof name>(
        await thread.run({ name, body: own, facts }, { transferList: [own.buffer as ArrayBuffer] }),
      )
    },
    close: async () => {
      await Promise.all([light.close(), large.close(), search.close()])
    },
  }
}

/** Bytes that can be handed over: a request's own where they fill their memory, else a copy, as they lie in a shared pool. */
const ownBytes = (body: Uint8Array): Uint8Array =>
  body.byteLength > 0 && body.byteLength === body.buffer.byteLength ? body : new Uint8Array(body)
