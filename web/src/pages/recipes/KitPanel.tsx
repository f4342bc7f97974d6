import { W, formatMoney, factText } from '../../app/words'
import { useState } from 'react'
import { formatRun, tapeOf, type JobKitPoint, type KitKind } from '@crisp-hem/core'
import { useEdit, useFacts, useHems, usePlan, useRecipes } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { KitCurve } from './KitCurve'
import { useKit } from './useKit'

const keyOf = (kind: KitKind): string => `${kind.tapeId}|${kind.widthMm}`
const sameKit = (a: readonly KitKind[], b: readonly KitKind[]): boolean =>
  a.length === b.length && a.every((kind) => b.some((other) => keyOf(other) === keyOf(kind)))

/** Few tapes in the bag against every hem its best: a point is picked, and what it changes is shown. */
export function KitPanel() {
  const facts = useFacts()
  const edit = useEdit()
  const kit = useKit(facts)
  const [picked, setPicked] = useState<number | null>(null)
  const [open, setOpen] = useState(false)
  const taken = usePlan()?.load.tapes.filter((line) => line.hemIds.length > 0).length ?? 0
  if (!kit || kit.points.length === 0) return null
  const { points, best } = kit
  const chosen = facts.kit ? points.findIndex((point) => sameKit(point.kinds, facts.kit!)) : 0
  const shown = points[picked ?? Math.max(0, chosen)] ?? points[0]!
  const carry = (next: readonly KitKind[] | null) => {
    edit((before) => ({ ...before, kit: next }))
    setPicked(null)
  }
  return (
    <Panel>
      <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
        <summary className="flex min-h-8 cursor-pointer flex-wrap items-center gap-x-3">
          <h2>{W.kit.title}</h2>
          <span className="text-sm">
            {facts.kit ? W.kit.carried({ n: facts.kit.length }) : W.kit.any({ n: taken, all: points[0]!.kinds.length })}
          </span>
          <span className="ml-auto text-sm underline">{open ? W.kit.fold : W.kit.unfold}</span>
        </summary>
        <div className="grid grid-cols-1 gap-4 md:grid-cols-[minmax(0,1fr)_250px]">
          <KitCurve
            points={points}
            picked={points.indexOf(shown)}
            best={best ? points.findIndex((point) => sameKit(point.kinds, best.kinds)) : -1}
            currency={facts.site.currency}
            onPick={setPicked}
          />
          <div>
            <PointFacts point={shown} dearest={points[0]!} />
            <div className="mt-2 flex flex-wrap gap-2">
              <Button
                disabled={facts.kit !== null && sameKit(shown.kinds, facts.kit)}
                onClick={() => carry(shown.kinds)}
              >
                {W.kit.carry({ n: shown.kinds.length })}
              </Button>
              {facts.kit && (
                <Button tone="quiet" onClick={() => carry(null)}>
                  {W.kit.free}
                </Button>
              )}
            </div>
          </div>
        </div>
      </details>
    </Panel>
  )
}

/** The kinds of a point, and which hems would get another tape than now. */
function PointFacts({ point, dearest }: { point: JobKitPoint; dearest: JobKitPoint }) {
  const { shelf, site } = useFacts()
  const hems = useHems()
  const recipes = useRecipes()
  const metres = new Map<string, number>()
  const changed: string[] = []
  for (const [hemId, kind] of point.kindOf) {
    const hem = hems.get(hemId)
    if (hem) metres.set(keyOf(kind), (metres.get(keyOf(kind)) ?? 0) + hem.lengthMm)
    const now = recipes.get(hemId)
    if (now?.safe && now.tapeId && keyOf({ tapeId: now.tapeId, widthMm: now.widthMm }) !== keyOf(kind))
      changed.push(hemId)
  }
  const more = point.hemsMinor - dearest.hemsMinor
  return (
    <>
      <ul className="text-sm">
        {point.kinds.map((kind) => (
          <li key={keyOf(kind)} className="flex border-b border-rule py-0.5">
            <b className="flex-1">
              {tapeOf(shelf, kind.tapeId).name} {kind.widthMm}
            </b>
            {formatRun(metres.get(keyOf(kind)) ?? 0, site.units)}
          </li>
        ))}
      </ul>
      <p className="mt-1 text-sm">
        {W.kit.more({ money: formatMoney(more, site.currency) })} {W.kit.changes({ n: changed.length })}
      </p>
      {changed.length > 0 && (
        <details className="text-sm">
          <summary className="cursor-pointer">{W.kit.which}</summary>
          <ul className="max-h-40 overflow-y-auto">
            {changed.map((hemId) => (
              <li key={hemId}>{factText(hems.get(hemId)?.place ?? '')}</li>
            ))}
          </ul>
        </details>
      )}
    </>
  )
}
