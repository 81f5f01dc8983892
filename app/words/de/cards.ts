import type { cards as english, PROTECTION as englishProtection } from '../cards'
import { joined } from '../bench'
import type { jointNames as englishJoints, joinery as englishJoinery } from '../joinery'
import type { Said } from '../language'
import { plural } from '../plural'
import type { OtherWay } from '../../../core/cards'
import { guarded } from './bench'
import { hazards } from './small'

export const PROTECTION: Said<typeof englishProtection> = {
  eyes: 'Augen',
  ears: 'Ohren',
  lungs: 'Lunge'
}
const SURFACES = {
  rough: 'rau, noch zu putzen',
  sawn: 'wie von der Säge',
  clean: 'sauber, als Nächstes zu schleifen',
  smooth: 'glatt, bereit für die Oberfläche'
} as const
const DANGER = [
  'keine nennenswerte Gefahr',
  'wenig Gefahr',
  'einige Gefahr',
  'ernste Gefahr'
] as const

export const cards: Said<typeof english> = {
  close: 'Schließen',
  back: 'Zurück',
  asPage: 'Als Seite',
  print: 'Drucken',
  kind: {
    tool: 'Werkzeug',
    operation: 'Arbeit',
    method: 'Art, es zu tun',
    material: 'Material',
    hazard: 'Was verletzen kann'
  },
  heavy: 'Die kräftige Linie ist der Teil, der die Arbeit tut.',
  unknown:
    'Unter diesem Namen ist nichts bekannt. Es kann ein eigener Eintrag gewesen sein, der entfernt wurde.',
  own: 'Ein eigener Eintrag: hier steht, was du eingetragen hast.',
  elsewhere: (names) => `Auch genannt: ${names.join(', ')}.`,
  owned: 'Du hast es.',
  planned: (say, day) => `In deinem Plan für den ${say.day(day)}.`,
  notPlanned: 'Nicht in deinem Plan.',
  noPlan: 'Noch ist kein Plan gemacht.',
  made: 'Du machst es selbst; zu kaufen gibt es nichts.',
  usual: 'Üblicher Preis, neu',
  typical: 'Übliche Preise, bis du einen eigenen einträgst.',
  look: 'Beim Aussuchen',
  size: 'Welche Größe',
  mistake: 'Was beim ersten Mal schiefgeht',
  care: 'Wie es gut bleibt',
  does: 'Was es tut',
  inBuilds: 'In deinen Vorhaben',
  inNoBuild: 'Keines deiner Vorhaben verlangt es.',
  comesWith: 'Nicht ohne',
  advised: 'Gut dazu',
  otherWays: 'Sanfter oder billiger',
  way: (way: OtherWay, of) => {
    const how = joined([...(way.cheaper ? ['billiger'] : []), ...(way.gentler ? ['sanfter'] : [])])
    return way.operations.length === of
      ? `${how}; dieselbe Arbeit`
      : `${how}; ${way.operations.length} von ${plural(of, 'Art', 'Arten')} seiner Arbeit`
  },
  hazard: (kind) => `Gefahr: ${hazards[kind]}.`,
  protects: (needs) => `Schütze ${joined(needs.map(guarded))}.`,
  manual: 'Halte dich an die Anleitung des Werkzeugs und die Vorschriften bei dir.',
  waysToDo: 'Wie man es tun kann',
  doneWith: 'Womit',
  form: {
    hand: 'von Hand',
    'hand-held': 'mit einer Maschine in der Hand',
    benchtop: 'auf einer Maschine auf der Bank',
    floor: 'auf einer Standmaschine',
    service: 'in einem Betrieb, gegen Gebühr'
  },
  surface: (surface) => `Hinterlässt das Holz ${SURFACES[surface]}.`,
  minutes: (say, minutes, unit) =>
    `Etwa ${say.duration(minutes)} je ${unit}, wenn einmal eingerichtet ist.`,
  level: (level) => DANGER[level],
  parts: 'Besteht aus',
  material: 'Worauf zu achten ist',
  keeps: (months) => `Hält sich etwa ${plural(months, 'Monat', 'Monate')}.`
}

export const jointNames: Said<typeof englishJoints> = {
  screwed: 'geschraubt',
  nailed: 'genagelt',
  pocket: 'Taschenverschraubung',
  dowel: 'Dübel',
  biscuit: 'Flachdübel',
  'loose-tenon': 'loser Zapfen',
  'mortise-tenon': 'Schlitz und Zapfen',
  'half-lap': 'Überblattung',
  dado: 'in eine Nut gesetzt',
  rebate: 'Falz',
  groove: 'Nut und Feder',
  'box-joint': 'Fingerzinken',
  dovetail: 'Schwalbenschwänze',
  mitre: 'einfache Gehrung',
  'keyed-mitre': 'Gehrung mit Federn',
  'edge-glue': 'Breitenverleimung',
  laminated: 'in Lagen verleimt'
}

export const joinery: Said<typeof englishJoinery> = {
  title: 'Verbindungen: passen sie?',
  caption:
    'Jede Verbindung an Material, Last und Faser gemessen. Wo Fachleute verschieden urteilen, steht das mildere Wort.',
  bearing: 'Es',
  bearings: {
    none: 'trägt niemanden',
    'carries-people': 'trägt Menschen',
    'hangs-over-people': 'hängt über Menschen'
  },
  verdict: { right: 'passt', fair: 'geht', wrong: 'passt nicht' },
  reason: (say, advice) => {
    const moved =
      advice.movementMm === undefined ? '' : `${say.number(advice.movementMm, 1)} mm über das Jahr`
    switch (advice.reason) {
      case 'across-the-grain':
        return `hält das Teil quer zur Faser fest, wo es ${moved} arbeitet: es reißt, oder die Verbindung gibt nach. Langlöcher, Nutklötze oder eine Nut lassen es arbeiten.`
      case 'moves-along':
        return `gut, wo beide Bretter gleich laufen und miteinander arbeiten; quer zur Faser eines anderen arbeitet es ${moved}, also lass Luft.`
      case 'stands-on-sides':
        return 'hält in einem niedrigen Korpus, der auf seinen Seiten steht, mit Leim und mehreren Schrauben; Beine und Zargen wollen Holz in Holz.'
      case 'loaded-frame':
        return 'das Gewicht von Menschen arbeitet daran: Holz in Holz hält, Schrauben und Stifte arbeiten sich los.'
      case 'no-stress':
        return 'Stifte halten, wo nichts zieht, mit Leim.'
      case 'chips-in-sheet':
        return 'die Lagen einer Platte bröckeln bei solchen Formen.'
      case 'case-of-sheets':
        return 'Korpusse aus Platten sind, wofür es da ist.'
      case 'end-grain':
        return 'Leim hält am Hirnholz wenig; Schrauben oder Federn müssen die Arbeit tun.'
      case 'shallow':
        return 'richtet Teile gut aus und gibt ein wenig Festigkeit.'
      case 'light':
        return 'gut, wo wenig daran zieht.'
      case 'long-grain':
        return 'Langholz an Langholz ist so fest wie das Holz.'
      case 'real-joint':
        return 'hält durch Holz und Leim.'
    }
  },
  instead: (names) => `Stattdessen: ${names.join(', ')}.`,
  needs: 'Was es bräuchte',
  canDo: 'geht mit dem, was du hast',
  screw: (say, mm) => `Taschenschrauben von ${say.length(mm)}.`,
  through: (say, mm) => `Schrauben von ${say.length(mm)}.`,
  movementTitle: 'Breite Teile arbeiten',
  movement: (say, movement, low, high) =>
    `${say.number(movement.mm, 1)} mm quer, zwischen ${low} % und ${high} % Luftfeuchte (${say.number(movement.fromMoisture, 1)} bis ${say.number(movement.toMoisture, 1)} % Holzfeuchte)${movement.rough ? '; grob, da dies außerhalb dessen liegt, wofür die Tabellen gelten' : ''}`
}
