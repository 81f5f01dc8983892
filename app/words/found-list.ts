import type { Beside, Forgotten, LineAdvice, ListAdvice, Standing } from '../../core/found-list'
import { joined, lowerFirst } from './bench'
import { plural } from './plural'
import type { Say } from './say'
import { said } from './language'

const small = (say: Say, ids: readonly string[]): string =>
  joined(ids.map((id) => lowerFirst(say.shortTool(id))))

export const foundList = said('foundList', {
  title: 'Check a list you found',
  titleRead: (need: number, of: number) =>
    need === 0
      ? `None of these ${of} is needed for your builds`
      : `${need} of ${of} on this list are for your builds`,
  hint: 'Every list is another. Paste one, a tool a line, with prices or without: each line is held against your builds, your plan and what you have.',
  label: 'The list',
  example: 'Combination square 12"  $25\n4 F-clamps, 24 inch\ncordless drill\nchisels\n…',
  clear: 'Another list',
  working: 'Putting your own tools in order first …',
  noBuilds: 'Add a build first: a list can only be judged by what you want to make.',
  read: (tools: number, asked: number, none: number) =>
    [
      plural(tools, 'tool recognised', 'tools recognised'),
      asked > 0 ? `${asked} to ask about` : '',
      none > 0 ? `${plural(none, 'line', 'lines')} not read as a tool` : ''
    ]
      .filter((one) => one !== '')
      .join(' · '),
  follows: (school: string) => `It follows “${school}”.`,
  groups: {
    need: 'For your builds',
    have: 'There already, or its work is done otherwise',
    not: 'Not for these builds',
    ask: 'Which one is meant?',
    other: 'Not read as a tool'
  },
  showAll: (count: number) => `${plural(count, 'more line', 'more lines')}`,
  columns: {
    pick: 'Take over',
    tool: 'Tool',
    standing: 'For you',
    with: 'Must come with it',
    price: 'Price'
  },
  pick: (tool: string) => `${tool}: take it over`,
  asWritten: (text: string) => `“${text}”`,
  none: 'none of these',
  meant: (text: string) => `What “${text}” means`,
  standing: (say: Say, standing: Standing, usedIn: readonly string[]): string => {
    const uses =
      usedIn.length > 0 ? `, for ${joined(usedIn.slice(0, 3).map((id) => say.build(id)))}` : ''
    switch (standing.kind) {
      case 'owned':
        return 'You have it'
      case 'planned':
        return `In your plan on ${say.day(standing.date)}${uses}`
      case 'rung':
        return `Rung ${standing.place} of your ladder${uses}; beyond the plan’s money so far`
      case 'done-by':
        return standing.owned
          ? `What it would do, what you have does: ${lowerFirst(say.shortTool(standing.other))}`
          : `What it would do in your builds, ${lowerFirst(say.shortTool(standing.other))} does`
      case 'too-dear':
        return `The cheapest would cost ${say.money(standing.cost)} with what must come along and bring ${
          standing.brings > 0 ? `only ${say.money(standing.brings)}` : 'nothing'
        } in these builds`
      case 'ruled-out':
        return 'You have ruled it out'
      case 'unasked':
        return 'No step of your builds asks for it'
    }
  },
  comesWith: (say: Say, ids: readonly string[]) => small(say, ids),
  price: (say: Say, each: number | undefined, { usual, beside }: LineAdvice): string => {
    const usually = usual === undefined ? '' : `usually ${say.money(usual)}`
    if (each === undefined) return usually
    const says: Record<Beside, string> = {
      low: `low; ${usually}: ask what is wrong with it`,
      usual: 'about usual',
      dear: `dear; ${usually}`
    }
    return `${say.money(each)} each${beside ? `, ${says[beside]}` : ''}`
  },
  unclearPrice: 'its price cannot be read for certain',
  forgotten: 'What the list forgets',
  forgottenNone: 'It names everything your plan buys.',
  forgottenOne: (say: Say, { tool, date, price, protects }: Forgotten) =>
    `${say.shortTool(tool)}${protects ? ' (protection)' : ''}, ${say.money(price)}, ${say.shortDay(date)}`,
  totals: (say: Say, { planned, plannedOfList }: ListAdvice, listed: number | undefined) =>
    `What you need comes to ${say.money(planned)} in your plan, ${say.money(plannedOfList)} of it on this list${
      listed === undefined ? '' : `; the list as priced comes to ${say.money(listed)}`
    }.`,
  asOwned: 'I have these',
  asWishes: 'Wish for these',
  asPrices: 'Keep their prices',
  save: 'Save as text',
  taken: (count: number, as: 'owned' | 'wishes' | 'prices') =>
    as === 'owned'
      ? `${plural(count, 'tool is', 'tools are')} in your kit now.`
      : as === 'wishes'
        ? `${plural(count, 'tool is', 'tools are')} among your wishes now.`
        : `${plural(count, 'price is', 'prices are')} kept, seen today.`,
  fileName: 'checked-list.txt'
} as const)
