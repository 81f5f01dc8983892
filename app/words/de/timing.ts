import type { Said } from '../language'
import { plural } from '../plural'
import type { timing as english } from '../timing'

export const timing: Said<typeof english> = {
  tabs: {
    now: 'Jetzt oder später',
    seen: 'Gesehene Preise',
    sales: 'Aktionen',
    find: 'Ein Fund',
    board: 'Die Tafel'
  },
  tabsLabel: 'Fragen zu Preisen',
  working: 'Was warten kann, wird ausgerechnet',
  nothing: 'Der Plan kauft nichts',
  nothingHint: 'Sag, was du bauen möchtest; was es dafür braucht, bekommt hier Preise.',
  allNow: 'Auf nichts lohnt es zu warten: kauf wie geplant',
  title: (now, waits) =>
    `${now > 0 ? `${now} jetzt kaufen, warten` : 'Warten'} mit ${waits.slice(0, 2).join(', ')}${waits.length > 2 ? ` und ${waits.length - 2} weiteren` : ''}`,
  subtitle:
    'Was Warten kostet, ist, was der Plan dadurch verliert; was Preise tun, wird an denen abgelesen, die du gesehen hast, und an den Aktionen voraus.',
  soFar: (count) => `bisher ${plural(count, 'Antwort', 'Antworten')}`,
  groups: {
    buy: 'Jetzt kaufen',
    wait: 'Warten',
    later: 'Wenn das Geld da ist',
    'no-need': 'Gewünscht'
  },
  along: (names) => `Dazu: ${names}`,
  each: (price, count) => (count > 1 ? `je ${price}` : price),
  buyAny: ({ high, loses }) =>
    `Kauf zu jedem üblichen Preis, bis etwa ${high}: eine Woche ohne kostet dich ${loses}.`,
  buyUpTo: ({ upTo }) => `Kauf bis ${upTo}; darüber sieh erst noch einmal nach.`,
  waitFor: ({ upTo, saves, on, sale, later }) =>
    `Jetzt bis ${upTo} kaufen; sonst ${sale === undefined ? `bis etwa ${on} warten` : `auf ${sale} ab ${on} warten`}: im Mittel ${saves} gespart, ${later ? `${later.build} ${plural(later.days, 'Tag', 'Tage')} später` : 'und nichts wird später fertig'}.`,
  laterUpTo: ({ upTo, on }) => `Vor dem ${on} nicht zu bezahlen. Dann bis ${upTo}.`,
  noNeed: 'Nichts im Plan braucht es. Es kann auf einen Preis warten, der dir gefällt.',
  protection: 'Es kommt mit dem Werkzeug, vor dem es schützt, zu jedem üblichen Preis.',
  sure: (share) => `Warten ist in ${share} der Fälle billiger.`,
  today: (price, typical) =>
    typical ? `${price} ~ ist hier üblich; noch kein Preis von dir.` : `${price} hast du gefunden.`,
  band: (low, high, prices) =>
    `Acht von zehn Preisen liegen zwischen ${low} und ${high}${prices === 0 ? ', wie es für die Art üblich ist' : `, nach ${plural(prices, 'Preis', 'Preisen')} von dir`}.`,
  trend: (share, up) => `Gesehene Preise ${up ? 'steigen' : 'fallen'} um etwa ${share} im Jahr.`,
  standing: ({ cheaperThan, of, among }) => {
    const ten = Math.round(cheaperThan * 10)
    const against =
      among === 'kind'
        ? `den ${of} Preisen, die du für diese Art gesehen hast`
        : among === 'tool'
          ? `den ${of} Preisen, die du für dieses Werkzeug gesehen hast, jeder nach seiner Güte und seinem Zustand`
          : 'den für die Art üblichen Preisen'
    return ten >= 10
      ? `Billiger als fast alle von ${against}.`
      : ten <= 0
        ? `Teurer als fast alle von ${against}.`
        : `Billiger als etwa ${ten} von 10 von ${against}.`
  },
  chart: (tool) => `Was ${tool} kostete und kosten kann`,
  chartCaption:
    'Punkte sind Preise, die du gesehen hast, ein Ring ein beiseite gelegter. Im Band liegen acht von zehn. Die gestrichelte Linie ist, was an jedem Tag voraus höchstens zu zahlen ist.',
  series: { seen: 'gesehen', aside: 'beiseite', middle: 'erwartet', takes: 'höchstens' },
  asTable: 'Als Tabelle',
  head: {
    date: 'Tag',
    price: 'Preis',
    source: 'Woher',
    takes: 'Höchstens zahlen',
    expects: 'Erwartet',
    lost: 'Bis dahin verloren',
    sale: 'Aktion'
  },
  source: {
    seen: 'gesehen',
    list: 'eine Liste',
    find: 'ein Fund',
    board: 'die Tafel (simuliert)',
    receipt: 'ein Beleg'
  },
  putAside: 'Beiseite legen',
  countAgain: 'Wieder zählen',
  asideStep: (tool) => `einen Preis für ${tool} beiseite legen`,
  againStep: (tool) => `einen Preis für ${tool} wieder zählen`,
  more: (count) => `${plural(count, 'älterer', 'ältere')}`,
  all: (count) => `Alle ${count}`,
  fewer: 'Nur die neuesten',
  salesTitle: (next) =>
    next === undefined ? 'Keine Aktion wird erwartet' : `Die nächste Aktion: ${next}`,
  salesSubtitle:
    'Läden häufen ihre Aktionen; was du in deren Tagen siehst, berichtigt, wie wahrscheinlich und wie tief jede ist.',
  yearly: 'Jedes Jahr',
  usualSales: 'Mit den üblichen Aktionen des Jahres beginnen',
  usualSalesHint:
    'Übliche Praxis, wo mit diesem Geld bezahlt wird; jede lässt sich wieder herausnehmen.',
  usualStep: 'die üblichen Aktionen des Jahres',
  saleNames: {
    spring: 'Saisonbeginn',
    'early-summer': 'Vatertag',
    'late-autumn': 'Einkaufstage im November',
    'year-end': 'Jahresende'
  },
  estimate: (say, { chance, off, years, came, offLow, offHigh }) =>
    years === 0
      ? `${say.percent(off)} Nachlass mit einer Chance von ${say.percent(chance)}, wie angegeben; in deren Tagen hast du noch keinen Preis gesehen.`
      : `${say.percent(off)} Nachlass (${say.percent(offLow)} bis ${say.percent(offHigh)}) mit einer Chance von ${say.percent(chance)}: sie kam in ${came} von ${plural(years, 'Jahr', 'Jahren')}, in denen du nachsahst.`,
  findTitle: 'Was ist es dir wert?',
  findWorth: (price) => `Dir bis zu ${price} wert`,
  findNothing: 'Nichts in deinem Plan würde es brauchen',
  findSubtitle:
    'Der Plan wird damit zu einem Preis nach dem anderen neu gemacht: mit dem, was mitkommen muss, und allem, was du an seiner Stelle haben könntest.',
  ask: 'Was ist es mir wert?',
  asking: 'Der Plan wird zu einem Preis nach dem anderen neu gemacht …',
  verdict: (asked, upTo, say) =>
    asked <= upTo
      ? `Für ${say.money(asked)} nimm es: ${say.money(upTo - asked)} weniger, als es dir wert ist.`
      : `Für ${say.money(asked)} lass es: ${say.money(asked - upTo)} mehr, als es dir wert ist. Biete ${say.money(upTo)}.`,
  worthNothing:
    'Nichts Geplantes würde es brauchen, und es ersetzt nichts, was du kaufen würdest. Geschenkt nähme es nur Platz weg.',
  needless: (names) => `Überflüssig wird: ${names}.`,
  comesAlong: (names) => `Dazu kommt: ${names}.`,
  opens: (names) => `Es macht möglich: ${names}.`,
  sooner: (names) => `Früher fertig damit: ${names}.`,
  saved: (say, { minutes }) => (minutes < 0 ? `Es spart ${say.duration(-minutes)} Arbeit.` : ''),
  usedCaution:
    'Lass es laufen, bevor du zahlst. Sieh Kabel, Schutz und Spiel an; ist Schutz oder Kabel schadhaft, geh weiter. Es gilt die Anleitung des Werkzeugs.',
  finds: 'Funde, die du behältst',
  sheetTitle: (tool) => `Gebraucht ansehen: ${tool}`,
  bring: (things) => `Mitbringen: ${things}.`,
  doing: { look: 'Ansehen', run: 'Laufen lassen', measure: 'Messen', ask: 'Fragen' },
  finding: { fine: 'gut', doubtful: 'zweifelhaft', bad: 'schlecht', unseen: 'nicht zu sehen' },
  worthNow: (say, { repair, unseen, open }, sound) =>
    `So, wie es dasteht, bis zu ${say.money(Math.max(0, say.about(sound) - say.about(repair) - say.about(unseen)))} wert${
      repair + unseen > 0
        ? `: ${say.money(say.about(sound))} für ein gutes${repair > 0 ? `, weniger ${say.money(say.about(repair))}, um es herzurichten` : ''}${unseen > 0 ? `, weniger ${say.money(say.about(unseen))} für das, was nicht zu sehen war` : ''}`
        : ''
    }.${open > 0 ? ` Noch ${plural(open, 'Punkt', 'Punkte')}.` : ''}`,
  boughtIt: 'Gekauft',
  onPaper: 'Das Blatt auf Papier',
  noSheet: 'Dafür gibt es kein Blatt: kauf es neu',
  point: 'Was anzusehen ist',
  elseLeave: 'Sonst stehen lassen.',
  blanks: ['Verlangt', 'Seriennummer, Jahr', 'Verkäufer, wo', 'Maße'],
  repairOf: (tool) => `Instandsetzung: ${tool}`,
  follows: (say, repair, checks) =>
    [
      repair > 0
        ? `${say.money(repair)} werden für die Instandsetzung zurückgehalten, beim Geld, das erwartet wird.`
        : '',
      checks > 0
        ? `${plural(checks, 'Punkt ist', 'Punkte sind')} noch anzusehen, bevor du dich darauf verlässt; die Werkbank fragt danach.`
        : ''
    ]
      .filter(Boolean)
      .join(' '),
  lookedStep: (tool) => `was an ${tool} gefunden wurde`,
  lookedSo: (open, of) =>
    open === 0 ? 'angesehen' : `${of - open} von ${plural(of, 'Punkt', 'Punkten')} angesehen`,
  walkAway: (text) => `Geh weiter, zu jedem Preis. Nicht erfüllt: ${text}.`,
  inexact: (times) => `Es arbeitet vielleicht ${times}-mal so ungenau wie ein gutes.`,
  buyNew: 'Kauf Schutz neu: was er hinter sich hat, sieht man nicht.',
  watchPrice: 'Melden, wenn es höchstens kostet',
  watchStart: 'Im Blick behalten',
  watches: 'Im Blick',
  watched: (say, { watch: { upTo, until }, met, days, state }) =>
    `bis ${say.money(upTo)}${until === undefined ? '' : `, bis ${say.shortDay(until)}`}: ${
      met
        ? `am ${say.shortDay(met.date)} für ${say.money(met.price)} gesehen`
        : state === 'over'
          ? 'der letzte Tag ist vorbei'
          : `noch keiner so niedrig; zuletzt nachgesehen ${days === 0 ? 'heute' : `vor ${plural(days, 'Tag', 'Tagen')}`}`
    }`
}
