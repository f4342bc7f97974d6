import { W } from '../../app/words'

/** Takes a photograph or has one chosen. */
export function PicturePicker({ onPick }: { readonly onPick: (file: File) => void }) {
  return (
    <label className="field flex min-h-11 w-fit cursor-pointer items-center px-4 font-semibold">
      {W.lines.photoPick}
      <input
        type="file"
        accept="image/*"
        className="sr-only"
        onChange={(event) => {
          const file = event.target.files?.[0]
          if (file) onPick(file)
        }}
      />
    </label>
  )
}
