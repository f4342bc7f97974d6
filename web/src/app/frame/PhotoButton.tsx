import { useRef, useState } from 'react'
import { putPhoto } from '../device/photo'
import { noticed } from '../state/noticeSlice'
import { useFacts } from '../state/useJob'
import { sayerOf } from '../state/putting'
import { useAppDispatch, useAppStore } from '../state/store'
import { errorText, W } from '../words'
import { Button } from '../ui/Button'
import { newId } from '../device/newId'

interface PhotoButtonProps {
  readonly text: string
  /** What is pictured, for those who hear it; left out, the text says it all. */
  readonly name?: string
  /** Opens the camera at once, where the device has one. */
  readonly camera?: boolean
  readonly className?: string
  /** A picture was put down under this id; it goes out by itself. */
  readonly onTaken: (photoId: string) => void
}

/** Takes or picks a picture and puts it down on this device. */
export function PhotoButton({ text, name, camera = false, className, onTaken }: PhotoButtonProps) {
  const { id: jobId } = useFacts()
  const dispatch = useAppDispatch()
  const store = useAppStore()
  const input = useRef<HTMLInputElement>(null)
  const [busy, setBusy] = useState(false)
  const label = name === undefined ? text : `${text}: ${name}`
  const take = async (file: File) => {
    setBusy(true)
    const photoId = `ph-${newId()}`
    try {
      await putPhoto(jobId, photoId, file, sayerOf(store.getState()))
      onTaken(photoId)
    } catch (error) {
      dispatch(noticed({ text: W.photo.refused + errorText(error), tone: 'wrong', undo: null }))
    }
    setBusy(false)
  }
  return (
    <>
      <Button className={className} disabled={busy} aria-label={label} onClick={() => input.current?.click()}>
        {text}
      </Button>
      <input
        ref={input}
        type="file"
        accept="image/png,image/jpeg,image/webp"
        {...(camera ? { capture: 'environment' as const } : {})}
        className="hidden"
        aria-label={label}
        onChange={(event) => {
          const file = event.target.files?.[0]
          event.target.value = ''
          if (file) void take(file)
        }}
      />
    </>
  )
}
