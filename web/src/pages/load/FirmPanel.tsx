import { useRef } from 'react'
import type { Customer, Firm } from '@crisp-hem/core'
import { useHouse } from '../site/HousePanel'
import { noticed } from '../../app/state/noticeSlice'
import { useEdit, useFacts } from '../../app/state/useJob'
import { useAppDispatch } from '../../app/state/store'
import { Button } from '../../app/ui/Button'
import { TextField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { W } from '../../app/words'

/** A sign larger than this makes a quote heavy, bytes. */
const MOST_BYTES = 150_000

/** Who quotes, set once with the house rules, and for whom this job is. */
export function FirmPanel() {
  const [{ firm }, set] = useHouse()
  const { site } = useFacts()
  const edit = useEdit()
  const change = (part: Partial<Firm>) => set({ firm: { ...firm, ...part } })
  const changeCustomer = (part: Partial<Customer>) =>
    edit((facts) => ({ ...facts, site: { ...facts.site, customer: { ...facts.site.customer, ...part } } }))
  return (
    <Panel title={W.quote.firm}>
      <div className="grid gap-2">
        <TextField label={W.quote.firmName} value={firm.name} onCommit={(name) => change({ name })} />
        <TextField label={W.quote.address} value={firm.address} onCommit={(address) => change({ address })} />
        <TextField label={W.quote.contact} value={firm.contact} onCommit={(contact) => change({ contact })} />
        <TextField label={W.quote.taxNumber} value={firm.taxNumber} onCommit={(taxNumber) => change({ taxNumber })} />
        <SignField sign={firm.sign} onChange={(sign) => change({ sign })} />
        <p className="text-sm text-soft">{W.quote.firmHint}</p>
        <h3 className="mt-2 font-semibold">{W.quote.customer}</h3>
        <TextField
          label={W.quote.customerName}
          value={site.customer.name}
          onCommit={(name) => changeCustomer({ name })}
        />
        <TextField
          label={W.quote.address}
          value={site.customer.address}
          onCommit={(address) => changeCustomer({ address })}
        />
      </div>
    </Panel>
  )
}

/** The contractor's sign as a picture, shown as it will stand on paper. */
function SignField({ sign, onChange }: { sign: string; onChange: (sign: string) => void }) {
  const input = useRef<HTMLInputElement>(null)
  const dispatch = useAppDispatch()
  const take = async (file: File) => {
    if (file.size > MOST_BYTES) return void dispatch(noticed({ text: W.quote.signTooLarge, tone: 'wrong', undo: null }))
    onChange(await dataAddress(file))
  }
  return (
    <div className="flex items-center gap-2">
      {sign !== '' && <img src={sign} alt={W.quote.sign} className="h-12 max-w-32 object-contain" />}
      <Button onClick={() => input.current?.click()}>{W.quote.sign}</Button>
      {sign !== '' && (
        <Button tone="quiet" onClick={() => onChange('')}>
          {W.quote.noSign}
        </Button>
      )}
      <input
        ref={input}
        type="file"
        accept="image/png,image/jpeg"
        className="hidden"
        aria-label={W.quote.sign}
        onChange={(event) => {
          const file = event.target.files?.[0]
          event.target.value = ''
          if (file) void take(file)
        }}
      />
    </div>
  )
}

const dataAddress = (file: File): Promise<string> =>
  new Promise((done, failed) => {
    const reader = new FileReader()
    // Read as a data address, a result is text.
    reader.onload = () => done(reader.result as string)
    reader.onerror = () => failed(reader.error ?? new Error(W.quote.signTooLarge))
    reader.readAsDataURL(file)
  })
