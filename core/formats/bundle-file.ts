import { Uint8ArrayReader, ZipReader, type FileEntry } from '@zip.js/zip.js/lib/zip-core-custom.js'
import { strToU8, zipSync } from 'fflate'
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
const MOST_BYTES = 600_000_000
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

/** A listing as a zip: its text as plain text and Markdown, and its pictures in their order. */
export function writeListingZip(
  { text, markdown }: { readonly text: string; readonly markdown: string },
  photos: readonly (PhotoFile & Pick<Photo, 'type'>)[]
): Uint8Array {
  const files: Record<string, [Uint8Array, { level: 0 | 6; mtime: Date }]> = {
    'listing.txt': [strToU8(text), { level: 6, mtime: FIXED }],
    'listing.md': [strToU8(markdown), { level: 6, mtime: FIXED }]
  }
  photos.forEach(({ bytes, type }, i) => {
    files[listingPicture(i, type)] = [bytes, { level: 0, mtime: FIXED }]
  })
  return zipSync(files)
}
/** The name of a listing's picture beside its text. */
export const listingPicture = (at: number, type: Photo['type']): string =>
  `picture-${at + 1}.${ENDINGS[type]}`

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

/** What a zip holds: the workspace's text and the pictures that are whole. */
export interface ReadZip {
  readonly text: string
  readonly photos: readonly PhotoFile[]
}

/** An entry's bytes, counted while they are unpacked: what a zip says of their size may be wrong. Undefined beyond the limit. */
async function unpacked(entry: FileEntry, limit: number): Promise<Uint8Array | undefined> {
  const pieces: Uint8Array[] = []
  let size = 0
  const stop = new AbortController()
  const writable = new WritableStream<Uint8Array>({
    write(piece) {
      size += piece.length
      if (size > limit) stop.abort()
      else pieces.push(piece)
    }
  })
  try {
    await entry.getData({ writable }, { ...READING, signal: stop.signal })
  } catch (error) {
    if (size <= limit) throw error
  }
  if (size > limit) return undefined
  const whole = new Uint8Array(size)
  let at = 0
  for (const piece of pieces) {
    whole.set(piece, at)
    at += piece.length
  }
  return whole
}
/** Checksums are compared, and entries that share bytes refused; all in this thread, with the engine's own unpacking. */
const READING = { checkSignature: true, checkOverlappingEntry: true, useWebWorkers: false }

const tooLarge = (): Result<never> => refused(issue('zip.too-large', [], { limit: MOST_BYTES }))
/** The id a picture's name in the zip stands for. */
function photoId(name: string): string | undefined {
  try {
    const coded = /^photos\/([^/\\]+)\.(?:jpg|png|webp)$/.exec(name)?.[1]
    return coded === undefined ? undefined : decodeURIComponent(coded)
  } catch {
    return undefined
  }
}

async function photosIn(
  entries: readonly FileEntry[],
  left: number
): Promise<readonly PhotoFile[] | undefined> {
  const photos: PhotoFile[] = []
  let room = left
  for (const entry of entries) {
    const id = photoId(entry.filename)
    if (id === undefined) continue
    // A picture whose checksum does not hold is left out, like one that is not there.
    let bytes: Uint8Array | undefined
    try {
      bytes = await unpacked(entry, Math.min(LARGEST_PHOTO, room))
    } catch {
      continue
    }
    if (!bytes) return undefined
    room -= bytes.length
    if (pictureType(bytes) !== undefined) photos.push({ id, bytes })
  }
  return photos
}

/**
 * Takes a zip apart. Bytes are counted while they are unpacked and compared with their checksums; files that are neither the workspace
 * nor a whole picture are left out.
 * Codes: `zip.unreadable`, `zip.damaged`, `zip.no-workspace`, `zip.too-large`, `file.not-text`
 */
export async function readZip(bytes: Uint8Array): Promise<Result<ReadZip>> {
  let entries: readonly FileEntry[]
  try {
    const all = await new ZipReader(new Uint8ArrayReader(bytes), READING).getEntries()
    entries = all.filter((entry): entry is FileEntry => !entry.directory)
  } catch {
    return refused(issue('zip.unreadable'))
  }
  if (entries.length > MOST_FILES) return tooLarge()
  const head = entries.find(({ filename }) => filename === WORKSPACE_NAME)
  if (!head) return refused(issue('zip.no-workspace'))
  let data: Uint8Array | undefined
  try {
    data = await unpacked(head, Math.min(LARGEST_FILE, MOST_BYTES))
  } catch {
    return refused(issue('zip.damaged'))
  }
  if (!data) return tooLarge()
  const text = textOf(data)
  if (!text.ok) return text
  const photos = await photosIn(entries, MOST_BYTES - data.length)
  return photos ? ok({ text: text.value, photos }) : tooLarge()
}
