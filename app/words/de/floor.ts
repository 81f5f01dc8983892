import type { floor as english } from '../floor'
import type { Said } from '../language'
import { plural } from '../plural'

export const floor: Said<typeof english> = {
  tabsLabel: 'Fragen der Werkstatt',
  tabs: {
    floor: 'Grundriss',
    power: 'Strom',
    air: 'Lärm, Staub, Schutz',
    hazards: 'Was verletzen kann',
    today: 'Bevor ich anfange',
    bounds: 'Raum und Stunden'
  },
  titleNone: 'Zeichne deinen Raum und sieh, was hineinpasst',
  titleFault: 'Die Zeichnung ist noch kein Raum',
  titleClear: (count) =>
    count === 0
      ? 'Der Raum ist gezeichnet; noch steht nichts darin'
      : `${plural(count, 'Werkzeug steht', 'Werkzeuge stehen')}, und nichts ist im Weg`,
  titleClash: (count) => `${plural(count, 'Sache geht', 'Sachen gehen')} so nicht`,
  subtitle:
    'Maßstäblich. Weggeräumt steht alles nebeneinander; gebraucht wird jedes für sich, die anderen weggeräumt und das Auto draußen.',
  caption:
    'Gefüllt: weggeräumt. Umrissen: im Gebrauch. Gestrichelt: der Auslauf, den das Holz davor und dahinter braucht. Ziehen oder Pfeiltasten; R dreht, Entf nimmt es aus der Zeichnung.',
  noRoom: 'Länge und Breite des Raums genügen für den Anfang; Türen und Ecken kommen danach.',
  lengthM: 'Länge des Raums',
  widthM: 'Breite des Raums',
  draw: 'Raum zeichnen',
  drawn: 'Grundriss der Werkstatt',
  areaFeet: (feet) => `${feet} Quadratfuß Boden.`,
  area: (m2) => `${m2} m² Boden.`,
  cutTitle: 'Eine Ecke, die fehlt',
  cutLength: 'Längs',
  cutWidth: 'Quer',
  cutWhich: 'Welche Ecke',
  corners: ['oben links', 'oben rechts', 'unten rechts', 'unten links'],
  cut: 'Ausschneiden',
  cornersTitle: 'Ecken, für schräge Wände',
  cornersWhy:
    'Im Uhrzeigersinn von links oben gezählt, an den beiden Wänden gemessen. Türen und Steckdosen bleiben, wo sie sind.',
  cornerLeft: (n) => `Ecke ${n}, von links`,
  cornerTop: (n) => `Ecke ${n}, von oben`,
  cornerAdd: (n) => `Eine Ecke nach ${n}`,
  cornerRemove: (n) => `Ecke ${n} herausnehmen`,
  roomTitle: 'Der Raum',
  redraw: 'Größe ändern',
  wipe: 'Zeichnung wegnehmen',
  place: 'Für mich aufstellen',
  placing: 'Plätze werden gesucht …',
  putIn: (tool) => `${tool} hineinstellen`,
  addTitle: 'In den Raum stellen',
  kinds: {
    door: 'Tür',
    gate: 'Garagentor',
    window: 'Fenster',
    outlet: 'Steckdose',
    car: 'Auto',
    bikes: 'Fahrräder',
    boiler: 'Heizkessel',
    shelves: 'Regal',
    bench: 'Werkbank',
    other: 'Etwas anderes'
  },
  theKinds: {
    door: 'die Tür',
    gate: 'das Garagentor',
    window: 'das Fenster',
    car: 'das Auto',
    bikes: 'die Fahrräder',
    boiler: 'der Heizkessel',
    shelves: 'das Regal',
    bench: 'die Werkbank',
    other: 'was sonst dort steht'
  },
  chosen: (name) => `Gewählt: ${name}`,
  nothingChosen:
    'Wähl etwas in der Zeichnung, um es zu schieben, zu drehen oder seinen Platz in Zahlen anzugeben.',
  fromLeft: 'Von links',
  fromTop: 'Von oben',
  across: 'Breite',
  deep: 'Tiefe',
  high: 'Höhe',
  along: 'Von der Ecke',
  wall: 'Wand',
  wallName: (n, length) => `${n} (${length})`,
  circuit: 'Stromkreis',
  noCircuit: 'noch keiner',
  stray: (count) =>
    `${plural(count, 'Steckdose hängt', 'Steckdosen hängen')} an keinem Stromkreis, den es gibt: wählen und sagen, an welchem, oder die Stromkreise unter Strom unterscheiden.`,
  circuitFirst: 'Stromkreis 1',
  inward: 'Der Flügel schlägt in den Raum',
  away: 'Bei der Arbeit nicht im Raum',
  turn: 'Drehen',
  move: { left: 'Nach links', right: 'Nach rechts', up: 'Nach oben', down: 'Nach unten' },
  apart: 'Anderswo wegräumen',
  together: 'Dort lassen, wo es gebraucht wird',
  storedOf: (name) => `${name}, weggeräumt`,
  takeOut: 'Herausnehmen',
  clashTitle: 'Was so nicht geht',
  noClash: 'Nichts ist im Weg.',
  clash: (one, tool, against, by) => {
    if (one.part === 'body')
      return `${tool}, ${one.moment === 'put-away' ? 'weggeräumt' : 'im Gebrauch'}, steht ${one.against.kind === 'wall' ? 'durch die Wand' : `${by} weit in: ${against}`}.`
    const of = { infeed: 'Zulauf', outfeed: 'Auslauf', user: 'Standplatz' }[one.part]
    return `${tool}: der ${of} stößt an: ${against}. Es fehlen ${by}.`
  },
  theWall: 'die Wand',
  waysOut:
    'Dreh es, roll es zum Gebrauch woandershin, rück beiseite, was im Weg ist, oder lass lange Stücke erst grob ablängen.',
  faults: (one, by) => {
    switch (one.kind) {
      case 'no-floor':
        return 'Der Raum hat keinen Boden: gib Länge und Breite mit je mindestens einem halben Meter an.'
      case 'walls-cross':
        return `Wand ${one.walls[0] + 1} und ${one.walls[1] + 1} kreuzen sich: verschieb eine Ecke oder zeichne den Raum neu.`
      case 'opening-beyond-wall':
        return `Eine Tür oder ein Fenster reicht über seine Wand hinaus, die ${by} lang ist: verschieb es oder mach es schmaler.`
      case 'outlet-beyond-wall':
        return `Eine Steckdose liegt neben ihrer Wand, die ${by} lang ist: verschieb sie.`
    }
  },
  nextTitle: 'Passt das Nächste noch?',
  tryOther: 'Ginge auch etwas anderes?',
  tryWhich: 'Maschine wählen',
  nextNone: 'Nichts von dem, was geplant oder gewünscht ist, steht auf dem Boden.',
  nextFits: (tool) => `${tool}: ja, neben allem, was da ist.`,
  nextBeside: (tool) =>
    `${tool}: nicht neben dem, was da ist. Allein ginge es: etwas muss weichen oder sich kleiner wegräumen lassen.`,
  nextNever: (tool) =>
    `${tool}: nicht in diesem Raum, mit dem Auslauf, den es braucht. Der Plan lässt es weg; ein kleineres, ein anderer Weg oder Zuschnitt tun die Arbeit.`,
  wishFor: 'Wünschen',
  driveOut: (thing) => `Es passt ohne ${thing}: hinaus damit, solange du arbeitest`,
  takeSmaller: (tool) => `${tool} passt: dafür wünschen`,
  asking: 'Wird versucht …',
  stockTitle: 'Holz, das durchlaufen soll',
  stockLength: 'Länge',
  stockWidth: 'Breite des Holzes',
  stockWhy:
    'Leer gelassen, gilt für jede Maschine das längste Stück, das deine Stücke ihr geben, oder ihr üblicher Auslauf.',
  doorsTitle: 'Geht es zur Tür hinaus?',
  doorFits: (count) => `${plural(count, 'Stück geht', 'Stücke gehen')} in einem Teil hinaus.`,
  doorNot: (piece) =>
    `${piece}: geht nicht am Stück hinaus. Bau es zerlegbar, oder mach es dort fertig, wo es stehen wird.`,
  doorNone: 'Zeichne eine Tür und sieh, welche Stücke hindurchgehen.',
  sheetThrough: (size) => `Eine ganze Platte (${size}) kommt herein.`,
  sheetNot: (size) => `Eine ganze Platte (${size}) kommt durch keine Tür: lass sie zuschneiden.`,
  rule: 'Solange der Raum gezeichnet ist, kauft der Plan nur, was darin Platz findet; die Stellfläche in Quadratmetern gilt dann nicht.',
  electrician: 'Neue Steckdosen und Stromkreise: frag eine Elektrofachkraft.'
}
