import { strToU8, unzipSync, zipSync } from 'fflate'
import { issue, ok, refused, type Result } from '../kernel'
import { textOf } from './json'
import type { Photo } from '../workspace'
import { LARGEST_FILE } from './json'

/** A workspace file with its photos: a zip that holds `workspace.json` and `photos/<id>.jpg`, `.png` or `.webp`. */
const WORKSPACE_NAME = 'workspace.json'
const ENDINGS: Readonly<Record<Photo['type'], string>> = {
  'image/jpeg': 'jpg',
  'image/png': 'png',
  'image/webp': 'webp'
}

/** Largest photo taken from a zip, and the most all together may take, bytes. */
export const LARGEST_PHOTO = 20_000_000
const MOST_BYTES = 500_000_000
const MOST_FILES = 20_001

export interface PhotoFile {
  readonly id: string
  readonly bytes: Uint8Array
}

/** The moment written into every zip, so that equal contents give equal files. */
const FIXED = new Date(Date.UTC(2026, 0, 1, 12))

export function writeZip(
  workspaceText: string,
  photos: readonly (PhotoFile & Pick<Photo, 'type'>)[]
): Uint8Array {
  const files: Record<string, [Uint8Array, { level: 0 | 6; mtime: Date }]> = {
    [WORKSPACE_NAME]: [strToU8(workspaceText), { level: 6, mtime: FIXED }]
  }
  // Pictures are packed already.
  for (const { id, bytes, type } of photos)
    files[`photos/${encodeURIComponent(id)}.${ENDINGS[type]}`] = [bytes, { level: 0, mtime: FIXED }]
  return zipSync(files)
}

export const isZip = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b

/** What the first bytes of a picture say it is; undefined for anything but the three kinds that are taken. */
export function pictureType(bytes: Uint8Array): Photo['type'] | undefined {
  const begins = (...first: number[]): boolean => first.every((value, i) => bytes[i] === value)
  if (begins(0xff, 0xd8, 0xff)) return 'image/jpeg'
  if (begins(0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a)) return 'image/png'
  return begins(0x52, 0x49, 0x46, 0x46) &&
    [0x57, 0x45, 0x42, 0x50].every((value, i) => bytes[8 + i] === value)
    ? 'image/webp'
    : undefined
}

/**
 * Takes a zip apart. Sizes are looked at before anything is unpacked; files that are neither the workspace nor a picture are left out.
 * Codes: `zip.unreadable`, `zip.no-workspace`, `zip.too-large`
 */
export function readZip(
  bytes: Uint8Array
): Result<{ readonly text: string; readonly photos: readonly PhotoFile[] }> {
  let [total, count, tooLarge] = [0, 0, false]
  let files: Record<string, Uint8Array>
  try {
    files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        const wanted = name === WORKSPACE_NAME || /^photos\/[^/\\]+\.(jpg|png|webp)$/.test(name)
        if (!wanted) return false
        total += originalSize
        count += 1
        const fits =
          originalSize <= (name === WORKSPACE_NAME ? LARGEST_FILE : LARGEST_PHOTO) &&
          total <= MOST_BYTES &&
          count <= MOST_FILES
        tooLarge ||= !fits
        return fits
      }
    })
  } catch {
    return refused(issue('zip.unreadable'))
  }
  if (tooLarge) return refused(issue('zip.too-large', [], { limit: MOST_BYTES }))
  const workspace = files[WORKSPACE_NAME]
  if (!workspace) return refused(issue('zip.no-workspace'))
  const photos = Object.entries(files).flatMap(([name, data]): PhotoFile[] => {
    const id = /^photos\/(.+)\.[a-z]+$/.exec(name)?.[1]
    if (id === undefined || pictureType(data) === undefined) return []
    try {
      return [{ id: decodeURIComponent(id), bytes: data }]
    } catch {
      return []
    }
  })
  const text = textOf(workspace)
  return text.ok ? ok({ text: text.value, photos }) : text
}
