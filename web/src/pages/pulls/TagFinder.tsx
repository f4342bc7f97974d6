import { fileName } from '../../print/paper'
import { useState, type FormEvent } from 'react'
import { useNavigate } from 'react-router'
import { asTagCode, TAG_SIGNS } from '@crisp-hem/core'
import { TAG_SIZES, tagSheet, type TagSize } from '../../print/tagSheet'
import { savePdf } from '../../print/savePdf'
import { useFacts, usePlan } from '../../app/state/useJob'
import { useAppSelector } from '../../app/state/store'
import { Button } from '../../app/ui/Button'
import { ChoiceField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { W } from '../../app/words'
import { Scanner } from './Scanner'

/** Four signs of a tag, typed or scanned, open its round; and tags are printed here. */
export function TagFinder() {
  const { id } = useFacts()
  const navigate = useNavigate()
  const [isScanning, setIsScanning] = useState(false)
  const open = (text: string) => {
    const code = asTagCode(text)
    if (code.length === TAG_SIGNS) void navigate(`/jobs/${id}/tag/${code}`)
  }
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    const typed = new FormData(event.currentTarget).get('code')
    if (typeof typed === 'string') open(typed)
  }
  return (
    <Panel title={W.tags.find} aside={<PrintTags />}>
      <form className="flex flex-wrap items-end gap-3" onSubmit={submit}>
        <label className="text-[0.82rem] text-soft">
          {W.tags.type}
          <input
            name="code"
            autoComplete="off"
            autoCapitalize="characters"
            maxLength={8}
            className="field block min-h-12 w-32 text-xl uppercase tracking-widest"
            onChange={({ target }) => asTagCode(target.value).length === TAG_SIGNS && open(target.value)}
          />
        </label>
        <Button className="min-h-12" onClick={() => setIsScanning(!isScanning)}>
          {isScanning ? W.tags.stop : W.tags.scan}
        </Button>
      </form>
      {isScanning && <Scanner onFound={open} />}
    </Panel>
  )
}

function PrintTags() {
  const facts = useFacts()
  const plan = usePlan()
  const log = useAppSelector((state) => state.log.events)
  const [size, setSize] = useState<TagSize>('small')
  if (!plan) return null
  const job = { ...facts, log, published: null }
  return (
    <>
      <ChoiceField
        label={W.tags.size}
        value={size}
        options={(Object.keys(TAG_SIZES) as TagSize[]).map((value) => ({ value, text: W.tags.sizes[value] }))}
        onCommit={setSize}
      />
      <Button
        onClick={() => void savePdf(fileName(facts.name, W.tags.sheet), tagSheet(job, plan, size, location.origin))}
      >
        {W.tags.printed}
      </Button>
    </>
  )
}
