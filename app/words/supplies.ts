import type { Need, SupplyLine } from '../../core/supplies'
import { joined } from './bench'
import { said } from './language'
import type { Say } from './say'
import { operationUnits } from './units'

/** How much of it, in its unit: "0.5 l", "2 boxes", "12 hours". */
const amount = (say: Say, { unit }: Pick<SupplyLine, 'unit'>, value: number): string =>
  `${say.number(value, value < 10 ? 2 : 0)} ${operationUnits(unit, value, 'metric')}`

/** Glue, finish, screws, blades, discs and bits: what is there, what is needed, when and in which size to buy. */
export const supplies = said('supplies', {
  tab: 'Used up',
  title: (count: number): string =>
    count === 0
      ? 'What your builds use up is there'
      : count === 1
        ? 'One thing runs out before your builds are done'
        : `${count} things run out before your builds are done`,
  subtitle:
    'Glue, finish, screws, blades, discs and bits. What builds take is taken off by their logs; count once, and again when it looks wrong.',
  none: 'Plan a build, and what it uses up stands here.',
  amount,
  head: {
    what: 'What',
    have: 'There',
    needs: 'Builds ahead need',
    out: 'Runs out',
    buy: 'Buy',
    put: 'Count, or put in what came'
  },
  unknown: 'never counted',
  keeps: (day: string): string => `keeps until ${day}`,
  old: 'too old by then: try it on scrap, and do not count on it',
  enough: 'enough',
  outAt: (build: string, day: string): string => `at ${build}, ${day}`,
  /** What to buy: so many of each size, what it costs, and what that saves. */
  buy: (say: Say, line: SupplyLine): string => {
    const sizes = joined(
      (line.buy?.packs ?? []).map(({ pack, count }) =>
        line.kind === 'wears'
          ? `${count} new`
          : line.unit === 'litre' || line.unit === 'metre'
            ? `${count} × ${say.number(pack.amount, 3)} ${operationUnits(line.unit, pack.amount, 'metric')}`
            : pack.amount === 1
              ? `${count} of the usual size`
              : `${count} of ${say.number(pack.amount, 1)} times the size`
      )
    )
    return `${sizes}, ${say.money(line.cost)}`
  },
  saves: (money: string): string => `${money} less than in the usual size`,
  need: (say: Say, line: SupplyLine): string =>
    amount(
      say,
      line,
      line.needs.reduce((sum, one: Need) => sum + one.amount, 0)
    ),
  count: (what: string): string => `${what}: so much is there`,
  came: (what: string): string => `${what}: so much came in`,
  countIs: 'There now',
  cameIn: 'Came in',
  pieces: 'spare ones',
  open: 'Opened today',
  opened: (what: string): string => `${what}: opened today`,
  add: 'Something else you keep',
  choose: 'What',
  moves: 'What you noted',
  kinds: { count: 'counted', in: 'came in', opened: 'opened', gone: 'thrown away' },
  move: (what: string, kind: string, much: string, day: string): string =>
    `${what}: ${kind}${much === '' ? '' : ` ${much}`}, ${day}`,
  takeOut: (what: string, day: string): string => `Take out the note of ${what} on ${day}`,
  inPlan:
    'What is there is shared over the builds that need it, and the plan pays that much less for their material. Blades, discs and bits are reckoned by the hour in the plan as before.',
  pocket: 'Used up by the builds ahead',
  pack: 'How many of the usual size',
  receiptGroup: 'Into stock',
  steps: {
    counted: (what: string): string => `counting ${what}`,
    came: (what: string): string => `putting in ${what}`,
    opened: (what: string): string => `opening ${what}`,
    out: (what: string): string => `taking out a note of ${what}`
  }
} as const)
