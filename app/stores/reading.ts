import { refused, type Result } from '../../core/kernel'
import type { FileRead } from '../workers/protocol'
import { askCore } from './asking'

/** Reads a workspace file, alone or in a zip, in a worker of its own that ends with the answer. */
export const readFileApart = (bytes: Uint8Array): Promise<Result<FileRead>> =>
  new Promise((resolve) => {
    const reader = askCore()
    const end = (result: Result<FileRead>): void => {
      reader.stop()
      resolve(result)
    }
    reader.ask('read-file', { bytes }, undefined, {
      answer: end,
      failed: (trouble) => end(refused(trouble))
    })
  })
