import type { Said } from '../language'
import { plural } from '../plural'
import type { pocket as englishPocket } from '../pocket'
import type { prices as english } from '../prices'

export const pocket: Said<typeof englishPocket> = {
  title: 'Merkzettel',
  subtitle:
    'Was als Nächstes zu kaufen ist, bis zu welchem Preis, und was vor dem Bezahlen anzusehen ist',
  none: 'Der Plan kauft in den Tagen voraus nichts.',
  print: 'Drucken',
  aisle: 'Im Laden',
  asList: 'Als Liste zum Drucken',
  aisleTitle: (count, day) => `${plural(count, 'Ding', 'Dinge')} zu kaufen ${day}`,
  aisleSum: (planned, there) => `${planned} wie geplant; ${there} in der Kasse`,
  aisleNone: 'Nichts ist mehr zu kaufen. Der Plan sieht auf den nächsten Zahltag.',
  aisleFuture: (day) => `Für heute ist nichts geplant. Der nächste Kauftag ist ${day}.`,
  bought: 'Gekauft',
  boughtToday: (count, amount) =>
    `Heute gekauft: ${plural(count, 'Eintrag', 'Einträge')}, ${amount}.`,
  tag: 'Preis am Schild',
  tagEach: 'Preis am Schild, von einem',
  note: 'Diesen Preis behalten',
  noted: 'Unter deinen Preisen behalten; der Plan rechnet damit.',
  awake: 'Der Bildschirm bleibt an, solange diese Seite offen ist.',
  notAwake: 'Dieser Browser kann den Bildschirm nicht anlassen.',
  offline: 'Kein Netz: all das geht auch ohne.',
  seen: {
    planned: (say, { over }) =>
      over === 0
        ? 'Genau, was der Plan erwartet. Nimm es.'
        : `${say.money(-over)} weniger, als der Plan erwartet. Nimm es.`,
    holds: (say, { over }) => `${say.money(over)} mehr als geplant. Der Plan hält noch.`,
    'not-there': (say, { tooMuch }) =>
      `${say.money(tooMuch)} mehr, als an dem Tag da ist. Dieses nicht, oder noch nicht.`,
    'look-elsewhere': (say, { over }) =>
      `${say.money(over)} mehr als geplant: ein Fünftel oder mehr zu teuer. Sieh dich anderswo um.`
  },
  on: (day) => `Am ${day}`,
  planned: 'Geplant',
  upTo: 'Bis zu',
  bounds: {
    money: 'mehr ist an dem Tag nicht da',
    fair: 'teurer als das: anderswo umsehen'
  },
  forBuild: (build) => `für ${build}`,
  look: 'Ansehen',
  total: (say, { total, saved }) =>
    `Alles wie geplant: ${say.money(total)}${saved > 0 ? `, davon ab ${say.money(saved)} durch Mengenangebote` : ''}`,
  footnote:
    'Jeder obere Preis gilt, wenn die anderen kosten, was geplant ist. Halte dich an die Anleitung des Werkzeugs; eine Maschine mit schadhaftem Kabel oder Schutz wird nicht eingeschaltet.',
  checks: {
    runs: 'laufen lassen, unter Last, wenn man darf',
    cord: 'Kabel, Stecker und Schalter ganz',
    pack: 'Akku hält die Ladung; sein Alter',
    bearings: 'kein Spiel, kein Mahlen, kein Geruch',
    guard: 'Schutzhaube und Spaltkeil da und beweglich',
    fence: 'Anschlag klemmt rechtwinklig und gerade',
    flat: 'Sohle oder Tisch eben, am Lineal geprüft',
    square: 'rechtwinklig: Linie ziehen, umdrehen, noch eine',
    edge: 'Schneide und Eisen: genug Stahl, kein tiefer Rost',
    jaws: 'Schiene gerade, Gewinde sauber, Schoner da',
    parts: 'alle Teile und die Anleitung da',
    size: 'die Größen am Schild'
  }
}

export const prices: Said<typeof english> = {
  title: (own) =>
    own === 0 ? 'Noch kein eigener Preis' : `${plural(own, 'eigener Preis', 'eigene Preise')}`,
  subtitle: (basis, quotes, level) =>
    basis === 'own-level'
      ? `Übliche Preise stehen auf der Höhe deiner Einstellungen: ${level} für einen Akkuschrauber der Stufe „Wochenende“ mit zwei Akkus.`
      : basis === 'calibrated'
        ? `Sie eichen jeden üblichen Preis: ${level} für einen Akkuschrauber der Stufe „Wochenende“ mit zwei Akkus, aus ${plural(quotes, 'Preis, der keine Aktion ist', 'Preisen, die keine Aktion sind')}.`
        : `Übliche Preise stehen auf der üblichen Höhe deiner Währung: ${level} für einen Akkuschrauber der Stufe „Wochenende“ mit zwei Akkus. Ein oder zwei eigene Preise berichtigen alle.`,
  add: 'Ein Preis, den du gesehen hast',
  tool: 'Werkzeug',
  tier: 'Güte',
  condition: 'Zustand',
  power: 'Antrieb',
  price: 'Preis',
  date: 'Gesehen am',
  seller: 'Verkäufer',
  until: 'Bis',
  sellerName: {
    'timber-yard': 'Holzhandel',
    'hardware-store': 'Baumarkt oder Eisenwaren',
    online: 'im Netz',
    private: 'privat',
    auction: 'Versteigerung',
    'hire-depot': 'Verleih',
    other: 'sonstige'
  },
  put: 'Eintragen',
  paste: 'Eine Liste einfügen oder öffnen',
  pasteLabel: 'Die Zeilen, mit ihren Überschriften',
  pasteHint:
    'Erste Zeile: tool, price, und wo bekannt date, seller, tier, condition, power, until, currency. Kommas, Strichpunkte oder Zellen aus einer Tabelle.',
  pasteExample: 'tool;price;date;seller;condition\nStichsäge;59,90;2026-04-28;online;new',
  open: 'Eine Datei öffnen',
  ready: (good, rows) => `${good} von ${rows} Zeilen sind in Ordnung.`,
  take: (count) => `${plural(count, 'Preis', 'Preise')} übernehmen`,
  taken: (count) => `${plural(count, 'Preis ist', 'Preise sind')} übernommen.`,
  table: 'Deine Preise',
  head: {
    tool: 'Werkzeug',
    price: 'Preis',
    seen: 'Gesehen',
    seller: 'Verkäufer',
    against: 'Hier üblich'
  },
  against: (say, typical) => `${say.money(typical)} ~`,
  age: (days) => (days <= 0 ? 'heute' : days === 1 ? 'gestern' : `vor ${days} Tagen`),
  stale: 'alt: sieh wieder nach',
  ended: (day) => `endete ${day}`,
  endsOn: (day) => `bis ${day}`,
  remove: 'Herausnehmen',
  noLonger: ' · nicht mehr zu haben',
  noTable: 'Preise, die du einträgst, stehen hier mit ihrem Alter.',
  find: 'Ein gebrauchter Fund',
  findHint:
    'Ein Stück, das auftauchte, mit eigenen Maßen. Lass es laufen, bevor du zahlst; eine Rücklage für Reparaturen ist eingerechnet.',
  findName: 'Was es ist, in wenigen Worten',
  measures: 'Seine Maße, wo sie anders sind',
  findLink: 'Verweis darauf, wenn es einen gibt',
  putFind: 'Diesen Fund behalten',
  bundle: 'Ein Paket',
  bundleHint:
    'Mehrere Werkzeuge, die als eines verkauft werden. Günstig ist es nur für die Teile, die du ohnehin kaufen würdest.',
  bundleName: 'Name',
  bundleTools: 'Was darin ist',
  putBundle: 'Dieses Paket behalten',
  bargain: (say, b, allIn) => {
    const names = (list: readonly { tool: string }[]): string =>
      list.map(({ tool }) => say.shortTool(tool)).join(', ')
    if (b.wanted.length === 0)
      return `${say.money(allIn)}: nichts darin ist geplant oder gewünscht, also ist es für dich nicht günstig.`
    const rest = b.unwanted.length > 0 ? ` Ungefragt kämen mit: ${names(b.unwanted)}.` : ''
    return b.saves > 0
      ? `${say.money(allIn)}: günstig. Allein kosten ${names(b.wanted)} ${say.money(b.separately)}; es spart ${say.money(b.saves)}.${rest}`
      : `${say.money(allIn)}: nicht günstig. Allein kosten ${names(b.wanted)} ${say.money(b.separately)}; es ist um ${say.money(-b.saves)} teurer.${rest}`
  },
  deal: 'Mehrere kaufen, eines umsonst',
  dealBuy: 'Kauf',
  dealFree: 'umsonst',
  dealMost: 'mal höchstens',
  dealTools: 'Gilt für',
  putDeal: 'Dieses Angebot behalten',
  dealLine: (say, deal) =>
    `${deal.name}: ${deal.buy} kaufen, von je ${deal.buy + deal.free} ${deal.free === 1 ? 'das billigste' : `die ${deal.free} billigsten`} umsonst, für ${deal.tools.map((id) => say.shortTool(id)).join(', ')}${deal.most === undefined ? '' : `, höchstens ${deal.most === 1 ? 'einmal' : `${deal.most}-mal`}`}${deal.until === undefined ? '' : `, bis ${say.shortDay(deal.until)}`}.`,
  dealWorth: (say, { until }, { wanted, gain, saved, more, planned }) => {
    if (wanted === 0) return 'Davon würdest du ohnehin nichts kaufen: kein Schnäppchen für dich.'
    const worth =
      saved === 0
        ? `Du würdest ${wanted} davon kaufen, und das bringt keinen Nachlass.`
        : `Lohnt für ${gain === wanted ? (wanted === 1 ? 'das eine' : `alle ${wanted}`) : `${gain} von ${wanted}`}, die du kaufen würdest: ${say.money(saved)} Nachlass, wenn zusammen gekauft${until === undefined ? '' : ` bis ${say.shortDay(until)}`}.`
    const asked = more && `${more.pieces} weitere: ${say.shortTool(more.tool)}`
    const rest =
      !more || asked === undefined
        ? ''
        : more.costs <= 0
          ? ` Umsonst, aber ungefragt, käme dazu: ${asked}.`
          : ` Für mehr Nachlass müsste ungefragt dazu: ${asked}, am Ende für ${say.money(say.about(more.costs))}.`
    const when = planned ? ` Der Plan kauft sie am ${say.shortDay(planned.date)} zusammen.` : ''
    return `${worth}${rest}${when}`
  },
  sale: 'Eine erwartete Aktion',
  saleOff: 'Nachlass, Prozent',
  saleChance: 'Chance, Prozent',
  saleFrom: 'Von',
  saleTools: 'Gilt für (leer: alle Werkzeuge)',
  putSale: 'Diese Aktion behalten',
  saleHint: 'Um Einkaufstage, Vatertag, Jahresende. Beim Abwägen steht es neben der Anschaffung.',
  name: 'Name',
  lists: 'Pakete und Angebote',
  noLists: 'Noch keine behalten.',
  needTool: 'Wähle zuerst ein Werkzeug.',
  needPrice: 'Ein Preis fehlt. Ein Geschenk ist 0.',
  needName: 'Gib ihm einen Namen.',
  needPieces: 'Wähle mindestens zwei Werkzeuge; eines allein ist ein einfacher Preis.',
  needTools: 'Wähle die Werkzeuge, für die es gilt.',
  past: 'Das Ende liegt vor dem Anfang.'
}
