import type { Said } from '../language'
import { plural } from '../plural'
import { roughly, type Say } from '../say'
import type {
  listing as englishListing,
  sideBooks as englishBooks,
  sideTools as englishTools
} from '../side-books'

const whole = (say: Say, amount: number): string => say.money(say.about(Math.round(amount)))

export const sideTools: Said<typeof englishTools> = {
  title: (say, { id, kitFor }, pieces, day) =>
    `${kitFor === undefined ? say.shortTool(id) : `Die Ausrüstung für „${say.build(kitFor)}“`} ist nach ${plural(pieces, 'Stück', 'Stück')} bezahlt, etwa am ${say.day(day)}`,
  none: 'Kein Werkzeug in Sicht verdient Geld mit dem, was du verkaufst',
  noneHint:
    'Was du verkaufst, geht mit dem, was du hast, und die Grenze sind die Käufer. Ein Werkzeug kann trotzdem Abende sparen: siehe unten.',
  cannotHint:
    'Was eine Stunde bringen soll, erreicht nichts davon, weder mit dem, was du hast, noch mit der billigsten Ausrüstung dafür: ein besserer Preis oder ein Stück, das weniger Zeit braucht, kommt vor einem Werkzeug.',
  beside: (build) =>
    `Mit dem, was du hast, geht nichts zum Verkaufen: gerechnet ist neben der Ausrüstung für „${build}“.`,
  kitFor: (build) => `Ausrüstung für „${build}“`,
  named: (say, { id, kitFor }) =>
    kitFor === undefined ? say.shortTool(id) : `der Ausrüstung für „${say.build(kitFor)}“`,
  working: 'Was jedes Werkzeug bringt, wird gerechnet …',
  subtitle: (say, { month }) =>
    `Ein durchschnittlicher Monat lässt ${whole(say, month.margin)} mit dem, was du hast${month.short ? `; die nächste Stunde brächte ${whole(say, month.nextHour)}` : ''}.`,
  caption:
    'Maschinen, die bei dem mitspielen, was du verkaufst, und Werkzeuge, die der Plan kauft, jedes mit dem, was dazugehört, allein neben dem, was du hast; markiert die, mit denen sich Wachsen lohnt.',
  tool: 'Werkzeug',
  cost: 'Kostet',
  brings: 'Bringt im Monat',
  pieces: 'Stück',
  paid: 'Bezahlt bis',
  byShare: 'aus dem Teil, der zurückfließt',
  spread: 'In 9 von 10 Verläufen',
  saves: 'Spart im Monat',
  opens: (builds) => `macht möglich: ${builds}`,
  never: 'nicht durch Verkäufe',
  late: 'später als in zehn Jahren',
  spreadText: (early, late) =>
    early === undefined
      ? 'nicht in zehn Jahren'
      : late === undefined
        ? `${early} Monate bis über zehn Jahre`
        : early === late
          ? plural(early, 'Monat', 'Monate')
          : `${early} bis ${late} Monate`,
  hours: (minutes) => roughly(minutes),
  commission: (say, { commission }) =>
    commission
      ? `Ein einziger Auftrag für „${say.build(commission.build)}“ zu ${say.money(commission.price)} würde es auf einmal bezahlen, die Stunden eingerechnet.`
      : '',
  stops: (say, { grows, then, years, month }, last) =>
    grows.length === 0
      ? `In ${plural(years, 'Jahr', 'Jahren')} verdient keines davon durch Verkäufe allein zurück, was es kostet. ${month.short ? 'Die Grenze sind deine Stunden, und kein Werkzeug hier macht sie länger.' : 'Mehr Käufer oder ein besserer Preis würden das ändern; mehr Werkzeug nicht.'}`
      : `Wachsen lohnt sich mit ${last}: dann lässt ein Monat ${whole(say, then.margin)}. Danach verdient kein weiteres Werkzeug seinen Preis in ${plural(years, 'Jahr', 'Jahren')}${then.short ? ': die Grenze sind deine Stunden, nicht die Werkzeuge' : ': die Grenze sind die Käufer, nicht die Werkzeuge'}.`,
  others: (tools) => `Weder Geld noch Zeit bringen bei dem, was du verkaufst: ${tools}.`,
  spreadHint:
    'Aus 400 Verläufen gezogen: Käufer kommen zufällig, Preise streuen um 15 % und Stunden um 25 % von Monat zu Monat.',
  flowTitle: 'Was zurückfließt',
  flowAll: 'Alles',
  flowShare: 'Ein Teil',
  flowAbove: 'Was über einer Summe für mich liegt',
  flow: 'Geld aus Verkäufen geht zurück in Werkzeug',
  share: 'Anteil in %',
  above: 'Von jedem Stück für mich',
  flowHint: (say, share, above) =>
    `Von jedem Stück ${above > 0 ? `gehören die ersten ${say.money(above)} dir; vom Rest ` : ''}${share === 1 ? 'fließen' : 'fließen'} ${say.percent(share)} zurück. Der Maßstab der Etappen zeigt es als Geld, das kommt.`,
  toStages: 'Zu den Etappen',
  flowStep: 'was von Verkäufen zurückfließt'
}

export const sideBooks: Said<typeof englishBooks> = {
  title: (say, period, line) =>
    `${period}: ${say.money(line.left)} geblieben${line.perHour === undefined ? '' : `, ${whole(say, line.perHour)} die Stunde`}`,
  none: 'Noch wurde nichts zum Verkaufen gebaut',
  noneHint: 'Leg fertige Stücke ins Lager; was sie bringen, wird hier Monat für Monat gebucht.',
  subtitle: (say, line) =>
    `${plural(line.pieces, 'Stück', 'Stück')} verkauft für ${say.money(line.takings)}, ${roughly(line.minutes)} Arbeit darin`,
  by: 'Nach',
  month: 'Monat',
  year: 'Jahr',
  period: 'Wann',
  all: 'zusammen',
  sold: 'Verkauft',
  takings: 'Erlös',
  fees: 'Gebühren und Versand',
  cost: 'Holz und Verschleiß',
  other: 'Raum, Auto, nicht verkauft',
  left: 'Bleibt',
  perHour: 'Je Stunde',
  design: 'Was es ist',
  wagesTitle: 'Was eine Stunde wirklich brachte',
  wage: (say, one) =>
    one.perHour === undefined
      ? `${one.name}: es wurden keine Stunden aufgeschrieben.`
      : `${one.name}: ${whole(say, one.perHour)} die Stunde${one.expected === undefined ? '' : `, erwartet ${whole(say, one.expected)}`}${one.minutesEach === undefined || one.expectedMinutes === undefined ? '' : `; ${roughly(one.minutesEach)} je Stück, geschätzt ${roughly(one.expectedMinutes)}`}.`,
  wagesHint:
    'Was sich über dein Tempo und das Warten auf Käufer gezeigt hat, geht in die nächste Schätzung ein.',
  costsTitle: 'Was sonst gezählt wird',
  perKm: 'Ein Kilometer',
  room: 'Der Raum im Monat',
  costsHint: 'Leer gelassen zählen sie nicht.',
  costsStep: 'was die Bücher zählen',
  csv: 'Als CSV',
  journal: 'Als Buchhaltungsjournal',
  journalHint:
    'Doppelte Buchführung, mit Lager zu Kosten, Offenem und Anzahlungen: jedes Programm für Buchhaltung in Klartext rechnet es nach.',
  file: 'Nebenerwerb'
}

export const listing: Said<typeof englishListing> = {
  title: (name) => `„${name}“, wie es angeboten wird`,
  subtitle:
    'Die Tatsachen in guter Ordnung, Platz für die Geschichte, und was zu fotografieren ist. Nichts wird irgendwohin geschickt.',
  facts: 'Tatsachen',
  size: (say, { length, width, height }) =>
    `Maße: ${say.lengths([length, width, height])} (Länge, Breite, Höhe)`,
  timber: (names) => `Holz: ${names}`,
  timberKinds: {
    softwood: 'massives Nadelholz',
    hardwood: 'massives Laubholz',
    sheet: 'Sperrholz oder Platte'
  },
  species: 'Sag, welches: danach wird gefragt.',
  finish: (names) => `Oberfläche: ${names}`,
  noFinish: 'Oberfläche: keine, rohes Holz',
  weight: (say, kg) =>
    `Gewicht: etwa ${say.number(kg < 3 ? Math.round(kg * 2) / 2 : Math.round(kg), 1)} kg (aus dem Holz geschätzt)`,
  care: {
    outdoors:
      'Pflege: mit Wasser und weicher Bürste abwaschen; den Anstrich alle zwei, drei Jahre erneuern.',
    oil: 'Pflege: feucht abwischen, gleich trocknen; einmal im Jahr nachölen.',
    plain: 'Pflege: trocken oder kaum feucht abwischen; nicht an die Heizung stellen.'
  },
  price: (say, price) => `Preis: ${say.money(price)}`,
  delivery: (say, amount) =>
    amount > 0
      ? `Versand: ${say.money(amount)} im Inland, oder Abholung`
      : 'Versand: Abholung, oder nach Absprache',
  made: 'Von Hand gemacht, einzeln oder in kleinen Reihen; kleine Unterschiede gehören dazu.',
  safety:
    'Last und Gebrauch: sag, wofür es gemacht ist. Für Stücke, die Menschen tragen, über ihnen hängen oder für kleine Kinder sind, gelten bei dir eigene Regeln.',
  story: 'Die Geschichte',
  storyHint:
    'Für wen es gemacht wurde, was das Holz vorher war, warum es so gebaut ist. Zwei, drei Sätze.',
  pictures: 'Welche Bilder',
  pictureList: [
    'das ganze Stück von vorn, bei Tageslicht, damit die Farbe stimmt',
    'einmal im Gebrauch',
    'anders im Gebrauch',
    'eine Verbindung oder Kante von nahem',
    'mit einer Hand oder einem Stuhl daneben, für die Größe',
    'die Rückseite oder Unterseite, und jeder Makel'
  ],
  add: 'Bild dazu',
  text: 'Als Textdatei',
  markdown: 'Als Markdown-Datei',
  zip: 'Mit den Bildern, als Zip',
  copy: 'Text kopieren',
  copied: 'Kopiert.',
  missing: (count) =>
    `${plural(count, 'Bild ist', 'Bilder sind')} nicht in diesem Browser und ${count === 1 ? 'fehlt' : 'fehlen'}.`,
  gone: 'Dieses Vorhaben gibt es nicht, oder es ist nicht zu verkaufen.',
  storyStep: (name) => `die Geschichte von „${name}“`,
  photoOf: (name) => name
}
