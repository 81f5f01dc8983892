import { plural } from './plural'
import { said } from './language'

export const inventory = said('inventory', {
  title: (worth: string) => `What you own is worth about ${worth}`,
  subtitle: (count: number, paid: string, replace: string) =>
    `${plural(count, 'line', 'lines')}, ${paid} paid, ${replace} to buy all of it new today`,
  hint: 'Worth now is what it would bring: the price paid, or that of a new one where it is not known, times the usual share for its kind, quality and condition. Prices of new ones are your quotes or typical.',
  empty: 'Nothing is owned yet. Tick it in the kit, or record a purchase.',
  print: 'Print it',
  csv: 'Save as CSV',
  tool: 'Tool',
  quality: 'Quality',
  since: 'Since',
  age: 'Age',
  paid: 'Paid',
  worth: 'Worth now',
  replace: 'New today',
  unknown: 'not known',
  years: (years: number) =>
    years < 1
      ? plural(Math.round(years * 12), 'month', 'months')
      : `${(Math.round(years * 10) / 10).toFixed(1)} years`,
  sold: 'Sold',
  sellTitle: (tool: string) => `Sold: ${tool}`,
  soldFor: 'Brought',
  oneOf: (count: number) => `One of the ${count}; the others stay.`
} as const)
