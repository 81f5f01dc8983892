import type { Said } from '../language'
import type { quality as english } from '../quality'
import { terms } from './small'

const tier = (name: string): string => terms.tierName[name] ?? name

export const quality: Said<typeof english> = {
  title: (tool, option) => `${tool}: am billigsten zu haben: ${option}`,
  borrowFirst: (name, hours) => `${name} kostet noch weniger, bis ${hours} Stunden.`,
  borrowName: { borrow: 'Ausleihen', hire: 'Mieten' },
  titleNone: 'Wie gut muss es sein?',
  none: 'Wähle ein Werkzeug und sieh, welche Güte und welcher Zustand über seine Stunden am wenigsten kostet und welche nicht genügen.',
  tool: 'Werkzeug',
  power: 'Antrieb',
  powerName: { hand: 'von Hand', corded: 'mit Kabel', cordless: 'mit Akku' },
  hours: (hours, builds) => `Deine Vorhaben brauchen es etwa ${hours} Stunden (${builds}).`,
  noHours: 'Kein offenes Vorhaben braucht es, also wartet jedes Geld dafür auf einen Grund.',
  upTo: 'Vorausschau, Stunden',
  chart: (tool) => `Was es kostet, das zu haben: ${tool}, nach Stunden des Gebrauchs`,
  unit: (currency) => `in ${currency}`,
  chartCaption:
    'Jede Linie ist eine Art, es zu haben: Kauf, Ersatz nach Verschleiß, Blätter, Reparaturen und langsamere Arbeit, abzüglich dessen, was es noch brächte. Die tiefste Linie bei deinen Stunden ist die billigste; Stufen sind Ersatz, gepunktet senkrecht, wo eine andere Art die billigste wird.',
  axisHours: 'Stunden des Gebrauchs',
  yours: (hours) => `deine Vorhaben: ${hours} h`,
  tenure: (option) => {
    switch (option.kind) {
      case 'buy':
        return `${tier(option.tier)}, ${terms.conditionName[option.condition] ?? option.condition}`
      case 'trade-up':
        return 'jetzt „geht gerade“, „Handwerk“, wenn es verschlissen ist'
      case 'hire':
        return 'tageweise mieten'
      case 'borrow':
        return 'ausleihen'
    }
  },
  cheapest: 'Am billigsten nach Stunden des Gebrauchs',
  stretch: (from, to, option) => `${from} bis ${to} h: ${option}`,
  table: 'Bei den Stunden deiner Vorhaben',
  showTable: 'Als Tabelle zeigen',
  head: {
    option: 'Art, es zu haben',
    purchase: 'Kauf',
    replacements: 'Neu gekauft',
    running: 'Blätter, Reparaturen',
    slower: 'Langsamere Arbeit',
    resale: 'Bringt noch',
    total: 'Zusammen'
  },
  ruledOutTitle: 'Güten, die nicht genügen',
  ruledOut: (say, one) =>
    one.kind === 'accuracy'
      ? `${tier(one.tier)}: ${say.build(one.build)} verlangt „${say.operation(one.operation)}“ auf ${say.length(one.needs)}, sie gibt ${say.length(one.has)} mit dem Anreißzeug, das du hast.`
      : `${tier(one.tier)}: ${say.build(one.build)} lässt es ${say.duration(one.minutes)} am Stück laufen, etwa ${one.needsPerHour} Minuten in der Stunde; gemacht ist sie für ${one.allows}.`,
  noneRuledOut: 'Alle vier Güten sind für deine Vorhaben genau und kräftig genug.',
  tiersNote:
    'Güten: geht gerade, Wochenende, Handwerk, fürs Leben. Gebrauchte behalten eine Rücklage für Reparaturen; lass sie vor dem Bezahlen laufen.',
  typical: 'Preise mit ~ sind übliche, nicht gesehene.',
  spend: 'Hier ausgeben, dort sparen',
  spendCaption:
    'Eine Summe für mehrere Werkzeuge, so gut es geht auf ihre Güten verteilt: was jede jetzt kostet und über die Jahre an Ersatz, Blättern, Reparaturen, langsamerer Arbeit und Oberfläche, abzüglich dessen, was es noch brächte. Übriges Geld zählt als behalten. Güten, die nicht genügen, sind weggelassen.',
  total: 'Summe für diese Werkzeuge',
  tools: 'Werkzeuge',
  years: 'Jahre voraus',
  split: (say, cost, left) => `${say.money(cost)} ausgegeben, ${say.money(left)} übrig.`,
  tooLittle: (say, least) =>
    `Das reicht nicht: die billigsten Güten, die genügen, kosten zusammen ${say.money(least)}. Erhöhe die Summe oder nimm ein Werkzeug heraus.`,
  noOption: (tool) => `Keine Güte hat einen Preis: ${tool}. Trag einen ein oder nimm es heraus.`,
  noTools:
    'Wähle die Werkzeuge, für die die Summe ist; zuerst stehen hier die Anschaffungen des Plans.',
  splitHead: {
    tool: 'Werkzeug',
    hours: 'Stunden',
    tier: 'Güte',
    cost: 'Kostet jetzt',
    later: 'Kostet über die Jahre'
  },
  proven: (ms) => `Die beste aller Verteilungen, bewiesen in ${ms} ms.`
}
