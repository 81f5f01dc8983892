import { checkChange } from '../../core/formats'
import { seededRandom } from '../../core/kernel'
import { ENTRY_KINDS } from '../../core/ledger'
import { change, stamped, type Workspace } from '../../core/workspace'
import { buildFromTemplate } from '../../core/builds'
import { library } from '../../data'
import { TODAY } from './workspaces'

/** Values people and programs put into fields when nobody looks: of every kind the file's schema has something against, and sound ones. */
const TEXTS = [
  'Shelf',
  ' Shelf  of  two ',
  '',
  ' ',
  '\u200b',
  'a\nb',
  'x'.repeat(200),
  'x'.repeat(201),
  'y'.repeat(2001),
  '\ud800',
  'zwölf ﹟ 😀',
  '\u202eevil',
  '=1+1'
]
const NUMBERS = [
  0,
  1,
  2,
  12,
  40,
  500,
  -1,
  0.5,
  1e6,
  1e9,
  1e12,
  Number.NaN,
  Number.POSITIVE_INFINITY
]
const DAYS = [
  '2026-05-01',
  '2026-05-04',
  '2026-12-31',
  '2026-02-30',
  '2199-12-31',
  '2200-01-01',
  ''
]
const TOOLS = [...library.tools.keys()]
const TEMPLATES = library.data.templates

type Command = (state: Workspace, any: Any) => Workspace
interface Any {
  text(): string
  number(): number
  day(): string
  id(): string
  of<T>(list: readonly T[]): T
}

/** The commands the screens give, each with values of any kind. */
const COMMANDS: readonly Command[] = [
  (state, any) => ({ ...state, name: any.text() }),
  (state, any) => ({ ...state, money: { ...state.money, reserve: any.number() } }),
  (state, any) => ({ ...state, money: { ...state.money, hourValue: any.number() } }),
  (state, any) => ({
    ...state,
    money: {
      ...state.money,
      income: { kind: 'list', receipts: [{ date: any.day(), amount: any.number() }] }
    }
  }),
  (state, any) => ({
    ...state,
    money: {
      ...state.money,
      oneOffs: [
        ...state.money.oneOffs,
        { id: any.id(), date: any.day(), amount: any.number(), text: any.text() }
      ]
    }
  }),
  (state, any) => ({
    ...state,
    horizon: { start: any.day(), length: any.of(['week', 'month']), count: any.number() }
  }),
  (state, any) => ({ ...state, time: { minutesPerWeek: any.number() } }),
  (state, any) => ({
    ...state,
    time: {
      ...state.time,
      changes: [{ from: any.day(), until: any.day(), minutesPerWeek: any.number() }]
    }
  }),
  (state, any) => ({
    ...state,
    workshop: { ...state.workshop, humidity: { low: any.number(), high: any.number() } }
  }),
  (state, any) =>
    change.addBuild(state, {
      ...buildFromTemplate(any.of(TEMPLATES), any.id(), any.text()),
      copies: any.number()
    }),
  (state, any) =>
    state.builds.length === 0
      ? state
      : change.changeBuild(state, any.of(state.builds).id, (build) => ({
          ...build,
          steps: build.steps.map((step) => ({ ...step, quantity: any.number() }))
        })),
  (state, any) =>
    state.builds.length === 0
      ? state
      : change.changeBuild(state, any.of(state.builds).id, (build) => ({
          ...build,
          log: { begun: any.day(), done: any.day(), minutesSpent: any.number() }
        })),
  (state, any) => (state.builds[0] ? change.removeBuild(state, any.of(state.builds).id) : state),
  (state, any) => {
    const tool = library.tools.get(any.of(TOOLS))
    return tool
      ? change.addItem(state, {
          ...change.plainItem(tool, any.id(), any.day()),
          name: any.text(),
          count: any.number(),
          cost: any.number()
        })
      : state
  },
  (state, any) => (state.items[0] ? change.removeItem(state, any.of(state.items).id) : state),
  (state, any) =>
    change.addEntry(state, {
      id: any.id(),
      date: any.day(),
      kind: any.of(ENTRY_KINDS),
      amount: any.number() * any.of([1, -1]),
      text: any.text()
    }),
  (state, any) =>
    state.ledger[0] ? change.reverseEntry(state, any.of(state.ledger).id, any.id()) : state,
  (state, any) =>
    state.ledger[0]
      ? change.refundEntry(state, {
          entry: any.of(state.ledger).id,
          date: any.day(),
          amount: any.number(),
          id: any.id(),
          returned: 0
        })
      : state,
  (state, any) =>
    change.addQuote(state, {
      id: any.id(),
      offer: any.of(['jigsaw/weekend/new/buy/corded', 'none', 'my/find']),
      date: any.day(),
      price: any.number(),
      seller: 'other'
    }),
  (state, any) =>
    change.addOffer(
      state,
      {
        id: any.of(['my/find', 'find']),
        tool: any.of(TOOLS),
        tier: 'weekend',
        condition: 'used',
        acquisition: 'buy',
        power: 'hand',
        link: any.of(['https://example.org/a', 'javascript:alert(1)'])
      },
      { id: any.id(), offer: 'my/find', date: any.day(), price: any.number(), seller: 'other' }
    ),
  (state, any) =>
    change.addBundle(
      state,
      {
        id: `my/${any.id()}`,
        name: any.text(),
        pieces: Array.from({ length: any.of([0, 1, 3, 31]) }, () => ({
          tool: any.of(TOOLS),
          tier: 'weekend' as const,
          condition: 'new' as const,
          power: 'hand' as const,
          count: 1
        }))
      },
      { id: any.id(), offer: 'my/find', date: any.day(), price: any.number(), seller: 'other' }
    ),
  (state, any) =>
    change.addDeal(state, {
      id: any.id(),
      name: any.text(),
      buy: any.number(),
      free: any.number(),
      tools: any.of([[], ['jigsaw'], ['none']])
    }),
  (state, any) =>
    change.addSaleWindow(state, {
      id: any.id(),
      name: any.text(),
      from: any.day(),
      until: any.day(),
      off: any.number(),
      chance: any.number(),
      tools: []
    }),
  (state, any) => change.wish(state, any.of([...TOOLS.slice(0, 5), 'none']), true),
  (state, any) => change.ban(state, { kind: 'tool', id: any.of([...TOOLS.slice(0, 5), 'none']) }),
  (state, any) =>
    change.pin(state, {
      offer: any.of(['jigsaw/weekend/new/buy/corded', 'none']),
      count: any.number(),
      date: any.day()
    }),
  (state, any) =>
    change.askNeed(state, {
      tool: any.of(TOOLS),
      build: any.of([...state.builds.map(({ id }) => id), 'none']),
      asked: any.day(),
      until: any.day()
    }),
  (state, any) => ({
    ...state,
    scenarios: [
      ...(state.scenarios ?? []),
      { id: any.id(), name: any.text(), change: { incomeTimes: any.number(), without: ['jigsaw'] } }
    ]
  })
]

/** How often a value is a sound one. */
const SOUND = 0.75

/** A run of commands from one seed: every state the door let in, and how many it refused. */
export function commandRun(
  start: Workspace,
  seed: number,
  commands: number
): { readonly states: readonly Workspace[]; readonly refused: number } {
  const random = seededRandom(seed)
  const of = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T
  let count = 0
  const any: Any = {
    of,
    text: () => (random() < SOUND ? `Thing ${count}` : of(TEXTS)),
    number: () => (random() < SOUND ? Math.floor(random() * 40) + 1 : of(NUMBERS)),
    day: () => (random() < SOUND ? TODAY : of(DAYS)),
    id: () => (random() < 0.95 ? `id-${seed}-${++count}` : of(['', 'ä', 'id-1', 'x'.repeat(121)]))
  }
  const states: Workspace[] = []
  let [state, refused] = [start, 0]
  for (let i = 0; i < commands; i++) {
    const checked = checkChange(state, of(COMMANDS)(state, any), library)
    if (!checked.ok) {
      refused++
      continue
    }
    state = stamped(
      state,
      checked.value,
      `2026-05-04T10:00:${String(i % 60).padStart(2, '0')}.000Z`
    )
    states.push(state)
  }
  return { states, refused }
}
