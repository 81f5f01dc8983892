import type { Build } from '../builds'
import {
  SURFACES,
  errorFactor,
  timeFactor,
  type Method,
  type RoleNeed,
  type Step
} from '../catalogue'
import {
  cleanUpStep,
  composedAccuracy,
  countOf,
  hourValueOf,
  loadOf,
  neededCompanions,
  penaltyOf,
  reach,
  type Load,
  type Stretch,
  LOUD_DBA
} from '../fit'
import { timesRatio } from '../money'
import { comfortable, circuitCarries } from '../workshop'
import { consumablesPerHour, type World } from '../workspace'
import type { Source, Sources } from './sources'

/** Something that must be there: so many of any of these sources. */
export interface Atom {
  readonly id: number
  readonly need: number
  /** Units that each choice brings towards it, by the choice's number. */
  readonly from: ReadonlyMap<number, number>
  /** Units owned. */
  readonly owned: number
  /** Companion or protection: bought along without being asked for. */
  readonly along: boolean
}

/** One way to do a step, with what must be there for it. */
export interface Alternative {
  readonly method: string
  readonly minutes: number
  /** Hours at their value and loss of goodwill, ease and finish; counts when the build is done. */
  readonly effort: number
  /** Fees and what is used up; paid when the build begins. */
  readonly pay: number
  readonly atoms: readonly number[]
}

/** Alternatives of one step that are kept, the cheapest first. */
const KEPT = 120
/** Ways with so few needs are always kept. */
const FEW = 2
/** Ways of one method that are always kept, the cheapest of them. */
const PER_METHOD = 12
/** Groups of tools looked at for one role. */
const GROUPS = 24
const PAIRINGS = 600

/** Collects atoms, each once. */
export class Atoms {
  readonly list: Atom[] = []
  private readonly numbers = new Map<string, number>()

  constructor(private readonly sources: Sources) {}

  /** The number of an atom; −1 where what is owned suffices, undefined where nothing can. */
  of(sources: readonly Source[], need: number, along: boolean): number | undefined {
    const from = new Map<number, number>()
    let owned = 0
    for (const { offer, entry } of sources) {
      if (offer < 0) owned += entry.count
      else from.set(offer, (from.get(offer) ?? 0) + entry.count)
    }
    if (owned >= need) return -1
    const able = [...from].filter(
      ([offer, count]) => this.sources.choices[offer]?.single !== true || count > 0
    )
    if (able.length === 0) return undefined
    const key = `${need}|${owned}|${along ? 1 : 0}|${[...from].map(([offer, count]) => `${offer}*${count}`).join()}`
    const known = this.numbers.get(key)
    if (known !== undefined) return known
    this.list.push({ id: this.list.length, need, from, owned, along })
    this.numbers.set(key, this.list.length - 1)
    return this.list.length - 1
  }
}

/** Tools that fill a role alike: same companions needed, same work-around, same tie; for the leading role also as quick and as exact. */
interface Group {
  readonly sources: Source[]
  readonly service: readonly number[]
  readonly stretch: number
  readonly minutes: number
  readonly accuracy: number
  /** Error of the marking tool it puts up with, mm; Infinity where it does not matter. */
  readonly marking: number
  readonly tie: string
  readonly lead: Source
}

export class Ways {
  constructor(
    private readonly world: World,
    private readonly sources: Sources,
    readonly atoms: Atoms
  ) {}

  /** What has to be there for a tool to serve in an operation, beyond itself; undefined where that cannot be had. */
  private service(source: Source, operation: string): number[] | undefined {
    const { kit, byTool, byProtection } = this.sources
    const found: number[] = []
    for (const { anyOf, count } of neededCompanions(source.entry.tool, operation)) {
      if (anyOf.some((id) => countOf(kit, id) >= count)) continue
      const atom = this.atoms.of(
        anyOf.flatMap((id) => byTool.get(id) ?? []),
        count,
        true
      )
      if (atom === undefined) return undefined
      if (atom >= 0) found.push(atom)
    }
    for (const protection of source.entry.tool.needs) {
      if (kit.protects.has(protection)) continue
      const atom = this.atoms.of(byProtection.get(protection) ?? [], 1, true)
      if (atom === undefined) return undefined
      if (atom >= 0) found.push(atom)
    }
    return found.sort((a, b) => a - b)
  }

  private groups(
    method: Method,
    step: Step,
    need: RoleNeed,
    index: number,
    load: Load,
    exact: boolean
  ): Group[] {
    const { workshop } = this.sources.context
    const groups = new Map<string, Group>()
    for (const source of this.sources.byRole.get(need.role) ?? []) {
      const { entry } = source
      const stretches = reach(entry, need, step.stock)
      if (!stretches || !circuitCarries(workshop, entry.tool, entry.power)) continue
      const service = this.service(source, method.operation)
      if (!service) continue
      const stretch = stretches.reduce(
        (sum, one) =>
          sum + one.around.setupMinutes * load.batches + one.around.runMinutes * load.units,
        0
      )
      const minutes =
        index === 0
          ? method.setupMinutes * load.batches +
            method.runMinutes * load.units * timeFactor(entry.tier, entry.condition) +
            stretch
          : 0
      const error = index === 0 ? leadError(method, source, stretches) : 0
      const limit = step.accuracyMm
      if (index === 0 && exact && limit !== undefined && error > limit + 1e-9) continue
      const marking =
        index === 0 && exact && limit !== undefined && method.marked
          ? Math.sqrt(Math.max(0, (limit + 1e-9) ** 2 - error ** 2))
          : Infinity
      const tie = tieOf(method, need.role, source)
      const key = [service.join(), stretch, minutes, marking, tie].join('|')
      const group = groups.get(key)
      if (group) group.sources.push(source)
      else
        groups.set(key, {
          sources: [source],
          service,
          stretch,
          minutes,
          accuracy: error,
          marking,
          tie,
          lead: source
        })
    }
    const all = [...groups.values()]
    // What serves a demanding group also serves an easier one.
    return all
      .map((group) => ({
        ...group,
        sources: all.flatMap((other) =>
          other.service.every((atom) => group.service.includes(atom)) &&
          other.stretch <= group.stretch &&
          other.minutes <= group.minutes &&
          other.marking >= group.marking &&
          other.tie === group.tie
            ? other.sources
            : []
        )
      }))
      .sort((a, b) => a.minutes + a.stretch - b.minutes - b.stretch)
      .slice(0, GROUPS)
  }

  private isOut(method: Method, step: Step): boolean {
    const { workshop, bannedMethods } = this.sources.context
    return (
      bannedMethods.has(method.id) ||
      !comfortable(workshop, method) ||
      (method.limits ?? []).some(({ stock, is, value }) => {
        const has = step.stock[stock]
        return has !== undefined && (is === 'atMost' ? has > value : has < value)
      })
    )
  }

  /** All ways of one method by itself. @param exact as exact as the step asks; otherwise to be cleaned up */
  private alone(method: Method, step: Step, build: Build, exact: boolean): Alternative[] {
    const load = loadOf(step, build)
    const families = method.roles.map((need, index) =>
      this.groups(method, step, need, index, load, exact)
    )
    if (families.some((family) => family.length === 0)) return []
    const found: Alternative[] = []
    const visit = (index: number, chosen: readonly Group[]): void => {
      if (found.length >= PAIRINGS) return
      const family = families[index]
      if (!family) {
        const one = this.alternative(method, step, build, load, chosen, exact)
        if (one) found.push(one)
        return
      }
      for (const group of family)
        if (tied(method, chosen, group, index)) visit(index + 1, [...chosen, group])
    }
    visit(0, [])
    return found
  }

  private alternative(
    method: Method,
    step: Step,
    build: Build,
    load: Load,
    groups: readonly Group[],
    exact: boolean
  ): Alternative | undefined {
    const { context, kit, byRole } = this.sources
    const atoms = new Set<number>()
    const add = (atom: number | undefined): boolean => {
      if (atom === undefined) return false
      if (atom >= 0) atoms.add(atom)
      return true
    }
    for (const [index, group] of groups.entries()) {
      const need = method.roles[index]
      if (!need) return undefined
      const count = index === 0 ? 1 : need.count
      if (!add(this.atoms.of(group.sources, count, false))) return undefined
      if (
        count < need.count &&
        !add(
          this.atoms.of(
            (byRole.get(need.role) ?? []).filter(
              ({ entry }) => reach(entry, need, step.stock) !== undefined
            ),
            need.count,
            false
          )
        )
      )
        return undefined
      for (const atom of group.service) atoms.add(atom)
    }
    const [lead] = groups
    const limit = exact ? step.accuracyMm : undefined
    if (!lead && limit !== undefined && method.accuracyMm > limit + 1e-9) return undefined
    const marking =
      lead?.marking ??
      (limit !== undefined && method.marked
        ? Math.sqrt(Math.max(0, (limit + 1e-9) ** 2 - method.accuracyMm ** 2))
        : Infinity)
    if (
      marking < kit.markingMm &&
      !add(
        this.atoms.of(
          (byRole.get('square') ?? []).filter(
            ({ entry }) => (entry.specs.accuracyMm ?? Infinity) <= marking
          ),
          1,
          false
        )
      )
    )
      return undefined
    const minutes =
      (lead ? lead.minutes : method.setupMinutes * load.batches + method.runMinutes * load.units) +
      groups.slice(1).reduce((sum, { stretch }) => sum + stretch, 0)
    const running = Math.max(0, minutes - method.setupMinutes * load.batches)
    const error = Math.hypot(
      lead ? lead.accuracy : method.accuracyMm,
      method.marked ? Math.min(kit.markingMm, marking) : 0
    )
    const penalty = penaltyOf(context.weights, {
      loudMinutes: method.soundDbA > (context.workshop.quiet?.aboveDbA ?? LOUD_DBA) ? running : 0,
      riskMinutes: running * (method.hazard?.level ?? 0),
      coarseness: step.accuracyMm === undefined || !exact ? 0 : Math.min(1, error / step.accuracyMm)
    })
    const fee = method.service
      ? timesRatio(
          context.minorPer100Points,
          (method.service.pointsPerUnit * load.units +
            method.service.pointsPerVisit * load.batches) /
            100
        )
      : 0
    const eaten = lead
      ? Math.floor((consumablesPerHour(this.world, lead.lead.entry.tool) * running) / 60 + 0.5)
      : 0
    return {
      method: method.id,
      minutes,
      effort: penalty + (hourValueOf(context, build) * minutes) / 60,
      pay: fee + eaten,
      atoms: [...atoms].sort((a, b) => a - b)
    }
  }

  /** All ways to do a step of a build, the cheapest first; ways no better than another one in anything are left out. */
  of(step: Step, build: Build): Alternative[] {
    const { library } = this.sources.context
    const after = cleanUpStep(library, step)
    const cleanUps = after
      ? this.thin(
          (library.methodsFor.get(after.operation) ?? []).flatMap((method) =>
            this.isOut(method, after) || isRough(method, after)
              ? []
              : this.alone(method, after, build, true)
          )
        )
      : []
    const found: Alternative[] = []
    for (const method of library.methodsFor.get(step.operation) ?? []) {
      if (this.isOut(method, step)) continue
      const rough = isRough(method, step)
      if (!rough) found.push(...this.alone(method, step, build, true))
      if (!after || (!rough && step.accuracyMm === undefined)) continue
      for (const first of this.thin(this.alone(method, step, build, false)).slice(0, 12))
        for (const then of cleanUps.slice(0, 12))
          found.push({
            method: method.id,
            minutes: first.minutes + then.minutes,
            effort: first.effort + then.effort,
            pay: first.pay + then.pay,
            atoms: [...new Set([...first.atoms, ...then.atoms])].sort((a, b) => a - b)
          })
    }
    return this.thin(found)
  }

  /** Whether having what one atom asks for is enough for another. */
  private implies(strong: number, weak: number): boolean {
    if (strong === weak) return true
    const [a, b] = [this.atoms.list[strong], this.atoms.list[weak]]
    if (!a || !b || a.need < b.need || a.owned > b.owned || a.from.size > b.from.size) return false
    for (const [offer, count] of a.from) if ((b.from.get(offer) ?? 0) < count) return false
    return true
  }

  private thin(list: readonly Alternative[]): Alternative[] {
    const sorted = [...list].sort(
      (a, b) => reckoned(a) - reckoned(b) || a.atoms.length - b.atoms.length
    )
    const kept: Alternative[] = []
    const perMethod = new Map<string, number>()
    for (const one of sorted) {
      // What asks for next to nothing stays in any case, a service or what is owned, and the best ways of every method.
      if (
        kept.length >= KEPT &&
        one.atoms.length > FEW &&
        (perMethod.get(one.method) ?? 0) >= PER_METHOD
      )
        continue
      if (
        !kept.some(
          (other) =>
            other.minutes <= one.minutes &&
            other.effort <= one.effort &&
            other.pay <= one.pay &&
            other.atoms.every((weak) => one.atoms.some((strong) => this.implies(strong, weak)))
        )
      ) {
        kept.push(one)
        perMethod.set(one.method, (perMethod.get(one.method) ?? 0) + 1)
      }
    }
    return kept
  }
}

/** Of ways that cost the same the quicker one counts as the cheaper. */
export const PER_MINUTE = 1e-4
export const reckoned = ({ effort, pay, minutes }: Alternative): number =>
  effort + pay + PER_MINUTE * minutes

const leadError = (method: Method, { entry }: Source, stretches: readonly Stretch[]): number =>
  Math.hypot(
    composedAccuracy({ ...method, marked: false }, errorFactor(entry.tier), 0),
    ...stretches.map((one) => one.around.errorMm)
  )

const isRough = (method: Method, step: Step): boolean =>
  step.surface !== undefined && SURFACES.indexOf(method.surface) < SURFACES.indexOf(step.surface)

/** What a tie to another role goes by: shank or collet, or the battery platform; empty where nothing is tied. */
function tieOf(method: Method, role: string, { entry }: Source): string {
  const tie = (method.ties ?? []).find((one) => one.role === role || one.withRole === role)
  if (!tie) return ''
  if (tie.comparator === 'same-platform') return entry.platform ?? '*'
  const size = tie.role === role ? entry.specs.shankMm : entry.specs.colletMm
  return size === undefined ? '*' : String(Math.round(size * 10))
}

function tied(method: Method, chosen: readonly Group[], group: Group, index: number): boolean {
  return (method.ties ?? []).every(({ role, withRole }) => {
    const [a, b] = [
      method.roles.findIndex((need) => need.role === role),
      method.roles.findIndex((need) => need.role === withRole)
    ]
    const other = index === a ? chosen[b] : index === b ? chosen[a] : undefined
    return !other || other.tie === '*' || group.tie === '*' || other.tie === group.tie
  })
}
