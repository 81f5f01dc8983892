import type { Said } from '../language'
import { plural } from '../plural'
import type { stages as english } from '../stages'

/** Two names and how many more there are. */
const few = (names: readonly string[]): string =>
  names.length > 3
    ? `${names.slice(0, 2).join(', ')}, ${names.length - 2} weitere`
    : names.join(', ')

export const stages: Said<typeof english> = {
  title: (builds, spent) => `${plural(builds, 'Vorhaben', 'Vorhaben')} für ${spent}`,
  titleNone: 'Noch keine Etappen',
  noBuildsHint: 'Füge zuerst ein Vorhaben hinzu: der Plan wächst aus dem, was du machen willst.',
  nothingPaysHint:
    'In diesem Plan lohnt sich keine Anschaffung. Mehr Geld, mehr Stunden oder ein höherer Wert eines Vorhabens würden das ändern.',
  subtitle: (purchases, until) =>
    `${plural(purchases, 'Anschaffung', 'Anschaffungen')} bis ${until}; keine bringt die Kasse unter deine Rücklage`,
  subtitleBroken: (count) =>
    count === 1 ? 'Eine Regel ist gebrochen' : `${count} Regeln sind gebrochen`,
  caption:
    'Wie ein Maßstab zu lesen: Zahltage sind die Striche, der grüne Pegel oben ist die Kasse, Anschaffungen hängen unten an ihrem Tag (je tiefer, desto teurer), Vorhaben sind Kerben am oberen Rand. Zieh eine Anschaffung oder bewege sie mit den Pfeiltasten.',
  planAgain: 'Den Rest neu planen',
  planning: 'Plane …',
  keep: 'Diesen Plan behalten',
  kept: (count) => `${plural(count, 'Plan', 'Pläne')} behalten`,
  csv: 'Als CSV sichern',
  print: 'Drucken',
  keepBack: (reserve) => `${reserve} Rücklage`,
  today: 'heute',
  make: 'selbst machen',
  pinned: 'festgehalten',
  hours: 'Wochenstunden, Zahltage und Rücklage stehen im Kassenbuch.',
  rule: 'Der Maßstab: Anschaffungen und Vorhaben nach Tagen',
  phoneHint:
    'Wisch eine Anschaffung nach rechts für einen Zahltag später, nach links für einen früher; gewählt, geht dasselbe mit Knöpfen. Zwei Finger auseinander öffnen alle Etappen, zusammen falten sie sie.',
  openAll: 'Alle Etappen öffnen',
  foldAll: 'Alle Etappen falten',
  fold: 'Diese Etappe falten',
  folded: (purchases, builds, sum) =>
    [
      purchases.length === 0 ? '' : `${few(purchases)}: ${sum}`,
      builds.length === 0 ? '' : `Beginn von ${few(builds)}`
    ]
      .filter(Boolean)
      .join('; '),
  tagLabel: (tool, price, day, pinnedToo) =>
    `${tool}, ${price}, ${day}${pinnedToo ? ', festgehalten' : ''}`,
  buildLabel: (build, begin, done) => `${build}: Beginn ${begin}, fertig ${done}`,
  putBack: 'Zurück an seinen Platz',
  planAround: 'Den Rest darum herum planen',
  breaks: 'Diese Verschiebung bricht eine Regel:',
  movedFine: (tool, day) =>
    `${tool} ist jetzt am ${day} festgehalten. Sonst hat sich nichts geändert; plane den Rest neu, wenn du willst.`,
  wouldBreak: (day) => `Am ${day} würde das eine Regel brechen:`,
  wouldHold: (day) => `Am ${day} hält jede Regel.`,
  choose: 'Wähle eine Anschaffung oder ein Vorhaben, um zu sehen, warum es dort steht.',
  boughtIt: 'Gekauft',
  pin: 'Hier festhalten',
  unpin: 'Loslassen',
  earlier: 'Einen Zahltag früher',
  later: 'Einen Zahltag später',
  ban: 'Dieses nicht',
  opensTitle: 'Was es möglich macht',
  wished: 'Es steht auf deiner Wunschliste.',
  opensNone: 'Kein Vorhaben des Plans braucht es.',
  quickens: (build, less) => `Macht nichts erst möglich; ${build} braucht damit ${less} weniger`,
  opens: (build, begin) => `${build}, Beginn ${begin}`,
  withTitle: 'Kommt mit',
  withNone: 'Sonst nichts.',
  advised: (tool, price) => `Dazu geraten: ${tool}, ${price}.`,
  takeAlong: 'Mitnehmen',
  takeLater: (day) => `Kaufen am ${day}`,
  takeNever: 'Der Plan hat kein Geld mehr dafür.',
  waitsWith: (names) => `Wartet mit: ${names}.`,
  rough: (metres, saved) =>
    `Aus sägerauen Brettern: ${metres} m gehobelte Ware werden rau gekauft und selbst gehobelt, das spart ${saved} Holz; das Hobeln steckt in den Stunden.`,
  waitTitle: 'Könnte es warten?',
  slackNone: 'Nicht über seinen Tag hinaus.',
  slack: (paydays, until) =>
    `Kann um ${plural(paydays, 'Zahltag', 'Zahltage')} rutschen, bis ${until}.`,
  slackAfter: 'Danach:',
  couldNotBegin: (build, day) => `${build} könnte am ${day} nicht beginnen.`,
  earlierTitle: 'Warum nicht früher?',
  earlierFirst: 'Es gibt keinen früheren Zahltag.',
  earlierFine:
    'Es ginge: das Geld ist da. Nichts, was es braucht, beginnt früher, also wäre nichts gewonnen.',
  unopenedTitle: 'Nicht im Plan',
  curtailed: (operations) =>
    `Für ${operations.join(', ')} gibt es mehr Zusammenstellungen von Werkzeugen, als angesehen werden können: eine bessere kann übersehen worden sein. Weniger Werkzeuge, die füreinander einspringen, oder einige ausgeschlossen, machen es wieder genau.`,
  unopened: (build, why, cost, loses) => {
    const tools = cost === undefined ? '' : ` (die Werkzeuge dafür kosten ${cost})`
    switch (why) {
      case 'no-way':
        return `${build}: kein Werkzeug der Bibliothek macht es innerhalb deiner Grenzen möglich.`
      case 'money':
        return `${build}: das Geld reicht im Plan nicht${tools}.`
      case 'late':
        return `${build}: das Geld ist erst da, wenn zum Bauen zu wenig Zeit bleibt${tools}. In einem längeren Plan stünde es.`
      case 'hours':
        return `${build}: die Stunden reichen im Plan nicht.`
      case 'space':
        return `${build}: es ist kein Platz mehr, die Werkzeuge wegzuräumen.`
      case 'does-not-pay':
        return `${build}: brächte dir weniger, als es nimmt${cost === undefined ? '' : `, die Werkzeuge mit ${cost} mehr`}${loses === undefined ? '' : `; der Plan wäre damit ${loses} weniger wert`}.`
    }
  },
  buildWork: (time, material) => `${time} Arbeit, ${material} für Holz und Gebühren`,
  openBuild: 'Vorhaben öffnen',
  clashTitle: 'Was festgehalten ist, geht nicht zusammen',
  letGo: (tool, day) => `${tool} (${day}) loslassen`,
  tabs: { rule: 'Der Maßstab', scenarios: 'Andere Wege', risk: 'Wie sicher' },
  searching: (evaluations, of, value) =>
    `Plane: ${evaluations} von ${of} Plänen versucht, der beste bisher ist ${value} wert`,
  stop: 'Hier aufhören',
  ics: 'Kalender',
  tryOut: 'Nur probieren',
  tryingOut: 'Du probierst nur: nichts, was du verschiebst, bleibt, bis du es sagst.',
  keepTried: 'So lassen',
  dropTried: 'Zurück zum Plan',
  wider: 'Breiter',
  narrower: 'Schmaler',
  showFan: 'Zeigen, wie sicher es ist',
  fanOnRule:
    'Die Bänder: wo die Kasse in der Hälfte und in neun von zehn von tausend Verläufen steht.',
  ghosts: 'Gestrichelt: wo es vor der letzten Änderung stand.',
  keysHint:
    'Auf dem Maßstab: + und − ändern seine Breite, Pos1 und Ende gehen an seine Enden. Strg mit dem Rad tut dasselbe wie + und −.',
  afterTitle: (day) => `Was du nach dem ${day} bauen kannst`,
  afterNone: 'Noch nichts von deiner Liste.',
  afterLabel: (day) => `Was kann ich nach dem ${day} bauen?`,
  resale: (item, day, amount) =>
    `${item} wird am ${day} für etwa ${amount} verkauft: etwas Besseres ist da`,
  saving: (deal, day, amount) => `${deal}: ${amount} weniger am ${day}`
}
