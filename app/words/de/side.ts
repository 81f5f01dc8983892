import type { Said } from '../language'
import { plural } from '../plural'
import { roughly, type Say } from '../say'
import type { side as english } from '../side'

const whole = (say: Say, amount: number): string => say.money(say.about(Math.round(amount)))

export const side: Said<typeof english> = {
  tabs: {
    make: 'Was bauen',
    prices: 'Preise und Nachfrage',
    stock: 'Lager und Bestellungen',
    tools: 'Was ein Werkzeug verdient',
    books: 'Bücher'
  },
  working: 'Wird gerechnet …',
  nothing: 'Noch ist nichts zu verkaufen',
  nothingHint:
    'Öffne ein Vorhaben, setz „zu verkaufen“ und sag, was es einbringt. Dann steht hier, was eine Stunde davon bringt und was zuerst gebaut wird.',
  toBuilds: 'Zu den Vorhaben',
  cannotYet: 'Was zu verkaufen ist, lässt sich noch nicht bauen',
  cannotHint: (builds) =>
    `Weder was du hast noch was der Plan kauft, genügt für ${builds}. Das Abwägen sagt, was fehlt.`,
  headline: (say, turn, design, perHour) =>
    `Bau als Nächstes ${plural(turn.pieces, 'Stück', 'Stück')} „${say.build(turn.build)}“ zu ${say.money(design.price)}${perHour === undefined ? '' : `: etwa ${whole(say, perHour)} die Stunde`}`,
  headlineOne: (say, design, perHour) =>
    `„${say.build(design.build)}“ bringt am meisten${perHour === undefined ? '' : `: etwa ${whole(say, perHour)} die Stunde`}`,
  firstHeadline: (say, { design, cost, pieces }) =>
    pieces === undefined
      ? `„${say.build(design.build)}“ lässt zu ${say.money(design.price)} nichts übrig`
      : `Fang mit „${say.build(design.build)}“ zu ${say.money(design.price)} an: Werkzeug für ${say.money(cost)} ist nach ${plural(pieces, 'Stück', 'Stück')} bezahlt`,
  firstHint:
    'Was du hast und was der Plan kauft, macht noch nichts, das zu verkaufen ist. Zuerst kommt das Werkzeug für ein Stück, das sich verkauft; sein Geld kauft das nächste.',
  firstTitle: 'Das Werkzeug für das erste Stück',
  firstKit: (say, { cost }, names) =>
    `Mit ${names} (${say.money(cost)} alles in allem) lässt es sich bauen.`,
  firstLeaves: (say, { pieces, day }, margin, minutes, perHour) =>
    pieces === undefined
      ? `Jedes Stück würde ${say.money(Math.round(-margin))} mehr kosten, als es bringt: heb zuerst den Preis.`
      : `Ein Stück lässt ${say.money(Math.round(margin))} für ${roughly(minutes)}${perHour === undefined ? '' : `, ${whole(say, perHour)} die Stunde`}; das Werkzeug ist nach ${plural(pieces, 'Stück', 'Stück')} bezahlt${day === undefined ? '' : `, etwa am ${say.day(day)}`}.`,
  firstWish: 'Wünschen',
  firstWished: 'Auf deiner Wunschliste: der Plan kauft es, wie das Geld reicht.',
  month: (say, margin, minutes, short) =>
    `Ein durchschnittlicher Monat lässt ${whole(say, margin)} für ${roughly(minutes)} Arbeit. ${short ? 'Die Grenze sind deine Stunden, nicht die Käufer.' : 'Die Grenze sind die Käufer, nicht deine Stunden.'}`,
  from: (say, day) => `ab ${say.day(day)}, mit dem, was der Plan bis dahin gekauft hat`,
  mistakes: 'Einen Blick wert',
  mistake: (say, one): string => {
    switch (one.kind) {
      case 'poor-hours':
        return `${plural(one.sold, 'Stück', 'Stück')} „${one.name}“ wurden verkauft und brachten ${whole(say, one.perHour)} die Stunde. Für „${one.better.name}“ gab es mehr Käufer (${whole(say, one.better.perHour)} die Stunde): dieselben Stunden an dem, was gefragt war, hätten ${whole(say, one.missed)} mehr gebracht.`
      case 'loses':
        return `Jedes Stück „${one.name}“ kostet ${say.money(-one.each)} mehr, als es bringt. Heb den Preis, oder lass es.`
      case 'old-stock':
        return `${plural(one.pieces.length, 'Stück', 'Stück')} „${one.name}“ ${one.pieces.length === 1 ? 'steht' : 'stehen'} bis zu ${plural(one.days, 'Tag', 'Tage')} zum ersten Preis; üblich: ${plural(Math.round(one.usual), 'Tag', 'Tage')}. ${say.money(one.tiedUp)} sind darin gebunden.`
      case 'over-due':
        return `„${one.order.text}“ war vor ${plural(one.days, 'Tag', 'Tagen')} fällig. Vereinbare einen neuen Tag, liefere, oder sag ab.`
      case 'not-paid':
        return `„${one.piece.name}“ ist seit ${plural(one.days, 'Tag', 'Tagen')} verkauft, und ${say.money(one.piece.sold?.price ?? 0)} sind nicht gekommen. Frag danach.`
      case 'disagrees':
        return `Im Kassenbuch stehen ${say.money(one.found)} für „${one.piece.name}“, im Lager ${say.money(one.expected)}. Nimm den Verkauf zurück und trag ihn neu ein, oder sieh dir seine Einträge im Kassenbuch an.`
    }
  },
  mend: {
    'poor-hours': 'Den Preis ansehen',
    loses: 'Den Preis ansehen',
    'old-stock': 'Zum Lager',
    'over-due': 'Zur Bestellung',
    'not-paid': 'Zum Lager',
    disagrees: 'Zum Lager'
  },
  mixTitle: 'Die nächsten Monate',
  mixWorking: 'Die beste Mischung wird gesucht …',
  mixNone:
    'In diesen Monaten lässt sich nichts bauen, das einbringt, was eine Stunde bringen soll: sieh, wohin jeder Preis geht, heb einen Preis, oder verlang weniger für die Stunde.',
  mixSum: (say, { margin, minutes }, months) =>
    `${whole(say, margin)} in ${plural(months, 'Monat', 'Monaten')} für ${roughly(minutes)} Arbeit${minutes > 0 ? `, ${whole(say, (margin * 60) / minutes)} die Stunde` : ''}.`,
  proven: 'Bewiesen: keine andere Wahl von Entwürfen und Monaten lässt mehr übrig.',
  unproven: 'Das Beste, das in der Zeit zu finden war; ein Besseres ist nicht ausgeschlossen.',
  full: (months) => `Aufgebraucht sind deine Stunden in ${months}.`,
  mixCounts:
    'Gezählt werden deine Stunden, das Holz, das die Kasse nach den geplanten Anschaffungen zahlen kann, der Platz für wartende Stücke und die Käufer, die du erwartest. Was nicht bringt, was eine Stunde bringen soll, fällt weg; was am Ende nicht verkauft ist, zählt nichts.',
  turn: (say, { build, until, pieces, fromOffcuts }) =>
    `bis ${say.shortDay(until)}: ${plural(pieces, 'Stück', 'Stück')} „${say.build(build)}“${fromOffcuts === 0 ? '' : fromOffcuts === pieces ? ', aus dem Verschnitt' : `, ${fromOffcuts} davon aus dem Verschnitt`}`,
  monthsAhead: 'Monate voraus',
  designsAtMost: 'Entwürfe höchstens',
  floorForPieces: 'Boden für wartende Stücke, m²',
  takeMix: 'In meine Vorhaben übernehmen',
  tookMix: 'die Mischung der nächsten Monate',
  takeHint: 'Setzt, wie viele von jedem gebaut werden; der Plan findet dann die Abende dafür.',
  marginTitle: 'Wohin jeder Preis geht',
  marginCaption:
    'Jeder Balken ist der Preis eines Stücks, alle im selben Maßstab: von links, was es kostet, schraffiert, was für deine Stunden bleibt.',
  demandGuess: 'Nachfrage nach den Tagen bis zum Verkauf geschätzt',
  pace: (say, pace) =>
    pace > 1
      ? `Du brauchst ${say.percent(pace - 1)} länger als geschätzt; das ist gezählt.`
      : `Du bist ${say.percent(1 - pace)} schneller als geschätzt; das ist gezählt.`,
  row: (say, design, margin, minutes, perHour) =>
    margin < 0
      ? `${say.money(Math.round(-margin))} Verlust an jedem, für ${roughly(minutes)}`
      : `${say.money(Math.round(margin))} für ${roughly(minutes)}${perHour === undefined ? '' : `: ${whole(say, perHour)} die Stunde`}, ${say.number(design.perMonth, 1)} im Monat`,
  parts: {
    fee: 'Gebühren',
    delivery: 'Versand',
    timber: 'Holz und Oberfläche',
    other: 'Verschleiß und Dienste',
    margin: 'Bleibt für deine Stunden'
  },
  tooSmall: (say, asked) =>
    `zu klein, um sich zu lohnen: weniger als die ${say.money(asked)} die Stunde, die du willst`,
  listing: 'Blatt zum Anbieten',
  priceIt: 'Preis und Nachfrage',
  advice:
    'Für Steuern, Genehmigungen, Produktsicherheit und Versicherung gelten die örtlichen Regeln: lass dich beraten. Das hier ist keine Steuerberatung.',
  stockLine: (say, pieces, tiedUp, owed) =>
    `${plural(pieces, 'Stück', 'Stück')} auf Lager, ${say.money(tiedUp)} gebunden${owed > 0 ? `, ${say.money(owed)} verkauft und noch nicht bezahlt` : ''}.`
}
