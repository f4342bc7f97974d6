export { TERN_QUAY_NOW, ternQuaySurvey } from './ternQuay'
export { ternQuay } from './ternQuayLog'
export { gullRow } from './gullRow'
export { manyHems } from './manyHems'
