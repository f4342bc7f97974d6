import { useEffect, useRef, useState } from 'react'
import { W } from '../../app/words'

/** Pictures looked at a second: a hand holds still for longer. */
const LOOKS_PER_S = 6

/** The camera, looking for a square with an address in it. */
export function Scanner({ onFound }: { onFound: (text: string) => void }) {
  const video = useRef<HTMLVideoElement>(null)
  const [isRefused, setIsRefused] = useState(false)
  const found = useRef(onFound)
  useEffect(() => void (found.current = onFound))
  useEffect(() => {
    let stream: MediaStream | null = null
    let isOver = false
    const canvas = document.createElement('canvas')
    const look = async (): Promise<void> => {
      const { default: read } = await import('jsqr')
      const pen = canvas.getContext('2d', { willReadFrequently: true })
      while (!isOver && pen) {
        const { current } = video
        if (current && current.videoWidth > 0) {
          canvas.width = current.videoWidth
          canvas.height = current.videoHeight
          pen.drawImage(current, 0, 0)
          const { data, width, height } = pen.getImageData(0, 0, canvas.width, canvas.height)
          const code = read(data, width, height)
          if (code && !isOver) return found.current(code.data)
        }
        await new Promise((next) => setTimeout(next, 1000 / LOOKS_PER_S))
      }
    }
    // Pages that are not secure have no such thing at all.
    const media = navigator.mediaDevices as MediaDevices | undefined
    Promise.resolve(media?.getUserMedia({ video: { facingMode: 'environment' } }))
      .then(async (opened) => {
        if (!opened) throw new Error('no camera')
        stream = opened
        if (isOver) return opened.getTracks().forEach((track) => track.stop())
        if (video.current) {
          video.current.srcObject = opened
          await video.current.play()
        }
        await look()
      })
      .catch(() => setIsRefused(true))
    return () => {
      isOver = true
      stream?.getTracks().forEach((track) => track.stop())
    }
  }, [])
  if (isRefused) return <p className="mt-2">{W.tags.noCamera}</p>
  return (
    <div className="mt-2">
      <video ref={video} muted playsInline className="max-h-72 w-full bg-ink object-cover" />
      <p className="text-sm text-soft">{W.tags.aim}</p>
    </div>
  )
}
