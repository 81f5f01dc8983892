import { mainRung, type Band, type Ladder, type NotFor, type Rung } from '../../core/ladder'
import { joined, lowerFirst } from './bench'
import { plural, upperFirst } from './plural'
import { terms } from './terms'
import { duration, type Say } from './say'
import { said } from './language'

const builds = (say: Say, ids: readonly string[], most = 3): string =>
  ids.length <= most
    ? joined(ids.map((id) => say.build(id)))
    : `${ids
        .slice(0, most - 1)
        .map((id) => say.build(id))
        .join(', ')} and ${ids.length - most + 1} more`
const tools = (say: Say, ids: readonly string[], most = 3): string =>
  joined(ids.slice(0, most).map((id) => lowerFirst(say.shortTool(id))))

/** Fewer minutes a year than this are not worth a word. */
const FEW_MINUTES = 15
/** Less of the area than this, and neighbours may change places. */
const LOOSE = 0.002

const lead = (say: Say, { lead: { tool, count } }: Rung): string =>
  `${say.shortTool(tool)}${count > 1 ? ` ×${count}` : ''}`

export const ladder = said('ladder', {
  /** The rung that does the work: the dearest up to the one with which the first build opens. */
  headline: (say: Say, { rungs, already }: Ladder): string => {
    const opening = rungs.findIndex(({ opens }) => opens.length > 0)
    const [first] = rungs
    if (!first)
      return already.length > 0 ? 'You have what your builds need' : 'Nothing to put in order yet'
    if (opening < 0) return `${lead(say, first)} next: it saves the most for its money`
    const main = mainRung({ rungs }) ?? first
    const opened = rungs[opening]?.opens ?? []
    const with_ = opening === 0 || main === rungs[opening] ? '' : `, with what stands below it,`
    return `${lead(say, main)} first: it${with_} opens ${builds(say, opened, 2)}`
  },
  working: 'Putting the tools in order …',
  again: 'Something has changed: making the ladder anew …',
  subtitle: (say: Say, { rungs, now, inTime }: Ladder): string => {
    const reached = rungs.filter(({ band }) => band === 'first').length
    const later = rungs.filter(({ band }) => band === 'next').length
    const total = rungs.at(-1)?.total ?? 0
    const all = `${plural(rungs.length, 'rung', 'rungs')}, ${say.money(total)} in all`
    if (rungs.length === 0)
      return 'Nothing that is for sale would bring your builds more than it costs.'
    if (reached === rungs.length)
      return `${all}; the ${say.money(now)} that are there reach all of it`
    const here =
      reached > 0 ? `${say.money(now)} reach rung ${reached}` : `${say.money(now)} are there`
    return `${all}; ${here}${later > 0 ? `, all that comes in time (${say.money(inTime)}) rung ${reached + later}` : ''}`
  },
  caption:
    'From the top: single tools in the order that gives you the most, at whatever rung you stop. What must come along is in the price of its rung; the double line is your money.',
  bands: {
    first: 'The money is there',
    next: 'When the money has come',
    later: 'Beyond the money of the plan'
  } satisfies Record<Band, string>,
  line: (say: Say, band: Band, { now, inTime }: Ladder): string =>
    band === 'next'
      ? `${say.money(now)} are there now: this far`
      : `${say.money(inTime)} come in time: this far`,
  name: lead,
  along: (say: Say, { along }: Rung): string =>
    along.length === 0
      ? ''
      : `with ${joined(along.map(({ tool, count, made }) => `${lowerFirst(say.shortTool(tool))}${count > 1 ? ` ×${count}` : ''}${made ? ' (make it)' : ''}`))}`,
  made: 'make it',
  short: (say: Say, rung: Rung): string => {
    if (rung.opens.length > 0) return `opens ${builds(say, rung.opens)}`
    if (rung.withRung !== undefined) return `pays with rung ${rung.withRung + 1}`
    if (rung.without.minutesPerYear >= FEW_MINUTES)
      return `saves ${duration(rung.without.minutesPerYear)} a year`
    if (rung.own !== undefined && rung.usedIn.length === 0) return ladder.own[rung.own]
    if (rung.without.closes.length > 0)
      return `holds ${builds(say, rung.without.closes, 2)} up otherwise`
    return 'a little less work'
  },
  own: {
    wish: 'on your list of wishes',
    order: 'less fetching and looking for things'
  },
  used: ({ usedIn, of, steps, own }: Rung): string =>
    own !== undefined && usedIn.length === 0
      ? 'no build asks for it'
      : `in ${usedIn.length} of ${plural(of, 'build', 'builds')}, ${plural(steps, 'step', 'steps')}`,
  total: (say: Say, { total }: Rung): string => `${say.money(total)} so far`,
  details: (say: Say, rung: Rung, last: boolean): string[] => {
    const { without, withRung, usedIn, tier, timber, gain, cost, firmness, opens } = rung
    const said: string[] = []
    if (opens.length > 0)
      said.push(
        `With it you can make ${builds(say, opens, 5)}: together that is worth ${say.money(say.about(gain))} to you, for ${say.money(cost)}.`
      )
    else if (withRung !== undefined)
      said.push(
        `By itself it brings ${gain < 100 ? 'nothing' : say.money(say.about(gain))} yet: it pays together with rung ${withRung + 1}.`
      )
    else said.push(`It is worth ${say.money(say.about(gain))} to you here, for ${say.money(cost)}.`)
    if (usedIn.length > 0) said.push(`Used for ${builds(say, usedIn, 5)}.`)
    const { closes, minutesPerYear, instead } = without
    if (closes.length > 0)
      said.push(`Once the rest is there, without it you could not make ${builds(say, closes, 4)}.`)
    if (minutesPerYear >= FEW_MINUTES)
      said.push(
        `Without it the same pieces take ${duration(minutesPerYear)} more a year${instead.length > 0 ? `, with ${tools(say, instead, 2)}` : ''}.`
      )
    else if (closes.length === 0 && instead.length > 0)
      said.push(`The other way round: ${tools(say, instead)}.`)
    said.push(ladder.tier(say, tier))
    if (timber)
      said.push(
        `Rough boards instead of planed save ${say.money(say.about(timber.savesPerM3))} a cubic metre here, milling included: by timber alone it is paid after ${say.volume(Number(timber.volumeM3.toPrecision(2)))}.`
      )
    if (!last)
      said.push(
        firmness > LOOSE
          ? `Its place before the next rung is firm.`
          : `It could just as well change places with the next rung.`
      )
    return said
  },
  tier: (say: Say, { tier, cheaper }: Rung['tier']): string => {
    const name = upperFirst(terms.tierName[tier] ?? tier)
    if (!cheaper) return `${name}: nothing cheaper of it does the same.`
    if (cheaper.closes.length > 0)
      return `${name}: the next cheaper saves ${say.money(cheaper.saves)}, but is not exact enough for ${builds(say, cheaper.closes)}.`
    if (cheaper.loses > 100)
      return `${name}: the next cheaper saves ${say.money(cheaper.saves)}, but costs you ${say.money(say.about(cheaper.loses))} in hours and trimming.`
    return `${name}: it costs you less in the end than the next cheaper, which brings less when it is sold again.`
  },
  have: 'I have it',
  notForMe: 'Not for me',
  weigh: 'Weigh it against others',
  notFor: 'Not for your builds',
  notForCount: (shown: number, unasked: number): string =>
    `${plural(shown, 'tool', 'tools')} could do some step and would not pay; ${unasked} more are asked for by no step.`,
  reason: (say: Say, one: NotFor): string => {
    switch (one.kind) {
      case 'ruled-out':
        return 'you ruled it out'
      case 'no-way':
        return 'your room, circuit or comfort leave it out'
      case 'same-as':
        return `its work is done by the ${lowerFirst(say.shortTool(one.other))}`
      case 'too-dear':
        return one.brings < 100
          ? `brings your builds nothing, for ${say.money(one.cost)}`
          : `would bring ${say.money(say.about(one.brings))} for ${say.money(one.cost)} with what comes along`
    }
  },
  already: (say: Say, ids: readonly string[]): string =>
    `With what you have you can make ${builds(say, ids, 6)}.`,
  never: (say: Say, ids: readonly string[]): string =>
    `No rung makes ${builds(say, ids, 6)} worth while: what they bring is less than what they cost, or a step has no way. Their pages say which.`,
  exact: 'This order was compared with every other order of these rungs.',
  searched: 'With so many rungs the order was searched for, not compared with every other one.',
  beside: 'Beside it',
  besideHint:
    'The same builds and things owned, as somebody of another school would buy; or with another sum.',
  besideMine: 'As you work',
  besideTotal: (say: Say, total: number) => `${say.money(total)} once`,
  besideRun: 'Put side by side',
  besideLine: (say: Say, total: number) => `${say.money(total)} reach this far`,
  show: 'Show all',
  fewer: 'Show fewer'
} as const)
