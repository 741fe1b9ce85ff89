/** Hands a text, or what stands for one, to the user as a file. */
export function download(name: string, type: string, text: BlobPart) {
  const url = URL.createObjectURL(new Blob([text], { type }))
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}
