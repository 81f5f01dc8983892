import { issue, ok, refused, type Result } from '../../core/kernel'
import type { Photo } from '../../core/workspace'

/** The longest side a photo is kept at, pixels: enough to read a receipt. */
const LONGEST_PX = 1600
const QUALITY = 0.82
/** Larger files are not decoded, bytes. */
const LARGEST = 60_000_000

export interface Taken extends Pick<Photo, 'type' | 'widthPx' | 'heightPx'> {
  readonly data: Uint8Array
}

/** A picture made smaller and written anew as JPEG, so that nothing else the camera wrote into it (place, time) is kept. Codes `photo.unreadable`, `photo.too-large`. */
export async function takePhoto(file: File): Promise<Result<Taken>> {
  if (file.size > LARGEST)
    return refused(issue('photo.too-large', [], { size: file.size, limit: LARGEST }))
  try {
    const picture = await createImageBitmap(file, { imageOrientation: 'from-image' })
    const scale = Math.min(1, LONGEST_PX / Math.max(picture.width, picture.height))
    const [widthPx, heightPx] = [
      Math.max(1, Math.round(picture.width * scale)),
      Math.max(1, Math.round(picture.height * scale))
    ]
    const canvas = document.createElement('canvas')
    canvas.width = widthPx
    canvas.height = heightPx
    const context = canvas.getContext('2d')
    if (!context) return refused(issue('photo.unreadable'))
    context.imageSmoothingQuality = 'high'
    // A picture with holes in it stands on paper, not on black.
    context.fillStyle = 'white'
    context.fillRect(0, 0, widthPx, heightPx)
    context.drawImage(picture, 0, 0, widthPx, heightPx)
    picture.close()
    const blob = await new Promise<Blob | null>((resolve) =>
      canvas.toBlob(resolve, 'image/jpeg', QUALITY)
    )
    return blob
      ? ok({
          type: 'image/jpeg',
          widthPx,
          heightPx,
          data: new Uint8Array(await blob.arrayBuffer())
        })
      : refused(issue('photo.unreadable'))
  } catch {
    return refused(issue('photo.unreadable'))
  }
}
