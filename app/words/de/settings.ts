import type { against as englishAgainst } from '../against'
import type { incoming as englishIncoming } from '../incoming'
import type { Said } from '../language'
import { plural } from '../plural'
import type { schools as englishSchools } from '../schools'
import type { settings as english } from '../settings'
import { entryKinds } from './ledger'

export const settings: Said<typeof english> = {
  title: 'Datei und Einstellungen',
  subtitle: (name) => `Auf dem Tisch: ${name}`,
  fileTitle: 'Datei',
  fileHint:
    'Eine Datei enthält alles. Sie trägt deine Daten von Gerät zu Gerät und ist deine Sicherung.',
  save: 'In eine Datei sichern',
  open: 'Eine Datei öffnen',
  refused: (name) => `${name} wurde nicht geöffnet. Was du hattest, ist unberührt.`,
  line: (line) => `Zeile ${line}`,
  demosTitle: 'Beispiele',
  demosHint: 'Drei erfundene Werkstätten zum Umsehen. Deine eigene bleibt daneben erhalten.',
  showDemo: (name) => `${name} zeigen`,
  afresh: 'Wie ausgeliefert',
  mineTitle: 'In diesem Browser behalten',
  mineNone: 'Nur was auf dem Tisch liegt.',
  openMine: (name) => `${name} öffnen`,
  startMine: 'Meine beginnen',
  lookTitle: 'Aussehen und Tasten',
  language: 'Sprache',
  languages: { browser: 'wie der Browser' },
  theme: 'Hell oder dunkel',
  themes: { system: 'Wie das System', light: 'Hell', dark: 'Dunkel' },
  letters: 'Tasten mit einem Buchstaben für die Orte',
  units: 'Längen in',
  tradeNames: 'Fachnamen',
  nameSets: {
    plain: 'die dieses Buches',
    british: 'britische (nur auf Englisch)',
    american: 'amerikanische (nur auf Englisch)'
  },
  humidity: 'Luftfeuchte der Räume',
  humidityHint:
    'Wo die Stücke stehen werden, über das Jahr. Davon hängt ab, wie weit breite Bretter arbeiten.',
  driest: 'Trockenste, %',
  dampest: 'Feuchteste, %',
  unitNames: { metric: 'Millimetern', imperial: 'Zoll' },
  name: 'Name dieser Werkstatt',
  buyTitle: 'Was du kaufst',
  tier: 'Übliche Güte deiner Anschaffungen',
  condition: 'Maschinen meist',
  power: 'Antrieb',
  never: 'Nie kaufen',
  neverNothing: 'Nichts ausgeschlossen',
  neverHint:
    'Alles andere wird danach gewogen, was es kostet, stört und spart. Was es in keiner anderen Güte oder keinem anderen Zustand gibt, bleibt möglich, ebenso Funde, die du selbst eingetragen hast.',
  ruledOutKinds: { tiers: 'Güte', conditions: 'Zustand', powers: 'Maschinen' },
  powers: { cheapest: 'was am billigsten ist', corded: 'mit Kabel', cordless: 'mit Akku' },
  shopTitle: 'Werkstatt',
  shopMoved: 'Raum, Stromkreis, Stunden, Ruhe und was du dir zutraust, haben einen eigenen Ort.',
  comfortLevels: ['gar nicht', 'mit Respekt', 'mit Übung', 'ohne Grenze']
}

export const schools: Said<typeof englishSchools> = {
  title: (name) => `Du folgst „${name}“`,
  titleMix: (name) => `Deine eigene Mischung, nach „${name}“`,
  titleOwn: 'Deine eigene Mischung',
  subtitle:
    'Fachleute sind verschiedener Meinung. Nichts wird für dich entschieden: übernimm eine Schule, nimm Seiten ein oder wäge alles selbst.',
  first: 'Erstes Geld',
  argument: 'Warum',
  givesUp: 'Verzichtet auf',
  weights: 'Gewichtet',
  leanings: 'Neigt zu',
  away: 'und weg von',
  bans: 'Lässt weg',
  noMotors: 'alles mit Motor',
  noMotorsBut: (but) => `alles mit Motor außer ${but}`,
  takeUp: 'Übernehmen',
  leave: 'Zurück zur eigenen Mischung',
  following: 'Dieser folgst du.',
  blend: 'Zwischen zwei Schulen',
  blendWith: 'und',
  blendChoose: 'eine andere Schule',
  blendShare: (a, b, share) => `${share} des Weges von „${a}“ zu „${b}“`,
  blendTake: 'Diese Mischung übernehmen',
  blendName: (a, b) => `${a} / ${b}`,
  side: 'Nebeneinander',
  sideCaption:
    'Dieselben Vorhaben und dasselbe Geld, geordnet und geplant, wie jede Schule es täte. Wähle bis zu vier; Balken enden am Tag, an dem ein Vorhaben fertig ist.',
  choose: 'Schulen zum Vergleichen',
  own: 'Deine eigene Mischung, wie sie steht',
  run: 'Vergleichen',
  stop: 'Aufhören',
  working: (done, of) => `Plane: ${done} von ${of} fertig …`,
  rows: {
    first: 'Kauft zuerst',
    order: 'Ihre Liste',
    spent: 'Gibt für Werkzeug aus',
    builds: 'Vorhaben fertig',
    hours: 'Arbeitsstunden',
    loud: 'Laute Stunden',
    risk: 'Gefahrenstunden',
    floor: 'Stellfläche'
  },
  buildsOf: (count, of) => `${count} von ${of}`,
  never: 'nicht im Plan',
  chart: 'Vorhaben nach dem Tag, an dem sie fertig sind',
  disputes: 'Offene Streitfragen',
  noSide: 'unentschieden',
  clash: 'Was sie ausschließt und was du festgehalten hast, geht nicht zusammen.',
  weightText: (say, weights) =>
    [
      weights.time ? `eine Stunde ${say.money(weights.time)}` : '',
      weights.space ? `ein m² ${say.money(weights.space)}` : '',
      weights.quiet ? `eine Stunde Lärm ${say.money(weights.quiet)}` : '',
      weights.ease ? `eine Stunde mit Gefahr 1 ${say.money(weights.ease)}` : '',
      weights.finish ? `ein gerade noch guter Schritt ${say.money(weights.finish)}` : ''
    ]
      .filter(Boolean)
      .join(', ') || 'nur Geld'
}

export const incoming: Said<typeof englishIncoming> = {
  title: (file) => `${file}: was es ändern würde`,
  subtitle: (name) => `Noch ist in ${name} nichts geändert`,
  kinds: {
    added: 'Neu',
    changed: 'Dort geändert',
    removed: 'Dort herausgenommen',
    conflict: 'Auf beiden geändert',
    kept: 'Bleibt, wie es hier ist'
  },
  plainKinds: {
    added: 'Neu',
    changed: 'Geändert',
    removed: 'Herausgenommen',
    conflict: 'Geändert',
    kept: 'Bleibt'
  },
  mode: 'Wie',
  merge: 'Beide zusammenführen',
  mergeHint:
    'Jeder Teil wird von dort genommen, wo er zuletzt geändert wurde; die Kassenbücher werden vereint.',
  replace: 'Stattdessen die Datei nehmen',
  replaceHint: 'Alles hier wird durch die Datei ersetzt, auch das Kassenbuch.',
  take: { mine: 'hier', theirs: 'die Datei' },
  ask: 'Beide wurden geändert, seit sie zuletzt gleich waren. Welche soll gelten?',
  entriesMore: (count) => `${plural(count, 'Eintrag', 'Einträge')} mehr im Kassenbuch`,
  entriesLost: (count) =>
    `${plural(count, 'Eintrag', 'Einträge')} im Kassenbuch, die die Datei nicht hat, fielen weg.`,
  perhapsTwice: (count) =>
    `${plural(count, 'davon sagt', 'davon sagen')} dasselbe wie ein Eintrag von hier: auf beiden Geräten eingetragen? Dann nimm nachher einen zurück.`,
  entryConflicts: (count) =>
    `${plural(count, 'Eintrag steht', 'Einträge stehen')} in der Datei anders als hier. Das Kassenbuch wird nicht umgeschrieben: deine bleiben.`,
  alreadyReversed: (count) =>
    `${plural(count, 'Eintrag wurde', 'Einträge wurden')} auf beiden Geräten zurückgenommen; einmal genügt.`,
  entry: (say, { date, kind, text, amount }) =>
    `${say.day(date)}, ${entryKinds[kind]}: ${text}, ${say.moved(amount)}`,
  alreadyThere: (count) =>
    `${plural(count, 'Zeile ist', 'Zeilen sind')} schon hier und wird ausgelassen.`,
  nothing: 'Nichts würde sich ändern.',
  photos: (count) => `${plural(count, 'Foto kommt', 'Fotos kommen')} mit.`,
  go: 'Tun',
  goRows: 'Übernehmen',
  cancel: 'Alles lassen, wie es ist',
  undoable: 'Vorher wird ein Stand behalten, und es ist rückgängig zu machen.',
  more: (count) => `und ${count} weitere`
}

export const against: Said<typeof englishAgainst> = {
  titleNone: 'Noch ist kein Plan behalten',
  none: 'Behalte einen Plan, und später siehst du hier, wie wahr er war.',
  even: 'In der Kasse ist genau so viel wie geplant',
  ahead: (amount) => `${amount} mehr in der Kasse als für heute geplant`,
  behind: (amount) => `${amount} weniger in der Kasse als für heute geplant`,
  subtitle: (day) => `Gegen den Plan vom ${day}`,
  keep: 'Den heutigen Plan behalten',
  which: 'Gegen',
  planOf: (day) => `den Plan vom ${day}`,
  chart:
    'Die Kasse, wie sie war, und gestrichelt, wie jener Plan sie hatte. Die Zahlen stehen in den Tabellen.',
  lineActual: 'wie sie war',
  linePlanned: 'wie geplant',
  stages: 'Etappe für Etappe',
  from: 'Ab',
  inPlanned: 'Ein, geplant',
  inActual: 'Ein',
  outPlanned: 'Aus, geplant',
  outActual: 'Aus',
  total: 'Zusammen',
  builds: 'Vorhaben',
  build: 'Vorhaben',
  plannedDone: 'Sollte fertig sein',
  done: 'Fertig',
  notYet: 'noch nicht',
  paid: 'Bezahlt',
  tools: 'Werkzeug für Werkzeug',
  tool: 'Werkzeug',
  how: 'Was daraus wurde',
  difference: 'Gespart',
  kinds: {
    bought: 'gekauft',
    'to-come': 'kommt noch',
    late: 'verspätet',
    unplanned: 'nicht in jenem Plan',
    'given-back': 'zurückgegeben'
  },
  dates: (say, { plannedOn, boughtOn }) =>
    [
      plannedOn === undefined ? '' : `geplant ${say.shortDay(plannedOn)}`,
      boughtOn === undefined ? '' : `gekauft ${say.shortDay(boughtOn)}`
    ]
      .filter(Boolean)
      .join(', '),
  rest: 'Was das mit dem Rest macht',
  restEven: 'Nichts: die Kasse steht, wo sie geplant war.',
  restHint: (amount) =>
    `Plant den Rest zweimal: wie es ist, und als wären die ${amount} nicht gewesen.`,
  restAsk: 'Ausrechnen',
  restThinking: 'Plane beide …',
  restSame: 'Jedes Vorhaben wird am selben Tag fertig.',
  restSpent: (asIs, planned) =>
    `Der Rest gibt ${asIs} aus, wie es ist, und ${planned} mit dem Geld wie geplant.`,
  asPlanned: 'Wie geplant',
  shift: (build, say, here, there) =>
    here === undefined
      ? `${build}: nicht mehr im Plan; mit dem Geld wie geplant wäre es am ${say.day(there ?? '')} fertig.`
      : there === undefined
        ? `${build}: fertig am ${say.day(here)}; mit dem Geld wie geplant wäre es nicht im Plan.`
        : `${build}: fertig am ${say.day(here)} statt am ${say.day(there)}.`
}
