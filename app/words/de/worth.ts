import type { Said } from '../language'
import { plural } from '../plural'
import type { worthWords as english } from '../plan-worth'
import type { power as englishPower } from '../power'
import type { reckoning as englishReckoning } from '../reckoning'

/** A few of them by name, the rest by number. */
const NAMED = 4
const list = (names: readonly string[]): string =>
  names.length <= NAMED
    ? names.join(', ')
    : `${names.slice(0, NAMED - 1).join(', ')} und ${names.length - NAMED + 1} weitere`

export const worthWords: Said<typeof english> = {
  worth: (value) =>
    `Dieser Plan ist von heute aus ${value} wert: Vorhaben und Verkäufe, abzüglich dessen, was bezahlt, vertan und verschlissen wird, mit dem, was die Werkzeuge weiter bringen.`,
  paidBack: ({ cost, pieces, date }, say) =>
    date === undefined
      ? `Die ersten Werkzeuge kosten ${say.money(cost)}; ${plural(pieces, 'Stück dieses Plans bringt', 'Stücke dieses Plans bringen')} das vor seinem Ende nicht wieder herein.`
      : `Die ersten Werkzeuge, ${say.money(cost)}, sind nach ${plural(pieces, 'verkauften Stück', 'verkauften Stücken')} am ${say.day(date)} wieder herein; Stunden sind darin nicht gezählt.`,
  prove: 'Wie viel besser ginge es?',
  proving: 'Eine obere Grenze wird ausgerechnet …',
  gain: (share, amount) =>
    `Kein Plan kann mehr als ${share} (${amount}) besser sein. Das meiste davon misst die Grenze, die großzügig gezogen ist, nicht den Plan.`,
  gainNone: 'Es ist bewiesen: kein Plan ist um mehr als ein Tausendstel besser.',
  gainUnknown: 'In einer Minute war keine Grenze auszurechnen.',
  askTitle: 'Und wenn nicht?',
  ask: 'Ohne es neu planen, und eine Stufe höher und tiefer',
  asking: 'Plane neu …',
  dropped: 'Ohne es',
  tierIs: (tier) => `In ${tier}`,
  difference: (d, say) => {
    const names = (ids: readonly string[]): string => list(ids.map((id) => say.build(id)))
    const dated = (moves: typeof d.later): string =>
      list(
        moves.map(
          ({ build, from, to }) => `${say.build(build)} ${say.shortDay(from)} → ${say.shortDay(to)}`
        )
      )
    const told = [
      d.lost.length > 0 ? `verloren: ${names(d.lost)}` : '',
      d.won.length > 0 ? `gewonnen: ${names(d.won)}` : '',
      d.later.length > 0 ? `später: ${dated(d.later)}` : '',
      d.sooner.length > 0 ? `früher: ${dated(d.sooner)}` : '',
      d.bought.length > 0
        ? `stattdessen gekauft: ${list(d.bought.map((offer) => say.offer(offer)))}`
        : '',
      d.spent !== 0
        ? `${say.money(Math.abs(d.spent))} ${d.spent > 0 ? 'mehr' : 'weniger'} ausgegeben`
        : '',
      Math.abs(d.minutes) >= 15
        ? `${say.duration(Math.abs(d.minutes))} ${d.minutes > 0 ? 'mehr' : 'weniger'} Arbeit`
        : ''
    ].filter((one) => one !== '')
    const worth =
      Math.abs(d.value) < 1
        ? 'Kein Unterschied im Wert'
        : d.aboutTheSame
          ? 'Etwa gleich viel wert'
          : `${say.money(Math.round(Math.abs(d.value)))} ${d.value < 0 ? 'weniger' : 'mehr'} wert`
    return `${worth}${told.length > 0 ? ` · ${told.join(' · ')}` : ''}.`
  },
  waitsFor: (builds) => `Wartet darauf und wäre ohne es früher dran: ${builds}.`,
  moreTitle: 'Was das nächste Geld täte',
  moreAsk: (amount) => `Mit ${amount} mehr heute`,
  moreNote: 'Neu geplant mit so viel mehr in der Kasse.'
}

export const power: Said<typeof englishPower> = {
  title: {
    best: 'Eine Mischung aus Kabel und Akku kostet am wenigsten',
    'one-platform': 'Ein einziges Akkusystem kostet am wenigsten',
    several: 'Einzelne Sets kosten am wenigsten',
    cords: 'Kabel kosten am wenigsten'
  },
  titleNone: 'Hier braucht nichts Kabel oder Akku',
  none: 'Kein offenes Vorhaben braucht ein Werkzeug, das es mit Akku gibt, oder du hast sie alle.',
  caption:
    'Für jedes Werkzeug ein Kabel, ein Gerät ohne Akku oder ein Set mit zwei Akkus und Ladegerät. Die Akkus sind nach der Energie eines Arbeitstages gerechnet, einer immer im Ladegerät. Jede Mischung wurde angesehen; die billigste wird gezeigt.',
  mode: {
    best: 'Billigste Mischung',
    'one-platform': 'Alles in einem System',
    several: 'Jedes Werkzeug sein eigenes Set',
    cords: 'Kabel, wo immer es eines gibt'
  },
  head: { tool: 'Werkzeug', cost: 'Zusammen', packs: 'Akkus', locked: 'An Akkus gebunden' },
  choice: { corded: 'mit Kabel', bare: 'Gerät ohne Akku', kit: 'Set' },
  on: (choice, platform) => `${choice}, ${platform}`,
  platform: (name) =>
    name === 'new'
      ? 'ein neues System'
      : /^new-\d+$/.test(name)
        ? 'sein eigenes System'
        : name === 'owned'
          ? 'das System, das du hast'
          : name,
  impossible: 'nicht möglich',
  packsLine: (say, needed, bought, energy) =>
    `${needed} Akkus für ${say.number(energy)} Wh an einem Arbeitstag${bought > 0 ? `, ${bought} einzeln gekauft` : ''}`,
  many: (platforms, packs) =>
    `${platforms} Systeme, die nichts teilen: ${packs} Akkus und ${platforms} Ladegeräte`,
  runs: (say, minutes, pack) =>
    Number.isFinite(minutes) ? `ein Akku mit ${pack} Wh hält ${say.number(minutes)} min` : '',
  favoursCord: 'Es läuft lange und hängt am Schlauch: das spricht für das Kabel.',
  favoursPack: 'Kurz gebraucht und überall: das spricht für den Akku.',
  locked: (amount) => `${amount} würden mit keinem anderen Akku laufen.`,
  corded: (say, more) =>
    more > 0
      ? `Kabel sparen ${say.money(more)}, mit steter Kraft und ohne Wechsel; dafür ist man angebunden und braucht eine Steckdose und ein Kabel von rechtem Querschnitt am Boden.`
      : `Kabel würden hier ${say.money(-more)} mehr kosten.`,
  noCord: (tools) => `Kein Kabel gibt es für ${tools.join(', ')}: die bleiben am Akku.`,
  otherMaker: 'Akkus eines anderen Herstellers',
  otherMakerText: (say, saved) =>
    `Sie würden etwa ${say.money(saved)} sparen. Vorsicht: ein Akku, den der Hersteller des Werkzeugs nicht zugelassen hat, kann überhitzen und brennen und die Garantie kosten; lade nur, was die Anleitung des Ladegeräts nennt, nie unbeaufsichtigt, und halte dich an die Vorschriften bei dir.`,
  prefer: 'Womit die Vorhaben gerechnet werden',
  preferName: {
    cheapest: 'was billiger ist',
    corded: 'mit Kabel, wo es eines gibt',
    cordless: 'mit Akku, wo es einen gibt'
  },
  tools: 'Werkzeuge im Blick',
  note: 'Strom: prüf den Stromkreis und den Querschnitt des Kabels; frag alles über das Einstecken hinaus eine Elektrofachkraft.',
  plural: (tool) => tool
}

const HOURS: Said<typeof englishReckoning.hours> = {
  slow: 'kostet nichts: ich mag den langsamen Weg',
  little: 'zählt ein wenig',
  some: 'zählt',
  lot: 'zählt viel'
}
const WISHES: Said<typeof englishReckoning.wishes> = {
  must: 'muss sein',
  like: 'hätte ich gern',
  pays: 'nur wenn es sich lohnt'
}
export const reckoning: Said<typeof englishReckoning> = {
  title: 'Was zählt',
  subtitle:
    'Jeder Plan und jede Reihenfolge wird damit gerechnet. Alles davon ist ein Urteil; setz dein eigenes ein.',
  hour: 'Eine Stunde von mir, über den schnellsten Weg hinaus',
  hours: HOURS,
  hourChoice: (word, amount) => (word === 'slow' ? HOURS.slow : `${HOURS[word]} (${amount})`),
  hourHint:
    'Die Stunden des schnellsten Weges, den es gibt, sind das Vergnügen daran und kosten nichts. Die darüber hinaus schon.',
  own: 'eine eigene Zahl',
  hourFigure: 'Eine Stunde zählt',
  aim: 'Das Geld ist für',
  aims: {
    workshop: 'die Werkstatt: es ist da, um verwendet zu werden',
    earn: 'was ich will: ein Werkzeug muss seinen Platz verdienen'
  },
  kept: 'Was bleibt, zählt, × sein Betrag',
  timber: 'Holz und Oberfläche werden bezahlt',
  timbers: { elsewhere: 'von anderswo', purse: 'aus dieser Kasse' },
  timberHint: 'Vorrichtungen und was du verkaufst, werden immer aus der Kasse bezahlt.',
  asWorkspace: (how) => `wie üblich: ${how}`,
  wish: 'Wie sehr willst du es?',
  wishes: WISHES,
  wishChoice: (wish, times) => `${WISHES[wish]} (× ${times})`,
  wishOf: (name) => `Wie sehr willst du es: ${name}`,
  back: 'Von dem, was du verkaufst, fließt in die Kasse zurück, %',
  afterTitle: 'Nach dem Plan',
  after: {
    only: 'nur diese Vorhaben',
    likely: (count) => `etwa ${plural(count, 'Stück', 'Stücke')} im Jahr wie diese`,
    said: 'so viele Stücke im Jahr wie diese'
  },
  perYear: 'Stücke im Jahr',
  years: 'Jahre, die zählen',
  impatience: 'Ein Jahr Warten kostet, % des Werts eines Vorhabens',
  late: 'Ein Tag später als gewünscht kostet, % seines Werts',
  terms: 'Woraus sich das ergibt',
  term: {
    builds: 'Vorhaben, nach dem Tag, an dem sie fertig sind',
    sales: 'Verkäufe',
    resold: 'Werkzeuge, für bessere verkauft',
    payments: 'aus der Kasse bezahlt',
    elsewhere: 'Holz und Gebühren von anderswo',
    hours: 'Stunden über den schnellsten Weg hinaus',
    penalties: 'Lärm, Gefahr, grobe Arbeit',
    space: 'Stellfläche',
    comfort: 'Wünsche, und ein Platz für die Dinge',
    bother: 'eine einfachere Güte, Gebrauchtes, ein Kabel, Maschinen einrichten',
    after: 'was die Werkzeuge danach weiter bringen',
    resale: 'wofür sie am Ende zu verkaufen wären'
  },
  unspent: (amount) =>
    `${amount} bleiben bis zum Ende in der Kasse: für diese Vorhaben wurde nichts gefunden, was mehr brächte, als es kostet. Mehr Vorhaben oder eine Stunde, die mehr zählt, würden das ändern.`,
  afterIs: (perYear, years) =>
    years === 0
      ? 'Nach dem Plan wird nichts gezählt.'
      : `Du machst weiter etwa ${plural(perYear, 'Stück', 'Stücke')} im Jahr wie diese; ${plural(years, 'Jahr wird', 'Jahre werden')} gezählt.`,
  keptIs: (share) =>
    `Was bezahlt wird, zählt ${share} seiner selbst, wie es übriges Geld auch täte.`
}
