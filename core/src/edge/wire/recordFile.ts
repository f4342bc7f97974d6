import { CoreError, type OwnRecord } from '../../base/nouns'
import { exact, oneOf, wholeNumber } from './fields'
import { ownRecordSchema } from './jobSchema'
import { readJson } from './jsonText'
import { inSchemaOrder } from './schemaOrder'
import { shapeFaults } from './shapeFaults'

const FORMAT = 'crisp-hem/record'
const VERSION = 1
const recordFileSchema = exact({
  format: oneOf([FORMAT] as const),
  version: wholeNumber(VERSION, VERSION),
  own: ownRecordSchema,
})

/** What a house's own walls showed, as the text of a `*.record.json` file: to take along to another machine. */
export const writeRecordFile = (own: OwnRecord): string =>
  `${JSON.stringify(inSchemaOrder(recordFileSchema, { format: FORMAT, version: VERSION, own }), null, 2)}\n`

/**
 * Reads a record file.
 * @throws CoreError jobfile.not_json; jobfile.invalid naming the place and what was expected
 */
export function readRecordFile(text: string): OwnRecord {
  const data = readJson(text)
  const [fault] = shapeFaults(recordFileSchema, data)
  if (fault) throw new CoreError('jobfile.invalid', { ...fault })
  return (data as { readonly own: OwnRecord }).own
}
