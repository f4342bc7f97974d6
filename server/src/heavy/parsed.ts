import { ServerError } from '../errors'
import { checkMeasure } from './limits'

/**
 * A body as data: the one place where bytes from outside become values.
 * @throws ServerError request.unreadable, and what {@link checkMeasure} throws
 */
export function parsed(body: Uint8Array): unknown {
  checkMeasure(body)
  try {
    return JSON.parse(Buffer.from(body).toString('utf8'))
  } catch (error) {
    throw new ServerError('request.unreadable', { detail: (error as Error).message })
  }
}
