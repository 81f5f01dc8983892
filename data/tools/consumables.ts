import { byHand, tool } from '../write'
import type { Tool } from '../../core/catalogue'

/** What is used up. @param lifeHours of running with it, weekend tier */
const worn = (id: string, name: string, aliases: string[], points: number, lifeHours: number): Tool =>
  tool({
    id,
    name,
    aliases,
    group: 'accessories',
    kind: 'accessory',
    roles: [],
    forms: byHand(points),
    lifeHours: { getBy: lifeHours / 2, weekend: lifeHours, trade: lifeHours * 1.5 }
  })

/** Abrasives, blades, burrs and knives: hours are those of running, common practice. */
export const consumablesTools: readonly Tool[] = [
  worn('abrasive-sheets', 'Abrasive sheets, three grits', ['sandpaper', 'glasspaper'], 8, 8),
  worn('detail-sheets', 'Sheets for a detail sander', ['triangle sheets', 'delta sheets'], 9, 6),
  worn('spindle-sleeves', 'Spindle sleeves, set', ['bobbin sleeves'], 18, 20),
  worn('drum-strips', 'Drum-sander strips, two grits', ['sanding strips'], 26, 20),
  worn('multi-tool-blades', 'Multi-tool blades, assorted', ['plunge blades'], 18, 5),
  worn('scroll-blades', 'Scroll-saw blades, dozen', ['fret blades'], 8, 10),
  worn('rotary-burrs', 'Burrs and drums for a rotary tool', ['carving burrs'], 14, 10),
  worn('planer-knives', 'Planer knives, pair', ['cutter knives', 'jointer knives'], 26, 40)
]
