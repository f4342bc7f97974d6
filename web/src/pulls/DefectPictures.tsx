import { useMemo, useRef, useState } from 'react'
import { picturesOf, type HemPicture } from '@crisp-hem/core'
import { api } from '../api'
import { putPhoto } from '../device/photo'
import { useNow } from '../state/clock'
import { noticed } from '../state/noticeSlice'
import { useFacts, useTick } from '../state/useJob'
import { useAppDispatch, useAppSelector } from '../store'
import { Button } from '../ui/Button'
import { newId } from '../ui/newId'
import { errorText, W, whenText } from '../words'
import { byWords } from './byWords'
import { pictureTick } from './ticks'

interface DefectPicturesProps {
  readonly hemIds: readonly string[]
  /** What is pictured, for those who hear it. */
  readonly name: string
}

/** Pictures of a defect, and the camera that takes one more: it goes out with the ticks, whenever there is a line. */
export function DefectPictures({ hemIds, name }: DefectPicturesProps) {
  const { id: jobId } = useFacts()
  const log = useAppSelector((state) => state.log.events)
  const all = useMemo(() => picturesOf(log), [log])
  const tick = useTick()
  const dispatch = useAppDispatch()
  const now = useNow(60_000)
  const input = useRef<HTMLInputElement>(null)
  const [busy, setBusy] = useState(false)
  const own = [...new Map(hemIds.flatMap((id) => all.get(id) ?? []).map((each) => [each.id, each])).values()]
  const take = async (file: File) => {
    setBusy(true)
    const photoId = `ph-${newId()}`
    try {
      await putPhoto(jobId, photoId, file)
      tick([pictureTick(photoId, hemIds, '', now)], W.photo.taken({ what: name }))
    } catch (error) {
      dispatch(noticed({ text: W.photo.refused + errorText(error), tone: 'wrong', undo: null }))
    }
    setBusy(false)
  }
  return (
    <div className="flex flex-wrap items-center gap-2">
      <Button
        className="min-h-11"
        disabled={busy}
        aria-label={`${W.photo.defect}: ${name}`}
        onClick={() => input.current?.click()}
      >
        {W.photo.defect}
      </Button>
      <input
        ref={input}
        type="file"
        accept="image/png,image/jpeg,image/webp"
        capture="environment"
        className="hidden"
        aria-label={`${W.photo.defect}: ${name}`}
        onChange={(event) => {
          const file = event.target.files?.[0]
          event.target.value = ''
          if (file) void take(file)
        }}
      />
      {own.map((picture) => (
        <Taken key={picture.id} jobId={jobId} picture={picture} />
      ))}
    </div>
  )
}

/** A small picture that opens as large as it is. */
function Taken({ jobId, picture }: { jobId: string; picture: HemPicture }) {
  const { crews, site } = useFacts()
  const now = useNow(60_000)
  const words = W.photo.by({ when: whenText(picture.at, now, site.zone), who: byWords(crews, picture.by) })
  const url = api.photoUrl(jobId, picture.id)
  return (
    <a href={url} target="_blank" rel="noreferrer" title={words}>
      <img src={url} alt={words} className="size-11 border border-rule object-cover" />
    </a>
  )
}
