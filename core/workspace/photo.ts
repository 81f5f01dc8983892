/** A picture of a receipt or a tool, by the ledger entry it belongs to, or of a build for sale. The picture itself is kept beside the workspace, never in it. */
export interface Photo {
  readonly id: string
  readonly entry?: string | undefined
  readonly build?: string | undefined
  readonly type: 'image/jpeg' | 'image/png' | 'image/webp'
  readonly widthPx: number
  readonly heightPx: number
  readonly bytes: number
}
