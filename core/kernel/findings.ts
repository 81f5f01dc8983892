import type { BoardFindings, Figure, Nothing } from './findings-board'
import type { CareFindings } from './findings-care'

export type { Figure, Nothing } from './findings-board'

/**
 * **Everything that can be found wrong, or worth saying**, by its code, with the figures that come along. `issue` takes no other ones,
 * and the words of the application are checked against this list: a sentence that is missing, or one that asks for a figure that is
 * not there, does not compile. Figures with a `?` come along where they are known.
 */
export interface Findings extends BoardFindings, CareFindings {
  'backup.folder': { reason: Figure }
  'build.done-before-begun': { begun: Figure; done: Figure }
  'change.refused': { name: Figure }
  'currency.code': Nothing
  'cut.absurd': {
    column?: Figure
    least?: Figure
    mm?: Figure
    most?: Figure
    row?: Figure
    text?: Figure
  }
  'cut.ambiguous': { column?: Figure; row?: Figure; text?: Figure }
  'cut.empty': Nothing
  'cut.larger-than-sheet': { lengthMm: Figure; material: Figure; part: Figure; widthMm: Figure }
  'cut.missing': { column: Figure; row: Figure }
  'cut.no-column': { column: Figure; found: Figure }
  'cut.no-material': { part: Figure; stock: Figure; thicknessMm: Figure }
  'cut.not-a-count': { column: Figure; row: Figure; text: Figure }
  'cut.not-a-length': { column?: Figure; row?: Figure; text?: Figure }
  'cut.not-positive': { column?: Figure; row?: Figure; text?: Figure }
  'cut.say-unit': { column?: Figure; row?: Figure; text?: Figure }
  'cut.thick': { column: Figure; row: Figure }
  'cut.too-many': { limit: Figure; rows: Figure }
  'cut.unknown-edge': { column: Figure; row: Figure; text: Figure }
  'cut.unknown-joint': { column: Figure; known: Figure; row: Figure; text: Figure }
  'cut.unknown-material': { column: Figure; row: Figure; text: Figure }
  'day.does-not-exist': { text: Figure }
  'day.format': { text: Figure }
  'day.no-payday': Nothing
  'day.not-read': { text: Figure }
  'day.range': { text: Figure }
  'day.which-one': { text: Figure; first: Figure; second: Figure }
  'field.choice': { choices: Figure }
  'field.missing': { expected: Figure }
  'field.type': { expected: Figure; text?: Figure; value?: Figure }
  'field.unknown': { field: Figure }
  'file.cleaned': { count: Figure }
  'file.empty': Nothing
  'file.migrated': { from: Figure; to: Figure }
  'file.more-problems': { more: Figure }
  'file.newer': { found: Figure; known: Figure }
  'file.no-version': Nothing
  'file.not-text': Nothing
  'file.not-this-format': { expected: Figure; found?: Figure }
  'file.not-written': { reason: Figure }
  'file.other-library': { made: Figure; now: Figure }
  'file.too-large': { limit: Figure; size: Figure }
  'file.unknown-version': { found: Figure }
  'file.unreadable': { file: Figure; reason: Figure }
  'horizon.too-late': { last: Figure }
  'horizon.too-long': { count: Figure; limit: Figure }
  'found.no-tools': { lines: Figure }
  'found.too-many': { lines: Figure; most: Figure }
  'hours.ends-before-it-begins': Nothing
  'id.characters': Nothing
  'id.duplicate': { first: Figure; id: Figure }
  'id.empty': Nothing
  'id.own-prefix': Nothing
  'id.too-long': Nothing
  'items-csv.cell': { column?: Figure; row?: Figure; text?: Figure }
  'items-csv.choice': { choices?: Figure; column?: Figure; row?: Figure; text?: Figure }
  'items-csv.currency': { expected?: Figure; found?: Figure; row?: Figure }
  'items-csv.empty': Nothing
  'items-csv.no-column': { column?: Figure; found?: Figure }
  'items-csv.too-many': { limit?: Figure; rows?: Figure }
  'items-csv.tool': { row?: Figure; text?: Figure }
  'json.syntax': { column: Figure; line: Figure; what: Figure }
  'json.too-deep': { limit: Figure }
  'json.twice': { key: Figure; line: Figure }
  'ledger-csv.amount': { row?: Figure; text?: Figure }
  'ledger-csv.cell': { column?: Figure; row?: Figure; text?: Figure }
  'ledger-csv.choice': { choices?: Figure; column?: Figure; row?: Figure; text?: Figure }
  'ledger-csv.conflict': { id: Figure }
  'ledger-csv.currency': { expected?: Figure; found?: Figure; row?: Figure }
  'ledger-csv.empty': Nothing
  'ledger-csv.future': { row?: Figure; text?: Figure }
  'ledger-csv.no-column': { column?: Figure; found?: Figure }
  'ledger-csv.sign': { column?: Figure; row?: Figure; text?: Figure }
  'ledger-csv.text': { column?: Figure; row?: Figure; text?: Figure }
  'ledger-csv.too-many': { limit?: Figure; rows?: Figure }
  'ledger-csv.way': { row?: Figure; text?: Figure }
  'ledger.future': { date: Figure }
  'ledger.parts-too-large': Nothing
  'ledger.refund-too-large': { amount: Figure; paid: Figure }
  'ledger.reversal-differs': { id?: Figure }
  'ledger.reversal-kind': Nothing
  'ledger.reversed-twice': { id?: Figure }
  'ledger.too-large': { limit: Figure; size: Figure }
  'ledger.wrong-way': { kind?: Figure }
  'ledger.zero': Nothing
  'length.ambiguous': { text: Figure; thousands: Figure }
  'length.not-a-length': { text: Figure }
  'length.not-positive': { text: Figure }
  'library.circle': { id: Figure; other: Figure }
  'library.duplicate': { id: Figure }
  'library.empty-role': { role: Figure }
  'library.jig': { template: Figure }
  'library.unknown': { id: Figure }
  'library.unused': { id: Figure }
  'link.only-web': Nothing
  'list.empty': Nothing
  'list.too-long': { limit: Figure }
  'merge.put-back': { parts: Figure }
  'moment.format': Nothing
  'money.fraction': { value: Figure }
  'money.negative': Nothing
  'money.line': { line: Figure }
  'money.not-a-number': { text: Figure }
  'money.other-currency': { expected: Figure; found: Figure }
  'money.too-large': { value: Figure }
  'number.ambiguous': { text: Figure; thousands: Figure }
  'number.not-a-count': { least: Figure; text: Figure }
  'number.not-a-number': { text: Figure }
  'number.too-large': { limit: Figure }
  'number.too-small': { limit: Figure }
  'ruled-out.all': { limit: Figure }
  'number.whole': Nothing
  'own.choose-operation': Nothing
  'own.choose-tool': Nothing
  'own.companion-circle': { other: Figure; tool: Figure }
  'photo.missing': { count: Figure }
  'photo.missing-here': { count: Figure }
  'photo.too-large': { limit: Figure; size: Figure }
  'photo.unreadable': Nothing
  'pin.carried': { date: Figure; offer: Figure }
  'pin.released': { date: Figure; offer: Figure }
  'plan.banned': { tool: Figure }
  'plan.ruled-out': { tool: Figure }
  'plan.not-rough': { build: Figure }
  'plan.below-reserve': {
    balance: Figure
    date: Figure
    on: Figure
    reserve: Figure
    short: Figure
  }
  'plan.build-already-done': { build: Figure }
  'plan.build-dates': { begin: Figure; build: Figure; done: Figure; from: Figure; until: Figure }
  'plan.build-twice': { build: Figure }
  'plan.copies': { all: Figure; build: Figure; copies: Figure }
  'plan.count': { count: Figure }
  'plan.date-outside': { date: Figure; from: Figure; until: Figure }
  'plan.duplicate-id': { id: Figure }
  'plan.material-differs': { build: Figure; planned: Figure; price: Figure }
  'plan.minutes-differ': { build: Figure; given: Figure; needed: Figure }
  'plan.miss.accuracy': {
    build: Figure
    method: Figure
    begin: Figure
    has?: Figure
    needs?: Figure
  }
  'plan.miss.banned': { build: Figure; method: Figure; begin: Figure }
  'plan.miss.circuit': {
    build: Figure
    method: Figure
    begin: Figure
    amps?: Figure
    limit?: Figure
    tool?: Figure
  }
  'plan.miss.comfort': { build: Figure; method: Figure; begin: Figure }
  'plan.miss.companion': {
    build: Figure
    method: Figure
    begin: Figure
    anyOf?: Figure
    tool?: Figure
  }
  'plan.miss.limit': { build: Figure; method: Figure; begin: Figure; has?: Figure; limit?: Figure }
  'plan.miss.protection': {
    build: Figure
    method: Figure
    begin: Figure
    protection?: Figure
    tool?: Figure
  }
  'plan.miss.role': {
    build: Figure
    method: Figure
    begin: Figure
    count?: Figure
    have?: Figure
    role?: Figure
  }
  'plan.miss.spec': {
    build: Figure
    method: Figure
    begin: Figure
    has?: Figure
    needs?: Figure
    tool?: Figure
  }
  'plan.miss.surface': {
    build: Figure
    method: Figure
    begin: Figure
    has?: Figure
    needs?: Figure
  }
  'plan.miss.tie': { build: Figure; method: Figure; begin: Figure }
  'plan.miss.wall': { build: Figure; method: Figure; begin: Figure; wall?: Figure }
  'plan.no-builds': Nothing
  'plan.no-method': { begin: Figure; build: Figure; operation: Figure }
  'plan.no-price': { id?: Figure }
  'plan.not-replaced': { date: Figure; tool: Figure }
  'plan.not-slept-on': { date: Figure; tool: Figure; until: Figure }
  'plan.nothing-pays': Nothing
  'plan.offer-not-then': { date: Figure; tool: Figure }
  'plan.older-state': Nothing
  'plan.only-one': { count: Figure; tool: Figure }
  'plan.other-library': { made: Figure; now: Figure }
  'plan.other-workspace': { id: Figure }
  'plan.over-cap': { cap: Figure; spent: Figure }
  'plan.pin-not-kept': { date: Figure; offer: Figure }
  'plan.price-differs': { planned: Figure; price: Figure; tool: Figure }
  'plan.protection-late': { date: Figure; protection: Figure; tool: Figure }
  'plan.resale-differs': { planned: Figure; price: Figure; tool: Figure }
  'plan.saving-differs': { date: Figure; deal: Figure; planned: Figure; price: Figure }
  'plan.space': { date: Figure; limit: Figure; taken: Figure }
  'plan.no-place': { date: Figure; tool: Figure }
  'plan.still-wet': { build: Figure; done: Figure; nights: Figure }
  'plan.too-many-hours': {
    available: Figure
    build: Figure
    from: Figure
    minutes: Figure
    stage: Figure
    to: Figure
  }
  'plan.unknown-build': { id: Figure }
  'plan.unknown-item': { id: Figure }
  'plan.unknown-offer': { id?: Figure }
  'plan.work-outside': { build: Figure; minutes: Figure; stage: Figure }
  'quantity.not-positive': Nothing
  'quotes.choice': { choices?: Figure; row?: Figure; text?: Figure }
  'quotes.currency': { expected?: Figure; found?: Figure; row?: Figure }
  'quotes.date': { row?: Figure; text?: Figure }
  'quotes.empty': Nothing
  'quotes.future': { row?: Figure; text?: Figure }
  'quotes.negative': { row?: Figure }
  'quotes.no-column': { column?: Figure; found?: Figure }
  'quotes.price': { row?: Figure; text?: Figure }
  'quotes.shop-made': { row?: Figure; text?: Figure }
  'quotes.too-many': { limit?: Figure; rows?: Figure }
  'quotes.tool': { row?: Figure; text?: Figure }
  'quotes.until': { date?: Figure; row?: Figure }
  'receipt.empty': Nothing
  'receipt.total-differs': { difference: Figure; lines: Figure; total: Figure }
  'sale.ends-before-it-begins': Nothing
  'storage.blocked': Nothing
  'storage.elsewhere': { conflicts?: Figure }
  'storage.failed': { reason: Figure }
  'storage.full': Nothing
  'storage.merged': { conflicts: Figure }
  'storage.newer': Nothing
  'storage.outdated': Nothing
  'storage.partly-lost': { entries: Figure }
  'storage.refused': Nothing
  'storage.repaired': { at: Figure; entries: Figure }
  'storage.restored': Nothing
  'storage.set-aside': { count: Figure; places: Figure }
  'storage.unreadable': Nothing
  'text.empty': Nothing
  'text.needed': Nothing
  'text.too-long': { limit?: Figure }
  'unknown.build': { id?: Figure }
  'unknown.entry': { id?: Figure }
  'unknown.material': { id?: Figure }
  'unknown.method': { id?: Figure }
  'unknown.offer': { id?: Figure }
  'unknown.operation': { id?: Figure }
  'unknown.template': { id?: Figure }
  'unknown.tool': { id?: Figure }
  'worker.failed': { reason: Figure }
  'worker.lost': { reason: Figure }
  'workshop.humidity': Nothing
  'zip.damaged': Nothing
  'zip.no-workspace': Nothing
  'zip.too-large': { limit: Figure }
  'zip.unreadable': Nothing
}

/** The name of a finding. */
export type Code = keyof Findings
