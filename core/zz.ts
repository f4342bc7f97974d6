import { DEFAULT_PARAMETERS as P } from './src/base/parameters/parameters'
const out: string[] = []
const walk = (v: any, path: string[]) => { if (v && typeof v === 'object') { if ('mark' in v && 'source' in v) { out.push(path.join('.') + ' ' + v.value + ' ' + v.mark) } else for (const k of Object.keys(v)) walk(v[k], [...path, k]) } }
walk(P, [])
console.log(out.length, out.filter(x => x.endsWith('from-memory')).length)
console.log(out.join('\n'))
