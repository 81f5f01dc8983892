import type { Family, Skill } from './skill'
import type { Wall } from './walls'
import type {
  StockField,
  SpecName,
  Surface,
  HazardClass,
  HazardLevel,
  DustClass,
  Species,
  Protection,
  Joint
} from './types'

/** What a quantity of an operation counts. */
export const OPERATION_UNITS = [
  'piece',
  'cut',
  'metre',
  'm2',
  'hole',
  'screw',
  'joint',
  'panel',
  'case',
  'edge',
  'batch',
  'hour'
] as const
export type OperationUnit = (typeof OPERATION_UNITS)[number]

/** Something done to stock. `order` is its place in working order, from measuring to finishing. */
export interface Operation {
  readonly id: string
  readonly name: string
  readonly unit: OperationUnit
  readonly order: number
  /** Other names people look for. */
  readonly aliases?: readonly string[] | undefined
  /** What makes good a result that is too rough or not exact enough, and how much of it one unit takes. */
  readonly cleanUp?: CleanUp | undefined
  /** Nights that glue takes to set or coats take to dry before work goes on: waiting, not work. */
  readonly nights?: number | undefined
}

/** The operation that cleans up after another: for each unit, `times` of it, or `times` for each metre of the stock's length. */
export interface CleanUp {
  readonly operation: string
  readonly times: number
  readonly per: 'unit' | 'metre-of-length'
}

/** How a method is carried out; a service needs a fee and a trip in place of a tool. */
export type MethodForm = 'hand' | 'hand-held' | 'benchtop' | 'floor' | 'service'

/** A bound taken from the step's stock (`stock × times + plus`) or a plain figure. */
export interface Bound {
  readonly stock?: StockField | undefined
  readonly times?: number | undefined
  readonly plus?: number | undefined
}

/** A capacity rule: the tool's spec against the bound. A stock size left out of the step sets no bound. */
export interface SpecRule {
  readonly spec: SpecName
  readonly is: 'atLeast' | 'atMost'
  readonly bound: Bound
  /** How the trade gets round it where the tool gives less. */
  readonly otherwise?: WorkAround | undefined
}

/** From both faces, in several passes, or in strips side by side. */
export const WORK_AROUNDS = ['two-sides', 'passes', 'strips'] as const

/** A usual way to do with a smaller tool what asks for a larger one. */
export interface WorkAround {
  readonly how: (typeof WORK_AROUNDS)[number]
  /** The tool's measure counts this many times: 2 from two sides. */
  readonly reach: number
  /** Minutes more for each batch and for each unit. */
  readonly setupMinutes: number
  readonly runMinutes: number
  /** Error it adds, mm; errors add in squares. */
  readonly errorMm: number
}

/** A part a method needs filled: how many tools, with which capacities. */
export interface RoleNeed {
  readonly role: string
  readonly count: number
  readonly rules: readonly SpecRule[]
}

/** Ties two tools of a method: a bit's shank fits the collet, a body takes the pack. */
export interface Tie {
  readonly comparator: 'shank-fits-collet' | 'same-platform'
  readonly role: string
  readonly withRole: string
}

/** A limit of the method itself on the stock: a panel too thick, a board too wide. */
export interface StockLimit {
  readonly stock: StockField
  readonly is: 'atLeast' | 'atMost'
  readonly value: number
}

export interface ServiceTerms {
  /** Price index points per unit of the operation. */
  readonly pointsPerUnit: number
  /** Price index points per visit. */
  readonly pointsPerVisit: number
}

/** One way to do an operation. */
/** How the time of a method grows with its stock: its minutes hold for stock of one size, and larger stock takes more in proportion. */
export interface Growth {
  readonly stock: StockField
  /** The size the minutes hold for, mm. */
  readonly of: number
  /** What they are multiplied by at least and at most; 0.5 and 5 when left out. */
  readonly least?: number | undefined
  readonly most?: number | undefined
}

/** An operation that is part of a compound method, so many times for each unit of the step, or once for the piece. */
export interface MethodPart {
  readonly operation: string
  readonly times: number
  readonly per: 'unit' | 'metre-of-width' | 'metre-of-length' | 'piece'
}

/** What a way to join comes to as a joint. */
export interface JoinTerms {
  readonly joint: Joint
  /** What it holds: light is for what nobody pulls at, strong for what carries people. */
  readonly strength: 'light' | 'sound' | 'strong'
  readonly visible: boolean
  /** Price index points a joint of this kind adds to the worth of the piece where it is chosen; 0 for plain ones. */
  readonly addsPoints: number
}

export interface Method {
  readonly id: string
  readonly operation: string
  readonly name: string
  readonly form: MethodForm
  readonly roles: readonly RoleNeed[]
  readonly ties?: readonly Tie[] | undefined
  readonly limits?: readonly StockLimit[] | undefined
  /** Minutes once per batch. */
  readonly setupMinutes: number
  /** Minutes per unit of the operation, practised hobby user, weekend tier. */
  readonly runMinutes: number
  /** How they grow with the stock. */
  readonly grows?: readonly Growth[] | undefined
  /** What they are multiplied by in hardwood and in sheets; times hold for softwood. */
  readonly species?: { readonly [S in Species]?: number | undefined } | undefined
  /** Largest usual error of the result, in millimetres, weekend tier, apart from marking. */
  readonly accuracyMm: number
  /** Whether marking by hand adds its own error (false where a stop or fence sets the size). */
  readonly marked: boolean
  readonly surface: Surface
  readonly hazard: { readonly kind: HazardClass; readonly level: HazardLevel } | null
  /** Sound level at the ear while running, dB(A). */
  readonly soundDbA: number
  readonly dust: DustClass
  /** Protection the work itself asks for, by its sound, dust and what flies; besides what its tools ask for. */
  readonly protection?: readonly Protection[] | undefined
  readonly service?: ServiceTerms | undefined
  /** For a method made up of other operations: then it has no roles and no minutes of its own. */
  readonly parts?: readonly MethodPart[] | undefined
  readonly joins?: JoinTerms | undefined
  /** What it asks of the hands, and what one is practised in for it; anyone can do it when left out. */
  readonly skill?: Skill | undefined
  readonly family?: Family | undefined
  /** Share of a build’s timber that a step done this way spoils, by somebody of the level at hand. */
  readonly spoilt?: number | undefined
  /** Only for pieces that are sold: the buyer does it. */
  readonly bySale?: true | undefined
  /** The wall it is for; any when left out. */
  readonly wall?: Wall | undefined
  /** Its leading tool only holds, strikes or rubs: no tier of it makes the work more exact. */
  readonly held?: true | undefined
  readonly why?: string | undefined
}
