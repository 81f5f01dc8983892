/** Offers text as a file to save, under a name without characters that file systems refuse. */
export function saveText(name: string, text: string, type: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }))
  const link = document.createElement('a')
  link.href = url
  link.download = name.replace(/[^\p{L}\p{N} ._-]/gu, '').trim().replace(/\s+/g, '-') || 'workspace.json'
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}
