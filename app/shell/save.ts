const safeName = (name: string): string =>
  name
    .replace(/[^\p{L}\p{N} ._-]/gu, '')
    .trim()
    .replace(/\s+/g, '-') || 'workspace.json'

/** Offers text or bytes as a file to save, under a name without characters that file systems refuse. */
export function saveText(name: string, data: string | Uint8Array, type: string): void {
  const url = URL.createObjectURL(new Blob([data as BlobPart], { type }))
  const link = document.createElement('a')
  link.href = url
  link.download = safeName(name)
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}

type SavePicker = (options: object) => Promise<FileSystemFileHandle>

/** Saves where the user says, if the browser lets a page ask (File System Access), else as a download. False when the user left the question. */
export async function saveFile(
  name: string,
  data: string | Uint8Array,
  type: string
): Promise<boolean> {
  const picker = (window as unknown as { showSaveFilePicker?: SavePicker }).showSaveFilePicker
  if (!picker) {
    saveText(name, data, type)
    return true
  }
  try {
    const ending = `.${name.split('.').at(-1) ?? 'json'}`
    const handle = await picker.call(window, {
      suggestedName: safeName(name),
      types: [{ accept: { [type]: [ending] } }]
    })
    const stream = await handle.createWritable()
    await stream.write(data as FileSystemWriteChunkType)
    await stream.close()
    return true
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') return false
    saveText(name, data, type)
    return true
  }
}

/** The page as it stands, on paper. */
export const printPage = (): void => window.print()
