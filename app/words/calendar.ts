import type { CalendarWords } from '../../core/formats'
import { said } from './language'
import { careTasks } from './upkeep'
import type { Say } from './say'

/** What stands in the plan's calendar, and how files in open formats are called. */
export const calendar = said('calendar', {
  buy: (what: string, count: number) => `Buy ${what}${count > 1 ? ` × ${count}` : ''}`,
  price: (amount: string, build: string | undefined) =>
    `Planned at ${amount}${build === undefined ? '' : `, for ${build}`}.`,
  build: (name: string, copies: number | undefined) =>
    `Build ${name}${copies === undefined ? '' : ` (${copies})`}`,
  make: (name: string) => `Make ${name}`,
  work: (hours: string) => `${hours} of work.`,
  purchase: 'Purchase',
  builds: 'Build',
  care: (task: string, item: string) => `${task}: ${item}`,
  cares: 'Care',
  files: {
    tools: 'tools',
    prices: 'prices',
    ledger: 'ledger',
    plan: 'plan',
    inventory: 'inventory',
    pocket: 'pocket list'
  }
})

/** The words of the calendar with names and money as they are said. */
/** @param itemName the name of a thing owned, by its id */
export const calendarWords = (say: Say, itemName: (item: string) => string): CalendarWords => ({
  buy: (offer, count) => calendar.buy(say.offer(offer), count),
  price: (price, build) =>
    calendar.price(say.money(price), build === undefined ? undefined : say.build(build)),
  build: (build, copies) =>
    build.startsWith('make/')
      ? calendar.make(say.build(build))
      : calendar.build(say.build(build), copies),
  hours: (minutes) => calendar.work(say.duration(minutes)),
  care: (item, task) => calendar.care(careTasks[task]?.name ?? task, itemName(item)),
  kinds: { purchase: calendar.purchase, build: calendar.builds, care: calendar.cares }
})
