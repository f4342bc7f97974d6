import { useState } from 'react'
import { Link } from 'react-router'
import { applyEdits, valueAt } from '@crisp-hem/core'
import { missedSeen, type Missed } from '../state/missedSlice'
import type { SetAside } from '../state/outSlice'
import { useEdit, useFacts } from '../state/useJob'
import { useAppDispatch, useAppSelector, useAppStore } from '../state/store'
import { Button } from '../ui/Button'
import { W } from '../words'

/** One line beside the clock: whether the office is reached, and how much waits for it. */
export function LineState() {
  const { waiting, isReached } = useAppSelector((state) => state.out)
  if (waiting === 0 && isReached) return null
  return (
    <p className="text-sm font-semibold text-act" role="status">
      {!isReached && <span title={W.line.lost}>{W.line.lostShort}</span>}
      {!isReached && waiting > 0 && ' · '}
      {waiting > 0 && W.line.waiting({ n: waiting })}
    </p>
  )
}

/** What between this device and the office wants a hand: each with what can be done about it. */
export function LineTroubles() {
  const { aside, mustSignIn, skewMin, waitingOf, who } = useAppSelector((state) => state.out)
  const others = who?.isOpen ? [] : waitingOf.filter((each) => each.id !== who?.who?.id)
  const missed = useAppSelector((state) => state.missed.list)
  const { id } = useFacts()
  const ownItems = aside.filter((each) => each.jobId === id)
  if (ownItems.length === 0 && !mustSignIn && skewMin === 0 && missed.length === 0 && others.length === 0) return null
  return (
    <section aria-live="polite" className="no-print border-b-2 border-act bg-card px-4 py-2 lg:px-6">
      {mustSignIn && (
        <p>
          {W.people.needed}{' '}
          <Link className="font-semibold underline" to="/sign-in">
            {W.people.signIn}
          </Link>
        </p>
      )}
      {skewMin !== 0 && (
        <p>{W.line.skew({ minutes: Math.abs(skewMin), way: skewMin > 0 ? W.line.slow : W.line.fast })}</p>
      )}
      {others.map(({ id, name, n }) => (
        <p key={id}>{W.line.othersWait({ name, n })}</p>
      ))}
      {ownItems.length > 0 && <Aside items={ownItems} />}
      {missed.length > 0 && <MissedList list={missed} />}
    </section>
  )
}

/** What the office refused: to be sent again once it is mended, or dropped. */
function Aside({ items }: { items: readonly SetAside[] }) {
  const { device } = useAppStore()
  return (
    <>
      <h2 className="text-base">{W.line.aside}</h2>
      <ul>
        {items.map(({ n, kind, reason }) => (
          <li key={n} className="flex flex-wrap items-center gap-2 py-1">
            <span className="min-w-0 flex-1">
              {W.line.kinds[kind]}: {reason}
            </span>
            <Button onClick={() => void device.setAside(n, null)}>{W.line.again}</Button>
            <Button onClick={() => void device.drop([n])}>{W.line.drop}</Button>
          </li>
        ))}
      </ul>
    </>
  )
}

/** Fields that somebody else set later: what was meant here, and the way back to it. */
function MissedList({ list }: { list: readonly Missed[] }) {
  const facts = useFacts()
  const edit = useEdit()
  const dispatch = useAppDispatch()
  const [put, setPut] = useState<ReadonlySet<Missed>>(new Set())
  const putBack = (each: Missed) => {
    const change = { ...each.change, before: each.now }
    if (edit((before) => applyEdits(before, [change]))) setPut(new Set([...put, each]))
  }
  return (
    <>
      <div className="flex items-center gap-3">
        <h2 className="flex-1 text-base">{W.line.missed}</h2>
        <Button onClick={() => dispatch(missedSeen())}>{W.line.seen}</Button>
      </div>
      <ul>
        {list.map((each, i) => (
          <li key={i} className="flex flex-wrap items-center gap-2 py-1">
            <span className="min-w-0 flex-1">
              {(each.why === 'gone' ? W.line.gone : W.line.later)({
                place: placeWords(facts, each.change.path),
                mine: valueWords(each.change.value),
                now: valueWords(each.now),
                by: each.by ?? W.line.somebody,
              })}
            </span>
            {each.why === 'later' && !put.has(each) && <Button onClick={() => putBack(each)}>{W.line.putBack}</Button>}
          </li>
        ))}
      </ul>
    </>
  )
}

/** A path with the names of what has names. */
function placeWords(facts: unknown, path: readonly string[]): string {
  return path
    .map((word, i) => {
      const there = valueAt(facts, path.slice(0, i + 1))
      const name = typeof there === 'object' && there !== null ? (there as { name?: unknown }).name : null
      return typeof name === 'string' && name !== '' ? name : word
    })
    .filter((word, i) => !(i === 0 && word === 'rooms'))
    .join(', ')
}

/** Signs of a value that are shown. */
const LONG = 40
function valueWords(value: unknown): string {
  const name = typeof value === 'object' && value !== null ? (value as { name?: unknown }).name : value
  const text = typeof name === 'string' ? name : JSON.stringify(value)
  return text.length <= LONG ? text : `${text.slice(0, LONG)}…`
}
