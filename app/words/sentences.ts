import type { Code, Figure, Findings } from '../../core/kernel'
import type { Say } from './say'

/** A sentence for every finding, given its figures. */
export type Sentences = {
  readonly [C in Code]: (say: Say, f: Findings[C]) => string
}

/** A figure as text, as a number, in quotation marks; empty or nothing where it is not known. */
export const t = (value: Figure | undefined): string => String(value ?? '')
export const n = (value: Figure | undefined): number => Number(value ?? 0)
export const quoted = (value: Figure | undefined): string => `“${t(value)}”`
