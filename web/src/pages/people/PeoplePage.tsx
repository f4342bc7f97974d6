import { useCallback, useEffect, useState } from 'react'
import { Link } from 'react-router'
import QRCode from 'qrcode'
import { personSchema, ROLES, shapeFaults, type PersonAnswer, type Role } from '@crisp-hem/core/wire'
import { api, type ApiError } from '../../app/office/api'
import { useNow } from '../../app/state/clock'
import { noticed } from '../../app/state/noticeSlice'
import { useAppDispatch } from '../../app/state/store'
import { Button } from '../../app/ui/Button'
import { ChoiceField, TextField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { W, errorText, fieldFaultText, whenText } from '../../app/words'

const ZONE = Intl.DateTimeFormat().resolvedOptions().timeZone
const minutes = (iso: string) => Date.parse(iso) / 60_000

/** Who works here, on which devices; codes to sign in by, and lost phones signed out. */
export function PeoplePage() {
  const dispatch = useAppDispatch()
  const [people, setPeople] = useState<readonly PersonAnswer[]>([])
  const [code, setCode] = useState<{ person: PersonAnswer; code: string; until: string } | null>(null)
  const tell = useCallback(
    (text: string, tone: 'plain' | 'wrong') => dispatch(noticed({ text, tone, undo: null })),
    [dispatch],
  )
  const wrong = useCallback((error: ApiError) => void tell(errorText(error), 'wrong'), [tell])
  const load = useCallback(() => void api.people().then(setPeople, wrong), [wrong])
  useEffect(load, [load])
  const act = (work: Promise<unknown>, words: string | null = null) =>
    void work.then(() => {
      if (words) tell(words, 'plain')
      load()
    }, wrong)
  return (
    <main className="mx-auto max-w-4xl px-4 py-6">
      <Link className="text-sm text-soft underline" to="/">
        {W.frame.jobs}
      </Link>
      <h1 className="mb-3">{W.people.title}</h1>
      {code && <ShownCode {...code} />}
      <ul className="mb-5">
        {people.map((person) => (
          <PersonLine
            key={person.id}
            person={person}
            onCode={() => void api.codeFor(person.id).then((made) => setCode({ person, ...made }), wrong)}
            onClose={() => act(api.closePerson(person.id), W.people.closed({ name: person.name }))}
            onLost={(id) => act(api.signOutDevice(id))}
          />
        ))}
      </ul>
      <NewPerson onAdd={(form) => act(api.addPerson(form), W.people.added({ name: form.name }))} />
    </main>
  )
}

interface PersonLineProps {
  readonly person: PersonAnswer
  readonly onCode: () => void
  readonly onClose: () => void
  readonly onLost: (deviceId: string) => void
}

function PersonLine({ person, onCode, onClose, onLost }: PersonLineProps) {
  const now = useNow(60_000)
  return (
    <li className="panel mb-3">
      <div className="flex flex-wrap items-center gap-2">
        <h2 className="min-w-0 flex-1 text-lg">
          {person.name} <span className="font-normal text-soft">{W.people.roles[person.role]}</span>
        </h2>
        <Button onClick={onCode}>{W.people.show}</Button>
        <Button onClick={onClose}>{W.people.close}</Button>
      </div>
      {person.devices.length === 0 && <p className="text-soft">{W.people.none}</p>}
      <ul>
        {person.devices.map(({ id, name, since, seen }) => (
          <li key={id} className="flex flex-wrap items-center gap-2 border-t border-rule py-1">
            <span className="min-w-0 flex-1">
              {W.people.since({
                device: name,
                since: whenText(minutes(since), now, ZONE),
                seen: whenText(minutes(seen), now, ZONE),
              })}
            </span>
            <Button onClick={() => onLost(id)}>{W.people.lost}</Button>
          </li>
        ))}
      </ul>
    </li>
  )
}

/** A code in large signs, and the same to be scanned: the address with the code behind its #. */
function ShownCode({ person, code, until }: { person: PersonAnswer; code: string; until: string }) {
  const now = useNow(60_000)
  const [picture, setPicture] = useState<string | null>(null)
  const address = `${location.origin}/sign-in`
  useEffect(() => {
    void QRCode.toDataURL(`${address}#${encodeURIComponent(code)}`, { margin: 1, scale: 5 }).then(setPicture)
  }, [address, code])
  return (
    <Panel className="mb-4 border-2 border-act">
      <div className="flex flex-wrap items-center gap-5">
        {picture && <img src={picture} alt="" className="h-40 w-40 bg-white p-1" />}
        <div className="min-w-0 flex-1">
          <p>
            {W.people.shown({
              name: person.name,
              address,
              until: whenText(minutes(until), now, ZONE),
            })}
          </p>
          <p className="font-head text-3xl font-bold tracking-widest">{code}</p>
        </div>
      </div>
    </Panel>
  )
}

function NewPerson({ onAdd }: { onAdd: (form: { name: string; role: Role; password: null }) => void }) {
  const [name, setName] = useState('')
  const [role, setRole] = useState<Role>('painter')
  const form = { name, role, password: null }
  const [fault] = name === '' ? [] : shapeFaults(personSchema, form)
  return (
    <Panel title={W.people.add}>
      <div className="flex flex-wrap items-end gap-3">
        <TextField label={W.people.name} value={name} onCommit={(text) => setName(text.trim())} />
        <ChoiceField
          label={W.people.role}
          value={role}
          options={ROLES.map((value) => ({ value, text: W.people.roles[value] }))}
          onCommit={setRole}
        />
        <Button
          tone="act"
          disabled={name === '' || fault !== undefined}
          onClick={() => {
            onAdd(form)
            setName('')
          }}
        >
          {W.people.add}
        </Button>
      </div>
      {fault && <p className="text-act">{fieldFaultText(fault)}</p>}
    </Panel>
  )
}
