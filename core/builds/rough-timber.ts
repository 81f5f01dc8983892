import type { Build } from './build'
import type { Library, Material, Step } from '../catalogue'
import { leastBy } from '../kernel'

/** Lost to sawing out knots, ends and planing when boards are bought rough: a fifth on top. Common practice, 15 to 30 %. */
const ROUGH_WASTE = 0.2

/** A build made of rough boards where it would be made of planed ones. */
export interface RoughVariant {
  readonly build: Build
  /** Planed board it replaces, metres for one copy. */
  readonly metres: number
}

const MILLIMETRES = 1000

/** Metres and square metres of board in a quantity of planed timber, by its own section. */
function boardOf(material: Material, quantity: number): { metres: number; m2: number } | undefined {
  const { widthMm, thicknessMm } = material.stock ?? {}
  if (widthMm === undefined || thicknessMm === undefined) return undefined
  const width = widthMm / MILLIMETRES
  const metres =
    material.unit === 'metre'
      ? quantity
      : material.unit === 'm2'
        ? quantity / width
        : material.unit === 'm3'
          ? quantity / (width * (thicknessMm / MILLIMETRES))
          : undefined
  return metres === undefined ? undefined : { metres, m2: metres * width }
}

/** Strips and thin stuff are never cheaper sawn and milled from rough boards by oneself. Common practice. */
const SMALL_WIDTH_MM = 100
const SMALL_THICKNESS_MM = 18
const isSmall = ({ stock }: Material): boolean =>
  (stock?.widthMm ?? Infinity) < SMALL_WIDTH_MM ||
  (stock?.thicknessMm ?? Infinity) < SMALL_THICKNESS_MM

const known = new WeakMap<Library, WeakMap<Build, { variant: RoughVariant | undefined }>>()

/**
 * What a build becomes when its planed boards are bought rough: cheaper timber, and one face to flatten, the other to bring to
 * thickness and an edge to straighten. Undefined where it has no planed boards, or nothing rough is sold by the same unit.
 */
export function roughVariant(library: Library, build: Build): RoughVariant | undefined {
  const perLibrary =
    known.get(library) ?? new WeakMap<Build, { variant: RoughVariant | undefined }>()
  known.set(library, perLibrary)
  const present = perLibrary.get(build)
  if (present) return present.variant
  const variant = build.log === undefined ? makeVariant(library, build) : undefined
  perLibrary.set(build, { variant })
  return variant
}

function makeVariant(library: Library, build: Build): RoughVariant | undefined {
  const steps: Step[] = []
  let metres = 0
  const materials = build.materials.map((line) => {
    const planed = library.materials.get(line.material)
    if (planed?.stock?.kind !== 'hardwood-surfaced' || isSmall(planed)) return line
    const rough = leastBy(
      [...library.materials.values()].filter(
        ({ unit, stock }) => unit === planed.unit && stock?.kind === 'hardwood-rough'
      ),
      ({ points }) => points
    )
    const board = boardOf(planed, line.quantity)
    if (!rough || !board) return line
    const stock = {
      lengthMm: MILLIMETRES,
      widthMm: rough.stock?.widthMm,
      thicknessMm: rough.stock?.thicknessMm
    }
    const id = `rough-${steps.length}`
    steps.push(
      { id: `${id}-flatten`, operation: 'flatten', quantity: board.m2, stock, spared: true },
      { id: `${id}-thickness`, operation: 'thickness', quantity: board.m2, stock, spared: true },
      {
        id: `${id}-edge`,
        operation: 'straighten-edge',
        quantity: board.metres,
        stock,
        spared: true
      }
    )
    metres += board.metres
    return { material: rough.id, quantity: line.quantity * (1 + ROUGH_WASTE) }
  })
  if (steps.length === 0 || !steps.every(({ operation }) => library.operations.has(operation)))
    return undefined
  return { build: { ...build, materials, steps: [...build.steps, ...steps] }, metres }
}
