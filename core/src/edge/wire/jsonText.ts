import { CoreError } from '../../base/nouns'

/** What a text says as JSON. @throws CoreError jobfile.not_json */
export function readJson(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch (error) {
    throw new CoreError('jobfile.not_json', { detail: (error as Error).message })
  }
}
