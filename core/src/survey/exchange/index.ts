export { photoMap, type InPicture, type KnownPlace, type PhotoMap } from './photoMap'
export { readDxf } from './readDxf'
export { readSvg } from './readSvg'
