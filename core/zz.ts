import { DEFAULT_PARAMETERS as P } from './src/base/parameters/parameters'
import { crackPerMetre } from './src/nature/risk/crack'
import { STARTER_SHELF as S } from './src/survey/shelf/starterShelf'
for (const s of S.sealants) console.log(s.name, s.shrinkPct, s.paintAtOnce, (['flat','matt','eggshell'] as const).map(x=>crackPerMetre(s,x,P).toFixed(3)))
