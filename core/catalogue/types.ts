import type { NameSet, NameWord } from './name-types'
import type { UnitSystem } from '../units'
import type { Operation, Method } from './method-types'
import type { Reckoning } from './reckoning'

export const HAZARDS = [
  'sharp-edge',
  'spinning-bit',
  'hand-blade',
  'fixed-blade',
  'router-bit',
  'feed-rollers',
  'fired-nail',
  'dust'
] as const
/** What can hurt. Comfort is declared for each of these. */
export type HazardClass = (typeof HAZARDS)[number]

/** 0 no particular hazard, 1 respect, 2 practice needed, 3 serious injury in a moment. */
export type HazardLevel = 0 | 1 | 2 | 3

export const PROTECTIONS = ['eyes', 'ears', 'lungs'] as const
export type Protection = (typeof PROTECTIONS)[number]

/** The state a surface is left in, from worst to best. */
export const SURFACES = ['rough', 'sawn', 'clean', 'smooth'] as const
export type Surface = (typeof SURFACES)[number]

export type DustClass = 'none' | 'shavings' | 'coarse' | 'fine'

export const STOCK_FIELDS = ['lengthMm', 'widthMm', 'thicknessMm'] as const
export type StockField = (typeof STOCK_FIELDS)[number]

export const SPECIES = ['soft', 'hard', 'sheet'] as const
/** What is worked: softwood, hardwood, plywood and other sheets. */
export type Species = (typeof SPECIES)[number]

/** The size of the stock a step works on, in millimetres; what does not matter is left out. */
export type StockSize = { readonly [F in StockField]?: number | undefined }

export const SPECS = [
  'openingMm',
  'depthMm',
  'crosscutMm',
  'ripMm',
  'reachMm',
  'lengthMm',
  'widthMm',
  'bladeMm',
  'colletMm',
  'shankMm',
  'throatMm',
  'resawMm',
  'accuracyMm',
  'packWh',
  'volts'
] as const
/** Measured properties of a tool; the unit stands at the end of the name. */
export type SpecName = (typeof SPECS)[number]
export type Specs = { readonly [S in SpecName]?: number | undefined }

export const TIERS = ['get-by', 'weekend', 'trade', 'lifetime'] as const
export type Tier = (typeof TIERS)[number]
export const CONDITIONS = ['new', 'refurbished', 'used'] as const
export type Condition = (typeof CONDITIONS)[number]
export const ACQUISITIONS = ['buy', 'borrow', 'hire', 'make', 'gift'] as const
export type Acquisition = (typeof ACQUISITIONS)[number]
export const POWERS = ['hand', 'corded', 'cordless'] as const
export type Power = (typeof POWERS)[number]

export interface PowerForm {
  readonly power: Power
  /** Price index points of the weekend tier, new (100 = a weekend cordless drill with two packs and charger). */
  readonly points: number
  /** Current drawn at 230 V and 120 V, amperes; corded forms only. */
  readonly amps230?: number | undefined
  readonly amps120?: number | undefined
  /** Energy per hour of work, watt-hours; cordless forms only. */
  readonly whPerHour?: number | undefined
}

/** What a tool needs before it is useful or safe: any one of the named tools, `count` of it. */
export interface Companion {
  readonly anyOf: readonly string[]
  readonly count: number
  readonly kind: 'needed' | 'needed-for' | 'advised'
  /** Meant are the packs that come with it: a form on a cord brings none. */
  readonly packs?: true | undefined
  /** The operation, where it is needed for one only. */
  readonly operation?: string | undefined
  readonly why: string
}

export const TOOL_GROUPS = [
  'measuring',
  'saws',
  'planes',
  'chisels',
  'striking',
  'sharpening',
  'drilling',
  'hand-power',
  'machines',
  'clamps',
  'support',
  'dust',
  'protection',
  'accessories',
  'storage',
  'shop-made'
] as const
export type ToolGroup = (typeof TOOL_GROUPS)[number]

/** Sides of a rectangle on the floor, mm: from side to side as its user sees it, and away from the user. */
export type Sides = readonly [across: number, deep: number]

/** A kind of tool; no brand, no model. */
export interface Tool {
  readonly id: string
  readonly name: string
  readonly aliases: readonly string[]
  readonly group: ToolGroup
  readonly kind: 'tool' | 'accessory' | 'protection' | 'storage'
  readonly roles: readonly string[]
  /** Specs of the weekend tier. */
  readonly specs: Specs
  readonly tierSpecs?: { readonly [T in Tier]?: Specs | undefined } | undefined
  readonly forms: readonly PowerForm[]
  /** Price against the weekend tier where the rule of thumb does not hold. */
  readonly tierPrices?: { readonly [T in Tier]?: number | undefined } | undefined
  /** Hours of use before it is worn out; null where it lasts when looked after. Lifetime tier: twice trade. */
  readonly lifeHours: {
    readonly getBy: number
    readonly weekend: number
    readonly trade: number
  } | null
  readonly soundDbA?: number | undefined
  /** Floor taken when put away, m². */
  readonly storedM2: number
  /** Floor taken in use, m², without the feed; the stored one where it does not differ. */
  readonly usedM2?: number | undefined
  /** The rectangle it stands on, put away and in use where that differs. */
  readonly standsMm?: { readonly stored: Sides; readonly used?: Sides | undefined } | undefined
  /** Room to bring stock in and take it out, mm, besides the stock's own length; away from the user, or `across` from side to side in front of the user. */
  readonly feedMm?:
    | { readonly infeed: number; readonly outfeed: number; readonly across?: true | undefined }
    | undefined
  readonly companions: readonly Companion[]
  readonly hazard: HazardClass | null
  /** Protection that has to be there before the tool is used. */
  readonly needs: readonly Protection[]
  /** Protection this gives. */
  readonly protects: readonly Protection[]
  /** The jig template whose build yields this tool, for shop-made ones. */
  readonly madeBy?: string | undefined
  /** A lower tier does nearly as well: the abrasive, the bit or the user matters more. */
  readonly forgives?: boolean | undefined
  /** Setting it true before its first use, minutes: blade to slot, fence to blade, tables in one plane. */
  readonly alignMinutes?: number | undefined
  /** Accuracy or edge starts from it: a bargain one costs more in fettling and spoilt work than it saves. */
  readonly exacting?: true | undefined
  /** A cord gets in the way of it: it goes where the work is, always or now and then. */
  readonly roams?: 'much' | 'some' | undefined
  /** The usual caution, shown beside the choice. */
  readonly caution?: string | undefined
  readonly why?: string | undefined
}

export const MATERIAL_UNITS = ['metre', 'm2', 'm3', 'sheet', 'piece', 'pack', 'litre'] as const
export type MaterialUnit = (typeof MATERIAL_UNITS)[number]

/** How timber is sold: sheets; planed softwood by nominal section; hardwood sawn rough, or with faces and edges planed. */
export const STOCK_KINDS = ['sheet', 'softwood', 'hardwood-rough', 'hardwood-surfaced'] as const
export type StockKind = (typeof STOCK_KINDS)[number]

/** Timber, sheet goods, fixings, consumables. */
export interface Material {
  readonly id: string
  readonly name: string
  readonly unit: MaterialUnit
  /** Price index points per unit. */
  readonly points: number
  /** How long it keeps once bought, days; left out where it does not age. */
  readonly keepsDays?: number | undefined
  /** For timber: how it is sold, with its real section, or a sheet's real size. */
  readonly stock?:
    | {
        readonly kind: StockKind
        readonly lengthMm?: number | undefined
        readonly widthMm?: number | undefined
        readonly thicknessMm: number
      }
    | undefined
  /** The size it is called by where that is not the real one. */
  readonly nominal?: string | undefined
  /** The material sold in its place where softwood goes by nominal inches. */
  readonly inInches?: string | undefined
}

/** One step of a build: an operation, how much of it for one copy, on which stock, how exact. */
export interface Step {
  readonly id: string
  readonly operation: string
  readonly quantity: number
  readonly stock: StockSize
  /** So much once a batch, not for every copy. */
  readonly perBatch?: true | undefined
  /** What it is made in; softwood when left out. */
  readonly species?: Species | undefined
  /** The error the piece forgives, mm; left out where it does not matter. */
  readonly accuracyMm?: number | undefined
  /** The surface it must be left with; left out where any will do. */
  readonly surface?: Surface | undefined
  readonly note?: string | undefined
  /** The method it is to be done by; the best one for the kit when left out. */
  readonly way?: string | undefined
  /** Done by oneself, never by a service: so with the parts of a method made up of others. */
  readonly byOneself?: true | undefined
  /** Not needed at all where planed timber is bought: then the quickest way takes no time. */
  readonly spared?: true | undefined
}

export interface MaterialLine {
  readonly material: string
  /** For one copy. */
  readonly quantity: number
}

export const JOINTS = [
  'screwed',
  'nailed',
  'pocket',
  'dowel',
  'biscuit',
  'loose-tenon',
  'mortise-tenon',
  'half-lap',
  'dado',
  'rebate',
  'groove',
  'box-joint',
  'dovetail',
  'mitre',
  'keyed-mitre',
  'edge-glue',
  'laminated'
] as const
/** A way two pieces are joined. */
export type Joint = (typeof JOINTS)[number]

/** A pattern for a build, from the library. */
export interface Template {
  readonly id: string
  readonly name: string
  readonly kind: 'piece' | 'jig'
  /** The tool a jig becomes. */
  readonly yields?: string | undefined
  readonly steps: readonly Step[]
  readonly materials: readonly MaterialLine[]
  /** What a ready-made one costs, price index points; 0 for jigs. */
  readonly readyMadePoints: number
  /** Outside size of the finished piece, mm. */
  readonly sizeMm?:
    { readonly length: number; readonly width: number; readonly height: number } | undefined
  readonly joinery: readonly Joint[]
  /** What a practised hobby user needs for one with ordinary means and plain joints, hours. */
  readonly typicalHours: number
  /** Says plainly that the piece carries people or hangs over them. */
  readonly bearing?: 'carries-people' | 'hangs-over-people' | undefined
  readonly why?: string | undefined
}

/** A currency's usual price level: minor units for 100 price index points. */
export interface Region {
  readonly currency: string
  /** Countries that pay in it, by their two letters (ISO 3166-1). */
  readonly countries: readonly string[]
  /** Trade names usual there; the library's own where left out. */
  readonly names?: NameSet | undefined
  readonly minorPer100Points: number
  readonly units: UnitSystem
  readonly volts: 230 | 120
}

/** The reference library as it is written down. */
export interface LibraryData {
  readonly version: string
  readonly operations: readonly Operation[]
  readonly methods: readonly Method[]
  readonly tools: readonly Tool[]
  readonly templates: readonly Template[]
  readonly materials: readonly Material[]
  readonly regions: readonly Region[]
  readonly reckoning: Reckoning
  readonly names: readonly NameWord[]
}
