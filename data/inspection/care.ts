import type { CareTask } from '../../core/inspection'

const EDGES = [
  'jack-plane',
  'smoothing-plane',
  'block-plane',
  'pull-plane',
  'jointer-plane',
  'shoulder-plane',
  'rebate-plane',
  'plough-plane',
  'router-plane',
  'spokeshave',
  'drawknife',
  'chisels',
  'pull-chisels',
  'mortise-chisel',
  'gouges',
  'carving-knife',
  'hook-knife',
  'turning-tools'
]
const ROUND_BLADES = [
  'circular-saw',
  'circular-saw-small',
  'rail-saw',
  'mitre-saw',
  'mitre-saw-small',
  'mitre-saw-large',
  'table-saw',
  'cabinet-saw'
]
const BAND_SAWS = ['band-saw', 'band-saw-small']
const KNIVES = ['jointer', 'combined-planer', 'thicknesser']
const CORDED = [
  'circular-saw',
  'jigsaw',
  'rail-saw',
  'ro-sander',
  'palm-sander',
  'belt-sander',
  'trim-router',
  'plunge-router',
  'power-planer',
  'biscuit-joiner',
  'multi-tool',
  'angle-grinder'
]
const GEARED = ['table-saw', 'cabinet-saw', 'mitre-saw', 'mitre-saw-large', 'drill-press', ...KNIVES]
const IRON = ['table-saw', 'cabinet-saw', 'drill-press', 'drill-press-floor', ...BAND_SAWS, ...KNIVES]
const PACKS = ['drill-driver', 'impact-driver', 'hammer-drill', 'battery-set']

/**
 * Care by hours of use and by time. The hours are those after which somebody notices it, the minutes those of a hobby shop; common practice, and
 * behind the manual of each tool.
 */
export const careTasks: readonly CareTask[] = [
  { id: 'strop', tools: EDGES, everyHours: 1, minutes: 2, edge: true },
  { id: 'sharpen', tools: EDGES, everyHours: 4, minutes: 20, edge: true },
  { id: 'pitch', tools: ROUND_BLADES, everyHours: 10, minutes: 15, edge: true },
  {
    id: 'round-blade',
    tools: ROUND_BLADES,
    everyHours: 40,
    minutes: 5,
    uses: ['saw-blade', 'bench-saw-blade', 'saw-blade-254', 'saw-blade-305'],
    edge: true
  },
  {
    id: 'band-blade',
    tools: BAND_SAWS,
    everyHours: 25,
    minutes: 10,
    uses: ['band-saw-blades'],
    edge: true
  },
  {
    id: 'jig-blade',
    tools: ['jigsaw'],
    everyHours: 5,
    minutes: 2,
    uses: ['jigsaw-blades'],
    edge: true
  },
  { id: 'knives', tools: KNIVES, everyHours: 40, minutes: 60, edge: true },
  {
    id: 'router-bit',
    tools: ['trim-router', 'plunge-router'],
    everyHours: 10,
    minutes: 10,
    uses: ['router-bits', 'router-bits-large'],
    edge: true
  },
  { id: 'stone-flat', tools: ['sharpening-stone'], everyMonths: 3, minutes: 10 },
  { id: 'blow-out', tools: CORDED, everyHours: 10, minutes: 3 },
  { id: 'brushes', tools: CORDED, everyHours: 80, everyMonths: 36, minutes: 15 },
  { id: 'dry-lube', tools: GEARED, everyHours: 25, everyMonths: 12, minutes: 15 },
  { id: 'belt', tools: [...IRON, 'lathe'], everyMonths: 12, minutes: 10 },
  { id: 'empty', tools: ['vacuum', 'chip-extractor'], everyHours: 4, minutes: 5 },
  { id: 'filter', tools: ['vacuum', 'chip-extractor', 'air-cleaner'], everyHours: 15, everyMonths: 12, minutes: 10 },
  { id: 'half-charge', tools: PACKS, everyMonths: 4, minutes: 5 },
  {
    id: 'rust',
    tools: [...IRON, 'jack-plane', 'smoothing-plane', 'jointer-plane', 'block-plane', 'chisels'],
    everyMonths: 4,
    minutes: 10
  },
  {
    id: 'screws',
    tools: ['f-clamp-600', 'f-clamp-300', 'pipe-clamp-900', 'parallel-clamp-600', 'bench-vice', 'front-vice'],
    everyMonths: 12,
    minutes: 10
  }
]
