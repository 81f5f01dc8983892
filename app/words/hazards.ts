import type { HazardClass } from '../../core/catalogue'
import { said } from './language'

export const hazards: Readonly<Record<HazardClass, string>> = said('hazards', {
  'sharp-edge': 'hand edges',
  'spinning-bit': 'turning bits',
  'hand-blade': 'hand-held saw blades',
  'fixed-blade': 'fixed saw blades',
  'router-bit': 'router bits',
  'feed-rollers': 'planing machines',
  'fired-nail': 'nail guns',
  dust: 'fine dust'
})
