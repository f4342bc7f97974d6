export { readDxf } from './readDxf'
export { readSvg } from './readSvg'
