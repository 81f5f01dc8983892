import { plural } from './plural'
import type { SellerType } from '../../core/prices'
import type { DealWorth } from '../../core/weigh'
import { lowerFirst } from './bench'
import type { Say } from './say'
import { said } from './language'

export const prices = said('prices', {
  title: (own: number) =>
    own === 0 ? 'No price of your own yet' : `${plural(own, 'price', 'prices')} of your own`,
  subtitle: (basis: 'own-level' | 'calibrated' | 'usual', quotes: number, level: string) =>
    basis === 'own-level'
      ? `Typical prices stand at the level of your settings: ${level} for a weekend cordless drill with two packs.`
      : basis === 'calibrated'
        ? `They calibrate every typical price: ${level} for a weekend cordless drill with two packs, from ${plural(quotes, 'price', 'prices')} that are no sale.`
        : `Typical prices stand at your currency’s usual level: ${level} for a weekend cordless drill with two packs. One or two prices of your own correct them all.`,
  add: 'A price you have seen',
  tool: 'Tool',
  tier: 'Tier',
  condition: 'Condition',
  power: 'Power',
  price: 'Price',
  date: 'Seen on',
  seller: 'Seller',
  until: 'Until',
  sellerName: {
    'timber-yard': 'timber yard',
    'hardware-store': 'hardware store',
    online: 'online',
    private: 'private',
    auction: 'auction',
    'hire-depot': 'hire depot',
    other: 'other'
  } as Readonly<Record<SellerType, string>>,
  put: 'Put it in',
  paste: 'Paste or open a list',
  pasteLabel: 'The rows, with their headings',
  pasteHint:
    'First row: tool, price, and where you know it date, seller, tier, condition, power, until, currency. Commas, semicolons or cells from a sheet.',
  pasteExample: 'tool,price,date,seller,condition\nJigsaw,59.90,2026-04-28,online,new',
  open: 'Open a file',
  ready: (good: number, rows: number) => `${good} of ${rows} rows are in order.`,
  take: (count: number) => `Take in ${plural(count, 'price', 'prices')}`,
  taken: (count: number) => `${plural(count, 'price is', 'prices are')} in.`,
  table: 'Your prices',
  head: { tool: 'Tool', price: 'Price', seen: 'Seen', seller: 'Seller', against: 'Typical here' },
  against: (say: Say, typical: number) => `${say.money(typical)} ~`,
  age: (days: number) => (days <= 0 ? 'today' : days === 1 ? 'yesterday' : `${days} days ago`),
  stale: 'old: look again',
  ended: (day: string) => `ended ${day}`,
  endsOn: (day: string) => `until ${day}`,
  remove: 'Take out',
  noLonger: ' · no longer on offer',
  noTable: 'Prices you put in stand here with their age.',
  find: 'A used find',
  findHint:
    'One piece that turned up, with its own measures. Test it running before you pay; a repair reserve is counted in.',
  findName: 'What it is, in a few words',
  measures: 'Its measures, where they differ',
  findLink: 'Link to it, if it has one',
  putFind: 'Keep this find',
  bundle: 'A bundle',
  bundleHint:
    'Several tools sold as one. It is a bargain only for the pieces you would buy anyway.',
  bundleName: 'Name',
  bundleTools: 'What is in it',
  putBundle: 'Keep this bundle',
  bargain: (
    say: Say,
    b: {
      saves: number
      separately: number
      wanted: readonly { tool: string }[]
      unwanted: readonly { tool: string }[]
    },
    allIn: number
  ): string => {
    const names = (list: readonly { tool: string }[]): string =>
      list.map(({ tool }) => say.shortTool(tool)).join(', ')
    if (b.wanted.length === 0)
      return `${say.money(allIn)}: nothing in it is planned or wished for, so it is no bargain for you.`
    const rest = b.unwanted.length > 0 ? ` ${names(b.unwanted)} would come along unasked.` : ''
    return b.saves > 0
      ? `${say.money(allIn)}: a bargain. ${names(b.wanted)} alone cost ${say.money(b.separately)}; it saves ${say.money(b.saves)}.${rest}`
      : `${say.money(allIn)}: no bargain. ${names(b.wanted)} alone cost ${say.money(b.separately)}; it is ${say.money(-b.saves)} dearer.${rest}`
  },
  deal: 'Buy several, get one free',
  dealBuy: 'Buy',
  dealFree: 'get free',
  dealMost: 'times at the most',
  dealTools: 'Holds for',
  putDeal: 'Keep this deal',
  dealLine: (
    say: Say,
    deal: {
      name: string
      buy: number
      free: number
      tools: readonly string[]
      until?: string | undefined
      most?: number | undefined
    }
  ) =>
    `${deal.name}: buy ${deal.buy}, the cheapest ${deal.free === 1 ? 'one' : deal.free} of each ${deal.buy + deal.free} free, for ${deal.tools.map((id) => say.shortTool(id)).join(', ')}${deal.most === undefined ? '' : `, ${deal.most === 1 ? 'once' : `${deal.most} times`} at the most`}${deal.until === undefined ? '' : `, until ${say.shortDay(deal.until)}`}.`,
  dealWorth: (
    say: Say,
    { until }: { readonly until?: string | undefined },
    { wanted, gain, saved, more, planned }: DealWorth
  ): string => {
    if (wanted === 0) return 'You would buy nothing of it anyway, so it is no bargain for you.'
    const worth =
      saved === 0
        ? `You would buy ${wanted} of it, and that takes nothing off.`
        : `Worth it for ${gain === wanted ? (wanted === 1 ? 'the one' : `all ${wanted}`) : `${gain} of the ${wanted}`} you would buy: ${say.money(saved)} off, bought together${until === undefined ? '' : ` by ${say.shortDay(until)}`}.`
    const asked = more && `${more.pieces} more ${lowerFirst(say.shortTool(more.tool))}`
    const rest =
      !more || asked === undefined
        ? ''
        : more.costs <= 0
          ? ` ${asked} would come along for nothing, unasked.`
          : ` To have more off, ${asked} would have to come along unasked, for ${say.money(say.about(more.costs))} in the end.`
    const when = planned ? ` The plan buys them together on ${say.shortDay(planned.date)}.` : ''
    return `${worth}${rest}${when}`
  },
  sale: 'A sale that is expected',
  saleOff: 'Off, per cent',
  saleChance: 'Chance, per cent',
  saleFrom: 'From',
  saleTools: 'Holds for (all tools when empty)',
  putSale: 'Keep this sale',
  saleHint:
    'Around shopping days, father’s day, the year’s end. The Weigh-up says so beside the purchase.',
  name: 'Name',
  lists: 'Bundles and deals',
  noLists: 'None kept yet.',
  needTool: 'Choose a tool first.',
  needPrice: 'A price is needed. A gift is 0.',
  needName: 'Give it a name.',
  needPieces: 'Choose at least two tools; one alone is a plain price.',
  needTools: 'Choose the tools it holds for.',
  past: 'The end lies before the beginning.'
} as const)
