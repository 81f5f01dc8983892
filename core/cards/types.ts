/** What is said of a tool so that one knows it in the shop: common practice of the trade; lengths in millimetres and metres. */
export interface ToolCard {
  /** What it is for, in one sentence. */
  readonly use: string
  /** What to look at when buying one. */
  readonly look: readonly [string, string, string]
  /** The size to get, and why. */
  readonly size?: string | undefined
  /** What goes wrong the first time. */
  readonly mistake: string
  readonly care: string
}

/** What is said of a piece of work. */
export interface WorkCard {
  readonly use: string
  readonly mistake: string
}

/** What is said of a material. */
export interface StockCard {
  readonly use: string
  readonly look: readonly [string, string, string]
  readonly mistake: string
}

/** What has a card. */
export const CARD_KINDS = ['tool', 'operation', 'method', 'material', 'hazard'] as const
export type CardKind = (typeof CARD_KINDS)[number]
