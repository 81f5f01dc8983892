import { inSpecies, type Joint, type Library, type MaterialLine, type Step } from '../catalogue'
import { distinct, groupBy, issue, sumOf, type Issue } from '../kernel'
import { type Layout } from './layout'
import { materialFor, type Part } from './part'
import type { UnitSystem } from '../units'
import { Steps, round1, stripsOf, round3, sheetTimber, solidTimber } from './timber-needed'

/** Timber for one material of a build. */
export interface TimberLine {
  readonly material: string
  /** Ids of the parts cut from it. */
  readonly parts: readonly string[]
  readonly pieces: number
  /** Of the finished parts. */
  readonly areaM2: number
  readonly volumeM3: number
  readonly boardFeet: number
  /** In the material's own unit, waste allowance included; whole sheets. */
  readonly quantity: number
  readonly wasteShare: number
  readonly layout?: Layout | undefined
}

export interface Derived {
  readonly steps: readonly Step[]
  readonly materials: readonly MaterialLine[]
  readonly timber: readonly TimberLine[]
  /** Things to look at: a part larger than its sheet, a thickness nobody sells. */
  readonly notes: readonly Issue[]
}

export interface DeriveOptions {
  /** Whose timber sizes: planed metric sections, or nominal inches. */
  readonly units?: UnitSystem | undefined
  /** Width of a saw cut, mm. */
  readonly kerfMm?: number
  /** Layouts worked out already, by material; the quick ones are used otherwise. */
  readonly layouts?: ReadonlyMap<string, Layout>
  /** Errors the piece forgives, mm. */
  readonly accuracyMm?: { readonly sheet: number; readonly solid: number; readonly joined: number }
}
/** Screws in a screwed joint, and what else is driven with a pocket joint is part of that operation. */
const SCREWS_PER_JOINT = 2

const JOINT_OPERATION: Readonly<Record<Joint, string | undefined>> = {
  screwed: 'drive',
  nailed: 'tack',
  pocket: 'join-pocket',
  dowel: 'join-dowel',
  biscuit: 'join-biscuit',
  'loose-tenon': 'join-loose-tenon',
  'mortise-tenon': 'cut-mortise',
  'half-lap': 'cut-half-lap',
  dado: 'cut-dado',
  rebate: 'cut-rebate',
  groove: 'groove-edge',
  'box-joint': 'cut-box-joint',
  dovetail: 'cut-dovetail',
  mitre: 'crosscut-angle',
  'keyed-mitre': 'key-mitre',
  'edge-glue': undefined,
  laminated: undefined
}
/** The operation a joint is made by; undefined where gluing up is all of it. */
export const jointOperation = (joint: Joint): string | undefined => JOINT_OPERATION[joint]

/** Joints that are glued up as a case or frame. */
const GLUED: ReadonlySet<Joint> = new Set([
  'dowel',
  'biscuit',
  'loose-tenon',
  'mortise-tenon',
  'half-lap',
  'dado',
  'rebate',
  'box-joint',
  'dovetail',
  'mitre',
  'keyed-mitre'
])

/** Metres of one joint: along the part's width for housings, along its length for grooves and rebates. */
const jointQuantity = (joint: Joint, part: Part): number =>
  joint === 'screwed' || joint === 'nailed'
    ? SCREWS_PER_JOINT
    : joint === 'dado'
      ? part.widthMm / 1000
      : joint === 'groove' || joint === 'rebate'
        ? part.lengthMm / 1000
        : joint === 'mitre'
          ? 2
          : 1
const edgeMetres = (part: Part): number => {
  if (!part.edges) return 0
  const long = part.lengthMm / 1000
  return part.edges.run === 'front'
    ? long
    : part.edges.run === 'long'
      ? 2 * long
      : 2 * (long + part.widthMm / 1000)
}

function jointSteps(steps: Steps, parts: readonly Part[]): void {
  for (const part of parts)
    for (const { joint, count } of part.joints) {
      const operation = jointOperation(joint)
      if (operation !== undefined)
        steps.add(
          operation,
          count * part.quantity * jointQuantity(joint, part),
          { widthMm: Math.round(part.widthMm), thicknessMm: round1(part.thicknessMm) },
          joint === 'mitre' || joint === 'keyed-mitre' ? 0.8 : undefined
        )
      if (joint === 'screwed') steps.add('countersink', count * part.quantity * SCREWS_PER_JOINT)
      if (joint === 'mortise-tenon' || joint === 'dovetail')
        steps.add('gauge-lines', count * part.quantity, {
          widthMm: Math.round(part.widthMm),
          thicknessMm: round1(part.thicknessMm)
        })
    }
  const glued = parts.filter(({ joints }) => joints.some(({ joint }) => GLUED.has(joint)))
  if (glued.length > 0) {
    // Clamps press along the parts that end in a joint; those that only take others in, in housings, lie under the clamp's heads.
    const ending = parts.filter(({ joints }) => !joints.some(({ joint }) => HOUSING.has(joint)))
    steps.add('glue-up-case', 1, {
      lengthMm: Math.round(
        Math.max(...(ending.length > 0 ? ending : glued).map(({ lengthMm }) => lengthMm))
      )
    })
    steps.add('check-square', 1)
  }
}

/** Joints cut into a part for another one to sit in. */
const HOUSING: ReadonlySet<Joint> = new Set(['dado', 'rebate', 'groove'])

const FIXINGS: readonly (readonly [Joint, string, number])[] = [
  ['screwed', 'screws', 0.01],
  ['nailed', 'brads', 0.01],
  ['pocket', 'pocket-screws', 0.02],
  ['dowel', 'dowels', 0.04],
  ['biscuit', 'biscuits', 0.02]
]

/** Fixings, glue and finish: packs per joint, a quarter litre of glue per four square metres joined, a litre of finish for twelve square metres. */
function sundries(parts: readonly Part[], sandedM2: number): MaterialLine[] {
  const joints = (wanted: (joint: Joint) => boolean): number =>
    sumOf(
      parts,
      (part) =>
        part.quantity * sumOf(part.joints, ({ joint, count }) => (wanted(joint) ? count : 0))
    )
  const glued =
    joints((joint) => GLUED.has(joint)) +
    sumOf(parts, (part) => part.quantity * (stripsOf(part).count - 1) * 2)
  const lines = FIXINGS.map(([joint, material, per]): MaterialLine => ({
    material,
    quantity: round3(joints((one) => one === joint) * per)
  }))
  const band = sumOf(parts, (part) =>
    part.edges?.work === 'band' ? edgeMetres(part) * part.quantity : 0
  )
  return [
    ...lines,
    { material: 'edge-band', quantity: round3(band) },
    { material: 'glue', quantity: round3(glued * 0.03) },
    { material: 'oil', quantity: round3(sandedM2 / 12) }
  ].filter(({ quantity }) => quantity > 0)
}

/**
 * Steps, timber and sundries of one copy of a build, worked out from its cut list and meant to be corrected. Crosscuts, rips, sheet
 * break-down, milling when rough, glue-ups where wider than the stock, joints, edges, sanding and finish. Common practice.
 */
export function derive(
  library: Library,
  parts: readonly Part[],
  options: DeriveOptions = {}
): Derived {
  const steps = new Steps()
  const notes: Issue[] = []
  steps.add(
    'measure',
    sumOf(parts, ({ quantity }) => quantity)
  )
  const found = parts.map((part) => ({ part, material: materialFor(library, part, options.units) }))
  for (const { part, material } of found)
    if (!material)
      notes.push(
        issue('cut.no-material', ['parts', part.id], {
          part: part.name,
          thicknessMm: part.thicknessMm,
          stock: part.stock
        })
      )
  const timber = [
    ...groupBy(
      found.flatMap(({ part, material }) => (material ? [{ part, material }] : [])),
      ({ material }) => material
    )
  ].map(([material, rows]) => {
    const cut = rows.map(({ part }) => part)
    return material.stock?.kind === 'sheet'
      ? sheetTimber(steps, material, cut, options, notes)
      : solidTimber(steps, material, cut, options)
  })
  jointSteps(steps, parts)
  for (const work of distinct(parts.flatMap(({ edges }) => edges?.work ?? [])))
    steps.add(
      work === 'band' ? 'band-edge' : 'profile-edge',
      sumOf(parts, (part) => (part.edges?.work === work ? edgeMetres(part) * part.quantity : 0))
    )
  const sandedM2 = sumOf(parts, (part) => (2 * part.quantity * part.lengthMm * part.widthMm) / 1e6)
  steps.add('sand-flat', sandedM2)
  steps.add('finish', sandedM2)
  return {
    steps: inSpecies(
      steps.ordered(library),
      timber.flatMap(({ material: id, quantity }) => {
        const material = library.materials.get(id)
        return material ? [{ material, quantity }] : []
      })
    ),
    materials: [
      ...timber
        .filter(({ quantity }) => quantity > 0)
        .map(({ material, quantity }) => ({ material, quantity })),
      ...sundries(parts, sandedM2)
    ],
    timber,
    notes
  }
}
