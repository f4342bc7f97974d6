import { useEffect, useState } from 'react'

/** The picture's address on this device, given back when another is taken. */
export function usePicture() {
  const [value, setValue] = useState<string | null>(null)
  useEffect(() => (value === null ? undefined : () => URL.revokeObjectURL(value)), [value])
  return { value, set: (file: File) => setValue(URL.createObjectURL(file)) }
}
