import { isDone } from '../builds'
import {
  namesInAllSets,
  operationsByTool,
  type Companion,
  type Library,
  type Method,
  type Tool,
  type ToolGroup
} from '../catalogue'
import { leads, operationsUnder } from '../fit'
import { distinct } from '../kernel'
import type { World } from '../workspace'

/** Groups whose tools have other ways worth naming; in some only tools of the same group are such ways. */
const WITH_WAYS: Partial<Record<ToolGroup, 'any' | 'own'>> = {
  measuring: 'own',
  saws: 'any',
  planes: 'any',
  chisels: 'any',
  striking: 'own',
  sharpening: 'own',
  drilling: 'any',
  'hand-power': 'any',
  machines: 'any',
  clamps: 'own',
  accessories: 'any'
}

/** Another tool that does the same kinds of work. */
export interface OtherWay {
  readonly tool: string
  /** Of the operations the tool leads, those the other one can do. */
  readonly operations: readonly string[]
  /** Costs two thirds or less. */
  readonly cheaper: boolean
  /** Its work is less dangerous in each of these operations. */
  readonly gentler: boolean
}

/** What the library and the workspace say of a tool. */
export interface ToolFacts {
  /** Names elsewhere, the one shown left out. */
  readonly elsewhere: readonly string[]
  /** Operations it leads; where it leads none, those it has a part in. */
  readonly operations: readonly string[]
  /** Companions it cannot do without, then those that are advised. */
  readonly comesWith: readonly Companion[]
  readonly otherWays: readonly OtherWay[]
  /** Builds of the workspace, not yet done, in whose work it can take the lead. */
  readonly builds: readonly string[]
}

/** Other tools are cheaper when they cost this share or less of the tool. */
const CHEAPER = 2 / 3
/** A gentler tool that costs more than this many times as much is no way round. */
const TOO_DEAR = 1.5
/** Another tool is a way round when it does this share or more of the tool's operations. */
const SHARED = 0.5
const MOST_WAYS = 3

const led = (library: Library, tool: Tool): Method[] =>
  [...library.methods.values()].filter((method) => leads(tool, method))

/** Price index points of the weekend tier in its cheapest form; 0 for what is made. */
const pointsOf = (tool: Tool): number =>
  tool.forms.length === 0 ? 0 : Math.min(...tool.forms.map(({ points }) => points))

/** The least danger of a tool's methods, by operation. */
function dangerBy(methods: readonly Method[]): ReadonlyMap<string, number> {
  const danger = new Map<string, number>()
  for (const { operation, hazard } of methods)
    danger.set(operation, Math.min(danger.get(operation) ?? Infinity, hazard?.level ?? 0))
  return danger
}

/**
 * Cheaper or gentler tools that lead at least half of the operations a tool leads; those that do most of them first, then the cheaper.
 * Tools of the same roles in another size count as ways as well.
 */
export function otherWays(library: Library, tool: Tool): OtherWay[] {
  const mine = dangerBy(led(library, tool))
  const among = WITH_WAYS[tool.group]
  if (mine.size === 0 || among === undefined) return []
  const ways = [...library.tools.values()].flatMap((other) => {
    if (other === tool || (among === 'own' && other.group !== tool.group)) return []
    // A clamp that does not open as far holds other work.
    if (tool.group === 'clamps' && (other.specs.openingMm ?? 0) < (tool.specs.openingMm ?? 0))
      return []
    if (WITH_WAYS[other.group] === undefined) return []
    const theirs = dangerBy(led(library, other))
    const operations = [...mine.keys()].filter((operation) => theirs.has(operation))
    if (operations.length < SHARED * mine.size) return []
    const cheaper = pointsOf(other) <= CHEAPER * pointsOf(tool)
    const gentler =
      pointsOf(other) <= TOO_DEAR * pointsOf(tool) &&
      operations.every((operation) => (theirs.get(operation) ?? 0) < (mine.get(operation) ?? 0))
    return cheaper || gentler
      ? [{ tool: other.id, operations, cheaper, gentler, points: pointsOf(other) }]
      : []
  })
  ways.sort(
    (a, b) =>
      b.operations.length - a.operations.length ||
      Number(b.gentler) - Number(a.gentler) ||
      a.points - b.points
  )
  return ways.slice(0, MOST_WAYS).map(({ tool: id, operations, cheaper, gentler }) => ({
    tool: id,
    operations,
    cheaper,
    gentler
  }))
}

/** What library and workspace know of a tool, for its card. */
export function toolFacts({ library, workspace }: World, tool: Tool): ToolFacts {
  const leading = distinct(led(library, tool).map(({ operation }) => operation))
  const operations =
    leading.length > 0
      ? leading
      : (operationsByTool(library).get(tool.id) ?? []).map(({ id }) => id)
  const order = (id: string): number => library.operations.get(id)?.order ?? 0
  return {
    elsewhere: distinct([...namesInAllSets(library, tool.name), ...tool.aliases]).filter(
      (name) => name !== tool.name
    ),
    operations: [...operations].sort((a, b) => order(a) - order(b)),
    comesWith: [
      ...tool.companions.filter(({ kind, packs }) => kind !== 'advised' && packs !== true),
      ...tool.companions.filter(({ kind }) => kind === 'advised')
    ],
    otherWays: otherWays(library, tool),
    builds: workspace.builds
      .filter(
        (build) =>
          !isDone(build) &&
          build.steps.some(({ operation }) =>
            [operation, ...operationsUnder(library, operation)].some((id) => leading.includes(id))
          )
      )
      .map(({ id }) => id)
  }
}
