import type { calendar as englishCalendar } from '../calendar'
import type { dates as englishDates } from '../dates'
import type { firstTime as englishFirstTime } from '../first-time'
import type { hazards as englishHazards } from '../hazards'
import type { Said } from '../language'
import type { lists as englishLists } from '../lists'
import type { own as englishOwn } from '../own-entry'
import type { ownWorkspace as englishOwnWorkspace } from '../own'
import type { parts as englishParts } from '../parts'
import type { record as englishRecord } from '../record'
import type { riskWords as englishRisk } from '../risk'
import type { scenarioWords as englishScenarios } from '../scenarios'
import type { terms as englishTerms } from '../terms'
import type { titles as englishTitles } from '../titles'

export const ownWorkspace: Said<typeof englishOwnWorkspace> = { name: 'Meine Werkstatt' }
export const titles: Said<typeof englishTitles> = {
  keeping: 'Kopien und Formate',
  incoming: 'Was eine Datei ändern würde',
  pocket: 'Merkzettel',
  start: 'Meine beginnen',
  settings: 'Datei und Einstellungen'
}
export const dates: Said<typeof englishDates> = {
  placeholder: '3. Mai, heute …',
  pick: (label) => `${label}: aus einem Monat wählen`
}
export const lists: Said<typeof englishLists> = {
  emptyMessage: 'Nichts zur Auswahl',
  emptyFilterMessage: 'Nichts heißt so',
  emptySearchMessage: 'Nichts heißt so',
  emptySelectionMessage: 'Nichts gewählt',
  searchMessage: '{0} zur Auswahl',
  selectionMessage: '{0} gewählt',
  previous: 'Zurück',
  next: 'Weiter',
  close: 'Schließen',
  selectAll: 'Alle gewählt',
  unselectAll: 'Keines gewählt',
  chooseDate: 'Tag wählen',
  chooseMonth: 'Monat wählen',
  chooseYear: 'Jahr wählen',
  prevMonth: 'Monat davor',
  nextMonth: 'Monat danach',
  prevYear: 'Jahr davor',
  nextYear: 'Jahr danach',
  prevDecade: 'Zehn Jahre davor',
  nextDecade: 'Zehn Jahre danach'
}
export const parts: Said<typeof englishParts> = {
  wide: 'Eine Tabelle, breiter als die Seite; die Pfeiltasten bewegen sie'
}
export const hazards: Said<typeof englishHazards> = {
  'sharp-edge': 'Schneiden in der Hand',
  'spinning-bit': 'drehende Bohrer',
  'hand-blade': 'handgeführte Sägeblätter',
  'fixed-blade': 'fest stehende Sägeblätter',
  'router-bit': 'Fräser',
  'feed-rollers': 'Hobelmaschinen',
  'fired-nail': 'Naglern',
  dust: 'feiner Staub'
}
export const terms: Said<typeof englishTerms> = {
  tierName: {
    'get-by': 'Stufe „geht gerade“',
    weekend: 'Stufe „Wochenende“',
    trade: 'Stufe „Handwerk“',
    lifetime: 'Stufe „fürs Leben“'
  },
  conditionName: { new: 'neu', refurbished: 'überholt', used: 'gebraucht' }
}
export const own: Said<typeof englishOwn> = {
  toolTitle: 'Ein eigenes Werkzeug',
  methodTitle: 'Eine eigene Art, etwas zu tun',
  name: 'Wie du es nennst',
  like: 'Es arbeitet wie',
  likeHint:
    'Es übernimmt, was jenes Werkzeug kann, was es neben sich braucht und die Warnungen. Ändere die Maße, wo deines anders ist.',
  price: 'Was eines kostet',
  operation: 'Was es tut',
  tools: 'Mit welchen Werkzeugen, das führende zuerst',
  setup: 'Einrichten, min',
  run: 'Je Einheit, min',
  error: 'Genau auf, mm',
  methodHint:
    'Gefahr, Lärm und Staub kommen von den Arten der Bibliothek mit dem führenden Werkzeug; halte dich an die Anleitung des Werkzeugs und die Vorschriften bei dir.',
  add: 'Hinzufügen'
}
export const record: Said<typeof englishRecord> = {
  title: (tool) => `Gekauft: ${tool}`,
  paid: 'Wirklich bezahlt, für alles zusammen',
  plannedWas: (amount) => `Im Plan standen ${amount}.`,
  date: 'Am',
  basketTitle: (count) => `Gekauft: ${count} Dinge`,
  basketHint:
    'Trag ein, was jedes wirklich gekostet hat; bis dahin stehen die Preise des Plans da.',
  basketTotal: 'Zusammen',
  paidFor: (tool) => `Bezahlt für ${tool}`,
  more: 'Verkäufer, Garantie, Zustand',
  confirm: 'Ins Kassenbuch',
  cancel: 'Abbrechen',
  beginTitle: (build) => `Beginnen: ${build}`,
  timber: 'Holz und Beschläge, wirklich bezahlt',
  timberHint: 'Trag 0 ein, wenn es schon da war.',
  confirmBegin: 'Beginnen',
  finishTitle: (build) => `Fertig: ${build}`,
  hours: 'Stunden, die es gebraucht hat',
  expected: (time) => `Im Plan standen ${time}.`,
  confirmFinish: 'Es ist fertig'
}
export const firstTime: Said<typeof englishFirstTime> = {
  label: 'Das erste Mal hier',
  done: 'Verstanden',
  lines: {
    bench:
      'Drück auf einen Namen und sieh, was es ist und worauf zu achten ist; sag „Gekauft“, und der Plan folgt.',
    builds: 'Drück auf ein Feld und sieh, warum es das sagt und was sonst ginge.',
    kit: 'Hak etwas ab, das du hast: so viel weniger muss der Plan kaufen.',
    weigh: 'Öffne eine Sprosse und sieh, was sie kostet, was sie bringt und welchen Vorhaben.',
    stages:
      'Verschieb eine Anschaffung um einen Zahltag: was das bricht, wird gleich gesagt, und „Rückgängig“ nimmt es zurück.',
    prices: 'Trag einen Preis ein, den du gesehen hast: jeder übliche Preis folgt ihm.',
    ledger:
      'Trag ein, was du ausgegeben hast. Nichts wird je gelöscht: was falsch war, nimmt ein Eintrag zurück.',
    side: 'Sag, zu welchem Preis ein Stück ging: daraus folgt, was eine Stunde bringt.',
    workshop: 'Sag, wie groß dein Raum ist, und kein Plan stellt mehr davon voll.'
  }
}
export const riskWords: Said<typeof englishRisk> = {
  riskTitle: 'Wie sicher ist es?',
  riskAnswer: (likely, all) =>
    likely > 0 && likely < all
      ? `${likely} von ${all} Stücken werden eher pünktlich fertig als nicht`
      : `${likely > 0 ? 'Eher pünktlich als nicht' : 'Eher zu spät als pünktlich'}: ${all === 1 ? 'das Stück' : `alle ${all} Stücke`}`,
  riskSubtitle:
    'Der Plan durch tausend ausgedachte Verläufe verfolgt: Preise, ausgefallene Zahltage, verlorene Wochen, langsamere Arbeit, Zeit bis zum Verkauf. Was am Tag nicht bezahlt werden kann, wartet auf den nächsten.',
  riskRun: 'Ausrechnen',
  riskWorking: (samples) => `bisher ${samples} Verläufe`,
  riskBelow: (chance) => `In ${chance} davon fällt die Kasse unter deine Rücklage.`,
  riskBy: (day, wished) => (wished ? `bis zum Wunschtag, ${day}` : `bis zum geplanten Tag, ${day}`),
  riskHalf: (day) => `halbe Chance bis ${day}`,
  riskHalfNever: 'in der Hälfte nicht innerhalb des Plans',
  riskTable: { build: 'Vorhaben', chance: 'Aussicht', by: 'Fertig', half: 'Hälfte der Verläufe' },
  fanTitle: 'Was in der Kasse ist',
  fanCaption:
    'Die Linie ist der mittlere Verlauf; die Hälfte aller liegt im dunklen Band, neun von zehn im hellen. Gestrichelt ist deine Rücklage.',
  assumed:
    'Angenommen, wie es üblich ist: ein üblicher Preis liegt um etwa ein Fünftel daneben, ein heute gesehener um 4 %, mit dem Alter mehr; jeder zwanzigste Zahltag fällt aus; jede achte Woche hat keine Stunden; Arbeit dauert ein Viertel mehr oder weniger.'
}
export const scenarioWords: Said<typeof englishScenarios> = {
  scenariosTitle: 'Wie es sonst gehen könnte',
  scenariosSubtitle:
    'Behalte einige und leg bis zu vier nebeneinander. Nichts hier ändert deinen Plan.',
  asItStands: 'Wie es steht',
  draftTitle: 'Einen anderen Weg ausdenken',
  add: 'Dieses behalten',
  name: 'Name',
  income: 'Zurückgelegt, gegenüber jetzt',
  hours: 'Stunden, gegenüber jetzt',
  extra: 'Geld, das einmal kommt',
  extraDate: 'Am',
  without: 'Nicht gekauft',
  withPin: 'Sicher gekauft',
  pinDate: 'Am',
  school: 'Schule',
  none: 'keine',
  remove: 'Herausnehmen',
  changeText: (parts) => (parts.length === 0 ? 'ändert nichts' : parts.join(' · ')),
  chooseScenarios: 'Welche verglichen werden',
  run: 'Planen und vergleichen',
  running: (done, of) => `${done} von ${of} geplant`,
  clash: 'was darin festgehalten ist, geht nicht zusammen',
  rows: {
    value: 'Wert des Plans',
    builds: 'Vorhaben fertig',
    spent: 'Ausgezahlt',
    tools: 'Davon Werkzeug',
    hours: 'Arbeitsstunden',
    loud: 'Davon laut',
    risk: 'Laufzeit × Gefahrenstufe',
    floor: 'Stellfläche für Weggeräumtes',
    lowest: 'Tiefster Stand der Kasse'
  },
  doneTitle: 'Wann jedes Vorhaben fertig ist',
  never: 'nicht fertig',
  curveTitle: 'Geld gegen fertige Vorhaben',
  curveCaption:
    'Von links nach rechts gelesen: je weiter rechts ein Punkt steht, desto mehr Geld ist da; je höher, desto mehr Vorhaben sind am Ende fertig. Der Ring ist dein Plan, wie er steht.',
  curveRun: 'Aus neun Plänen zeichnen',
  curveX: (currency) => `Geld des Plans, ${currency}`,
  curveY: 'fertige Vorhaben',
  asTable: 'Als Tabelle'
}

export const calendar: Said<typeof englishCalendar> = {
  buy: (what, count) => `Kaufen: ${count > 1 ? `${count} × ` : ''}${what}`,
  price: (amount, build) => `Geplant mit ${amount}${build === undefined ? '' : `, für ${build}`}.`,
  build: (name, copies) => `Bauen: ${name}${copies === undefined ? '' : ` (${copies})`}`,
  make: (name) => `Selbst machen: ${name}`,
  work: (hours) => `${hours} Arbeit.`,
  purchase: 'Kauf',
  builds: 'Bau',
  care: (task: string, item: string): string => `${task}: ${item}`,
  cares: 'Pflege',
  files: {
    tools: 'Werkzeug',
    prices: 'Preise',
    ledger: 'Kassenbuch',
    plan: 'Plan',
    inventory: 'Inventar',
    pocket: 'Merkzettel'
  }
}
