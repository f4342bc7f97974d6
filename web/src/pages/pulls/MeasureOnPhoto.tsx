import { useState } from 'react'
import { formatLength, type UnitSystem } from '@crisp-hem/core'
import type { InPicture } from '@crisp-hem/core/exchange'
import { Button } from '../../app/ui/Button'
import { LengthField } from '../../app/ui/fields'
import { W } from '../../app/words'
import { PhotoBoard } from '../lines/PhotoBoard'
import { PicturePicker } from '../lines/PicturePicker'
import { usePicture } from '../lines/usePicture'
import { measuredMm } from './onPhoto'

/** What most people have in their pocket: a coin about so wide, mm. From memory; typed anew for any other. */
const COIN_MM = 23

interface MeasureOnPhotoProps {
  readonly units: UnitSystem
  /** The run that was measured, mm. */
  readonly onMeasured: (mm: number) => void
}

/** How much of the edge shows a fault, off a photograph with something of known length in it. The photograph stays on the device. */
export function MeasureOnPhoto({ units, onMeasured }: MeasureOnPhotoProps) {
  const url = usePicture()
  const [scaleMm, setScaleMm] = useState(COIN_MM)
  const [places, setPlaces] = useState<readonly InPicture[]>([])
  // The first two places are the ends of what is known, all others those of the fault.
  const [scale, ends] = [places.slice(0, 2), places.slice(2)]
  const mm = measuredMm({ scale, scaleMm, ends })
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2 text-sm font-semibold">{W.inspect.measure}</summary>
      <div className="grid gap-2">
        <p className="text-sm text-soft">{W.inspect.measureHow}</p>
        <PicturePicker
          onPick={(file) => {
            url.set(file)
            setPlaces([])
          }}
        />
        {url.value && (
          <>
            <LengthField label={W.inspect.scale} mm={scaleMm} units={units} onCommit={setScaleMm} />
            <PhotoBoard url={url.value} known={scale} edge={ends} onSet={(px) => setPlaces([...places, px])} />
            <p role="status">
              {scale.length < 2
                ? W.inspect.setScale({ n: scale.length + 1 })
                : mm === null
                  ? W.inspect.setFault
                  : W.inspect.measured({ run: formatLength(mm, units) })}
            </p>
            <div className="flex flex-wrap gap-2">
              <Button disabled={places.length === 0} onClick={() => setPlaces(places.slice(0, -1))}>
                {W.lines.photoUndo}
              </Button>
              <Button
                tone="act"
                className="min-h-11"
                disabled={mm === null}
                onClick={() => mm !== null && onMeasured(mm)}
              >
                {W.inspect.useRun}
              </Button>
            </div>
          </>
        )}
      </div>
    </details>
  )
}
