import type { Miss } from '../../../core/fit'
import type { buildPage as englishPage } from '../build-page'
import type { builds as english } from '../builds'
import type { cutList as englishCutList } from '../cutlist'
import type { Said } from '../language'
import { plural } from '../plural'
import type { Say } from '../say'
import { guarded } from './bench'
import { hazards } from './small'

const NUMBERS = [
  'Keines',
  'Eines',
  'Zwei',
  'Drei',
  'Vier',
  'Fünf',
  'Sechs',
  'Sieben',
  'Acht',
  'Neun',
  'Zehn'
]
const WAYS_ROUND = {
  'two-sides': 'von zwei Seiten',
  passes: 'in mehreren Durchgängen',
  strips: 'in Streifen, wieder verleimt'
} as const
const SPEC_NAMES: Readonly<Record<string, string>> = {
  openingMm: 'Spannweite',
  depthMm: 'Schnitttiefe',
  crosscutMm: 'Kappbreite',
  ripMm: 'Längsschnittbreite',
  reachMm: 'Ausladung',
  lengthMm: 'Länge',
  widthMm: 'Breite',
  bladeMm: 'Klinge',
  colletMm: 'Spannzange',
  shankMm: 'Schaft',
  throatMm: 'Durchlass',
  resawMm: 'Auftrennhöhe',
  accuracyMm: 'Genauigkeit',
  packWh: 'Akku',
  volts: 'Spannung'
}
const specName = (spec: string): string => SPEC_NAMES[spec] ?? spec
export const specNames = SPEC_NAMES
const ROLES: Readonly<Record<string, string>> = {
  rough: 'rau',
  sawn: 'sägerau',
  clean: 'sauber',
  smooth: 'glatt'
}

/** What is missing of a tool itself; undefined where something else is in the way. */
function missingTool(say: Say, one: Miss): string | undefined {
  switch (one.kind) {
    case 'role':
      return one.have > 0
        ? `${one.count} davon gebraucht, ${one.have} vorhanden`
        : 'ein Werkzeug dafür fehlt'
    case 'spec':
      return one.has === 0
        ? `${say.tool(one.tool)}: ${specName(one.spec)} nicht bekannt`
        : `gebraucht ${one.count > 1 ? `${one.count} mit ` : ''}${say.length(one.needs)} ${specName(one.spec)}; ${say.tool(one.tool)} hat ${say.length(one.has)}`
    default:
      return undefined
  }
}

export const builds: Said<typeof english> = {
  title: (possible, all) =>
    all === 0
      ? 'Noch nichts zu bauen'
      : possible === all
        ? 'Jedes Vorhaben kann heute beginnen'
        : `${NUMBERS[possible] ?? String(possible)} von ${(NUMBERS[all] ?? String(all)).toLowerCase()} Vorhaben ${possible === 1 || possible === 0 ? 'kann' : 'können'} heute beginnen`,
  subtitle: (missing) =>
    missing.length === 0
      ? 'Wähle ein Feld und sieh, womit und wie sonst.'
      : `Am öftesten im Weg: ${missing.join(', ')}`,
  emptyHint:
    'Sag, was du machen möchtest. Nimm eine Vorlage und ändere sie, oder schreib eigene Schritte.',
  caption:
    'Quer gelesen: Arbeiten in ihrer Reihenfolge, Vorhaben nebeneinander. Ein volles Feld geht mit dem, was du hast; schraffiert geht es langsam von Hand; ein Strich am Rand: ein Werkzeug, das du hast, reicht nicht; gestrichelt: noch kein Weg. Wähle ein Feld und frag warum.',
  showAll: (count) => `${plural(count, 'Zeile', 'Zeilen')} zeigen, der nichts im Weg steht`,
  showFewer: 'Nur Zeilen, denen etwas im Weg steht',
  add: 'Vorhaben hinzufügen',
  addTitle: 'Was möchtest du machen?',
  template: 'Aus einer Vorlage',
  own: 'Eigenes, mit eigenen Schritten',
  ownName: 'Sein Name',
  copies: 'Wie viele',
  addConfirm: 'Hinzufügen',
  cancel: 'Abbrechen',
  hours: 'Stunden mit dem, was du hast',
  gridLabel: 'Was geht: Arbeiten nach unten, Vorhaben quer',
  operation: 'Arbeit',
  byHand: (time) => `${time} von Hand`,
  service: (fee) => `Dienst ${fee}`,
  serviceFree: 'wird für mich getan',
  noWay: 'noch kein Weg',
  short: (length) => `${length} zu kurz`,
  over: (length) => `${length} zu viel`,
  inexact: (mm) => `${mm} mm grob`,
  waits: (what) => `fehlt: ${what}`,
  ruledOut: 'ausgeschlossen',
  choose: 'Vorhaben',
  dash: '–',
  whyTitle: (operation, build) => `${operation}, für ${build}`,
  doneWith: (method, tools, time) => `${method}${tools === '' ? '' : ` (${tools})`}: ${time}.`,
  accuracy: (mm) => `Genau auf etwa ${mm} mm.`,
  alternatives: 'Auch möglich',
  notYet: 'Nicht mit dem, was du hast',
  waysTitle: 'Was es möglich machte',
  waysNone: 'Keine Anschaffung der Bibliothek schafft es innerhalb deiner Grenzen.',
  working: 'Wird nachgesehen …',
  setMin: (time, setup) => `${time}, davon ${setup} Einrichten`,
  rule: 'Diese Art ausschließen',
  allow: 'Wieder zulassen',
  hazardNote: (hazard, level) =>
    `${level >= 3 ? 'Kann in einem Augenblick schwer verletzen' : level === 2 ? 'Braucht Übung' : 'Braucht Respekt'}: ${hazards[hazard]}. Halte dich an die Anleitung des Werkzeugs und die Vorschriften bei dir.`,
  workAround: (say, one) =>
    `${say.tool(one.tool)}: ${say.length(one.has)} ${specName(one.spec)}, gebraucht werden ${say.length(one.needs)}: ${WAYS_ROUND[one.around.how]}, ${one.around.setupMinutes > 0 ? `+${say.duration(one.around.setupMinutes)} und ` : ''}+${say.number(one.around.runMinutes, 1)} min je Stück.`,
  cleanUp: (method, time) => `Danach geputzt: ${method}, ${time} der Zeit.`,
  quickerTitle: 'Was es schneller machte',
  saves: (time) => `Spart ${time} bei diesem Vorhaben.`,
  cutList: 'Aus einer Zuschnittliste',
  orderTitle: 'Ihre Reihenfolge',
  orderHint:
    'Zieh ein Vorhaben, oder bewege es mit Alt und den Pfeiltasten. Die ersten stehen vorn in der Tabelle.',
  orderKeys: (name) => `${name}: Alt und eine Pfeiltaste bewegen es`,
  like: (name) => `Wie: ${name}`,
  miss: (say, one) => {
    const limits = missingTool(say, one)
    if (limits !== undefined) return limits
    switch (one.kind) {
      case 'limit':
        return `das Holz hat ${say.length(one.has)}, die Art nimmt ${one.is === 'atMost' ? 'bis' : 'ab'} ${say.length(one.limit)}`
      case 'accuracy':
        return `genau auf ${say.number(one.has, 1)} mm, gebraucht ${say.number(one.needs, 1)} mm`
      case 'surface':
        return `wird ${ROLES[one.has] ?? one.has}, gebraucht ${ROLES[one.needs] ?? one.needs}`
      case 'tie':
        return 'was zusammen gebraucht wird, passt nicht aneinander'
      case 'companion':
        return `${say.tool(one.tool)} braucht dazu ${one.anyOf.map((id) => say.tool(id)).join(' oder ')}${one.count > 1 ? ` × ${one.count}` : ''}`
      case 'protection':
        return `nichts schützt ${guarded(one.protection)} vor: ${say.tool(one.tool)}`
      case 'comfort':
        return `mehr, als du dir zutraust: ${hazards[one.hazard]}`
      case 'circuit':
        return `${say.tool(one.tool)} zieht ${say.number(one.amps, 1)} A, der Stromkreis ist für ${say.number(one.limit, 1)} A`
      case 'wall':
        return 'das ist für eine andere Wand als deine'
      default:
        return 'von dir ausgeschlossen'
    }
  }
}

export const buildPage: Said<typeof englishPage> = {
  back: 'Alle Vorhaben',
  missing: 'Ein solches Vorhaben gibt es hier nicht.',
  canStart: 'Kann heute beginnen',
  needs: (count) => `${plural(count, 'Schritt geht', 'Schritte gehen')} noch nicht`,
  isDone: (day, time) => `Fertig am ${day} in ${time}`,
  way: 'Wie es verbunden wird',
  wayOpen: 'offen gelassen: das Beste für deine Ausstattung',
  isBegun: (day) => `Im Bau seit ${day}`,
  keeps: (months) => `hält sich etwa ${plural(months, 'Monat', 'Monate')}`,
  nights: (count) =>
    `Leim und Anstriche brauchen außerdem ${plural(count, 'Nacht', 'Nächte')} zum Abbinden und Trocknen, während andere Arbeit weitergeht.`,
  figures: (hours, material, fees) =>
    `${hours} Arbeit mit dem, was du hast · ${material} Holz und Beschläge${fees === undefined ? '' : ` · ${fees} fürs Zuschneiden oder Hobeln lassen`}`,
  afterPlan: (hours, fees) =>
    `Mit dem, was der Plan bringt: ${hours}${fees === undefined ? ', nichts fürs Zuschneiden oder Hobeln' : `, ${fees} fürs Zuschneiden oder Hobeln`}`,
  afterPlanGaps: (count) =>
    `${plural(count, 'Schritt geht', 'Schritte gehen')} auch nach dem Plan noch nicht`,
  partsTitle: 'Teile',
  pieces: (count) => plural(count, 'Stück', 'Stück'),
  why: (operation) => `Warum, und wie sonst: ${operation}`,
  another: 'Noch eines davon',
  begin: 'Beginnen',
  finish: 'Fertig',
  remove: 'Entfernen',
  name: 'Name',
  copies: 'Stückzahl',
  batch: 'Zusammen gemacht',
  worth: 'Wert von einem',
  worthHint: (amount) => `Leer gelassen: ${amount}, fertig gekauft`,
  wished: 'Gewünscht bis',
  sold: 'Zum Verkauf',
  price: 'Preis, den der Käufer zahlt',
  net: 'Erlös von einem',
  daysToSell: 'Tage bis zum Verkauf',
  hourValue: 'Wert einer Stunde',
  stepsTitle: 'Schritte, für ein Stück',
  operation: 'Arbeit',
  quantity: 'Wie viel',
  length: 'Länge',
  width: 'Breite',
  thickness: 'Dicke',
  accuracy: 'Genau auf mm',
  surface: 'Wird',
  surfaces: { any: 'gleich', rough: 'rau', sawn: 'sägerau', clean: 'sauber', smooth: 'glatt' },
  method: 'Womit',
  time: 'Zeit',
  removeStep: 'Schritt entfernen',
  addStep: 'Schritt hinzufügen',
  noSteps:
    'Noch keine Schritte. Füge hinzu, was zu tun ist, in beliebiger Reihenfolge; ein Vorhaben ohne Schritte gilt als möglich.',
  materialsTitle: 'Holz und Beschläge, für ein Stück',
  material: 'Material',
  addMaterial: 'Material hinzufügen',
  cost: 'Kosten',
  bearing: {
    'carries-people':
      'Dieses Stück trägt Menschen: Verbindungen und Holz müssen danach gewählt sein.',
    'hangs-over-people': 'Dieses Stück hängt über Menschen: befestige es in etwas, das hält.'
  }
}

export const cutList: Said<typeof englishCutList> = {
  title: 'Ein Vorhaben aus seiner Zuschnittliste',
  changeTitle: (name) => `Die Zuschnittliste von ${name}`,
  subtitle:
    'Füge die Zeilen aus einer Tabelle ein, öffne eine CSV-Datei oder tippe sie. Nichts wird übernommen, bevor du es sagst.',
  open: 'Aus einer Zuschnittliste',
  change: 'Zuschnittliste ändern',
  name: 'Name des Vorhabens',
  rows: 'Die Zeilen, mit ihren Überschriften',
  hint: 'Überschriften: part, quantity, length, width, thickness, material, edges, joints. Dezimalkommas, 23 1/2 in und 2x4 werden verstanden.',
  example:
    'part\tquantity\tlength\twidth\tthickness\tmaterial\tedges\tjoints\nSeite\t2\t800\t300\t18\tplywood\tband front\tdado 3\nBoden\t3\t764\t280\t18\tplywood\tband front\t',
  file: 'CSV-Datei öffnen',
  useExample: 'Ein Beispiel einsetzen',
  save: 'Als CSV sichern',
  problems: (count, good) =>
    `${plural(count, 'Sache ist', 'Sachen sind')} nicht in Ordnung; ${plural(good, 'Zeile bleibt', 'Zeilen bleiben')} zur Durchsicht.`,
  parts: (kinds, pieces) =>
    `${plural(kinds, 'Art von Teilen', 'Arten von Teilen')}, ${plural(pieces, 'Stück', 'Stück')}`,
  partsLabel: 'Teile, wie sie gelesen wurden',
  part: 'Teil',
  quantity: 'Stück',
  size: 'Fertigmaß',
  stock: 'Geschnitten aus',
  edges: 'Kanten',
  joints: 'Verbindungen',
  leaveOut: (name) => `${name} weglassen`,
  stepsTitle: 'Was zu tun ist, aus der Liste ausgerechnet',
  stepsHint: 'Für ein Stück. Jede Zahl kann auf der Seite des Vorhabens berichtigt werden.',
  timberTitle: 'Holz',
  timber: 'Material',
  net: 'Fertig',
  area: 'Fläche',
  buy: 'Zu kaufen',
  waste: 'Verschnitt',
  cost: 'Kosten',
  working: 'Teile werden auf Platten gelegt …',
  take: 'Ein Vorhaben daraus machen',
  takeOver: 'Die Schritte aus dieser Liste ausrechnen',
  replaces: 'Schritte und Holz des Vorhabens werden ersetzt; „Rückgängig“ bringt sie zurück.',
  sheets: (count, used) => `${plural(count, 'Platte', 'Platten')}, ${used} genutzt`,
  sheet: (index, count) => `Platte ${index} von ${count}`,
  picture: (material, count) => `Schnittbild: ${material}, ${plural(count, 'Platte', 'Platten')}`,
  pictureCaption:
    'Jeder Umriss ist ein Teil, wie es geschnitten wird, dazwischen die Breite des Sägeblatts; was bleibt, ist schraffiert. Lange Schnitte zuerst, jeder von Kante zu Kante.',
  turned: 'gedreht',
  as: 'Schnitttabelle',
  at: 'Von der Ecke',
  stockNames: {
    sheet: 'Platte',
    softwood: 'gehobeltes Nadelholz',
    'hardwood-rough': 'sägeraues Laubholz',
    'hardwood-surfaced': 'gehobeltes Laubholz'
  },
  edge: (work, run) =>
    `${work === 'band' ? 'mit Umleimer' : 'profiliert'}, ${run === 'all' ? 'ringsum' : run === 'long' ? 'die langen' : 'vorn'}`,
  empty: 'Noch nichts in der Liste.'
}
