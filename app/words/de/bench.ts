import type { Due } from '../../../core/care'
import { joined, type bench as english } from '../bench'
import type { firsts as englishFirsts } from '../firsts'
import type { Said } from '../language'
import type { paper as englishPaper } from '../paper'
import { plural } from '../plural'
import type { Say } from '../say'

/** Of what is watched, and of what was bought used. */
const ofLooks = (
  say: Say,
  due: Extract<Due, { readonly kind: 'watch-met' | 'watch-look' | 'checks' }>
): string =>
  due.kind === 'checks'
    ? `${say.tool(due.tool)}, gebraucht gekauft: ${due.checks.length === 1 ? 'eines ist' : `${due.checks.length} Punkte sind`} anzusehen, bevor du dich darauf verlässt.`
    : due.kind === 'watch-met'
      ? `${say.shortTool(due.tool)} für ${say.money(due.price)}, gesehen am ${say.shortDay(due.date)}: du hast auf ${say.money(due.upTo)} gewartet.`
      : `Sieh wieder nach ${say.shortTool(due.tool)} bis ${say.money(due.upTo)}: der letzte Blick war vor ${due.days} Tagen.`

export const bench: Said<typeof english> = {
  andMore: (count) => `${count} weitere`,
  planning: 'Der Plan wird ausgerechnet …',
  nothingYet: 'Noch nichts zu planen',
  nothingYetHint: 'Sag, was du bauen willst, und hier steht die nächste Anschaffung.',
  addBuild: 'Vorhaben hinzufügen',
  buyOn: (names, when) => `${when} kaufen: ${joined(names)}`,
  today: 'Heute',
  on: (day) => `Am ${day}`,
  nothingToBuy: 'Nichts zu kaufen: bau mit dem, was du hast',
  nothingPays: 'Noch lohnt sich keine Anschaffung',
  clash: 'Was du festgehalten hast, geht nicht zusammen',
  clashHint: 'Lass eines davon auf dem Maßstab los oder gib dem Plan mehr Geld.',
  openStages: 'Auf dem Maßstab ansehen',
  subtitle: (paid, material, kept, left) =>
    `Dann ${paid}${material === undefined ? '' : `, ${material} für Material`}${kept === undefined ? '' : `, ${kept} für Reparaturen zurückgelegt`}; ${left} bleiben in der Kasse. Der Plan entscheidet, was zuerst kommt; er sieht jeden Zahltag voraus.`,
  nextTitle: 'Die nächste Anschaffung, und warum',
  bought: 'Gekauft',
  boughtAll: 'Alles gekauft',
  basketSum: (count) => `${count} Dinge zusammen`,
  along: (names) =>
    `Dazu: ${joined(names.length > 4 ? [...names.slice(0, 3), `${names.length - 3} weitere`] : names)}`,
  beginsWith: (work) => `beginnt mit: ${work}`,
  dueMore: (count) => `${count} weitere`,
  opens: (builds, begin) => `Für ${joined(builds)}, Beginn ${begin}`,
  safety: 'Schutz kommt zuerst',
  pinned: 'Von dir festgehalten',
  differs: (first) =>
    `Beim Abwägen steht zuerst: ${first}, nach dem, was je Geldeinheit zurückkommt.`,
  buildTitle: 'Was du heute bauen kannst',
  buildNone: 'Mit dem, was du hast, noch nichts. Der Plan zeigt, was zuerst möglich wird.',
  begin: 'Beginnen',
  underWay: 'Im Bau',
  finish: 'Fertig',
  since: (day) => `seit ${day}`,
  takes: (time) => `dauert etwa ${time}`,
  dueTitle: 'Wartet auf dich',
  setTrue: (time: string) =>
    `Vor dem ersten Schnitt einstellen: etwa ${time}. Wie, sagt die Anleitung.`,
  checked: 'Angesehen',
  dueNone: 'Nichts steht an.',
  balanceTitle: 'In der Kasse',
  keepBack: (reserve) => `davon ${reserve} Rücklage`,
  nextMoney: (amount, day) => `${amount} am ${day}`,
  noMoney: 'In diesem Plan wird kein Geld mehr erwartet.',
  nextLabel: 'Nächstes Geld',
  typicalNote:
    'Preise mit ~ sind übliche, nicht gesehene. Trag den Preis ein, den du findest, und der Plan folgt.',
  aheadTitle: 'Danach',
  aheadWhen: 'Wann',
  aheadWhat: 'Was',
  aheadCost: 'Kosten',
  aheadNames: (names) =>
    names.length > 4
      ? `${names.slice(0, 3).join(', ')} und ${names.length - 3} weitere`
      : joined(names),
  aheadFor: (builds) => `macht ${joined(builds)} möglich`,
  cameIn: 'Es ist gekommen',
  didNot: 'Ist es nicht',
  wasPaid: 'Es wurde bezahlt',
  notPaid: 'Wurde es nicht',
  removeQuote: 'Diesen Preis vergessen',
  looked: 'Nachgesehen, nichts da',
  unwatch: 'Nicht mehr im Blick',
  renewed: 'Frische sind da',
  setAsideText: (month) => `Zurückgelegt für ${month}`,
  notSetAside: (day) => `Am ${day} nichts zurückgelegt`,
  notMoved: (text, day) => `${text}: nichts am ${day}`,
  due: (say, due) => {
    switch (due.kind) {
      case 'receipt': {
        const { amount, date, text } = due.receipt
        const when = due.today ? 'heute' : `am ${say.day(date)}`
        const verb = due.today ? 'sind' : 'waren'
        const what = `${say.money(Math.abs(amount))} ${verb} ${when} ${amount < 0 ? 'zu zahlen' : 'zu erwarten'}${text === undefined ? '' : ` (${text})`}`
        return due.today ? `${what}.` : `${what}, aber das Kassenbuch hat es nicht.`
      }
      case 'unprotected':
        return `${say.tool(due.tool)}: nichts schützt dabei ${joined(due.protections.map(guarded))}. Der Plan lässt es bis dahin weg.`
      case 'companion':
        return `${say.tool(due.tool)} nützt noch nichts: es fehlt ${due.anyOf.map((id) => say.tool(id)).join(' oder ')}.`
      case 'stale-quote':
        return `Der Preis von ${say.money(due.price)} für ${say.tool(due.tool)} ist ${due.days} Tage alt (${say.day(due.date)}).`
      case 'late-build':
        return `${say.build(due.build)} war bis ${say.day(due.wished)} gewünscht.`
      case 'slept-on':
        return `Du wolltest bis ${say.day(due.until)} über ${say.tool(due.tool)} schlafen: wird es für ${say.build(due.build)} noch gebraucht? Sag es unter Abwägen.`
      case 'warranty':
        return `Die Garantie für ${say.tool(due.tool)} endet am ${say.day(due.until)}: probier bis dahin alles einmal aus.`
      case 'run-out':
        return `${say.tool(due.tool)}: nach deinem Buch etwa ${say.number(due.hours, 0)} Stunden getragen, und gut für ${say.number(due.lasts, 0)}. Frische vor der nächsten staubigen oder lauten Arbeit.`
      case 'below-reserve':
        return `In der Kasse sind ${say.money(due.balance)}, und du hältst ${say.money(due.reserve)} zurück: gekauft wird erst wieder, wenn Geld kommt.`
      default:
        return ofLooks(say, due)
    }
  }
}
/** What is protected, as an object of a sentence. */
export const GUARDED: Readonly<Record<string, string>> = {
  eyes: 'die Augen',
  ears: 'die Ohren',
  lungs: 'die Lunge'
}
export const guarded = (part: string): string => GUARDED[part] ?? part

/** Up to two builds by name, and how many more. */
function someBuilds(say: Say, ids: readonly string[]): string {
  const pieces = ids.filter((id) => !id.startsWith('make/'))
  const names = (pieces.length > 0 ? pieces : ids).map((id) => say.build(id))
  return names.length > 2
    ? `${names[0] ?? ''}, ${names[1] ?? ''} und ${names.length - 2} weitere`
    : names.join(' und ')
}

export const firsts: Said<typeof englishFirsts> = {
  sale: (say, sale) =>
    `${sale.name}: ${say.percent(sale.off)} weniger erwartet vom ${say.shortDay(sale.from)} bis ${say.shortDay(sale.until)}, Chance ${say.percent(sale.chance)}`,
  beginning: (say, lead, b) => {
    if (b.kind === 'same') return 'Der Plan beginnt mit demselben.'
    const first = `Der Plan kauft zuerst, am ${say.shortDay(b.firstDate)}: ${say.shortOffer(b.first)}${b.firstOpens.length > 0 ? `, für ${someBuilds(say, b.firstOpens)}` : ''}`
    const name = say.shortTool(lead)
    switch (b.kind) {
      case 'later':
        return `${first}; ${name} folgt am ${say.shortDay(b.date)}${b.short === undefined ? ', da die Vorhaben damit in deinen Stunden später drankommen' : `, da vorher ${say.money(b.short)} fehlen`}.`
      case 'otherwise':
        return `${first}. ${someBuilds(say, b.builds)} erreicht er mit ${say.shortOffer(b.through)} statt mit ${name}, da der Plan über alle Zahltage zählt, was mehrere Vorhaben gemeinsam nutzen.`
      case 'left-out':
        return `${first}. Er lässt ${someBuilds(say, b.builds)} weg, wofür ${name} gut wäre: in seine Zahltage und Stunden passen sie nicht, oder sie lohnen sich nicht.`
    }
  }
}

export const paper: Said<typeof englishPaper> = {
  print: 'Drucken',
  steps: (copies) =>
    copies === 1
      ? 'Was zu tun ist, in der Reihenfolge der Arbeit'
      : `Was für alle ${copies} zu tun ist, in der Reihenfolge der Arbeit`,
  head: {
    work: 'Arbeit',
    much: 'Wie viel',
    stock: 'Aus',
    exact: 'Genau auf',
    with: 'Womit',
    time: 'Zeit'
  },
  noWay: 'noch kein Weg',
  asPlanned: 'Arten und Zeiten sind die der Werkzeuge, die da sind, wenn der Plan es beginnt.',
  cut: 'Zuschnittliste',
  timber: 'Holz und Beschläge',
  wear: (what) => `Schütze: ${joined(what)}.`,
  caution: 'Halte dich an die Anleitung jedes Werkzeugs und die Vorschriften bei dir.',
  exact: (size) => `± ${size}`,
  sheetTitle: (build) => `Abende für ${build}`,
  sheetHint:
    'Was auf einmal in der Werkstatt zu schaffen ist. Arbeit, die liegen bleiben kann, geht über zwei Abende; eine Verleimung wird an einem fertig und ruht dann.',
  sheetSum: (evenings, time, nights) =>
    `${plural(evenings, 'Abend', 'Abende')}, ${time} Arbeit${nights > 0 ? ` und ${plural(nights, 'Nacht', 'Nächte')} Ruhe für Leim und Anstriche` : ''}`,
  openSheet: 'In Abenden',
  openCare: 'Pflegekarte',
  hours: 'Stunden am Stück',
  evening: (number, time) => `Abend ${number}: ${time}`,
  ready: (tools) => `Bereitlegen: ${tools.join(', ')}.`,
  goesOn: 'geht weiter',
  rests: (nights) => `Dann ruht es ${plural(nights, 'Nacht', 'Nächte')}.`,
  finished: 'Dieses Vorhaben ist fertig.',
  noSteps: 'Dieses Vorhaben hat noch keine Schritte.',
  planTitle: 'Nach Tagen',
  plan: { day: 'Tag', what: 'Was geschieht', amount: 'Betrag', left: 'In der Kasse' },
  begins: (build) => `Beginn: ${build}`,
  done: (build) => `${build} ist fertig`,
  buy: (tool, builds) => (builds === undefined ? `Kauf: ${tool}` : `Kauf: ${tool}, für ${builds}`),
  comesIn: 'kommt herein',
  timberFor: (build) => `Holz und Beschläge für ${build}`,
  careTitle: 'Was dein Werkzeug gut erhält',
  careHint:
    'Eine Zeile für jedes Werkzeug, das du hast; mit Platz, um einzutragen, wann es getan wurde.',
  careNone: 'Noch ist nichts in der Ausstattung. Hak ab, was du hast, und hier steht die Pflege.',
  careDone: 'Getan am',
  careNote:
    'Vor jeder Pflege Stecker ziehen oder Akku abnehmen. Was in der Anleitung des Werkzeugs steht, geht vor.'
}
