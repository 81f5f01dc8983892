import type { Beginning } from '../../core/explain'
import type { Say } from './say'
import { lowerFirst } from './bench'
import { said } from './language'

/** Up to two builds by name, and how many more; shop-made jigs are not what one buys for. */
function someBuilds(say: Say, ids: readonly string[]): string {
  const pieces = ids.filter((id) => !id.startsWith('make/'))
  const names = (pieces.length > 0 ? pieces : ids).map((id) => lowerFirst(say.build(id)))
  return names.length > 2
    ? `${names[0] ?? ''}, ${names[1] ?? ''} and ${names.length - 2} more`
    : names.join(' and ')
}

/** What is said of the next purchase on several pages: why the plan begins with it, and the sale that is expected. */
export const firsts = said('firsts', {
  sale: (
    say: Say,
    sale: { name: string; from: string; until: string; off: number; chance: number }
  ) =>
    `${sale.name}: ${say.percent(sale.off)} off expected from ${say.shortDay(sale.from)} to ${say.shortDay(sale.until)}, chance ${say.percent(sale.chance)}`,
  beginning: (say: Say, lead: string, b: Beginning): string => {
    if (b.kind === 'same') return 'The plan begins with the same.'
    const first = `The plan buys ${lowerFirst(say.shortOffer(b.first))} first, on ${say.shortDay(b.firstDate)}${b.firstOpens.length > 0 ? `, for ${someBuilds(say, b.firstOpens)}` : ''}`
    const name = lowerFirst(say.shortTool(lead))
    switch (b.kind) {
      case 'later':
        return `${first}; ${name} follows on ${say.shortDay(b.date)}${b.short === undefined ? ', as its builds come later in the hours you have' : `, since ${say.money(b.short)} is missing before`}.`
      case 'otherwise':
        return `${first}. It reaches ${someBuilds(say, b.builds)} with ${lowerFirst(say.shortOffer(b.through))} instead of ${name}, since the plan counts what several builds share over all its paydays.`
      case 'left-out':
        return `${first}. It leaves out ${someBuilds(say, b.builds)}, which ${name} would open: within its paydays and hours they do not fit or do not pay.`
    }
  }
} as const)
