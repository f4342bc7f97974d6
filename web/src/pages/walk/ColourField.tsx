import { W } from '../../app/words'

/** A colour for drawings. */
export function ColourField({ value, onChange }: { value: string; onChange: (value: string) => void }) {
  return (
    <label className="block">
      <span className="mb-0.5 block text-[0.82rem] text-soft">{W.walk.onDrawings}</span>
      <input
        type="color"
        className="h-[2.1rem] w-full border border-seam bg-sheet p-0.5"
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    </label>
  )
}
