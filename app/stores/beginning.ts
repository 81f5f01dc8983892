import { buildFromTemplate } from '../../core/builds'
import type { Rhythm } from '../../core/calendar'
import {
  FAMILIES,
  withSizes,
  type HourWord,
  type Level,
  type MoneyAim,
  type Timber,
  type Wish
} from '../../core/catalogue'
import { issue, type Issue } from '../../core/kernel'
import { parseAmount, timesRatio } from '../../core/money'
import { parseNumber } from '../../core/units'
import { adoptSchool, change, usualLevel, type Workspace } from '../../core/workspace'
import { library, schools, usual } from '../../data'
import { start as words } from '../words/start'

/** What somebody new answers; every one may be left as it is. */
export interface Answers {
  builds: string[]
  wishes: Readonly<Record<string, Wish>>
  tools: string[]
  currency: string
  /** The browser or the user has said the currency. */
  said: boolean
  now: string
  each: string
  rhythm: 'none' | 'weekly' | 'fortnightly' | 'monthly'
  reserve: string
  hours: string
  timber: Timber
  hour: HourWord
  aim: MoneyAim
  level: Level
  /** By hand, or with motors; left out where both are fine. */
  hands: 'hand' | 'motor' | undefined
  careful: boolean
  quiet: boolean
  corner: boolean
  power: 'corded' | 'cordless' | undefined
}
/** Nothing answered yet: what holds where a question is left out. */
export const unanswered = (): Answers => ({
  builds: [],
  wishes: {},
  tools: [],
  currency: 'EUR',
  said: false,
  now: '',
  each: '',
  rhythm: 'monthly',
  reserve: '',
  hours: '4',
  timber: 'elsewhere',
  hour: library.data.reckoning.usualHour,
  aim: library.data.reckoning.usualAim,
  level: 'new',
  hands: undefined,
  careful: false,
  quiet: false,
  corner: false,
  power: undefined
})
const HOURS_OF_A_WEEK = 168
/** A year of months, or half a year of what comes more often. */
const horizonFor = ({ kind }: Rhythm, start: string): Workspace['horizon'] =>
  kind === 'weekly'
    ? { start, length: 'week', count: 26 }
    : kind === 'fortnightly'
      ? { start, length: 'fortnight', count: 26 }
      : { start, length: 'month', count: 12 }
const incomeOf = (rhythm: Answers['rhythm'], amount: number, today: string): Rhythm =>
  amount === 0 || rhythm === 'none'
    ? { kind: 'none' }
    : rhythm === 'monthly'
      ? { kind: 'monthly', first: today, dayOfMonth: Number(today.slice(8, 10)), amount }
      : { kind: rhythm, first: today, amount }

/** What frightens most is left out: blades held in the hand that kick back, table saws, large routers. */
const CAREFUL = { 'hand-blade': 1, 'fixed-blade': 2, 'router-bit': 1, 'feed-rollers': 2 } as const
/** From here on a neighbour hears it through a wall, dB(A) at the ear. Common practice. */
const HEARD_DBA = 85
/** What a corner holds when all is put away, m². */
const CORNER_M2 = 1
/** The school of those who work by hand. */
const BY_HAND = 'quiet-pull'

/** Amounts and hours as typed, or what is wrong with them. */
export function figuresOf({ now, each, reserve, hours, currency }: Answers) {
  const amounts = [now, each, reserve].map((text) =>
    text.trim() === '' ? { ok: true as const, value: 0 } : parseAmount(text, currency)
  )
  const perWeek = parseNumber(hours)
  const problems: Issue[] = [
    ...amounts.flatMap((read) =>
      read.ok ? (read.value < 0 ? [issue('money.negative')] : []) : read.issues
    ),
    ...(perWeek.ok
      ? perWeek.value >= 0 && perWeek.value <= HOURS_OF_A_WEEK
        ? []
        : [issue('field.type', [], { expected: 'a number of hours' })]
      : perWeek.issues)
  ]
  const [have = 0, set = 0, keep = 0] = amounts.map((read) =>
    read.ok ? Math.max(0, read.value) : 0
  )
  return { problems, have, set, keep, perWeek: perWeek.ok ? perWeek.value : 0 }
}

/** How somebody likes to work, laid over a workspace. */
function asLiked(workspace: Workspace, answers: Answers): Workspace {
  const { careful, quiet, corner, power, hands } = answers
  const points = usualLevel(library, answers.currency)
  const school = hands === 'hand' ? schools.find(({ id }) => id === BY_HAND) : undefined
  const liked: Workspace = {
    ...workspace,
    preferences: { ...workspace.preferences, ...(power === undefined ? {} : { power }) },
    workshop: {
      ...workspace.workshop,
      ...(careful ? { comfort: { ...workspace.workshop.comfort, ...CAREFUL } } : {}),
      ...(corner ? { floorM2: CORNER_M2 } : {}),
      ...(quiet
        ? {
            quiet: {
              aboveDbA: HEARD_DBA,
              costPerHour: timesRatio(points, library.data.reckoning.hour.lot / 100)
            }
          }
        : {})
    }
  }
  return school ? adoptSchool(liked, library, points, school) : liked
}

/** The workspace the answers come to. */
export function workspaceOf(
  answers: Answers,
  fresh: Workspace,
  today: string,
  idOf: (prefix: string, of: string) => string
): Workspace {
  const { reckoning } = library.data
  const { have, set, keep, perWeek } = figuresOf(answers)
  const income = incomeOf(answers.rhythm, set, today)
  const base: Workspace = {
    ...fresh,
    money: {
      ...fresh.money,
      income,
      reserve: keep,
      timber: answers.timber,
      hourValue: timesRatio(
        usualLevel(library, answers.currency),
        reckoning.hour[answers.hour] / 100
      ),
      keptMoneyWorth: reckoning.kept[answers.aim]
    },
    preferences: {
      ...fresh.preferences,
      ...(answers.level === 'new'
        ? {}
        : { levels: Object.fromEntries(FAMILIES.map((family) => [family, answers.level])) })
    },
    horizon: horizonFor(income, today),
    time: { minutesPerWeek: Math.round(perWeek * 60) },
    builds: withSizes(library, fresh.preferences.units)
      .data.templates.filter(({ id }) => answers.builds.includes(id))
      .map((template) => ({
        ...buildFromTemplate(template, idOf('build', template.id), template.name),
        ...(answers.wishes[template.id] === undefined ? {} : { wish: answers.wishes[template.id] })
      })),
    items: usual
      .filter((id) => answers.tools.includes(id))
      .flatMap((id) => library.tools.get(id) ?? [])
      .map((tool) => change.plainItem(tool, idOf('item', tool.id), today))
  }
  const liked = asLiked(base, answers)
  return have > 0
    ? change.addEntry(liked, {
        id: idOf('e', 'opening'),
        date: today,
        kind: 'opening',
        amount: have,
        text: words.openingText
      })
    : liked
}
