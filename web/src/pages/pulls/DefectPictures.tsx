import { useMemo } from 'react'
import { picturesOf, type HemPicture, type HemId } from '@crisp-hem/core'
import { api } from '../../app/office/api'
import { useNow } from '../../app/state/clock'
import { useFacts, useTick } from '../../app/state/useJob'
import { useAppSelector } from '../../app/state/store'
import { PhotoButton } from '../../app/frame/PhotoButton'
import { W, whenText } from '../../app/words'
import { byWords } from '../../app/naming/byWords'
import { pictureTick } from './ticks'

interface DefectPicturesProps {
  readonly hemIds: readonly HemId[]
  /** What is pictured, for those who hear it. */
  readonly name: string
}

/** Pictures of a defect, and the camera that takes one more: it goes out with the ticks, whenever there is a line. */
export function DefectPictures({ hemIds, name }: DefectPicturesProps) {
  const { id: jobId } = useFacts()
  const log = useAppSelector((state) => state.log.events)
  const all = useMemo(() => picturesOf(log), [log])
  const tick = useTick()
  const now = useNow(60_000)
  const taken = (photoId: string) => tick([pictureTick(photoId, hemIds, '', now)], W.photo.taken({ what: name }))
  const pictures = [
    ...new Map(hemIds.flatMap((id) => all.get(id) ?? []).map((picture) => [picture.id, picture])).values(),
  ]
  return (
    <div className="flex flex-wrap items-center gap-2">
      <PhotoButton text={W.photo.defect} name={name} camera className="min-h-11" onTaken={taken} />
      {pictures.map((picture) => (
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
