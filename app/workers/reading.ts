import { ok, type Result } from '../../core/kernel'
import { library } from '../../data'
import type { FileRead } from './shapes'
import type { Answerers } from './serve'

/** Files are taken apart and checked beside the page: a large or a spiteful one keeps nobody waiting. */
export const reading = {
  async 'read-file'(_about, { bytes }, send) {
    const { isZip, readWorkspace, readZip, textOf } = await import('../../core/formats')
    const apart = isZip(bytes) ? await readZip(bytes) : withoutPhotos(textOf(bytes))
    if (!apart.ok) return send(apart)
    const read = readWorkspace(apart.value.text, library)
    send(read.ok ? ok({ ...read.value, photos: apart.value.photos }) : read)
  }
} satisfies Answerers

const withoutPhotos = (
  text: Result<string>
): Result<{ readonly text: string; readonly photos: FileRead['photos'] }> =>
  text.ok ? ok({ text: text.value, photos: [] }) : text
