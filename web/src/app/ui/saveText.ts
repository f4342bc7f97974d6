/** Hands a text to the browser to be saved as a file. */
export function saveText(name: string, text: string, type: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }))
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  // The click has read the address by the next turn of the loop.
  setTimeout(() => URL.revokeObjectURL(url), 0)
}
