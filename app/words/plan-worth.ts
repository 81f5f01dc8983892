import type { Difference, PaidBack } from '../../core/explain'
import { plural } from './plural'
import type { Say } from './say'
import { said } from './language'

/** A few of them by name, the rest by number. */
const NAMED = 4
const list = (names: readonly string[]): string =>
  names.length <= NAMED
    ? names.join(', ')
    : `${names.slice(0, NAMED - 1).join(', ')} and ${names.length - NAMED + 1} more`

/** What a plan is worth, how much better it could be, and what would be without a purchase. */
export const worthWords = said('worthWords', {
  worth: (value: string) =>
    `This plan is worth ${value} seen from today: builds and sales less what is paid, wasted and worn, with what the tools go on bringing.`,
  paidBack: ({ cost, pieces, date }: PaidBack, say: Say): string =>
    date === undefined
      ? `The first tools cost ${say.money(cost)}; the ${plural(pieces, 'piece', 'pieces')} of this plan do not bring that back before it ends.`
      : `The first tools, ${say.money(cost)}, are paid back by ${plural(pieces, 'piece', 'pieces')} sold, on ${say.day(date)}; hours are not counted in that.`,
  prove: 'How much better could it be?',
  proving: 'Working out an upper limit …',
  gain: (share: string, amount: string) =>
    `No plan can be more than ${share} (${amount}) better. Most of that measures the limit, which is drawn generously, not the plan.`,
  gainNone: 'It is proven: no plan is better by more than a thousandth.',
  gainUnknown: 'No limit could be worked out in a minute.',
  askTitle: 'And if not?',
  ask: 'Plan again without it, and one tier up and down',
  asking: 'Planning again …',
  dropped: 'Without it',
  tierIs: (tier: string) => `In ${tier}`,
  difference: (d: Difference, say: Say): string => {
    const names = (ids: readonly string[]): string => list(ids.map((id) => say.build(id)))
    const dated = (moves: Difference['later']): string =>
      list(
        moves.map(
          ({ build, from, to }) => `${say.build(build)} ${say.shortDay(from)} → ${say.shortDay(to)}`
        )
      )
    const said = [
      d.lost.length > 0 ? `lost: ${names(d.lost)}` : '',
      d.won.length > 0 ? `won: ${names(d.won)}` : '',
      d.later.length > 0 ? `later: ${dated(d.later)}` : '',
      d.sooner.length > 0 ? `sooner: ${dated(d.sooner)}` : '',
      d.bought.length > 0
        ? `bought instead: ${list(d.bought.map((offer) => say.offer(offer).toLowerCase()))}`
        : '',
      d.spent !== 0 ? `${say.money(Math.abs(d.spent))} ${d.spent > 0 ? 'more' : 'less'} spent` : '',
      Math.abs(d.minutes) >= 15
        ? `${say.duration(Math.abs(d.minutes))} ${d.minutes > 0 ? 'more' : 'less'} work`
        : ''
    ].filter((one) => one !== '')
    const worth =
      Math.abs(d.value) < 1
        ? 'No difference in worth'
        : d.aboutTheSame
          ? 'Worth about the same'
          : `Worth ${say.money(Math.round(Math.abs(d.value)))} ${d.value < 0 ? 'less' : 'more'}`
    return `${worth}${said.length > 0 ? ` · ${said.join(' · ')}` : ''}.`
  },
  waitsFor: (builds: string) => `Waiting for it, and sooner without it: ${builds}.`,
  moreTitle: 'What the next money would do',
  moreAsk: (amount: string) => `With ${amount} more today`,
  moreNote: 'Planned again with that much more in the purse.'
} as const)
