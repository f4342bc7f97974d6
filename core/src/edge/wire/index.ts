export { checkJob, contractorFaults, editFaults, factsFaults, jobFaults } from './checkJob'
export { editBatchSchema, editSchema } from './editSchema'
export { eventBatchSchema, eventSchema } from './eventSchema'
export { contractorSchema, factsSchema, houseSchema, jobSchema } from './jobSchema'
export { upgraded, upgradedEvent, upgradedParts, upgradedRoom, withHands } from './upgrade'
export { firstSignInSchema, passwordSchema, personSchema, signInCodeSchema, signInSchema } from './peopleSchema'
export { readJobFile, writeJobFile } from './jobFile'
export { readInstance } from './instanceFile'
export { readLessonFile, writeLessonFile } from './lessonFile'
export { readRecordFile, writeRecordFile } from './recordFile'
export { planOutput } from './planOutput'
export { practiceClockSchema } from './clockSchema'
export { roomSchema } from './roomSchema'
export { shelfSchema } from './shelfSchema'
export { toJsonSchema } from './jsonSchema'
export {
  exact,
  id,
  instant,
  list,
  oneOf,
  optionalText,
  orNull,
  text,
  wholeNumber,
  flag,
  decimal,
  needs,
} from './fields'
export * from './api'
export type { JobFacts } from '../../base/nouns'
export { publishedSchema, publishSchema } from './publishedSchema'
export { MOST_FAULTS, shapeFaults } from './shapeFaults'
