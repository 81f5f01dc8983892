import { said } from './language'

export const record = said('record', {
  title: (tool: string) => `Bought: ${tool}`,
  paid: 'Really paid, for all of it',
  plannedWas: (amount: string) => `The plan had ${amount}.`,
  date: 'On',
  basketTitle: (count: number) => `Bought: ${count} things`,
  basketHint: 'Put in what each really cost; the plan’s prices stand there until you do.',
  basketTotal: 'In all',
  paidFor: (tool: string) => `Paid for ${tool}`,
  more: 'Seller, warranty, condition',
  confirm: 'Put it in the ledger',
  cancel: 'Cancel',
  beginTitle: (build: string) => `Begin: ${build}`,
  timber: 'Timber and fixings, really paid',
  timberHint: 'Put 0 when it was there already.',
  confirmBegin: 'Begin it',
  finishTitle: (build: string) => `Done: ${build}`,
  hours: 'Hours it took',
  expected: (time: string) => `The plan had ${time}.`,
  confirmFinish: 'It is done'
} as const)
