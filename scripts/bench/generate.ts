import type { Build } from '../../core/builds'
import type { Library, Method, Operation, Step, Tool } from '../../core/catalogue'
import { addDays, type Day } from '../../core/calendar'
import { seededRandom } from '../../core/kernel'
import { freshWorkspace, type Workspace } from '../../core/workspace'

/** Sizes of generated workspaces: stages, kinds of tools, builds. */
export const SIZES = {
  small: { count: 6, length: 'month', tools: 12, builds: 4, operations: 8 },
  medium: { count: 13, length: 'month', tools: 30, builds: 10, operations: 16 },
  large: { count: 26, length: 'fortnight', tools: 60, builds: 18, operations: 28 },
  'extra-large': { count: 52, length: 'week', tools: 100, builds: 25, operations: 40 }
} as const
export type Size = keyof typeof SIZES

/** The day generated workspaces stand on. */
export const GENERATED_TODAY: Day = '2026-01-05'

interface Draw {
  readonly real: () => number
  readonly whole: (least: number, most: number) => number
  readonly some: <T>(list: readonly T[]) => T
}

function drawFrom(seed: number): Draw {
  const real = seededRandom(seed)
  const whole = (least: number, most: number): number =>
    least + Math.floor(real() * (most - least + 1))
  return { real, whole, some: (list) => list[whole(0, list.length - 1)] as (typeof list)[number] }
}

/** One kind of tool playing one role of its own; some need glasses, some a blade. Points spread over two orders of magnitude. */
function toolOf(draw: Draw, i: number): Tool {
  const points = Math.round(8 * Math.exp(draw.real() * 3.4))
  const machine = points > 60
  return {
    id: `my/tool-${i}`,
    name: `Tool ${i}`,
    aliases: [],
    group: 'hand-power',
    kind: 'tool',
    roles: [`my/role-${i}`],
    specs: {},
    forms: [{ power: 'hand', points }],
    lifeHours: null,
    storedM2: machine ? 0.3 : 0.02,
    companions:
      i > 2 && draw.real() < 0.15
        ? [
            {
              anyOf: [`my/tool-${draw.whole(0, i - 1)}`],
              count: 1,
              kind: 'needed',
              why: 'It is of no use without it.'
            }
          ]
        : [],
    hazard: null,
    needs: machine && draw.real() < 0.6 ? ['eyes'] : [],
    protects: []
  }
}

const GLASSES: Tool = {
  id: 'my/glasses',
  name: 'Glasses',
  aliases: [],
  group: 'protection',
  kind: 'protection',
  roles: [],
  specs: {},
  forms: [{ power: 'hand', points: 8 }],
  lifeHours: null,
  storedM2: 0,
  companions: [],
  hazard: null,
  needs: [],
  protects: ['eyes']
}

/** Ways of an operation: each further one is quicker and asks for other tools, as a rule dearer ones. */
function methodsOf(draw: Draw, operation: string, tools: readonly Tool[]): Method[] {
  const sorted = Array.from({ length: draw.whole(2, 4) }, () => draw.some(tools)).sort(
    (a, b) => (a.forms[0]?.points ?? 0) - (b.forms[0]?.points ?? 0)
  )
  const slow = draw.whole(12, 60)
  return sorted.map((lead, k): Method => {
    const second = draw.real() < 0.35 ? draw.some(tools) : undefined
    const roles = [lead, ...(second && second !== lead ? [second] : [])].map((tool) => ({
      role: tool.roles[0] ?? '',
      count: 1,
      rules: []
    }))
    return {
      id: `${operation}/way-${k}`,
      operation,
      name: `Way ${k}`,
      form: 'hand',
      roles,
      setupMinutes: 2 + k * 2,
      runMinutes: Math.max(1, Math.round(slow / (1 + k * (0.6 + draw.real())))),
      accuracyMm: 0.5,
      marked: false,
      surface: 'clean',
      hazard: null,
      soundDbA: 70,
      dust: 'none'
    }
  })
}

/** Builds of three to seven steps whose worth lets most of them pay for a part of their tools; some wished for, some sold in batches. */
function buildOf(
  draw: Draw,
  i: number,
  operations: readonly Operation[],
  horizonDays: number
): Build {
  const steps = Array.from({ length: draw.whole(3, 7) }, (_, k): Step => ({
    id: `s${k}`,
    operation: draw.some(operations).id,
    quantity: draw.whole(1, 8),
    stock: {},
    ...(draw.real() < 0.12 ? { accuracyMm: 0.4 } : {})
  }))
  const worth = draw.whole(60, 420) * 100
  const sold = draw.real() < 0.2
  return {
    id: `build-${i}`,
    name: `Build ${i}`,
    steps,
    materials: [],
    copies: sold ? 2 : 1,
    ...(sold
      ? {
          batchSize: 1,
          sale: { netEach: Math.round(worth / 2), daysToSell: draw.whole(5, 30) },
          hourValue: 400
        }
      : { worthEach: worth }),
    ...(draw.real() < 0.3 && !sold
      ? { wished: addDays(GENERATED_TODAY, draw.whole(Math.floor(horizonDays / 4), horizonDays)) }
      : {})
  }
}

/** A made-up workspace of the kind the planner is measured on. The same size and seed always give the same one. */
export function generateWorkspace(library: Library, size: Size, seed: number): Workspace {
  const { count, length, tools: kinds, builds, operations: works } = SIZES[size]
  const draw = drawFrom(seed * 7919 + kinds)
  const periodDays = length === 'month' ? 30 : length === 'fortnight' ? 14 : 7
  const tools = Array.from({ length: kinds }, (_, i) => toolOf(draw, i))
  const operations = Array.from({ length: works }, (_, i): Operation => ({
    id: `my/work-${i}`,
    name: `Work ${i}`,
    unit: 'piece',
    order: i
  }))
  const methods = operations.flatMap(({ id }) => methodsOf(draw, id, tools))
  const fresh = freshWorkspace(
    library,
    `generated-${size}-${seed}`,
    `Generated ${size} ${seed}`,
    'EUR',
    GENERATED_TODAY
  )
  const made = Array.from({ length: builds }, (_, i) =>
    buildOf(draw, i, operations, count * periodDays)
  )
  const perMonth = draw.whole(60, 140) * 100
  const receipts = Array.from({ length: count }, (_, k) => ({
    date:
      length === 'month'
        ? `${2026 + Math.floor(k / 12)}-${String((k % 12) + 1).padStart(2, '0')}-05`
        : addDays(GENERATED_TODAY, k * periodDays),
    amount: Math.round((perMonth * periodDays) / 30)
  }))
  return {
    ...fresh,
    asOf: GENERATED_TODAY,
    horizon: { start: GENERATED_TODAY, length, count },
    time: { minutesPerWeek: draw.whole(90, 240) },
    money: {
      ...fresh.money,
      income: { kind: 'list', receipts: receipts.slice(1) },
      reserve: 2000,
      minorPer100Points: 12_000
    },
    ledger: [
      {
        id: 'opening',
        date: GENERATED_TODAY,
        kind: 'opening',
        amount: 2000 + perMonth,
        text: 'Opening'
      }
    ],
    builds: made,
    own: { operations, methods, tools: [...tools, GLASSES], materials: [] },
    quotes: tools
      .filter(() => draw.real() < 0.3)
      .map((tool, i) => ({
        id: `quote-${i}`,
        offer: `${tool.id}/trade/new/buy/hand`,
        date: GENERATED_TODAY,
        price: Math.round((tool.forms[0]?.points ?? 1) * 120 * (1.2 + draw.real())),
        seller: 'online' as const
      }))
  }
}
