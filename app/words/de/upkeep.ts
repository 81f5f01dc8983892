import type { upkeep as english, CareWords, CheckWords } from '../upkeep'
import type { Said } from '../language'
import type { Say } from '../say'

export const trueChecks: Readonly<Record<string, CheckWords>> = {
  'square-flip': {
    name: 'Winkel, durch Umschlagen',
    need: 'Ein Brett mit gerader Kante, Messer oder spitzer Stift.',
    how: 'Anschlag an die Kante, Linie ziehen. Den Winkel umschlagen, an derselben Kante vom selben Punkt noch einmal. Miss, wie weit die Linien am Ende auseinander sind: das ist der doppelte Fehler.'
  },
  'straight-flip': {
    name: 'Gerade, durch Umschlagen',
    need: 'Ein Brett, länger als die Kante, ein spitzer Stift.',
    how: 'Zieh eine Linie an der Kante. Leg die Kante auf die andere Seite der Linie um und zieh sie durch beide Enden noch einmal. Der weiteste Spalt zwischen den Linien ist der doppelte Fehler.'
  },
  'saw-square': {
    name: 'Rechter Winkel, mit fünf Schnitten',
    need: 'Eine Platte von etwa 400 mm, ein Messschieber.',
    how: 'Säum eine Seite. Leg die gesäumte an den Anschlag und schneide die nächste, alle vier, dann die erste noch einmal. Miss den letzten Streifen an beiden Enden und seine Länge: der Unterschied ist der vierfache Fehler.'
  },
  'saw-mitre': {
    name: 'Gehrung, mit acht Schnitten',
    need: 'Vier gleich breite Leisten, je zwei gleich lang.',
    how: 'Alle acht Enden mit derselben Einstellung auf Gehrung schneiden und als Rahmen legen. Drei Ecken dicht; der Spalt außen an der letzten, über die Breite der Leiste, ist der achtfache Fehler.'
  },
  'sled-square': {
    name: 'Rechter Winkel, mit fünf Schnitten',
    need: 'Eine Platte von etwa 400 mm, ein Messschieber.',
    how: 'Alle vier Seiten auf dem Schlitten, jedes Mal die eben geschnittene am Anschlag, und die erste noch einmal. Miss den letzten Streifen an beiden Enden und seine Länge: der Unterschied ist der vierfache Fehler.'
  },
  'blade-slot': {
    name: 'Sägeblatt zur Nut',
    need: 'Stecker gezogen. Ein Anschlagwinkel oder eine Lehre, die in der Nut läuft.',
    how: 'Einen Zahn anzeichnen. Vorn von der Nut zu ihm messen, das Blatt drehen, bis derselbe Zahn hinten steht, noch einmal messen. Trag den Unterschied ein.'
  },
  'fence-blade': {
    name: 'Anschlag zum Sägeblatt',
    need: 'Stecker gezogen. Stahlmaßstab oder Fühlerlehre.',
    how: 'Anschlag klemmen, vorn und hinten zur Nut messen. Trag den Unterschied ein; wenn überhaupt, öffnet er sich nach hinten.'
  },
  'table-flat': {
    name: 'Tisch eben',
    need: 'Ein Lineal so lang wie der Tisch, eine Fühlerlehre.',
    how: 'Längs, quer und über beide Diagonalen auflegen. Trag den weitesten Spalt ein, in den eine Fühlerlehre geht.'
  },
  'knives-level': {
    name: 'Messer gleich hoch',
    need: 'Stecker gezogen beim Einstellen. Zwei Bretter zum Hobeln.',
    how: 'Ein Brett links, eines rechts hobeln, beide messen. Trag den Unterschied der Dicke ein.'
  },
  'band-square': {
    name: 'Tisch im Winkel zum Band',
    need: 'Ein kleiner Winkel, eine Fühlerlehre.',
    how: 'Spannung für das Band einstellen, Führungen hoch, Winkel ans Band. Trag den Spalt über eine Handbreit ein.'
  },
  'base-parallel': {
    name: 'Grundplatte zum Sägeblatt',
    need: 'Stecker gezogen oder Akku heraus. Ein Stahlmaßstab.',
    how: 'Von der Kante der Platte zum Blatt messen, vorn und hinten. Trag den Unterschied ein.'
  },
  'drill-runout': {
    name: 'Spindel läuft rund',
    need: 'Ein gerader Stab im Futter, Messuhr, oder Klotz und Fühlerlehre.',
    how: 'Den Stab von Hand drehen, 50 mm unter den Backen. Trag den Unterschied zwischen nächster und fernster Stelle ein.'
  },
  collet: {
    name: 'Spannzange läuft rund',
    need: 'Stecker gezogen. Gerader Fräser oder Stab, Messuhr, oder Klotz und Fühlerlehre.',
    how: 'Schaft 5 mm über dem Grund spannen, von Hand drehen. Trag den Unterschied zwischen nächster und fernster Stelle ein.'
  },
  'plane-sole': {
    name: 'Sohle eben, Eisen liegt auf',
    need: 'Ein Haarlineal, eine Fühlerlehre.',
    how: 'Eisen gespannt, aber zurückgezogen: an Spitze, Maul und Ende prüfen. Trag den weitesten Spalt dort ein; Mulden anderswo schaden nicht.'
  },
  'sander-pad': {
    name: 'Teller eben und fest',
    need: 'Eine Scheibe, ein ebenes Brett.',
    how: 'Ist der Teller eben, hält der Klett die Scheibe überall, steht er in Sekunden still? Dann ist er in Ordnung.'
  },
  'vacuum-seal': {
    name: 'Dicht und mit Zug',
    need: 'Ein Blatt Papier.',
    how: 'Schlauch mit der Hand schließen: der Ton steigt, und an Deckel und Beutel bläst nichts heraus. Ein Blatt Papier hält am Schlauchende. Dann ist er in Ordnung.'
  },
  'packs-hold': {
    name: 'Akkus halten',
    need: 'Eine volle Ladung.',
    how: 'Voll laden, einen Tag liegen lassen, dann arbeiten. Er zeigt am Anfang voll und bricht unter Last nicht ein. Dann ist er in Ordnung.'
  }
}

export const careTasks: Readonly<Record<string, CareWords>> = {
  strop: {
    name: 'Abziehen',
    how: 'Einige Züge auf Leder mit Paste, beide Seiten, bevor die Schneide stumpf wirkt.',
    left: 'Die Schneide lässt früher nach, und der Stein muss es richten.'
  },
  sharpen: {
    name: 'Schärfen',
    how: 'Spiegelseite eben, Fase bis zum Grat, Grat weg, dann abziehen. Scharf ist, was Hirnholz von Nadelholz sauber schneidet.',
    left: 'Stumpfes braucht Kraft, rutscht und reißt: die meisten Schnitte in Hände kommen von stumpfen Werkzeugen.'
  },
  pitch: {
    name: 'Harz vom Sägeblatt',
    how: 'Stecker gezogen, Blatt heraus, in Reiniger für Sägeblätter gelegt, gebürstet, getrocknet. Sieh dabei die Zähne an.',
    left: 'Es brennt und wirkt stumpf, lange bevor es das ist.'
  },
  'round-blade': {
    name: 'Ein frisches Sägeblatt',
    how: 'Stecker gezogen. Mutter gegen den Lauf lösen, ein scharfes mit passender Bohrung und Größe einsetzen, Haube und Spaltkeil prüfen.',
    left: 'Ein stumpfes brennt, verläuft und schlägt eher zurück.'
  },
  'band-blade': {
    name: 'Ein frisches Band',
    how: 'Stecker gezogen. Entspannen, wechseln, dann Spannung, Lauf und Führungen in dieser Folge.',
    left: 'Es verläuft und bauscht im Schnitt, am Ende reißt es.'
  },
  'jig-blade': {
    name: 'Ein frisches Stichsägeblatt',
    how: 'Stecker gezogen oder Akku heraus. Sie kosten wenig: wechsle, wenn es langsamer wird.',
    left: 'Es weicht aus dem Winkel und reißt die Kante aus.'
  },
  knives: {
    name: 'Messer wenden oder wechseln',
    how: 'Stecker gezogen, Handschuhe nur für die Messer. Wenden oder scharfe setzen, auf Tischhöhe, jede Schraube fest.',
    left: 'Sie reißen, ziehen Streifen und hämmern; die Maschine arbeitet gegen sich.'
  },
  'router-bit': {
    name: 'Fräser ansehen',
    how: 'Stecker gezogen. Harz ab, Schneiden ganz, sie fassen am Fingernagel. Was nicht fasst, wird gewechselt.',
    left: 'Er brennt und braucht einen Druck, den Hände nicht geben sollten.'
  },
  'stone-flat': {
    name: 'Stein abrichten',
    how: 'Bleistiftgitter auf den Stein, auf grober Platte reiben, bis es fort ist.',
    left: 'Ein hohler Stein rundet jede Schneide.'
  },
  'blow-out': {
    name: 'Ausblasen',
    how: 'Stecker gezogen, Augen geschützt: kurze Stöße durch die Schlitze, draußen.',
    left: 'Staub im Motor hält die Wärme und verschleißt den Schalter.'
  },
  brushes: {
    name: 'Kohlen ansehen',
    how: 'Stecker gezogen. Herausnehmen, wie die Anleitung sagt; unter einem Drittel der Länge beide wechseln.',
    left: 'Er funkt, verliert Kraft und riefelt den Motor.'
  },
  'dry-lube': {
    name: 'Trockenschmierung an Zahnrad und Stange',
    how: 'Stecker gezogen. Staub ausbürsten, dann Wachs oder Trockenschmierung. Kein Öl: es hält den Staub.',
    left: 'Verstellungen gehen schwer, dann rutschen sie.'
  },
  belt: {
    name: 'Riemen ansehen',
    how: 'Stecker gezogen. Risse, Glanz, Spannung: er gibt daumenbreit nach und nicht mehr.',
    left: 'Er rutscht unter Last und reißt mitten im Schnitt.'
  },
  empty: {
    name: 'Leeren',
    how: 'Draußen, mit Maske. Halb voll ist voll für feinen Staub.',
    left: 'Er zieht immer weniger, und der Staub bleibt in der Luft.'
  },
  filter: {
    name: 'Filter reinigen oder wechseln',
    how: 'Draußen, mit Maske. Klopfen oder bürsten, wie die Anleitung sagt; wechseln, wenn er grau bleibt oder gerissen ist.',
    left: 'Weniger Luft geht durch, und der feinste Staub kommt hinten heraus.'
  },
  'half-charge': {
    name: 'Akkus auf halber Ladung',
    how: 'Was Wochen liegt, liegt etwa halb geladen, trocken und kühl, aus der Maschine.',
    left: 'Voll oder leer über Monate altern sie und halten weniger.'
  },
  rust: {
    name: 'Rost und Wachs',
    how: 'Eisen abwischen, Rost mit feinem Vlies ab, dann Hartwachs, ausgerieben.',
    left: 'Rost frisst Narben, und das Holz gleitet nicht mehr.'
  },
  screws: {
    name: 'Spindeln ölen',
    how: 'Leim ab, ein Tropfen Öl aufs Gewinde, keiner auf die Backen.',
    left: 'Sie klemmen und halten weniger, als es scheint.'
  }
}

export const upkeep = {
  tab: 'Was ansteht',
  title: (due: number, off: number): string =>
    off > 0
      ? off === 1
        ? 'Ein Werkzeug ist nicht genau'
        : `${off} Werkzeuge sind nicht genau`
      : due === 0
        ? 'Alles ist genau und gepflegt'
        : due === 1
          ? 'Eines steht an'
          : `${due} Dinge stehen an`,
  subtitle:
    'Hinter der Anleitung jedes Werkzeugs, und mit gezogenem Stecker, bevor Hände an ein Blatt kommen.',
  none: 'Nichts von dir verlangt hier eine Prüfung oder Pflege. Trag unter „Was ich habe“ ein, was du hast.',
  offTitle: 'Nicht genau',
  off: (
    say: Say,
    tool: string,
    error: number,
    over: number | undefined,
    reckoned: number
  ): string =>
    `${tool}: ${say.number(error, 2)} mm daneben${over === undefined ? '' : ` auf ${over} mm`}; Pläne rechnen mit ${say.number(reckoned, 2)} mm für ein gutes und mit deinem Messwert für deines.`,
  notFine: (tool: string, check: string): string => `${tool}: nicht in Ordnung nach „${check}“.`,
  waits: (builds: string): string => `Bis es eingestellt ist, geht damit nicht: ${builds}.`,
  wayOut: (time: string): string =>
    `Stell es ein, wie die Anleitung sagt, und prüf noch einmal (etwa ${time}); oder sieh, was die Leiter an seine Stelle setzt.`,
  ladder: 'Zur Leiter',
  checksTitle: 'Zu prüfen',
  checksWhy:
    'Neue Maschinen sind selten genau, wie sie aus der Kiste kommen. Das erste Mal dauert am längsten; was du misst, damit rechnen Pläne von da an.',
  never: 'nie geprüft',
  again: (day: string): string => `wieder am ${day}`,
  was: (day: string): string => `geprüft am ${day}`,
  takes: (first: string, later: string): string => `etwa ${first} beim ersten Mal, ${later} später`,
  need: 'Du brauchst',
  how: 'So geht es',
  enter: 'Ergebnis eintragen',
  on: 'Geprüft am',
  values: {
    gap: 'Abstand, mm',
    length: 'Auf eine Länge von, mm',
    oneEnd: 'Dicke am einen Ende, mm',
    otherEnd: 'Am anderen Ende, mm',
    width: 'Breite der Leiste, mm'
  },
  comesTo: (say: Say, error: number, over: number | undefined, reckoned: number): string =>
    `${say.number(error, 2)} mm daneben${over === undefined ? '' : ` auf ${over} mm`}: ${error <= reckoned ? `innerhalb der ${say.number(reckoned, 2)} mm, mit denen Pläne rechnen` : `mehr als die ${say.number(reckoned, 2)} mm, mit denen Pläne rechnen`}.`,
  fine: 'In Ordnung',
  notFineButton: 'Nicht in Ordnung',
  keep: 'Ergebnis behalten',
  takeOut: (check: string, day: string): string =>
    `Ergebnis von „${check}“ vom ${day} herausnehmen`,
  careTitle: 'Pflege',
  careNone: 'Keine Pflege steht an.',
  soonTitle: 'Bald',
  after: (hours: string, every: number): string => `${hours} in Gebrauch, fällig alle ${every} h`,
  byTime: (day: string): string => `bis ${day}`,
  overdue: (day: string): string => `seit ${day}`,
  left: 'Unterlassen',
  cost: 'Neu, jetzt bezahlt',
  done: 'Erledigt',
  doneOn: 'Erledigt am',
  otherDay: 'An einem anderen Tag erledigt',
  otherDayOf: (task: string, tool: string): string =>
    `${task}, ${tool}: an einem anderen Tag erledigt`,
  sharp: (tools: string): string => `Scharf nach den Zetteln: ${tools}.`,
  doneOf: (task: string, tool: string): string => `${task}, ${tool}: erledigt`,
  minutes: (time: string): string => `dauert ${time}`,
  uses: (tool: string, price: string): string => `braucht ${tool}, etwa ${price}`,
  history: 'Was getan wurde',
  historyNone: 'Noch nichts.',
  future: 'Pflege wird eingetragen, wenn sie getan ist. Nimm heute oder einen Tag davor.',
  steps: {
    check: (tool: string): string => `${tool} prüfen`,
    care: (tool: string): string => `${tool} pflegen`,
    out: 'einen Pflegeeintrag herausnehmen'
  },
  bench: {
    running: (build: string, moment: string): string =>
      `Die Uhr von ${build} läuft seit ${moment}.`,
    toBuild: 'Dorthin',
    check: (tools: string, time: string): string =>
      `Neu da und noch nicht geprüft: ${tools}. Zusammen etwa ${time}.`,
    care: (tools: string): string => `Pflege steht an: ${tools}.`,
    off: (tool: string, builds: string): string =>
      `${tool} ist nicht genau. Darauf wartet: ${builds}.`,
    offAlone: (tool: string): string => `${tool} ist nicht genau.`,
    lookBack: 'Zurückblicken',
    open: 'Sehen, was ansteht'
  }
} satisfies Said<typeof english>
