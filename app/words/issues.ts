import type { Findings, Issue } from '../../core/kernel'
import { n, quoted, t, type Sentences } from './sentences'
import { plural } from './plural'
import { BOARD } from './issues-board'
import { CARE } from './issues-care'
import { KEEPING } from './issues-keeping'
import { DATES, FIGURES } from './issues-dates'
import { STORAGE } from './issues-storage'
import { said } from './language'
import { plainSay, type Say } from './say'

const FILES = {
  'file.empty': () => 'The file is empty. Choose a file that was saved from here.',
  'file.unreadable': (_, f) =>
    `The file ${t(f.file)} cannot be read (${t(f.reason)}). Check its name and whether you may open it.`,
  'file.too-large': (_, f) =>
    `The file has ${(n(f.size) / 1e6).toFixed(1)} MB; at most ${n(f.limit) / 1e6} MB are read. A workspace file is far smaller: is it the right file?`,
  'json.syntax': (_, f) =>
    `The file stops making sense at line ${t(f.line)}, column ${t(f.column)} (${t(f.what)}). It may have been cut short or edited; use an earlier copy.`,
  'json.too-deep': (_, f) =>
    `The file nests its parts more than ${t(f.limit)} deep, which no file of this program does. It is left as it is; choose one that was saved from here.`,
  'json.twice': (_, f) =>
    `The file says ${quoted(f.key)} twice in one place (line ${t(f.line)}), and only one of them could hold. Take one out, or use an earlier copy.`,
  'file.not-text': () =>
    'The file holds signs that are no text in UTF-8. Save it again as UTF-8, or use an earlier copy; nothing was changed here.',
  'file.not-this-format': (_, f) =>
    `This is not a ${t(f.expected)} file${f.found === undefined ? '' : ` (it calls itself ${quoted(f.found)})`}. Choose a file that was saved from here.`,
  'file.no-version': () =>
    'The file does not say which version it is. Add "version": 2 if you wrote it yourself.',
  'file.newer': (_, f) =>
    `The file is of version ${t(f.found)}; this program knows up to version ${t(f.known)}. Open it with the newer program, or update this one.`,
  'file.unknown-version': (_, f) =>
    `No program ever wrote version ${t(f.found)} of this file. Correct the version if you edited it.`,
  'file.more-problems': (_, f) => `And ${t(f.more)} more problems.`,
  'file.migrated': (_, f) =>
    `The file was of version ${t(f.from)} and has been brought up to version ${t(f.to)}.`,
  'file.cleaned': (_, f) =>
    `Invisible control or direction marks were taken out of ${t(f.count)} texts.`,
  'file.other-library': (_, f) =>
    `The file was made with tool library ${t(f.made)}; this program has ${t(f.now)}. What you own keeps the figures it was entered with.`,
  'field.unknown': (_, f) =>
    `There is no field ${quoted(f.field)} here. Take it out, or check its spelling.`,
  'field.missing': (_, f) => `A value is missing (${t(f.expected)}).`,
  'field.type': (_, f) => `This has the wrong kind of value; ${t(f.expected)} is expected.`,
  'field.choice': (_, f) => `This must be one of: ${t(f.choices)}.`,
  'list.too-long': (_, f) => `The list is too long; at most ${t(f.limit)} are taken.`,
  'list.empty': () => 'The list must not be empty.',
  'found.too-many': (_, f) =>
    `The list has ${f.lines} lines; the first ${f.most} are looked at. Paste the rest as a list of its own.`,
  'found.no-tools': () =>
    'No line of this reads as a tool. Paste a list with one tool a line, or with commas between them.',
  'id.empty': () => 'The id is empty.',
  'id.too-long': () => 'The id is too long; 120 characters are allowed.',
  'id.characters': () => 'The id may hold letters, digits and / _ . @ + * - only.',
  'id.own-prefix': () => 'An id of your own must begin with my/.',
  'id.duplicate': (_, f) =>
    `The id ${quoted(f.id)} stands twice; entry ${t(f.first)} has it already. Give one of them another id.`,
  'text.empty': () => 'A name is needed here.',
  'text.too-long': (_, f) =>
    f.limit === undefined
      ? 'The text is too long.'
      : `The text is too long; ${t(f.limit)} characters are kept.`,
  'number.not-a-number': (_, f) =>
    f.text === ''
      ? 'A number is missing.'
      : `${quoted(f.text)} is no number. Write it in figures: 12 or 1.5.`,
  'number.ambiguous': (_, f) =>
    `${quoted(f.text)} can be read in two ways. Write ${t(f.thousands)} for the large number, or one more 0 at the end for the fraction.`,
  'number.not-a-count': (_, f) =>
    `${quoted(f.text)} is no number of things: a whole number from ${t(f.least)} up is asked for.`,
  'number.whole': () => 'A whole number is needed here.',
  'ruled-out.all': () =>
    'every tier or every condition is ruled out, so that nothing could be bought: leave at least one.',
  'number.too-small': (_, f) =>
    f.limit === undefined
      ? 'The number is too small.'
      : `The number is too small; the least is ${t(f.limit)}.`,
  'number.too-large': (_, f) =>
    f.limit === undefined
      ? 'The number is too large.'
      : `The number is too large; the most is ${t(f.limit)}.`,
  'unknown.operation': (_, f) =>
    `There is no operation ${quoted(f.id)}, neither in the library nor of your own.`,
  'unknown.material': (_, f) =>
    `There is no material ${quoted(f.id)}, neither in the library nor of your own.`,
  'unknown.tool': (_, f) =>
    `There is no tool ${quoted(f.id)}, neither in the library nor of your own.`,
  'unknown.method': (_, f) =>
    `There is no method ${quoted(f.id)}, neither in the library nor of your own.`,
  'unknown.offer': (_, f) =>
    `There is no offer ${quoted(f.id)}: it names no known tool, tier, condition and power form, and is not one of your own.`,
  'unknown.build': (_, f) => `There is no build ${quoted(f.id)} in this workspace.`,
  'unknown.template': (_, f) => `There is no template ${quoted(f.id)} in the library.`,
  'unknown.entry': (_, f) => `There is no ledger entry ${quoted(f.id)} to take back.`,
  'build.done-before-begun': (say, f) =>
    `The build is done on ${say.day(t(f.done))}, before it was begun on ${say.day(t(f.begun))}.`,
  'horizon.too-late': (_, f) =>
    `The plan would reach beyond ${t(f.last)}, the last day that is reckoned with. Begin earlier, or plan fewer stages.`,
  'horizon.too-long': () =>
    'The plan reaches more than five years ahead. Choose fewer or shorter stages.',
  'quotes.empty': () =>
    'There are no rows of prices here. The first row names the columns (tool, price), each further row is one price.',
  'quotes.too-many': (_, f) =>
    `${t(f.rows)} rows are more than the ${t(f.limit)} that are read at once. Paste them in parts.`,
  'quotes.no-column': (_, f) =>
    `There is no column ${quoted(f.column)}. Found: ${t(f.found)}. Name the column in the first row.`,
  'quotes.tool': (_, f) =>
    `Row ${t(f.row)}: ${quoted(f.text)} is no tool of the library or of your own. Write its name as the kit shows it.`,
  'quotes.shop-made': (_, f) =>
    `Row ${t(f.row)}: ${quoted(f.text)} is shop-made; its price is its material.`,
  'quotes.choice': (_, f) => `Row ${t(f.row)}: ${quoted(f.text)} must be one of: ${t(f.choices)}.`,
  'quotes.currency': (_, f) =>
    `Row ${t(f.row)} is in ${t(f.found)}, this workspace reckons in ${t(f.expected)}. Convert the price yourself and say so; nothing is converted in silence.`,
  'quotes.price': (_, f) =>
    `Row ${t(f.row)}: ${quoted(f.text)} is not a price. Write it like 12.50.`,
  'quotes.negative': (_, f) => `Row ${t(f.row)}: a price must not be negative; a gift is 0.`,
  'quotes.date': (_, f) =>
    `Row ${t(f.row)}: ${quoted(f.text)} is not a date. Write year, month and day, such as 2026-05-04.`,
  'quotes.future': (say, f) =>
    `Row ${t(f.row)}: ${say.day(t(f.text))} has not come yet. A price has the day on which it was seen.`,
  'quotes.until': (say, f) =>
    `Row ${t(f.row)}: the price ends before the day it was seen, ${say.day(t(f.date))}.`,
  'hours.ends-before-it-begins': () =>
    'This stretch of other hours ends before it begins. Put the dates in order.',
  'sale.ends-before-it-begins': () => 'The sale ends before it begins. Put the dates in order.',
  'own.companion-circle': (say, f) =>
    `${say.tool(t(f.tool))} and ${say.tool(t(f.other))} need each other, so each is reckoned with the other beside it. If one is useful alone, take the need out.`,
  'currency.code': () => 'The currency must be three capital letters, such as EUR.'
} satisfies Partial<Sentences>

/** What a plan's method lacks: the beginning of the sentence. */
const miss = (f: Findings['plan.miss.tie'], say: Say): string =>
  `${say.build(t(f.build))} is to begin on ${say.day(t(f.begin))} with ${say.method(t(f.method)).toLowerCase()}, but `

const PLAN = {
  'plan.below-reserve': (say, f) =>
    `Paying on ${say.shortDay(t(f.date))} leaves ${say.money(n(f.balance))} on ${say.shortDay(t(f.on))}; you keep back ${say.money(n(f.reserve))}, so ${say.money(n(f.short))} is missing.`,
  'plan.protection-late': (say, f) =>
    `${say.tool(t(f.tool))} arrives on ${say.shortDay(t(f.date))} before any protection for the ${t(f.protection)}.`,
  'plan.price-differs': (say, f) =>
    `${say.tool(t(f.tool))} is planned at ${say.money(n(f.planned))}, but its price is ${say.money(n(f.price))}.`,
  'plan.material-differs': (say, f) =>
    `Timber and fees for ${say.build(t(f.build))} are planned at ${say.money(n(f.planned))}, but come to ${say.money(n(f.price))}.`,
  'plan.no-price': (say, f) => `Nobody has quoted a price for ${say.offer(t(f.id))}.`,
  'plan.unknown-offer': (_, f) => `There is no offer ${quoted(f.id)}.`,
  'plan.unknown-build': (_, f) => `There is no build ${quoted(f.id)}.`,
  'plan.duplicate-id': (_, f) => `Two purchases have the id ${quoted(f.id)}.`,
  'plan.count': (_, f) => `${t(f.count)} of a thing cannot be bought.`,
  'plan.only-one': (say, f) =>
    `There is only one of this ${say.tool(t(f.tool)).toLowerCase()}, and the plan buys more.`,
  'plan.not-slept-on': (say, f) =>
    `You wanted to sleep on ${say.tool(t(f.tool))} until ${say.day(t(f.until))}; on ${say.shortDay(t(f.date))} that is not over. Wait, or end it in the Weigh-up.`,
  'plan.not-rough': (say, f) =>
    `${say.build(t(f.build))} has no planed boards that are sold rough, or is begun: it cannot be made from rough boards.`,
  'plan.ruled-out': (say, f) =>
    `${say.tool(t(f.tool))} is of a kind you have ruled out: see Settings, “Never buy”.`,
  'plan.banned': (say, f) => `${say.tool(t(f.tool))} is on your list of things not to buy.`,
  'plan.offer-not-then': (say, f) =>
    `This ${say.tool(t(f.tool)).toLowerCase()} is not to be had on ${say.shortDay(t(f.date))}.`,
  'plan.date-outside': (say, f) =>
    `${say.day(t(f.date))} is outside the plan, which runs from ${say.day(t(f.from))} to ${say.day(t(f.until))}.`,
  'plan.build-dates': (say, f) =>
    `${say.build(t(f.build))} runs from ${say.day(t(f.begin))} to ${say.day(t(f.done))}; the plan runs from ${say.day(t(f.from))} to ${say.day(t(f.until))}.`,
  'plan.build-already-done': (say, f) => `${say.build(t(f.build))} is done already.`,
  'plan.copies': (say, f) =>
    `${say.build(t(f.build))} is planned for ${t(f.copies)} copies where there are ${t(f.all)} in all.`,
  'plan.over-cap': (say, f) =>
    `The plan pays out ${say.money(n(f.spent))}; you set ${say.money(n(f.cap))} as the most. Raise the limit, or drop a purchase.`,
  'plan.unknown-item': (_, f) =>
    `You own nothing with the id ${quoted(f.id)} that is still to be sold.`,
  'plan.not-replaced': (say, f) =>
    `${say.tool(t(f.tool))} is to be sold on ${say.shortDay(t(f.date))}, but nothing at least as good has taken its place by then.`,
  'plan.resale-differs': (say, f) =>
    `Selling ${say.tool(t(f.tool)).toLowerCase()} is planned to bring ${say.money(n(f.planned))}; by what you paid it is reckoned at ${say.money(n(f.price))}.`,
  'plan.saving-differs': (say, f) =>
    `A deal is planned to take off ${say.money(n(f.planned))} on ${say.shortDay(t(f.date))}; with that day’s purchases it takes off ${say.money(n(f.price))}.`,
  'plan.build-twice': (say, f) => `${say.build(t(f.build))} stands in the plan twice.`,
  'plan.no-method': (say, f) =>
    `${say.build(t(f.build))} has no method for “${say.operation(t(f.operation))}”.`,
  'plan.still-wet': (say, f) =>
    `${say.build(t(f.build))} cannot be done on ${say.day(t(f.done))}: glue and coats need ${plural(n(f.nights), 'night', 'nights')} to set and dry.`,
  'plan.minutes-differ': (say, f) =>
    `${say.build(t(f.build))} takes ${say.duration(n(f.needed))}, but is given ${say.duration(n(f.given))}.`,
  'plan.too-many-hours': (say, f) =>
    `From ${say.shortDay(t(f.from))} to ${say.shortDay(t(f.to))} there is ${say.duration(n(f.minutes))} of work in ${say.duration(n(f.available))} of time.`,
  'plan.work-outside': (say, f) =>
    `Work on ${say.build(t(f.build))} is put in a stage in which it is not under way.`,
  'plan.space': (say, f) =>
    `Put away, the tools take ${say.number(n(f.taken), 2)} m² of floor; you have ${say.number(n(f.limit), 2)} m².`,
  'plan.no-place': (say, f) =>
    `${say.tool(t(f.tool))}, bought ${say.day(t(f.date))}, finds no place in the room as it is drawn: put away beside the others, and in use with the run it wants. Move something on the floor plan, or do without it.`,
  'pin.carried': (say, f) =>
    `${say.offer(t(f.offer))} was pinned to ${say.day(t(f.date))} and has not been bought; it is pinned to today now.`,
  'pin.released': (say, f) =>
    `${say.offer(t(f.offer))} was pinned to ${say.day(t(f.date))} and has not been bought. Today the money or the workshop does not allow it, so the pin is gone; put it where you want it again.`,
  'plan.pin-not-kept': (say, f) =>
    `${say.offer(t(f.offer))} is pinned to ${say.day(t(f.date))}, but the plan does not buy it then.`,
  'plan.other-workspace': () => 'The plan was made for another workspace.',
  'plan.older-state': () => 'The workspace has changed since the plan was made.',
  'plan.other-library': (_, f) =>
    `The plan was made with tool library ${t(f.made)}; this is ${t(f.now)}.`,
  'plan.no-builds': () => 'There is nothing to build yet. Add a build first.',
  'plan.nothing-pays': () =>
    'No purchase pays within the plan. More money, more hours, or a higher worth of a build would change that.',
  'plan.miss.role': (say, f) =>
    `${miss(f, say)}${n(f.have) > 0 ? `only ${t(f.have)} of ${t(f.count)} are there by then` : `nothing is there by then to serve as ${t(f.role).replace(/-/g, ' ')}`}.`,
  'plan.miss.spec': (say, f) =>
    `${miss(f, say)}${say.tool(t(f.tool)).toLowerCase()} gives ${say.length(n(f.has))} where ${say.length(n(f.needs))} is needed.`,
  'plan.miss.limit': (say, f) =>
    `${miss(f, say)}the stock of ${say.length(n(f.has))} is beyond the method’s limit of ${say.length(n(f.limit))}.`,
  'plan.miss.accuracy': (say, f) =>
    `${miss(f, say)}that is exact to ${say.number(n(f.has), 1)} mm where ${say.number(n(f.needs), 1)} mm is needed.`,
  'library.duplicate': (_, f) => `The id ${quoted(f.id)} stands twice in the library.`,
  'library.unknown': (_, f) => `The library has no entry ${quoted(f.id)}.`,
  'library.unused': (_, f) =>
    `The tool ${quoted(f.id)} is used by no method and is no companion, protection or storage.`,
  'library.empty-role': (_, f) => `No tool plays the part ${quoted(f.role)}.`,
  'library.jig': (_, f) =>
    `The template ${quoted(f.template)} does not yield the tool that names it.`,
  'library.circle': (_, f) =>
    `${quoted(f.id)} and ${quoted(f.other)} clean up after each other, without end.`,
  'workshop.humidity': () => 'The driest figure must be below the dampest. Change one of them.',
  'own.choose-tool': () => 'Say which tool it works like.',
  'own.choose-operation': () => 'Say what it does.',
  'cut.empty': () =>
    'There is no row with a part in it. Paste the rows with their headings, or type them.',
  'cut.no-column': (_, f) =>
    `There is no column for the ${t(f.column)}. Add one with that heading; the columns found are: ${t(f.found)}.`,
  'cut.missing': (_, f) =>
    `Row ${t(f.row)}, ${t(f.column)}: nothing stands there. Put it in, or leave the row out.`,
  'cut.not-a-length': (_, f) =>
    `Row ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} is no length. Write 600, 60 cm, 23 1/2 in or 2' 6".`,
  'cut.say-unit': (_, f) =>
    `Row ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} is a fraction among millimetres. Say which it is: ${t(f.text)} in, or a figure in mm.`,
  'cut.ambiguous': (_, f) =>
    `Row ${t(f.row)}: the ${t(f.column)} ${quoted(f.text)} can be read in two ways. Write it without a mark, or with one digit more or fewer behind it.`,
  'cut.not-positive': (_, f) =>
    `Row ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} is not more than nothing.`,
  'cut.absurd': (_, f) =>
    `Row ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} comes to ${n(f.mm) >= 1 ? String(Math.round(n(f.mm))) : String(n(f.mm))} mm, which is outside ${t(f.least)} to ${t(f.most)} mm. Is the unit right?`,
  'cut.not-a-count': (_, f) =>
    `Row ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} is no whole number of pieces from 1 to 10000.`,
  'cut.unknown-material': (_, f) =>
    `Row ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} is not understood. Say plywood, softwood, hardwood, rough hardwood, or a size such as 2x4.`,
  'cut.unknown-joint': (_, f) =>
    `Row ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} is no joint known here. Known are: ${t(f.known)}.`,
  'cut.unknown-edge': (_, f) =>
    `Row ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} is not understood. Say round or band, with all, long or front.`,
  'cut.thick': (_, f) =>
    `Row ${t(f.row)}: the part is thicker than it is wide. Have thickness and width changed places?`,
  'cut.larger-than-sheet': (say, f) =>
    `${t(f.part)} is larger than any sheet of its thickness (${say.lengths([n(f.lengthMm), n(f.widthMm)])}). Join it from two, or choose boards.`,
  'cut.no-material': (say, f) =>
    `${t(f.part)}: nothing ${say.length(n(f.thicknessMm))} thick is sold as ${t(f.stock).replace('-', ', ')}. Change the thickness, or put a material of your own in.`,
  'cut.too-many': (_, f) => `The list has ${t(f.rows)} rows; at most ${t(f.limit)} are read.`,
  'plan.miss.surface': (say, f) =>
    `${miss(f, say)}that leaves it ${t(f.has)} where ${t(f.needs)} is needed, and nothing is there to clean it up.`,
  'plan.miss.tie': (say, f) => `${miss(f, say)}the bit does not fit the machine.`,
  'plan.miss.companion': (say, f) =>
    `${miss(f, say)}${say.tool(t(f.tool)).toLowerCase()} needs ${t(f.anyOf)
      .split(', ')
      .map((id) => say.tool(id).toLowerCase())
      .join(' or ')} beside it.`,
  'plan.miss.protection': (say, f) =>
    `${miss(f, say)}nothing protects the ${t(f.protection)} from ${say.tool(t(f.tool)).toLowerCase()}.`,
  'plan.miss.comfort': (say, f) =>
    `${miss(f, say)}that is beyond what you said you are comfortable with.`,
  'plan.miss.circuit': (say, f) =>
    `${miss(f, say)}${say.tool(t(f.tool)).toLowerCase()} draws ${t(f.amps)} A and the circuit is rated ${t(f.limit)} A.`,
  'plan.miss.wall': (say, f) => `${miss(f, say)}that is for another kind of wall than yours.`,
  'plan.miss.banned': (say, f) => `${miss(f, say)}you have ruled that method out.`
} satisfies Partial<Sentences>

const ALL: Sentences = said('issues', {
  ...FILES,
  ...FIGURES,
  ...DATES,
  ...PLAN,
  ...STORAGE,
  ...KEEPING,
  ...BOARD,
  ...CARE
})
const words = said('issueUnknown', {
  unknown: (code: string): string => `Something is wrong here (${code}).`
})

/** The sentence for an issue; every code has one. Findings kept by an older program may bear a code that is no longer used. */
export function sentence({ code, figures }: Issue, say: Say = plainSay): string {
  const sentence = ALL[code] as ((say: Say, f: Issue['figures']) => string) | undefined
  return sentence?.(say, figures) ?? words.unknown(code)
}

export const knownIssueCodes = (): string[] => Object.keys(ALL)
