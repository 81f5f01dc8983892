import { titles } from './titles'
import {
  pocketDays,
  type Check,
  type PocketDay,
  type PocketLine,
  type Seen
} from '../../core/shopping'
import type { Plan, Workspace } from '../../core/workspace'
import { lowerFirst } from './bench'
import { plural } from './plural'
import type { Say } from './say'
import { said } from './language'

export const pocket = said('pocket', {
  title: titles.pocket,
  subtitle: 'What to buy next, up to which price, and what to look at before paying',
  none: 'The plan buys nothing in the days ahead.',
  print: 'Print it',
  aisle: 'In the shop',
  asList: 'As a list to print',
  aisleTitle: (count: number, day: string) => `${plural(count, 'thing', 'things')} to buy ${day}`,
  aisleSum: (planned: string, there: string) => `${planned} as planned; ${there} in the purse`,
  aisleNone: 'Nothing is left to buy. The plan looks at the next payday.',
  aisleFuture: (day: string) => `Nothing is planned for today. The next day of buying is ${day}.`,
  bought: 'Bought',
  boughtToday: (count: number, amount: string) =>
    `Bought today: ${plural(count, 'entry', 'entries')}, ${amount}.`,
  tag: 'Price on the tag',
  tagEach: 'Price on the tag, of one',
  note: 'Keep this price',
  noted: 'Kept among your prices; the plan reckons with it.',
  awake: 'The screen stays on while this page is open.',
  notAwake: 'This browser cannot keep the screen on.',
  offline: 'No network: all of this works without one.',
  seen: {
    planned: (say: Say, { over }: Seen) =>
      over === 0
        ? 'Just what the plan expects. Take it.'
        : `${say.money(-over)} less than the plan expects. Take it.`,
    holds: (say: Say, { over }: Seen) =>
      `${say.money(over)} more than planned. The plan still holds.`,
    'not-there': (say: Say, { tooMuch }: Seen) =>
      `${say.money(tooMuch)} more than there is on that day. Not this one, or not yet.`,
    'look-elsewhere': (say: Say, { over }: Seen) =>
      `${say.money(over)} more than planned: a fifth or more too dear. Look elsewhere.`
  } satisfies Record<Seen['kind'], (say: Say, seen: Seen) => string>,
  on: (day: string) => `On ${day}`,
  planned: 'Planned',
  upTo: 'Up to',
  bounds: {
    money: 'more than that is not there on the day',
    fair: 'dearer than that, look elsewhere'
  } as const satisfies Record<PocketLine['limit'], string>,
  forBuild: (build: string) => `for ${build}`,
  look: 'Look at',
  total: (say: Say, { total, saved }: Pick<PocketDay, 'total' | 'saved'>) =>
    `All of it as planned: ${say.money(total)}${saved > 0 ? `, with ${say.money(saved)} off by deals` : ''}`,
  footnote:
    'Each upper price holds if the others cost what is planned. Follow the tool’s manual; a machine with a damaged cord or guard is not switched on.',
  checks: {
    runs: 'have it run, under load if you may',
    cord: 'cord, plug and switch whole',
    pack: 'battery holds its charge; its age',
    bearings: 'no play, no grinding, no smell',
    guard: 'guard and riving knife there and moving freely',
    fence: 'fence locks square and straight',
    flat: 'sole or table flat against a straight edge',
    square: 'square: draw a line, turn it over, draw again',
    edge: 'edge and iron: enough steel, no deep rust',
    jaws: 'bar straight, thread clean, pads there',
    parts: 'all parts and the manual there',
    size: 'the sizes on the tag'
  } as const satisfies Record<Check, string>
} as const)

const plain = (text: string): string =>
  text
    .replace(/([\\`*_[\]<>#|~])/g, '\\$1')
    .replace(/\s+/g, ' ')
    .trim()

/** The pocket list as Markdown; names are text in it, whatever they hold. */
export function pocketMarkdown(
  say: Say,
  workspace: Workspace,
  lines: readonly PocketLine[],
  asOf: string,
  savings?: Plan['savings']
): string {
  const item = (line: PocketLine): string[] => [
    `- [ ] **${plain(say.offer(line.offer))}**${line.count > 1 ? ` × ${line.count}` : ''}: ${plain(say.money(line.price))}, up to ${plain(say.money(line.upTo))} (${pocket.bounds[line.limit]})${line.forBuild === undefined ? '' : `, ${plain(pocket.forBuild(say.build(line.forBuild)))}`}`,
    ...(line.checks.length === 0
      ? []
      : [`  - ${pocket.look}: ${line.checks.map((check) => pocket.checks[check]).join('; ')}`]),
    ...(line.caution === undefined ? [] : [`  - ${plain(line.caution)}`])
  ]
  return [
    `# ${pocket.title}: ${plain(workspace.name)}`,
    '',
    `${say.day(asOf)}`,
    '',
    ...(lines.length === 0
      ? [pocket.none, '']
      : pocketDays(lines, savings).flatMap((day) => [
          `## ${pocket.on(say.day(day.date))}`,
          '',
          ...day.lines.flatMap(item),
          '',
          plain(lowerFirst(pocket.total(say, day))),
          ''
        ])),
    pocket.footnote,
    ''
  ].join('\n')
}
