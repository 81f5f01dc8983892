import type { Said } from '../language'
import { plural } from '../plural'
import type { placeNames as englishPlaces, shell as english } from '../shell'
import type { steps as englishSteps } from '../steps'

export const placeNames: Said<typeof englishPlaces> = {
  bench: 'Werkbank',
  builds: 'Vorhaben',
  kit: 'Ausstattung',
  weigh: 'Abwägen',
  stages: 'Etappen',
  prices: 'Preise',
  ledger: 'Kassenbuch',
  side: 'Verkauf',
  workshop: 'Werkstatt'
}
export const shell: Said<typeof english> = {
  product: ['Frugal', 'Ledger'],
  index: 'Orte',
  skip: 'Zur Seite springen',
  settings: 'Datei, Einstellungen',
  undo: (name) => (name === undefined ? 'Nichts rückgängig zu machen' : `Rückgängig: ${name}`),
  redo: (name) => (name === undefined ? 'Nichts zu wiederholen' : `Wiederholen: ${name}`),
  undoShort: 'Rückgängig',
  redoShort: 'Wiederholen',
  find: 'Suchen',
  more: 'Mehr',
  moreTitle: 'Weitere Orte',
  keys: 'Tasten',
  keptStates: {
    kept: 'In diesem Browser behalten',
    keeping: 'Wird behalten …',
    'not-kept': 'Nicht behalten'
  },
  demo: (name, day) => `Das Beispiel „${name}“ am ${day}: alles darin ist erfunden.`,
  startMine: 'Meine beginnen',
  asShipped: 'Zurück, wie es war',
  again: 'Noch einmal versuchen',
  dismiss: 'Schließen',
  saveNow: 'In eine Datei sichern',
  newVersion:
    'Eine neuere Fassung ist bereit. Alles, was du eingetragen hast, bleibt; die Seite wird neu geladen.',
  newElsewhere:
    'Ein anderer Reiter hat eine neuere Fassung geladen. Lade diese Seite neu, wenn du mit dem, was du tippst, fertig bist.',
  partMissing:
    'Diese Seite ist von einer älteren Fassung, und ein Teil davon ist weg. Lade sie neu; was du eingetragen hast, bleibt.',
  partOffline:
    'Dieser Teil ist noch nicht im Browser, und es gibt kein Netz. Er ist da, sobald du einmal verbunden warst.',
  takeUp: 'Neu laden',
  backupDue: (days, never) =>
    never
      ? `Du hast vor ${plural(days, 'Tag', 'Tagen')} begonnen, und noch ist nichts davon außerhalb dieses Browsers gesichert.`
      : `Die letzte Kopie außerhalb dieses Browsers ist ${plural(days, 'Tag', 'Tage')} alt, und seither hat sich etwas geändert.`,
  failed:
    'Im Programm selbst ist etwas schiefgegangen. Was du eingetragen hast, bleibt. Lade die Seite neu; kommt es wieder, sichere alles in eine Datei.',
  loading: 'Wird ausgelegt …',
  findTitle: 'Irgendetwas suchen',
  findLabel: 'Was suchst du',
  findNothing: 'Hier heißt nichts so.',
  keysTitle: 'Tasten',
  help: 'Hilfe',
  helpNames:
    'Ein Name mit Punkten darunter, oder ein ? daneben, öffnet seine Karte: was es ist, worauf zu achten ist, was verletzen kann.',
  findKinds: {
    place: 'Ort',
    build: 'Vorhaben',
    tool: 'Werkzeug',
    owned: 'Vorhanden',
    plan: 'Im Plan',
    entry: 'Kassenbuch',
    quote: 'Preis',
    find: 'Fund',
    operation: 'Arbeit',
    scenario: 'Szenario'
  },
  findMore: (count) => `${count} weitere; tipp weiter, um es einzugrenzen.`,
  lettersOff: 'Tasten mit einem Buchstaben sind in den Einstellungen ausgeschaltet.',
  keyLines: (letters) => [
    ...letters,
    ['/', 'irgendetwas suchen: Ort, Vorhaben, Werkzeug, Eintrag, Preis'],
    ['I', 'was ist das: die Karte zum Namen'],
    ['?', 'diese Tasten zeigen'],
    ['Strg + Z', 'rückgängig'],
    ['Strg + Umschalt + Z', 'wiederholen']
  ],
  stageKeys: [
    ['← →', 'auf einer Anschaffung: einen Zahltag früher oder später'],
    ['P', 'auf einer Anschaffung: an ihrem Tag festhalten oder loslassen'],
    ['Eingabe', 'auf einer Anschaffung: warum sie dort steht']
  ],
  weighKeys: [
    ['↑ ↓', 'durch die Liste'],
    ['Eingabe', 'auf einer Anschaffung: was dafür und dagegen spricht'],
    ['C', 'auf einer Anschaffung: vergleichen'],
    ['← →', 'auf einem Regler: ein anderes Gewicht versuchen']
  ],
  ledgerKeys: [
    ['↑ ↓', 'durch die Einträge'],
    ['Eingabe', 'auf einem Eintrag: alles darüber, und was man damit tun kann'],
    ['Esc', 'schließen']
  ],
  gridKeys: [
    ['← → ↑ ↓', 'durch die Felder'],
    ['Eingabe', 'warum dieses Feld sagt, was es sagt']
  ]
}
export const steps: Said<typeof englishSteps> = {
  moved: (tool) => `${tool} verschieben`,
  triedOut: (count) => `${plural(count, 'Anschaffung', 'Anschaffungen')} verschieben`,
  scenario: (name) => `das Szenario „${name}“`,
  noScenario: (name) => `„${name}“ herausnehmen`,
  pinned: (tool) => `${tool} festhalten`,
  unpinned: (tool) => `${tool} loslassen`,
  addedBuild: (build) => `${build} hinzufügen`,
  changedBuild: (build) => `${build} ändern`,
  removedBuild: (build) => `${build} entfernen`,
  begun: (build) => `${build} beginnen`,
  finished: (build) => `${build} fertig melden`,
  removedOwn: (name) => `${name} entfernen`,
  addedOwn: (name) => `${name} hinzufügen`,
  listOwned: (count) => `${plural(count, 'Werkzeug', 'Werkzeuge')} einer Liste in die Ausstattung`,
  listWished: (count) => `${plural(count, 'Werkzeug', 'Werkzeuge')} einer Liste wünschen`,
  owned: (tool) => `${tool} in die Ausstattung`,
  disowned: (tool) => `${tool} aus der Ausstattung nehmen`,
  bought: (tool) => `${tool} kaufen`,
  boughtAll: (count) => `${count} Dinge kaufen`,
  entered: (text) => `${text} eintragen`,
  reversed: (text) => `${text} zurücknehmen`,
  money: () => 'die Änderung am Geld',
  hours: () => 'die Änderung an den Stunden',
  floor: () => 'die Änderung am Grundriss',
  workshop: () => 'die Änderung an der Werkstatt',
  preferences: () => 'die Änderung an den Vorlieben',
  banned: (name) => `${name} ausschließen`,
  unbanned: (name) => `${name} wieder zulassen`,
  wished: (tool) => `${tool} wünschen`,
  unwished: (tool) => `${tool} nicht mehr wünschen`,
  weighed: (weight) => `${weight} anders gewichten`,
  school: (name) => `„${name}“ übernehmen`,
  noSchool: () => 'zurück zur eigenen Mischung',
  side: (question) => `deine Seite in „${question}“`,
  needed: (tool) => `${tool} brauchen`,
  notNeeded: (tool) => `${tool} nicht mehr brauchen`,
  leaning: (tool) => `die Neigung zu ${tool}`,
  pricesIn: (count) => `${plural(count, 'Preis', 'Preise')} übernehmen`,
  watched: (tool) => `${tool} im Blick behalten`,
  unwatched: (tool) => `${tool} nicht mehr im Blick behalten`,
  fromBoard: (count) => `${count} ${count === 1 ? 'Preis' : 'Preise'} von der Tafel übernehmen`,
  checked: (tool) => `${tool} angesehen haben`,
  looked: (tool) => `nach ${tool} gesehen haben`,
  unquoted: (tool) => `einen Preis für ${tool} herausnehmen`,
  offered: (name) => `der Fund „${name}“`,
  unoffered: (name) => `„${name}“ herausnehmen`,
  bundled: (name) => `das Paket „${name}“`,
  dealt: (name) => `das Mengenangebot „${name}“`,
  sale: (name) => `die Aktion „${name}“`,
  quoted: (tool) => `der Preis für ${tool}`,
  adopted: () => 'diesen Plan behalten',
  renamed: () => 'der neue Name',
  otherTab: (change) =>
    change === undefined
      ? 'was ein anderer Reiter geändert hat'
      : `${change}, in einem anderen Reiter`,
  merged: (file) => `„${file}“ zusammenführen`,
  replaced: (file) => `alles durch „${file}“ ersetzen`,
  takenIn: (file) => `„${file}“ übernehmen`,
  returned: (moment) => `zurück zu ${moment}`,
  receipt: (count) => `ein Beleg mit ${plural(count, 'Zeile', 'Zeilen')}`,
  corrected: (text) => `${text} berichtigen`,
  refunded: (text) => `die Erstattung für ${text}`,
  soldTool: (tool) => `${tool} verkaufen`,
  photo: (text) => `das Foto zu ${text}`,
  noPhoto: (text) => `das Foto von ${text} abnehmen`
}
