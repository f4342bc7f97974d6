import { DEFAULT_PARAMETERS as P } from './src/base/parameters/parameters'
import { bleedSize } from './src/nature/risk/bleedSize'
import { meanGapUm, closedGapUm, criticalGapUm } from './src/nature/risk/bleed'
import { STARTER_SHELF as S } from './src/survey/shelf/starterShelf'
const coating = (id: string) => S.coatings.find((e) => e.id === id)!
for (const texture of Object.keys(P.textures) as any[]) for (const edge of ['plain','barrier'] as const) for (const pressing of ['none','thumb','tool'] as const) {
  const row = ['outward','along','toward-tape','roller'].map((stroke: any) => {
    const e = { texture, dusty: false, edge, backing: 'washi' as const, gripN25: 3.4, pressing, seal: 'none' as const, stroke, coating: coating('quay-matt') }
    return bleedSize(e as any, P).lengthMm.mean.toFixed(2)
  })
  const e: any = { texture, dusty: false, edge, backing: 'washi', gripN25: 3.4, pressing, seal: 'none', stroke: 'along', coating: coating('quay-matt') }
  console.log(String(texture).padEnd(14), edge.padEnd(8), pressing.padEnd(6), 'gap', meanGapUm(e,P).toFixed(0).padStart(4), 'crit', criticalGapUm(e,P).toFixed(0).padStart(4), 'shut', closedGapUm(e,P).toFixed(0).padStart(4), row.join('  '))
}
for (const c of S.coatings) { const e: any = { texture:'smooth', stroke:'along', coating: c}; console.log(c.id, c.base, c.openMin, c.restPas, c.shearedPas, criticalGapUm(e,P).toFixed(0)) }
