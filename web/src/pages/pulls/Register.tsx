import { fileName } from '../../print/paper'
import { useState } from 'react'
import { coverRegister, daysClosed } from '@crisp-hem/core'
import { registerSheet } from '../../print/registerSheet'
import { savePdf } from '../../print/savePdf'
import { useNow } from '../../app/state/clock'
import { useFacts, useTick } from '../../app/state/useJob'
import { useAppSelector } from '../../app/state/store'
import { Button } from '../../app/ui/Button'
import { TextField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { W, whenText } from '../../app/words'
import { breatherWords } from '../../app/naming/breatherWords'
import { byWords } from '../../app/naming/byWords'
import { CloseDay } from './CloseDay'
import { dayClosedTick } from './ticks'

/** What must breathe and was covered; the day is closed once all of it is off, or for a reason. */
export function Register() {
  const facts = useFacts()
  const { rooms, crews, site, name } = facts
  const log = useAppSelector((state) => state.log.events)
  const now = useNow(60_000)
  const tick = useTick()
  const [why, setWhy] = useState('')
  const lines = coverRegister(log)
  const open = lines.filter((line) => line.offAt === null).map((line) => line.subject)
  const [last] = daysClosed(log)
  const when = (at: number) => whenText(at, now, site.zone)
  const close = () => {
    tick([dayClosedTick(open, why, now)], W.pulls.ticked({ what: W.register.close }))
    setWhy('')
  }
  return (
    <Panel
      title={W.register.title}
      aside={
        <Button
          onClick={() =>
            void savePdf(fileName(name, W.register.title), registerSheet({ ...facts, log, published: null }, now))
          }
        >
          {W.register.print}
        </Button>
      }
    >
      <p className="mb-1 text-sm text-soft">{lines.length === 0 ? W.register.none : W.register.hint}</p>
      <ul className="max-h-56 overflow-y-auto">
        {lines.map((line, i) => (
          <li key={i} className="border-b border-rule py-1">
            <b>{breatherWords(rooms, line.subject)}</b>{' '}
            <span className={line.offAt === null ? 'font-semibold text-act' : ''}>
              {line.offAt === null
                ? W.register.open({ when: when(line.coveredAt), by: byWords(crews, line.coveredBy) })
                : W.register.line({
                    when: when(line.coveredAt),
                    by: byWords(crews, line.coveredBy),
                    off: when(line.offAt),
                    offBy: byWords(crews, line.offBy),
                  })}
            </span>
          </li>
        ))}
      </ul>
      {open.length > 0 && (
        <div className="mt-2">
          <p>{W.register.mustSay}</p>
          <TextField label={W.register.why} value={why} onCommit={(text) => setWhy(text.trim())} />
        </div>
      )}
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <CloseDay mayClose={open.length === 0 || why !== ''} onClose={close} />
        {last && (
          <span className="text-sm text-soft">
            {W.register.closed({ when: when(last.at), by: byWords(crews, last.by) })}{' '}
            {last.open.length > 0 && W.register.stayed({ n: last.open.length, why: last.why })}
          </span>
        )}
      </div>
    </Panel>
  )
}
