import { W } from '../../app/words'
import { formatInstant, type Room, type EdgeKey } from '@crisp-hem/core'
import { api } from '../../app/office/api'
import { useNow } from '../../app/state/clock'
import { useEditRoom, useFacts } from '../../app/state/useJob'
import { PhotoButton } from '../../app/frame/PhotoButton'
import { TextField } from '../../app/ui/fields'

/** Pictures of a hem, or of the marks a room had before anybody came (edge null). */
export function PhotoNotes({ room, edge, title }: { room: Room; edge: EdgeKey | null; title: string }) {
  const { id: jobId } = useFacts()
  const editRoom = useEditRoom(room.id)
  const now = useNow(60_000)
  const photos = room.photos.filter((photo) => photo.edge === edge)
  const add = (id: string) => {
    const photo = { id, edge, caption: '', at: formatInstant(Math.floor(now)) }
    editRoom((before) => ({ ...before, photos: [...before.photos, photo] }))
  }
  return (
    <div className="mt-3 border-t border-rule pt-2">
      <div className="flex items-center gap-2">
        <h3 className="flex-1">{title}</h3>
        <PhotoButton text={W.photo.add} onTaken={add} />
      </div>
      <ul className="mt-1 grid grid-cols-2 gap-2">
        {photos.map((photo) => (
          <li key={photo.id}>
            <img
              src={api.photoUrl(jobId, photo.id)}
              alt={photo.caption || W.photo.alt}
              className="max-h-40 w-full object-cover"
            />
            <TextField
              label={W.photo.caption}
              value={photo.caption}
              onCommit={(caption) =>
                editRoom((before) => ({
                  ...before,
                  photos: before.photos.map((each) => (each.id === photo.id ? { ...each, caption } : each)),
                }))
              }
            />
            <button
              type="button"
              className="text-sm underline"
              onClick={() =>
                editRoom((before) => ({ ...before, photos: before.photos.filter((each) => each.id !== photo.id) }))
              }
            >
              {W.walk.remove}
            </button>
          </li>
        ))}
      </ul>
    </div>
  )
}
