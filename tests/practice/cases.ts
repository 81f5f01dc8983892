import { readFileSync } from 'node:fs'
import { buildFromTemplate, type Build } from '../../core/builds'
import type { Rhythm } from '../../core/calendar'
import type { Tier } from '../../core/catalogue'
import { priceLevel, adoptSchool, freshWorkspace, worldOf, type World } from '../../core/workspace'
import { library, schools } from '../../data'
import { TODAY, item } from '../helpers/workspaces'

/** A person with builds, things owned, money and hours, and what a sound practitioner would see in their first plan. All invented. */
export interface PracticeCase {
  readonly id: string
  readonly currency: string
  readonly person: string
  readonly school?: string
  readonly builds: readonly (
    | string
    | {
        readonly template: string
        readonly simple?: boolean
        readonly copies?: number
        readonly batchSize?: number
        readonly sale?: { readonly netEach: number; readonly daysToSell: number }
      }
  )[]
  readonly owned: readonly string[]
  readonly money: {
    readonly purse?: number
    readonly monthly?: number
    readonly fortnightly?: number
    readonly reinvestShare?: number
  }
  readonly stages?: number
  readonly hoursPerWeek: number
  readonly expect: Expectations
}

type Groups = readonly (readonly string[])[]

/** See the README beside this file. */
export interface Expectations {
  readonly startsWithinDays?: number
  readonly buildsDone?: readonly { readonly month: number; readonly count: number | 'all' }[]
  readonly boughtBy?: readonly { readonly month: number; readonly groups: Groups }[]
  readonly notBought?: readonly string[]
  readonly before?: readonly (readonly [string, string])[]
  readonly ladderTop?: readonly { readonly rungs: number; readonly groups: Groups }[]
  readonly firstRungNot?: readonly { readonly rungs: number; readonly tools: readonly string[] }[]
  readonly tierAtLeast?: readonly { readonly tool: string; readonly tier: Tier }[]
  readonly tierAtMost?: readonly { readonly tool: string; readonly tier: Tier }[]
  readonly idleAtMost?: number
  readonly spentShare?: readonly [number, number]
  readonly purseNever?: number
  readonly protectionFirst?: boolean
  readonly says?: readonly string[]
}

const FILES = ['./cases.json', './own-cases.json'] as const
export const practiceCases = (): readonly PracticeCase[] =>
  FILES.flatMap(
    (file) =>
      JSON.parse(readFileSync(new URL(file, import.meta.url), 'utf8')) as readonly PracticeCase[]
  )

const buildOf = (entry: PracticeCase['builds'][number], index: number): Build => {
  const {
    template: named,
    simple,
    copies,
    batchSize,
    sale
  } = typeof entry === 'string' ? { template: entry } : entry
  const template = simple && named === 'side-table' ? 'narrow-table' : named
  const pattern = library.templates.get(template)
  if (!pattern) throw new Error(`no template ${template}`)
  return {
    ...buildFromTemplate(pattern, `${template}-${index}`, pattern.name, copies),
    ...(batchSize === undefined ? {} : { batchSize }),
    ...(sale === undefined ? {} : { sale })
  }
}

const rhythmOf = ({ monthly, fortnightly }: PracticeCase['money']): Rhythm =>
  monthly !== undefined
    ? { kind: 'monthly', first: TODAY, dayOfMonth: Number(TODAY.slice(8)), amount: monthly }
    : fortnightly !== undefined
      ? { kind: 'fortnightly', first: TODAY, amount: fortnightly }
      : { kind: 'none' }

/** The case as somebody new would have entered it, with the program's own defaults for all it does not name. */
export function worldOfCase(one: PracticeCase): World {
  const fresh = freshWorkspace(library, `practice-${one.id}`, one.id, one.currency, TODAY)
  const workspace = {
    ...fresh,
    asOf: TODAY,
    builds: one.builds.map(buildOf),
    items: one.owned.map((tool) => item(tool)),
    time: { minutesPerWeek: one.hoursPerWeek * 60 },
    horizon:
      one.money.fortnightly === undefined
        ? { ...fresh.horizon, count: one.stages ?? fresh.horizon.count }
        : { ...fresh.horizon, length: 'fortnight' as const, count: one.stages ?? 26 },
    money: {
      ...fresh.money,
      income: rhythmOf(one.money),
      ...(one.money.reinvestShare === undefined ? {} : { reinvestShare: one.money.reinvestShare })
    },
    ledger: [
      {
        id: 'open',
        date: TODAY,
        kind: 'opening' as const,
        amount: one.money.purse ?? 0,
        text: 'Opening'
      }
    ]
  }
  const school = schools.find(({ id }) => id === one.school)
  const adopted = school
    ? adoptSchool(workspace, library, priceLevel(workspace, library), school)
    : workspace
  return worldOf(
    one.money.reinvestShare === undefined
      ? adopted
      : { ...adopted, money: { ...adopted.money, reinvestShare: one.money.reinvestShare } },
    library,
    TODAY
  )
}
