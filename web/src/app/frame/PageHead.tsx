import { spanText, decimals, W } from '../words'
import { useMemo, type ReactNode } from 'react'
import { Link } from 'react-router'
import { aboveDewC, airAt, areaAir, roomAir, spanAt, type PullPlan, type Room } from '@crisp-hem/core'
import { useNow } from '../state/clock'
import { useFacts, usePlan } from '../state/useJob'

interface PageHeadProps {
  readonly title: string
  readonly line?: ReactNode
  /** Whose air is told; the rooms' in general, if none. */
  readonly room?: Room | null
  readonly children?: ReactNode
  /** On the board itself the way to the board is left out. */
  readonly onBoard?: boolean
}

/** The head of every step: its title, the air, and the one thing that must be done now. */
export function PageHead({ title, line, room = null, children, onBoard = false }: PageHeadProps) {
  return (
    <header className="flex flex-wrap items-end gap-x-5 gap-y-2 px-4 pb-3 pt-4 lg:px-6">
      <h1>{title}</h1>
      <p className="pb-0.5 text-sm text-soft">{line ?? <AirLine room={room} />}</p>
      <div className="no-print ml-auto flex flex-wrap items-center gap-2">
        {children}
        {!onBoard && <NextPull />}
      </div>
    </header>
  )
}

function AirLine({ room }: { room: Room | null }) {
  const { air, site } = useFacts()
  const now = useNow(60_000)
  const series = useMemo(() => (room ? areaAir({ air, site }, room) : roomAir(air)), [air, site, room])
  const point = airAt(series, now)
  const faceC = point.faceC ?? point.tempC
  const margin = aboveDewC(faceC, point.tempC, point.rh)
  return (
    <>
      {W.frame.air({
        temp: decimals(point.tempC, 1),
        rh: decimals(point.rh, 0),
        own: point.faceC === undefined ? 'no' : 'yes',
        face: decimals(faceC, 0),
        margin: decimals(margin, 0),
      })}
    </>
  )
}

/** The pull that is due, or the next to come off, as a button to the board. */
function NextPull() {
  const plan = usePlan()
  const now = useNow()
  const facts = useFacts()
  const next = nextPull(plan?.pulls ?? [], now)
  if (!next) return null
  const room = facts.rooms.find((each) => each.id === next.pull.roomId)?.name ?? ''
  const minutes = spanText(Math.abs(next.minutes))
  const words = next.minutes <= 0 ? W.frame.pullNow({ room }) : W.frame.pullIn({ room, minutes })
  return (
    <Link
      to={`/jobs/${facts.id}/pulls`}
      className={`px-3 py-1.5 font-semibold ${next.minutes <= 0 ? 'bg-act text-act-ink' : 'border-2 border-ink bg-card'}`}
    >
      {words}
    </Link>
  )
}

/** The coated round whose tape comes off soonest: minutes until its wet window opens, 0 or less while it is open. */
function nextPull(pulls: readonly PullPlan[], now: number): { pull: PullPlan; minutes: number } | null {
  const coming = pulls.flatMap((pull) => {
    const wet = pull.spans.find((span) => span.kind === 'wet')
    // Of tape that is on and coated alone: what is planned is told by the plan.
    if (pull.coated && wet && (wet.to === null || wet.to > now)) return [{ pull, minutes: wet.from - now }]
    return pull.coated && spanAt(pull.spans, now)?.kind === 'past' ? [{ pull, minutes: 0 }] : []
  })
  return coming.sort((a, b) => a.minutes - b.minutes)[0] ?? null
}
