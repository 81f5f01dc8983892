import { daysBetween } from '../../../core/calendar'
import type { WaitOrBuy } from '../../../core/timing'
import type { World } from '../../../core/workspace'
import { timing as words, type WaitFigures } from '../../words/timing'
import type { Say } from '../../words/say'

/** Amounts under ten are told more finely than to the whole unit. */
const [FINE_UNDER, FINE] = [1000, 10]

/** Thresholds and averages, told no more finely than they are known. */
const told = (say: Say, amount: number): string =>
  say.money(amount < FINE_UNDER ? Math.round(amount / FINE) * FINE : say.about(amount))

function figuresOf(say: Say, world: World, one: WaitOrBuy): WaitFigures {
  const ahead = one.looks.find(({ bought, sale }) => bought > 0 && sale && sale.from > world.asOf)
  const [put] = [...one.later].sort((a, b) => daysBetween(b.from, b.to) - daysBetween(a.from, a.to))
  const day = one.answer === 'later' ? (one.planned ?? one.until) : (ahead?.sale?.from ?? one.until)
  return {
    upTo: told(say, one.answer === 'later' ? Math.min(one.upTo, one.level.high) : one.upTo),
    high: told(say, one.level.high),
    saves: told(say, Math.max(0, one.saves)),
    loses: told(say, one.loses),
    on: say.shortDay(day),
    sale: ahead?.sale?.name,
    later: put && { build: say.build(put.build), days: daysBetween(put.from, put.to) }
  }
}

const buySentence = (figures: WaitFigures, { anyUsual, loses }: WaitOrBuy): string =>
  anyUsual && loses > 0 ? words.buyAny(figures) : words.buyUpTo(figures)

/** Whether to buy something now or to wait, in one sentence with its figures. */
export function waitSentence(say: Say, world: World, one: WaitOrBuy): string {
  const figures = figuresOf(say, world, one)
  const isProtection = world.library.tools.get(one.tool)?.kind === 'protection'
  switch (one.answer) {
    case 'buy':
      return isProtection ? words.protection : buySentence(figures, one)
    case 'wait':
      return words.waitFor(figures)
    case 'later':
      return words.laterUpTo(figures)
    case 'no-need':
      return words.noNeed
  }
}
