import { newId } from '../../app/device/newId'

/** A short id from a name, with letters enough of its own to be the only one. */
export function jobId(name: string): string {
  const stem = name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 40)
  return `${stem || 'job'}-${newId().slice(0, 8)}`
}
