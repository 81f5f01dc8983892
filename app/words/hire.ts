import type { Hire } from '../../core/prices'
import { said } from './language'
import { plural } from './plural'
import type { Say } from './say'

const DAYS_APART = 7

/** What can be hired, and shared workshops. */
export const hire = said('hire', {
  title: 'To hire, and shared workshops',
  none: 'None kept yet. A day of hire usually costs about a tenth of what the tool costs new.',
  add: 'Something to hire, or a shared workshop',
  name: 'Name',
  tools: 'What it brings',
  per: 'Paid by',
  perName: { day: 'day', visit: 'visit', month: 'month' } as Readonly<Record<Hire['per'], string>>,
  fee: 'Fee, all in',
  hours: (per: Hire['per']) => `Hours of work a ${per}`,
  elsewhere: 'The work is done there',
  until: 'To be had until',
  put: 'Keep it',
  added: (name: string) => `keeping ${name}`,
  removed: (name: string) => `taking out ${name}`,
  needHours: 'Say how many hours one can work with it.',
  hint: 'Blades, bits and extraction come with it; protection is your own. What needs it is done in its days, the rest of a build may come after.',
  caution:
    'Have it shown to you before you start it. The tool’s manual, the depot’s instructions and the workshop’s rules decide.',
  line: (say: Say, { name, pieces, per, fee, minutes, elsewhere, until }: Hire) =>
    `${name}: ${say.money(fee)} a ${per} for ${pieces.map(({ tool }) => say.shortTool(tool).toLowerCase()).join(', ')}; ${say.duration(minutes)} of work a ${per}${elsewhere ? ', there' : ''}${until === undefined ? '' : `, until ${say.shortDay(until)}`}.`,
  planned: (stretch: string, day: string, builds: string) =>
    `The plan hires it for ${stretch} from ${day}${builds === '' ? '' : `, for ${builds}`}.`,
  notPlanned: 'The plan does without: buying, or another way, comes out better.',
  paid: (until: string) => `Paid for until ${until}.`,
  stretch: (per: Hire['per'], days: number, count: number) =>
    per === 'month'
      ? plural(count, 'month', 'months')
      : per === 'visit'
        ? plural(count * ((days - 1) / DAYS_APART + 1), 'visit', 'visits')
        : plural(count * days, 'day', 'days'),
  offer: (name: string, stretch: string) => `${name}, ${stretch}`,
  alreadyPaid: (name: string) => `${name}, paid for already`
} as const)
