import { BOARD } from './issues-board'
import { CARE } from './issues-care'
import { DATES, FIGURES, FILES } from './issues-files'
import { KEEPING, STORAGE } from './issues-keeping'
import { LISTS, PLAN } from './issues-plan'
import type { Sentences } from './sentences'

/** The sentence for every finding. */
export const issues: Sentences = {
  ...FILES,
  ...FIGURES,
  ...DATES,
  ...PLAN,
  ...LISTS,
  ...STORAGE,
  ...KEEPING,
  ...BOARD,
  ...CARE
}
export const issueUnknown = {
  unknown: (code: string): string => `Hier stimmt etwas nicht (${code}).`
}
/** What the parts of a workspace are called in the place of a finding. */
export const called: Readonly<Record<string, string>> = {
  items: 'Ausstattung',
  builds: 'Vorhaben',
  offers: 'Funde',
  quotes: 'Preise',
  saleWindows: 'Aktionen',
  watches: 'was im Blick ist',
  hires: 'was zu mieten ist',
  outlets: 'Verkaufsorte',
  pieces: 'Stücke zum Verkauf',
  orders: 'Bestellungen',
  upkeep: 'Prüfungen und Pflege',
  needTests: 'worüber geschlafen wird',
  oneOffs: 'Geld, das einmal kommt',
  adopted: 'behaltene Pläne',
  own: 'eigene Einträge',
  name: 'Name',
  text: 'Text',
  tool: 'Werkzeug',
  tools: 'Werkzeuge',
  ledger: 'Kassenbuch',
  money: 'Geld',
  income: 'Einkünfte',
  amount: 'Betrag',
  price: 'Preis',
  date: 'Tag',
  from: 'Von',
  until: 'Bis',
  count: 'Anzahl',
  copies: 'Stückzahl',
  steps: 'Schritte',
  quantity: 'Menge',
  stock: 'Holz',
  materials: 'Material',
  material: 'Material',
  operation: 'Arbeit',
  method: 'Art',
  workshop: 'Werkstatt',
  preferences: 'Vorlieben',
  time: 'Stunden',
  horizon: 'Etappen',
  scenarios: 'Szenarien',
  bundles: 'Pakete',
  deals: 'Angebote',
  pins: 'Festgehaltenes',
  bans: 'Ausgeschlossenes',
  wishes: 'Wünsche',
  photos: 'Fotos',
  currency: 'Währung',
  reserve: 'Rücklage',
  plan: 'Plan',
  purchases: 'Anschaffungen',
  kind: 'Art',
  seller: 'Verkäufer',
  tier: 'Güte',
  condition: 'Zustand',
  power: 'Antrieb',
  url: 'Verweis',
  link: 'Verweis'
}
export const calledEntry = { entry: (number: number): string => `Eintrag ${number}` }
export const plainSay = { minor: (amount: number): string => `${amount} kleinste Einheiten` }
export const unitWords: Readonly<Record<string, readonly [string, string]>> = {
  piece: ['Stück', 'Stück'],
  cut: ['Schnitt', 'Schnitte'],
  metre: ['m', 'm'],
  m2: ['m²', 'm²'],
  m3: ['m³', 'm³'],
  hole: ['Loch', 'Löcher'],
  screw: ['Schraube', 'Schrauben'],
  joint: ['Verbindung', 'Verbindungen'],
  panel: ['Platte', 'Platten'],
  case: ['Korpus', 'Korpusse'],
  edge: ['Kante', 'Kanten'],
  batch: ['Durchgang', 'Durchgänge'],
  hour: ['Stunde', 'Stunden'],
  sheet: ['Platte', 'Platten'],
  pack: ['Packung', 'Packungen'],
  litre: ['l', 'l']
}
export const unitEach = { one: (unit: string): string => `je ${unit}` }
export const whatIs = { asks: (name: string): string => `Was ist das: ${name}` }
