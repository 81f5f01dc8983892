import type { Figure } from '../../../core/kernel'
import { t } from '../sentences'

export { n, t, type Sentences } from '../sentences'
/** A figure in German quotation marks. */
export const quoted = (value: Figure | undefined): string => `„${t(value)}“`
