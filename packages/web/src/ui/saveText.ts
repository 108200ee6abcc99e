/** Hands a text to the reader as a file that spreadsheets take for Unicode. */
export const saveText = (text: string, name: string, mediaType: string): void =>
  saveFile(new Blob([`\uFEFF${text}`], { type: `${mediaType};charset=utf-8` }), name)

/** Hands a file to the reader. */
export function saveFile(file: Blob, name: string): void {
  const url = URL.createObjectURL(file)
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}
