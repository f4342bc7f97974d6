import { W, wordText } from '../../app/words'
import { TEXTURES, type Texture } from '@crisp-hem/core'
import { TextureSwatch } from '../../app/drawing/TextureSwatch'

/** Textures by their looks. */
export function TexturePicker({ value, onCommit }: { value: Texture; onCommit: (texture: Texture) => void }) {
  return (
    <fieldset className="col-span-2">
      <legend className="mb-0.5 text-[0.82rem] text-soft">
        {W.walk.texture}: <b className="text-ink">{wordText('texture', value)}</b>
      </legend>
      <div className="flex flex-wrap gap-1">
        {TEXTURES.map((texture) => (
          <label
            key={texture}
            title={wordText('texture', texture)}
            className="cursor-pointer has-checked:outline-3 has-checked:outline-ink"
          >
            <input
              type="radio"
              name="texture"
              className="peer sr-only"
              aria-label={wordText('texture', texture)}
              checked={texture === value}
              onChange={() => onCommit(texture)}
            />
            <span className="block peer-focus-visible:outline-3 peer-focus-visible:outline-offset-2">
              <TextureSwatch texture={texture} size={28} />
            </span>
          </label>
        ))}
      </div>
    </fieldset>
  )
}
