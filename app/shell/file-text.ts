import type { Result } from '../../core/kernel'
import { formats } from '../stores/storage-here'

/** The text of a chosen file; code `file.not-text` where its bytes are none, nothing where the system does not hand it out. */
export async function fileText(file: File): Promise<Result<string>> {
  const { textOf } = await formats()
  return textOf(new Uint8Array(await file.arrayBuffer().catch(() => new ArrayBuffer())))
}
