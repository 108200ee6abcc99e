/** Hands a text to the reader as a file. */
export function saveText(text: string, name: string, mediaType: string): void {
  const url = URL.createObjectURL(new Blob([`\uFEFF${text}`], { type: `${mediaType};charset=utf-8` }))
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}
