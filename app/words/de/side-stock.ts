import type { Said } from '../language'
import { plural } from '../plural'
import type { sidePrices as englishPrices, sideStock as englishStock } from '../side-stock'

export const sidePrices: Said<typeof englishPrices> = {
  haggle: (say, { asGood, never }) =>
    never < asGood
      ? `Spielraum beim Handeln: bis ${say.money(asGood)} ist es so gut, wie auf den üblichen Käufer zu warten; unter ${say.money(never)} sind deine Stunden nicht bezahlt.`
      : 'Spielraum beim Handeln: keiner. Für weniger bringt eine Stunde weniger, als sie bringen soll.',
  title: 'Was verlangen, und wo',
  subtitle: 'Sag, was du von Preisen weißt; der beste folgt daraus.',
  price: 'Preis je Stück',
  outlet: 'Verkauft bei',
  noOutlet: 'von Hand zu Hand',
  days: 'Tage bis zum Verkauf',
  net: (say, net) => `${say.money(net)} davon kommen bei dir an`,
  netBelow: (say, short) =>
    `Gebühren und Versand nehmen ${say.money(short)} mehr als den Preis. Heb ihn, oder verkauf anderswo.`,
  known: 'Was ich von seinem Preis weiß',
  knownHint:
    'Eine Zeile für jeden Preis, der sich bewährt hat: „zu 220 in Tagen, vier im Monat; zu 260 in Wochen, zwei“. Zwei Preise an zwei Orten sind zwei Zeilen.',
  perMonth: 'im Monat',
  within: 'Tage',
  add: 'Zeile dazu',
  remove: 'Entfernen',
  needPrice: 'Sag den Preis der Zeile.',
  best: (say, at, where) =>
    `Verlang ${say.money(at.price)}${where === '' ? '' : ` bei ${where}`}: ${say.number(at.perMonth, 1)} im Monat, im Schnitt warten ${say.number(at.waiting, 1)}, ${say.money(Math.round(at.perMonthLeft))} bleiben im Monat.`,
  bestLimited:
    'Gefragt ist mehr, als deine Stunden hergeben: der Preis ist so gesetzt, dass bedient wird, wer mehr zahlt.',
  bestNone: 'Kein bekannter Preis lässt etwas übrig.',
  take: (say, price) => `${say.money(price)} nehmen`,
  took: (name) => `den Preis von „${name}“`,
  onePrice: 'Ein Preis ist bekannt: ein zweiter macht eine Wahl daraus.',
  season: 'Verkauft sich',
  seasonAll: 'das ganze Jahr',
  stored: 'Boden, den eines beim Warten braucht, m²',
  offcuts: 'Aus dem Verschnitt von einem',
  offcutsNone: 'nichts weiter',
  offcutsEach: 'so viele',
  outlets: 'Verkaufsorte',
  outletsHint:
    'Wo du verkaufst, was es vom Preis nimmt, und was es kostet, ein Stück hinzubringen.',
  outletName: 'Ort',
  feeShare: 'Behält, % vom Preis',
  feeFixed: 'und je Stück',
  delivery: 'Packen und Versand',
  km: 'km je Stück',
  addOutlet: 'Verkaufsort dazu',
  needName: 'Gib dem Verkaufsort einen Namen.',
  outletChanged: (name) => `den Verkaufsort „${name}“`,
  outletLine: (say, { feeShare, feeFixed, deliveryEach }) =>
    [
      feeShare > 0 ? `behält ${say.percent(feeShare)}` : '',
      feeFixed > 0 ? `${say.money(feeFixed)} je Stück` : '',
      deliveryEach > 0 ? `Versand ${say.money(deliveryEach)}` : ''
    ]
      .filter((part) => part !== '')
      .join(', ') || 'nimmt nichts'
}

export const sideStock: Said<typeof englishStock> = {
  title: (say, pieces, tiedUp) =>
    pieces === 0
      ? 'Nichts wartet auf einen Käufer'
      : `${plural(pieces, 'Stück wartet', 'Stück warten')} auf einen Käufer, ${say.money(tiedUp)} gebunden`,
  subtitle: (say, owed, orders) =>
    `${owed > 0 ? `${say.money(owed)} verkauft und noch nicht bezahlt` : 'Nichts ist offen'}, ${plural(orders, 'Bestellung läuft', 'Bestellungen laufen')}`,
  finishedTitle: 'Fertige Stücke ins Lager legen',
  design: 'Was es ist',
  count: 'Wie viele',
  made: 'Fertig am',
  cost: 'Kosten von einem',
  minutes: 'Minuten Arbeit in einem',
  estimate: 'Da steht die Schätzung; was du wirklich gebraucht hast, ist besser.',
  price: 'Angeboten zu',
  put: 'Ins Lager',
  putStep: (count, name) => `${plural(count, 'Stück', 'Stück')} „${name}“ ins Lager legen`,
  needDesign: 'Wähl, was fertig wurde: ein Vorhaben, das zu verkaufen ist.',
  future: 'Der Tag ist noch nicht gekommen. Ins Lager kommt, was fertig ist.',
  stockTitle: 'Auf Lager',
  empty: 'Nichts ist auf Lager.',
  age: (days) => (days === 0 ? 'seit heute' : `seit ${plural(days, 'Tag', 'Tagen')}`),
  asked: (say, price, outlet) => `zu ${say.money(price)}${outlet === '' ? '' : `, ${outlet}`}`,
  steps: (prices) => `Preis bisher: ${prices}`,
  notOffered: 'noch nicht angeboten',
  act: 'Tun …',
  sell: 'Verkauft',
  reprice: 'Anderer Preis',
  bid: 'Ein Gebot kam',
  gone: 'Sonst weg',
  drop: 'Irrtümlich eingetragen',
  soldFor: 'Verkauft für',
  soldOn: 'am',
  soldAt: 'bei',
  fee: 'Gebühr',
  deliveryCost: 'Versand',
  paidNow: 'Das Geld ist da',
  confirm: 'Eintragen',
  cancel: 'Lassen',
  soldStep: (name) => `den Verkauf von „${name}“`,
  priceStep: (name) => `den Preis von „${name}“`,
  bidStep: (name) => `das Gebot für „${name}“`,
  goneStep: (name) => `den Abgang von „${name}“`,
  dropStep: (name) => `„${name}“ aus dem Lager nehmen`,
  backStep: (name) => `Geld zurück für „${name}“`,
  paidStep: (name) => `das Geld für „${name}“`,
  unsoldStep: (name) => `das Zurücknehmen des Verkaufs von „${name}“`,
  needPrice: 'Sag, für wie viel.',
  beforeMade: (day) => `Es wurde am ${day} fertig. Vorher kann es nicht verkauft sein.`,
  notYet: 'Der Tag ist noch nicht gekommen.',
  offered: 'Geboten',
  advice: (say, asked, { asGood, never, takes }) =>
    takes === 'take'
      ? `Nimm es: ab ${say.money(asGood)} ist es so gut, wie auf ${say.money(asked)} zu warten.`
      : takes === 'maybe'
        ? `Dazwischen: auf ${say.money(asked)} zu warten ist jetzt ${say.money(asGood)} wert, und unter ${say.money(never)} sind deine Stunden nicht bezahlt. Nimm es, wenn das Stück länger steht als üblich.`
        : `Lass es: unter ${say.money(never)} ist ein neues nicht bezahlt. Bis ${say.money(asGood)} könntest du nachgeben, ohne etwas zu verlieren.`,
  bids: (texts) => `Gebote: ${texts}`,
  goneWhy: { given: 'verschenkt', kept: 'behalten', spoilt: 'verdorben' },
  soldTitle: 'Verkauft',
  soldLine: (say, name, price, day) => `${name}: ${say.money(price)} am ${day}`,
  open: 'noch nicht bezahlt',
  paid: 'Heute bezahlt',
  back: 'Geld zurückgeben',
  backAmount: 'Wie viel',
  returned: 'das Stück kam zurück',
  unsell: 'Es war ein Irrtum',
  more: (count) => `${plural(count, 'weiteres', 'weitere')} …`,
  left: (say, amount) => `${say.money(Math.round(amount))} bleiben für die Stunden`,
  tooMuchBack: (say, most) => `Mehr als ${say.money(most)} wurde dafür nicht bezahlt.`,
  ordersTitle: 'Bestellungen',
  noOrders: 'Niemand hat etwas bestellt.',
  orderText: 'Wer und was',
  orderCount: 'Anzahl',
  orderPrice: 'Preis für eines',
  orderDue: 'Fällig am',
  orderDeposit: 'Anzahlung',
  orderAdd: 'Eintragen, was gefragt ist',
  orderStep: (text) => `die Bestellung „${text}“`,
  orderLine: (say, copies, price, due) =>
    `${plural(copies, 'Stück', 'Stück')} zu ${say.money(price)}, fällig ${due}`,
  orderStates: {
    asked: 'angefragt',
    accepted: 'angenommen',
    declined: 'abgelehnt',
    delivered: 'geliefert',
    cancelled: 'abgesagt'
  },
  needText: 'Sag, wer was will.',
  overdue: 'Der Tag ist vorbei. Vereinbare einen, der noch kommt.',
  depositHint: (say, cost) => `Üblich ist mindestens das Holz, hier ${say.money(cost)}.`,
  shall: 'Soll ich sie annehmen?',
  thinking: 'Mit ihr und ohne sie geplant …',
  answer: (say, due, { done, earliest, pays, pushes }) =>
    done === undefined
      ? earliest === undefined
        ? 'Sie lässt sich nicht bauen oder brächte weniger, als sie kostet: lehn ab, oder verlang mehr.'
        : `Bis ${due} wird sie nicht fertig; frühestens am ${say.day(earliest)}. Biete diesen Tag an, oder lehn ab.`
      : `Sie ist am ${say.day(done)} fertig${
          pushes
            ? ` und kostet „${say.build(pushes.build)}“ ${pushes.days < 14 ? plural(pushes.days, 'Tag', 'Tage') : plural(Math.round(pushes.days / 7), 'Woche', 'Wochen')}`
            : ' und verzögert nichts'
        }. ${pays ? 'Alles in allem bleibt mehr: nimm sie an.' : 'Alles in allem bleibt nicht mehr als ohne sie.'}`,
  drops: (builds) => `In der Zeit des Plans nicht mehr fertig: ${builds}.`,
  accept: 'Annehmen',
  decline: 'Ablehnen',
  deliver: 'Liefern',
  cancelOrder: 'Absagen',
  keepDeposit: 'Von der Anzahlung behalten',
  held: (say, amount) => `Anzahlung: ${say.money(amount)}`,
  acceptedStep: (text) => `das Annehmen von „${text}“`,
  declinedStep: (text) => `das Ablehnen von „${text}“`,
  deliveredStep: (text) => `die Lieferung von „${text}“`,
  cancelledStep: (text) => `das Absagen von „${text}“`,
  tooFew: (have, need) =>
    `${plural(have, 'Stück ist', 'Stück sind')} auf Lager, ${need} ${need === 1 ? 'ist' : 'sind'} bestellt. Leg die fertigen zuerst ins Lager.`,
  planned: 'Sie steht bei deinen Vorhaben und im Plan, mit ihrem Tag.',
  ownership:
    'Ein Verkauf gehört zu seinem Stück: nimm ihn hier zurück oder gib hier Geld zurück, damit Lager und Kassenbuch eins bleiben.',
  toStock: 'Zum Stück'
}
