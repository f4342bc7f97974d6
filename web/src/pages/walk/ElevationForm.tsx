import { W, errorText } from '../../app/words'
import { useState } from 'react'
import { newElevation, parseMm, type ElevationAnswers, type Room } from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Labelled, LENGTH_MARKS } from '../../app/ui/fields'
import { newAreaId } from './newAreaId'

const FACINGS = {
  north: 0,
  'north-east': 45,
  east: 90,
  'south-east': 135,
  south: 180,
  'south-west': 225,
  west: 270,
  'north-west': 315,
} as const
const MATERIALS = [
  'lapped-boards',
  'render',
  'block',
  'brick',
] as const satisfies readonly ElevationAnswers['material'][]

/** One face of a building: width, eaves, ridge, what it is made of and which way it faces. */
export function ElevationForm({ onBuild }: { onBuild: (room: Room) => void }) {
  const { site, rooms } = useFacts()
  const [name, setName] = useState(`${W.walk.elevation} ${rooms.length + 1}`)
  const [lengths, setLengths] = useState({
    width: '',
    eaves: '',
    ridge: '',
    lap: site.units === 'metric' ? '150 mm' : '6"',
  })
  const [facing, setFacing] = useState<keyof typeof FACINGS>('south')
  const [material, setMaterial] = useState<ElevationAnswers['material']>('lapped-boards')
  const [wrong, setWrong] = useState<string | null>(null)
  const build = () => {
    try {
      const mm = (text: string) => parseMm(text, site.units)
      onBuild(
        newElevation(newAreaId(), name.trim() || W.walk.elevation, {
          widthMm: mm(lengths.width),
          eavesMm: mm(lengths.eaves),
          ridgeMm: lengths.ridge.trim() === '' ? null : mm(lengths.ridge),
          facingDeg: FACINGS[facing],
          material,
          lapMm: mm(lengths.lap),
        }),
      )
    } catch (error) {
      setWrong(errorText(error))
    }
  }
  const length = (label: string, field: keyof typeof lengths, first = false) => (
    <Labelled label={label}>
      {(id) => (
        <input
          id={id}
          {...LENGTH_MARKS}
          className="field"
          autoFocus={first}
          value={lengths[field]}
          onChange={(event) => setLengths({ ...lengths, [field]: event.target.value })}
        />
      )}
    </Labelled>
  )
  const choice = <T extends string>(label: string, value: T, options: readonly T[], set: (value: T) => void) => (
    <Labelled label={label}>
      {(id) => (
        <select id={id} className="field" value={value} onChange={(event) => set(event.target.value as T)}>
          {options.map((each) => (
            <option key={each}>{each}</option>
          ))}
        </select>
      )}
    </Labelled>
  )
  return (
    <form
      className="grid grid-cols-2 gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        build()
      }}
    >
      <Labelled label={W.walk.name}>
        {(id) => <input id={id} className="field" value={name} onChange={(event) => setName(event.target.value)} />}
      </Labelled>
      {choice(W.walk.facingWay, facing, Object.keys(FACINGS) as (keyof typeof FACINGS)[], setFacing)}
      {length(W.walk.width, 'width', true)}
      {length(W.walk.eaves, 'eaves')}
      {length(W.walk.ridge, 'ridge')}
      {choice(W.walk.material, material, MATERIALS, setMaterial)}
      {material === 'lapped-boards' && length(W.walk.lap, 'lap')}
      {wrong && (
        <p role="alert" className="col-span-2 font-semibold text-act">
          {wrong}
        </p>
      )}
      <div className="col-span-2">
        <Button tone="act" type="submit">
          {W.walk.buildFront}
        </Button>
      </div>
    </form>
  )
}
