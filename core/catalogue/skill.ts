import type { Shares } from './learning'
import { LEVELS, type Level } from './levels'
import { indexLibrary, type Library } from './library'
import type { Method } from './method-types'
import type { ExactBy } from './tiers'

/** What a method asks of the hands. */
export const SKILLS = ['anyone', 'some', 'craft'] as const
export type Skill = (typeof SKILLS)[number]

/** What one is practised in, each by itself. */
export const FAMILIES = [
  'hand-saws',
  'edge-tools',
  'hand-power',
  'routers',
  'machines',
  'joints'
] as const
export type Family = (typeof FAMILIES)[number]

export type Levels = { readonly [F in Family]?: Level | undefined }

/** What skill and level make of a method. */
export interface SkillFactors {
  /** Minutes and error are multiplied by these. */
  readonly minutes: number
  readonly error: number
  /** Share of a build's timber that one step spoils. */
  readonly spoilt: number
}
export type SkillTable = Readonly<Record<Skill, Readonly<Record<Level, SkillFactors>>>>

/** Families whose tools the hand guides, rather than a fence, a table or a base plate on its guide. */
const BY_HAND: ReadonlySet<Family> = new Set(['hand-saws', 'edge-tools', 'hand-power'])

/** Whether what a method makes comes out as exact as the hand that guides the tool. */
const isGuidedByHand = ({ family, skill }: Pick<Method, 'family' | 'skill'>): boolean =>
  family !== undefined && (BY_HAND.has(family) || (family === 'joints' && skill === 'craft'))

/**
 * What makes a method's work exact. Several alike, such as the clamps of a glue-up, are as exact as the setting of them: one dear one
 * among plain ones changes nothing.
 */
export const exactBy = (method: Method): ExactBy =>
  method.held || (method.roles[0]?.count ?? 1) > 1
    ? 'setting'
    : isGuidedByHand(method)
      ? 'hand'
      : 'tool'

/** How far somebody is with the family of a method; new to it where nothing is said. */
const levelOf = (levels: Levels, { family }: Pick<Method, 'family'>): Level =>
  family === undefined ? 'home' : (levels[family] ?? 'new')

const PACED = [...FAMILIES, 'other'] as const

const adapted = new WeakMap<Library, Map<string, Library>>()
const origins = new WeakMap<Library, Library>()

/** The library before anybody's skill was laid over it: laid over twice it would count twice. */
export const withoutSkill = (library: Library): Library => origins.get(library) ?? library

/** What a skill and shares of the levels make of a method. */
function factorsOf(byLevel: SkillTable[Skill], shares: Shares): SkillFactors {
  const mean = (figure: keyof SkillFactors): number =>
    LEVELS.reduce((sum, level) => sum + shares[level] * byLevel[level][figure], 0)
  return { minutes: mean('minutes'), error: mean('error'), spoilt: mean('spoilt') }
}

/** By what the times of a family are multiplied, as somebody's own logs have shown; `other` for ways of no family. */
export type Paces = Readonly<Partial<Record<Family | 'other', number>>>

/** What is known of somebody's hands: levels, for what they are learning the mean of the levels on the way, and their own pace. */
interface Hands {
  readonly levels: Levels
  readonly learning: Readonly<Partial<Record<Family, Shares>>>
  readonly paces: Paces
}

/** A method as somebody does it. Times and errors of the library are those of somebody at home with it. */
function asDone(table: SkillTable, { levels, learning, paces }: Hands, method: Method): Method {
  const byLevel = table[method.skill ?? 'anyone']
  const shares = method.family && learning[method.family]
  const { minutes, error, spoilt } = shares
    ? factorsOf(byLevel, shares)
    : byLevel[levelOf(levels, method)]
  const pace = method.service === undefined ? (paces[method.family ?? 'other'] ?? 1) : 1
  if (minutes === 1 && error === 1 && spoilt === 0 && pace === 1) return method
  return {
    ...method,
    setupMinutes: method.setupMinutes * pace,
    runMinutes: method.runMinutes * minutes * pace,
    accuracyMm: method.accuracyMm * error,
    ...(spoilt === 0 ? {} : { spoilt })
  }
}

/**
 * The library as somebody of these levels works with it: **skill** multiplies time and error of each method and spoils a share of the
 * stock (docs/model.md, 2). It is laid over the library once, so that fit, ladder, plan and search reckon with the same hands. The same
 * library for the same levels.
 * @param learning shares of the levels in families that are being learnt, see `sharesOver`
 * @param paces by what minutes and set-up of each family are multiplied besides
 */
export function withSkill(
  library: Library,
  levels: Levels,
  learning: Hands['learning'] = {},
  paces: Paces = {}
): Library {
  const known = adapted.get(library) ?? new Map<string, Library>()
  adapted.set(library, known)
  const key = FAMILIES.map((family) => {
    const shares = learning[family]
    return shares ? LEVELS.map((level) => shares[level]).join('/') : (levels[family] ?? 'new')
  })
    .concat(PACED.map((family) => `${paces[family] ?? 1}`))
    .join()
  const present = known.get(key)
  if (present) return present
  const table = library.data.reckoning.skill
  const made = indexLibrary({
    ...library.data,
    methods: library.data.methods.map((method) =>
      asDone(table, { levels, learning, paces }, method)
    )
  })
  known.set(key, made)
  origins.set(made, library)
  return made
}
