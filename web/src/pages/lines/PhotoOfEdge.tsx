import { useMemo, useState } from 'react'
import { writeReadings, type UnitSystem, type WanderPoint } from '@crisp-hem/core'
import { photoMap, type InPicture, type KnownPlace, type PhotoMap } from '@crisp-hem/core/exchange'
import { Button } from '../../app/ui/Button'
import { LengthField } from '../../app/ui/fields'
import { Switch } from '../../app/ui/Tabs'
import { errorText, figure, W } from '../../app/words'
import { mmWords } from '../../app/words/mmWords'
import { PhotoBoard } from './PhotoBoard'
import { PicturePicker } from './PicturePicker'
import { usePicture } from './usePicture'

const MM_PER_INCH = 25.4

/** What is typed of a measured place. */
const FIELDS = [
  { name: 'atMm', label: (n: number) => W.lines.photoAlong({ n }) },
  { name: 'offMm', label: (n: number) => W.lines.photoOff({ n }) },
] as const

interface PhotoOfEdgeProps {
  readonly units: UnitSystem
  readonly onReadings: (text: string) => void
}

/** An edge read off a photograph: measured places make it a measure, places set along the edge become readings. It stays on the device. */
export function PhotoOfEdge({ units, onReadings }: PhotoOfEdgeProps) {
  const url = usePicture()
  const [sets, setSets] = useState<'known' | 'edge'>('known')
  const [known, setKnown] = useState<readonly KnownPlace[]>([])
  const [edge, setEdge] = useState<readonly InPicture[]>([])
  const mm = mmWords(units)
  const made = useMemo(() => mapOrFault(known), [known])
  const points = useMemo(() => (made.map ? readingsOn(made.map, edge) : []), [made, edge])
  const change = (i: number, at: Partial<KnownPlace>) =>
    setKnown(known.map((each, k) => (k === i ? { ...each, ...at } : each)))
  return (
    <div className="mt-2 grid max-w-3xl gap-2">
      <p className="text-sm text-soft">{W.lines.photoHow}</p>
      <PicturePicker
        onPick={(file) => {
          url.set(file)
          setKnown([])
          setEdge([])
        }}
      />
      {url.value && (
        <>
          <Switch
            label={W.lines.photoSets}
            value={sets}
            options={(['known', 'edge'] as const).map((value) => ({ value, text: W.lines.photoSet[value] }))}
            onChange={setSets}
          />
          <PhotoBoard
            url={url.value}
            known={known.map(({ px }) => px)}
            edge={edge}
            onSet={(px) =>
              sets === 'known' ? setKnown([...known, { px, atMm: 0, offMm: 0 }]) : setEdge([...edge, px])
            }
          />
          <Button onClick={() => (sets === 'known' ? setKnown(known.slice(0, -1)) : setEdge(edge.slice(0, -1)))}>
            {W.lines.photoUndo}
          </Button>
          {known.map((each, i) => (
            <div key={i} className="grid grid-cols-2 gap-2">
              {FIELDS.map(({ name, label }) => (
                <LengthField
                  key={name}
                  label={label(i + 1)}
                  mm={each[name]}
                  units={units}
                  allowZero
                  onCommit={(length) => change(i, { [name]: length })}
                />
              ))}
            </div>
          ))}
          {made.fault && known.length > 0 && <p className="text-sm text-soft">{made.fault}</p>}
          {made.map && (
            <p className="text-sm">
              {made.map.kind === 'square-on' ? W.lines.photoSquare : W.lines.photoAny}{' '}
              {made.map.worstMm !== null && W.lines.photoWorst({ worst: mm(Math.ceil(made.map.worstMm)) })}{' '}
              {W.lines.photoPixel({ size: sizeText(pixelMm(made.map, known), units) })}
            </p>
          )}
          {points.length > 0 && (
            <Button tone="act" onClick={() => onReadings(writeReadings(points, units))}>
              {W.lines.photoUse({ n: points.length })}
            </Button>
          )}
        </>
      )}
    </div>
  )
}

const sizeText = (mm: number, units: UnitSystem): string =>
  units === 'metric' ? `${figure(mm)} mm` : `${figure(mm / MM_PER_INCH)} in`

/** The map of the measured places, or why there is none yet. */
function mapOrFault(known: readonly KnownPlace[]): { readonly map: PhotoMap | null; readonly fault: string | null } {
  try {
    return { map: photoMap(known), fault: null }
  } catch (error) {
    return { map: null, fault: errorText(error) }
  }
}

/** Places set along the edge as readings, from left to right, to half a millimetre. */
const readingsOn = (map: PhotoMap, edge: readonly InPicture[]): WanderPoint[] =>
  edge
    .map(map.placeOf)
    .map(({ atMm, offMm }) => ({ atMm: Math.max(0, Math.round(atMm)), offMm: Math.round(offMm * 2) / 2 }))
    .sort((a, b) => a.atMm - b.atMm)

/** About how much of the wall a pixel takes, by the first measured place. */
function pixelMm(map: PhotoMap, known: readonly KnownPlace[]): number {
  const { x, y } = known[0]?.px ?? { x: 0, y: 0 }
  const [a, b] = [map.placeOf({ x, y }), map.placeOf({ x, y: y + 1 })]
  return Math.hypot(b.atMm - a.atMm, b.offMm - a.offMm)
}
