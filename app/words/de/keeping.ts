import type { keeping as english } from '../keeping'
import { momentText } from '../keeping'
import type { Said } from '../language'
import { plural } from '../plural'

const megabytes = (bytes: number): string =>
  bytes < 100_000
    ? `${Math.max(1, Math.round(bytes / 1000))} kB`
    : (bytes < 1e9 ? `${(bytes / 1e6).toFixed(1)} MB` : `${(bytes / 1e9).toFixed(1)} GB`).replace(
        '.',
        ','
      )

export const keptLists: Readonly<Record<string, string>> = {
  builds: 'Vorhaben',
  items: 'Vorhanden',
  offers: 'Fund',
  quotes: 'Preis',
  'material-prices': 'Preis von',
  'one-offs': 'Einmal',
  'own-operations': 'Eigene Arbeit',
  'own-methods': 'Eigene Art',
  'own-tools': 'Eigenes Werkzeug',
  'own-materials': 'Eigenes Material',
  pins: 'Festgehalten',
  bans: 'Ausgeschlossen',
  wishes: 'Wunsch',
  needTests: 'Gebraucht',
  bundles: 'Paket',
  deals: 'Mengenangebot',
  saleWindows: 'Aktion',
  watches: 'Im Blick',
  hires: 'Zu mieten',
  outlets: 'Verkaufsort',
  pieces: 'Stück zum Verkauf',
  orders: 'Bestellung',
  upkeep: 'Prüfung oder Pflege',
  verdicts: 'Was daraus wurde',
  supplies: 'Was vorrätig ist',
  scenarios: 'Szenario',
  photos: 'Foto',
  adopted: 'Behaltener Plan'
}
export const keptSingle: Readonly<Record<string, string>> = {
  name: 'Name der Werkstatt',
  asOf: 'Fester Tag',
  libraryVersion: 'Werkzeugbibliothek',
  preferences: 'Vorlieben',
  horizon: 'Etappen',
  time: 'Stunden',
  workshop: 'Werkstatt',
  money: 'Geld',
  order: 'Reihenfolge der Vorhaben'
}
export const keptFields: Readonly<Record<string, string>> = {
  name: 'Name',
  text: 'Text',
  tool: 'Werkzeug',
  count: 'Anzahl',
  copies: 'Stückzahl',
  cost: 'Kosten',
  price: 'Preis',
  amount: 'Betrag',
  date: 'Tag',
  until: 'bis',
  from: 'von',
  tier: 'Güte',
  condition: 'Zustand',
  power: 'Antrieb',
  reserve: 'Rücklage',
  cap: 'Höchstbetrag',
  worthEach: 'Wert von einem',
  netEach: 'Erlös von einem',
  hourValue: 'Wert einer Stunde',
  wished: 'gewünscht bis',
  steps: 'Schritte',
  materials: 'Material',
  quantity: 'Menge',
  since: 'seit',
  seller: 'Verkäufer',
  units: 'Längen',
  names: 'Fachnamen',
  income: 'Was hereinkommt',
  currency: 'Währung'
}

export const keeping: Said<typeof english> = {
  nothingThere: 'nichts',
  title: 'Kopien und Formate',
  subtitle: (name) => `Was von ${name} behalten ist, und wie es diesen Browser verlässt`,
  tabs: { settings: 'Datei und Einstellungen', keeping: 'Kopien und Formate' },
  backupTitle: 'Sicherung',
  lastBackup: (at, where) =>
    `Zuletzt ${where === 'file' ? 'in eine Datei' : 'in einen Ordner'} gesichert am ${momentText(at)}.`,
  noBackup:
    'Noch nicht außerhalb dieses Browsers gesichert. Der Speicher eines Browsers kann geleert werden; eine Datei bleibt.',
  save: 'In eine Datei sichern',
  chooseFolder: 'Einen Ordner für Sicherungen wählen',
  folder: (name) =>
    `Ordner: ${name}. Nach Änderungen geht von selbst eine Kopie dorthin, höchstens eine in der Stunde, solange der Browser es erlaubt; die neuesten zwanzig bleiben.`,
  toFolder: 'Jetzt in den Ordner kopieren',
  dropFolder: 'Kein Ordner',
  noFolders:
    'Dieser Browser kann nicht in einen Ordner schreiben; Dateien werden einzeln gesichert.',
  inFolder: (name) => `Kopiert: ${name}`,
  room: (used, quota) => `${megabytes(used)} von etwa ${megabytes(quota)} belegt.`,
  lasting: 'Der Browser hat versprochen, es nicht zu löschen.',
  notLasting: 'Der Browser darf es löschen, wenn ihm der Platz ausgeht.',
  askLasting: 'Ihn bitten, es zu behalten',
  asideTitle: 'Beiseitegelegt',
  asideHint:
    'Was dieser Browser behalten hatte und nicht lesen konnte. Es steht hier, wie es war; nichts davon zählt.',
  asideOf: (moment, parts) =>
    parts === undefined
      ? `Alles, beiseitegelegt ${moment}`
      : `${plural(parts, 'Teil', 'Teile')}, beiseitegelegt ${moment}`,
  asideSave: 'In eine Datei sichern',
  asideDrop: 'Endgültig fortlassen',
  asideFile: (moment) => `beiseite-${moment}.json`,
  snapshotsTitle: 'Frühere Stände',
  snapshotsHint:
    'Entstehen, während du arbeitest und bevor Dateien hereinkommen. Hineinzusehen ändert nichts.',
  snapshotsNone: 'Noch keiner: der erste entsteht vor deiner nächsten Änderung.',
  snapshotNow: 'Diesen Stand behalten',
  reasons: {
    'while-working': 'beim Arbeiten',
    'before-import': 'bevor eine Datei hereinkam',
    'before-return': 'vor dem Zurückgehen',
    'by-hand': 'von dir behalten'
  },
  when: 'Wann',
  why: 'Warum',
  holds: 'Enthält',
  holdsText: (say, one) =>
    `${plural(one.builds, 'Vorhaben', 'Vorhaben')}, ${plural(one.items, 'Werkzeug', 'Werkzeuge')}, ${plural(one.entries, 'Eintrag', 'Einträge')}, ${say.money(one.balance)} in der Kasse`,
  look: 'Hineinsehen',
  lookTitle: (moment) => `Was es täte, zu ${moment} zurückzugehen`,
  unreadable: 'Dieser Stand ist nicht mehr zu lesen. Die anderen schon.',
  goBack: 'Dahin zurück',
  goBackHint:
    'Das Kassenbuch wächst nur: was sich seither bewegte, wird durch Einträge zurückgenommen. Es ist rückgängig zu machen.',
  close: 'Lassen',
  more: (count) => `${count} weitere zeigen`,
  entriesSince: (count) =>
    `${plural(count, 'Eintrag', 'Einträge')} von seither würden zurückgenommen.`,
  formatsTitle: 'In offenen Formaten',
  formatsHint:
    'Jedes ist in der Dokumentation beschrieben. Tabellen können anderswo geändert und wieder hereingenommen werden.',
  formats: {
    'tools-csv': 'Werkzeuge (CSV)',
    'inventory-csv': 'Bestand (CSV)',
    'prices-csv': 'Preise (CSV)',
    'ledger-csv': 'Kassenbuch (CSV)',
    'plan-csv': 'Plan (CSV)',
    journal: 'Buchungsjournal',
    calendar: 'Plan als Kalender (.ics)',
    pocket: 'Merkzettel (Markdown)',
    schema: 'JSON-Schema der Datei'
  },
  pocketPage: 'Merkzettel zum Drucken',
  rowsTitle: 'Eine Tabelle hereinnehmen (CSV)',
  rowsHint: 'Was sie ändern würde, wird vorher gezeigt.',
  rows: { tools: 'Werkzeuge', prices: 'Preise', ledger: 'Kassenbuch' },
  refused: (name) => `${name} wurde nicht hereingenommen. Was du hattest, ist unberührt.`
}
