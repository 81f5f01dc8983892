import type { inventory as englishInventory } from '../inventory'
import type { groups as englishGroups, kit as english } from '../kit'
import type { Said } from '../language'
import { plural } from '../plural'
import type { skill as englishSkill } from '../skill'

export const groups: Said<typeof englishGroups> = {
  measuring: 'Messen und Anreißen',
  saws: 'Handsägen',
  planes: 'Hobel',
  chisels: 'Stechbeitel',
  striking: 'Schlagen',
  sharpening: 'Schärfen',
  drilling: 'Bohren und Schrauben',
  'hand-power': 'Handmaschinen',
  machines: 'Standmaschinen',
  clamps: 'Zwingen und Halten',
  support: 'Auflage',
  dust: 'Staub',
  protection: 'Schutz',
  accessories: 'Zubehör',
  storage: 'Aufbewahrung',
  'shop-made': 'Selbst gemacht'
}

export const kit: Said<typeof english> = {
  oneOf: (names) => names.join(' oder '),
  protection: (part) =>
    ({ eyes: 'Augenschutz', ears: 'Gehörschutz', lungs: 'Atemschutz' })[part] ?? part,
  title: (count, operations) =>
    count === 0
      ? 'Noch hängt nichts am Haken'
      : `${plural(count, 'Werkzeug deckt', 'Werkzeuge decken')} ${plural(operations, 'Arbeit', 'Arbeiten')} ab`,
  subtitle:
    'Hak ab, was du hast. Auch das Einfache zählt: Maßband, Winkel, Bleistift, Leim, etwas zum Spannen.',
  owned: 'Vorhanden',
  planned: 'Geplant',
  wished: 'Gewünscht',
  all: 'Alles',
  mine: 'Meines: vorhanden, geplant, gewünscht',
  usual: 'Was die meisten haben',
  cancel: 'Abbrechen',
  usualHint: 'Hak ab, was da ist. Größen zählen nur, wo ein Maß danebensteht.',
  shortTitle: 'Wo es nicht reicht',
  short: (tool, has, spec, needs, builds) =>
    `${tool}: ${has} ${spec}; ${builds.join(' und ')} ${builds.length === 1 ? 'braucht' : 'brauchen'} ${needs}.`,
  companionTitle: 'Was noch nichts nützt',
  companion: (tool, needs) => `${tool} wartet auf ${needs}.`,
  ownTitle: 'Eigene',
  removeOwn: (name) => `${name} entfernen`,
  remove: 'Entfernen',
  addTool: 'Ein eigenes Werkzeug',
  addMethod: 'Eine eigene Art',
  show: 'Zeigen',
  search: 'Werkzeug nach Namen, anderem Namen oder Arbeit suchen',
  have: (name) => `Ich habe: ${name}`,
  count: 'Wie viele',
  more: (name) => `Eines mehr: ${name}`,
  less: (name) => `Eines weniger: ${name}`,
  plannedOn: (day) => `geplant für ${day}`,
  covers: (operations) => operations.join(', '),
  coversNone: 'Deckt für sich allein nichts ab',
  waitsFor: (names) => `wartet auf ${names.join(', ')}`,
  details: 'Einzelheiten',
  tier: 'Güte',
  condition: 'Zustand',
  paid: 'Bezahlt',
  since: 'Seit',
  wish: 'Wünschen',
  unwish: 'Gewünscht',
  none: 'Nichts heißt so.',
  capacity: (figure, name) => `${figure} ${name}`,
  cautionTail: 'Halte dich an die Anleitung des Werkzeugs und die Vorschriften bei dir.'
}

export const inventory: Said<typeof englishInventory> = {
  title: (worth) => `Was du hast, ist etwa ${worth} wert`,
  subtitle: (count, paid, replace) =>
    `${plural(count, 'Zeile', 'Zeilen')}, ${paid} bezahlt, ${replace}, um heute alles neu zu kaufen`,
  hint: 'Der heutige Wert ist, was es brächte: der bezahlte Preis, oder der eines neuen, wo er nicht bekannt ist, mal dem üblichen Anteil für Art, Güte und Zustand. Neupreise sind deine gesehenen oder übliche.',
  empty: 'Noch ist nichts vorhanden. Hak es in der Ausstattung ab oder trag eine Anschaffung ein.',
  print: 'Drucken',
  csv: 'Als CSV sichern',
  tool: 'Werkzeug',
  quality: 'Güte',
  since: 'Seit',
  age: 'Alter',
  paid: 'Bezahlt',
  worth: 'Wert heute',
  replace: 'Neu heute',
  unknown: 'nicht bekannt',
  years: (years) =>
    years < 1
      ? plural(Math.round(years * 12), 'Monat', 'Monate')
      : `${(Math.round(years * 10) / 10).toFixed(1).replace('.', ',')} Jahre`,
  sold: 'Verkauft',
  sellTitle: (tool) => `Verkauft: ${tool}`,
  soldFor: 'Gebracht',
  oneOf: (count) => `Eines von ${count}; die anderen bleiben.`
}

export const skill: Said<typeof englishSkill> = {
  title: 'Wie weit du damit bist',
  why: 'Arbeit, die eine geübte Hand verlangt, kostet Anfänger mehr Zeit, wird weniger genau und verdirbt etwas Holz. Plan und Leiter rechnen damit; sag, was heute stimmt.',
  startLabel: 'Mit diesen Werkzeugen bin ich',
  families: {
    'hand-saws': 'Handsägen',
    'edge-tools': 'Hobel, Stechbeitel und Schneiden',
    'hand-power': 'Handmaschinen',
    routers: 'Oberfräsen',
    machines: 'Standmaschinen',
    joints: 'Feine Verbindungen'
  },
  levels: { new: 'neu dabei', practised: 'geübt', home: 'zu Hause' },
  follows: (say, craft) =>
    craft.minutes === 1
      ? 'die Stunden der Bibliothek sind deine'
      : `was Können verlangt, kostet dich das ${say.number(craft.minutes, 2)}-Fache an Zeit und wird das ${say.number(craft.error, 2)}-Fache ungenauer; ein Schritt verdirbt ${say.percent(craft.spoilt)} des Holzes`,
  suggests: (say, hours) => `${say.number(hours, 0)} Stunden damit eingetragen:`,
  learn: 'Ich will es lernen',
  learning: (say, shares) =>
    shares === undefined
      ? ''
      : `: gerechnet, wie es mit der Übung kommt, über diesen Plan ${say.percent(shares.new)} neu dabei, ${say.percent(shares.practised)} geübt, ${say.percent(shares.home)} zu Hause`,
  raise: (level) => `sag „${level}“`
}
