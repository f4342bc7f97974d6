import { useState, type FormEvent, type ReactNode } from 'react'
import { Link, useNavigate } from 'react-router'
import { firstSignInSchema, shapeFaults, signInCodeSchema, signInSchema } from '@crisp-hem/core/wire'
import type { Schema } from 'yup'
import { api, type ApiError } from '../../app/office/api'
import { useAppDispatch, useAppSelector, useAppStore } from '../../app/state/store'
import { Button } from '../../app/ui/Button'
import { Labelled } from '../../app/ui/fields'
import { W, errorText, fieldFaultText } from '../../app/words'
import { deviceName, findMe } from './me'

/** Who this device is for: by a code, by name and password, or the first account of all. */
export function SignInPage() {
  const told = useAppSelector((state) => state.out.who)
  const dispatch = useAppDispatch()
  const { sender } = useAppStore()
  const navigate = useNavigate()
  // A code scanned from the office’s screen stands behind the #, which is sent to nobody.
  const scanned = decodeURIComponent(globalThis.location?.hash.slice(1) ?? '')
  const done = async () => {
    await findMe(dispatch)
    void sender.send()
    await navigate('/')
  }
  return (
    <main className="mx-auto max-w-xl px-4 py-6">
      <h1 className="mb-2">{told?.isFirst && !told.isOpen ? W.people.first : W.people.signIn}</h1>
      <p className="mb-4 text-soft">
        {told?.isOpen ? W.people.open : told?.isFirst ? W.people.firstHint : W.people.hint}
      </p>
      {told?.isOpen ? (
        <Link className="font-semibold underline" to="/">
          {W.frame.jobs}
        </Link>
      ) : told?.isFirst ? (
        <Form schema={firstSignInSchema} go={W.people.make} send={(form) => api.signInFirst(form)} onDone={done}>
          <Field name="code" label={W.people.code} start={scanned} />
          <Field name="name" label={W.people.name} auto="username" />
          <Field name="password" label={W.people.password} auto="new-password" hidden note={W.people.passwordHint} />
        </Form>
      ) : (
        <>
          <Form schema={signInCodeSchema} go={W.people.byCode} send={(form) => api.signInByCode(form)} onDone={done}>
            <Field name="code" label={W.people.code} start={scanned} note={W.people.codeHint} />
          </Form>
          <hr className="my-5 border-rule" />
          <Form schema={signInSchema} go={W.people.go} send={(form) => api.signIn(form)} onDone={done}>
            <Field name="name" label={W.people.name} auto="username" />
            <Field name="password" label={W.people.password} auto="current-password" hidden />
          </Form>
        </>
      )}
    </main>
  )
}

interface FormProps<T> {
  readonly schema: Schema<T>
  readonly go: string
  readonly send: (form: T) => Promise<unknown>
  readonly onDone: () => Promise<void>
  readonly children: ReactNode
}

/** A few fields that are sent together; what is wrong with them is said below. */
function Form<T>({ schema, go, send, onDone, children }: FormProps<T>) {
  const [wrong, setWrong] = useState<string | null>(null)
  const [isBusy, setIsBusy] = useState(false)
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    const form: unknown = { ...Object.fromEntries(new FormData(event.currentTarget)), device: deviceName() }
    const [fault] = shapeFaults(schema, form)
    if (fault) return setWrong(fieldFaultText(fault))
    setIsBusy(true)
    // Checked by its schema just now.
    send(form as T)
      .then(onDone, (error: ApiError) => setWrong(errorText(error)))
      .finally(() => setIsBusy(false))
  }
  return (
    <form className="flex flex-col gap-3" onSubmit={submit}>
      {children}
      <div>
        <Button type="submit" tone="act" className="min-h-12 px-5" disabled={isBusy}>
          {go}
        </Button>
      </div>
      {wrong && (
        <p role="alert" className="font-semibold text-act">
          {wrong}
        </p>
      )}
    </form>
  )
}

interface FieldProps {
  readonly name: string
  readonly label: string
  readonly start?: string
  readonly auto?: string
  readonly hidden?: boolean
  readonly note?: string
}

function Field({ name, label, start = '', auto = 'off', hidden = false, note }: FieldProps) {
  return (
    <Labelled label={label}>
      {(id) => (
        <>
          <input
            id={id}
            name={name}
            type={hidden ? 'password' : 'text'}
            defaultValue={start}
            autoComplete={auto}
            className="field min-h-12 w-full"
          />
          {note && <p className="mt-0.5 text-sm text-soft">{note}</p>}
        </>
      )}
    </Labelled>
  )
}
