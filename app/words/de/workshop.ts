import type { Said } from '../language'
import { plural } from '../plural'
import type { start as englishStart } from '../start'
import type { workshop as english } from '../workshop'

export const workshop: Said<typeof english> = {
  title: 'Werkstatt',
  answer: (hours, floor, power) =>
    `${hours} in der Woche, ${floor.most === undefined ? `${floor.used} m² Werkzeug` : `${floor.used} von ${floor.most} m² belegt`}, ${power}`,
  current: (amps, volts) => `bis ${amps} A an ${volts} V`,
  mains: (volts) => `${volts} V`,
  subtitle: 'Was passt, was läuft, wie lange und wie laut: die Grenzen, die jeder Plan einhält.',
  caption:
    'Jede Zahl sagt, was gilt, wenn sie leer bleibt, und warum. Eine Änderung macht den Plan neu.',
  roomTitle: 'Raum',
  length: 'Länge des Raums, m',
  width: 'Breite des Raums, m',
  floor: 'Stellfläche für Weggeräumtes, m²',
  floorWhy: (used) =>
    `Leer gelassen, setzt die Fläche keine Grenze. Was du hast, braucht weggeräumt ${used} m².`,
  floorFrom: (m2) =>
    `Ein Drittel des Raums sind ${m2} m²: so üblich, damit zwei Drittel für Bank, Arbeit und Wege bleiben.`,
  takeFloor: (m2) => `${m2} m² nehmen`,
  firstHour: (time) =>
    `Vor dem ersten Gebrauch wird es eingestellt: beim ersten Mal etwa ${time}, mit seiner Anleitung.`,
  inUse: (m2) => `In Gebrauch steht es auf ${m2} m².`,
  line: (line, longest) =>
    longest === undefined
      ? `Mit langen Brettern braucht es ${line} in einer Linie.`
      : `Mit deinem längsten Stück dafür, ${longest}, braucht es ${line} in einer Linie.`,
  tooShort: (room) =>
    `Die lange Seite deines Raums ist ${room}: arbeite durch eine offene Tür oder im Freien, oder lass die langen Stücke schneiden.`,
  walls: 'Wände, an denen Stücke hängen',
  wallKinds: [
    { id: 'any', name: 'Nicht gesagt' },
    { id: 'frame', name: 'Platten auf einem Ständerwerk' },
    { id: 'masonry', name: 'Ziegel, Block oder Beton' }
  ],
  wallsWhy:
    'Nicht gesagt, geht jede Art zu befestigen. Mauerwerk will eine Bohrmaschine mit Schlag, Dübel und Schutz für Ohren und Lunge. Such vor jedem Loch nach Kabeln und Rohren.',
  volts: 'Netz',
  circuit: 'Absicherung des Stromkreises, A',
  circuitWhy:
    'Leer gelassen, ist kein Werkzeug ausgeschlossen. Ein Werkzeug, das mehr zieht als die Absicherung, wird nie geplant. Für lange oder gemeinsame Lasten und für alles über das Einstecken hinaus frag eine Elektrofachkraft.',
  hoursTitle: 'Stunden',
  perWeek: 'Stunden die Woche',
  perWeekWhy:
    'Neu beginnt es mit einem Abend, drei Stunden. Die Tage teilen ihre Woche gleichmäßig.',
  changesTitle: 'Andere Stunden für eine Zeit',
  changesWhy:
    'Ein Urlaub ohne, ein ruhiger Monat mit mehr. Wo zwei sich überschneiden, gilt die spätere der Liste.',
  from: 'Von',
  until: 'Bis',
  add: 'Hinzufügen',
  remove: 'Herausnehmen',
  perStage: 'Stunden jeder Etappe',
  quietTitle: 'Ruhe',
  quietAbove: 'Laut ist mehr als, dB(A)',
  quietCost: 'Eine Stunde davon kostet an gutem Willen',
  quietWhy:
    'Leer gelassen, kostet Lärm im Plan nichts. Ab 85 dB(A) ist Gehörschutz verlangt; Wände und Nachbarn können weniger wollen.',
  quietOff: 'Niemanden stört es',
  suggests: (builds) =>
    `${builds} fertige Vorhaben gingen bis zu dieser Stufe. Wenn es in Fleisch und Blut übergegangen ist:`,
  raise: (level) => `auf „${level}“ anheben`,
  usual: 'Nicht begrenzt, bis du es sagst.',
  left: (methods) => `${plural(methods, 'Art', 'Arten')} zu arbeiten ausgelassen`,
  moneyTitle: 'Was ein Plan höchstens kosten darf',
  cap: 'Nicht mehr als',
  capWhy:
    'Leer gelassen, begrenzen nur die Kasse und deine Rücklage. Mit einer Zahl hier zahlt kein Plan von heute an mehr aus, was immer hereinkommt.'
}

export const start: Said<typeof englishStart> = {
  title: 'Meine beginnen',
  subtitle: 'Vier Fragen, von denen du jede auslassen kannst. Alles lässt sich später ändern.',
  occasion: 'Stücke nach Ort und Anlass',
  occasions: {
    first: 'Erste Stücke',
    small: 'Klein, zum Schenken',
    home: 'Wohnen',
    kitchen: 'Küche',
    garden: 'Garten',
    children: 'Kinder',
    workshop: 'Werkstatt',
    all: 'Alle'
  },
  findPiece: 'Ein Stück suchen',
  hoursOf: (hours) => `etwa ${plural(hours, 'Stunde', 'Stunden')}`,
  noPiece: (text) =>
    `Kein Stück heißt hier „${text}“. Hak das an, das ihm am nächsten kommt, oder trag dein eigenes ein:`,
  nearest: (text) => `Kein Stück heißt hier „${text}“. Am nächsten, mit Schritten derselben Art:`,
  notThat: (name) => `nicht ${name}`,
  orOwn: 'Oder trag dein eigenes ein:',
  fromCutList: 'aus einer Zuschnittliste',
  moreBuilds: (count) => `${count} weitere Vorhaben zeigen`,
  buildsTitle: '1 · Was davon möchtest du bauen?',
  kitTitle: '2 · Was davon hast du?',
  moneyTitle: '3 · Wie viel, wie oft?',
  likeTitle: '4 · Wie arbeitest du gern?',
  likeHint:
    'Unverändert: neu dabei, jedes Werkzeug mit Sorgfalt, leise muss es nicht sein, Platz genug, angetrieben von was am wenigsten kostet.',
  likesOf: {
    hands: 'Von Hand oder mit Motor',
    careful: 'Was Angst macht',
    quiet: 'Lärm',
    corner: 'Platz',
    power: 'Kabel oder Akku'
  },
  likes: {
    hands: ['Von Hand, leise', 'Mit Motor, schnell'],
    careful: ['Nichts, was zurückschlägt', 'Jedes Werkzeug, mit Sorgfalt'],
    quiet: ['Dünne Wände: leise', 'Lärm ist gleich'],
    corner: ['Eine Ecke; alles wird weggeräumt', 'Ein eigener Raum'],
    power: ['Am Kabel', 'Am Akku']
  },
  planTitle: 'Dein erster Plan',
  planEmpty: 'Hak ein Stück an, das du machen möchtest, und hier erscheint der Plan.',
  planNoMoney: 'Sag, wie viel da ist oder hereinkommt, und hier erscheint der Plan.',
  planNone: 'Daraus ließ sich kein Plan machen. Hak ein anderes Stück an oder gib mehr Geld dazu.',
  planNothing:
    'Nur dafür würden die Werkzeuge mehr kosten, als sie bringen. Hak mehr an, was du machen möchtest, oder sag „muss sein“ bei einem Stück.',
  planBuy: (names, cost) => `${names.join(', ')}: ${cost}`,
  planBegins: (build, day) => `${build} kann am ${day} beginnen.`,
  planMade: (made, of, paid) =>
    `${made} von ${of} Stücken sind zu machen; Werkzeug kommt zusammen auf ${paid}.`,
  glance: (first, cost, day) => `Zuerst ${first}: ${cost} am ${day}.`,
  seePlan: 'Der Plan',
  planTypical: 'Zu üblichen Preisen, bis du die einträgst, die du findest.',
  haveList: 'Ich habe eine Liste, die mir jemand gab',
  nothing: 'Ich habe nichts',
  usualTools: 'Was viele haben',
  families: 'Werkzeuge nach Familie',
  findTool: 'Ein Werkzeug suchen',
  noTool: (text) =>
    `Kein Werkzeug heißt hier „${text}“. Ein eigenes kann später in der Ausstattung eingetragen werden.`,
  kitHint: 'Mehr kann jederzeit in der Ausstattung abgehakt werden. Unverändert: du hast nichts.',
  hour: 'Eine Stunde über den schnellsten Weg hinaus',
  aim: 'Das Geld ist für',
  currency: 'Währung',
  currencyOf: (units, names) =>
    `Längen in ${units}, Namen der Werkzeuge: ${names}; beides lässt sich unter Datei, Einstellungen ändern.`,
  units: { metric: 'Millimetern', imperial: 'Zoll' },
  names: { plain: 'die dieses Buches', british: 'britische', american: 'amerikanische' },
  currencyUnknown:
    'Dein Browser sagt nicht, wo du bist, oder nicht mit einer hier bekannten Währung: wähle die, in der du bezahlst.',
  now: 'Jetzt in der Kasse',
  each: 'Jedes Mal zurückgelegt',
  rhythm: 'Wie oft',
  reserve: 'Rücklage',
  hours: 'Stunden die Woche',
  go: 'Zeig mir einen Plan',
  cancel: 'Zurück zum Beispiel',
  allUsual: 'Das Übliche abhaken',
  openingText: 'Was zu Beginn da war'
}
