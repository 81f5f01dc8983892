import type { StockCard } from '../../../core/cards'

const stock = (use: string, look: StockCard['look'], mistake: string): StockCard => ({ use, look, mistake })
const softwood = stock(
  'Gehobeltes Nadelholz: leicht, billig, von Hand gut zu bearbeiten; Böden, Rahmen, Garten.',
  [
    'An der Kante gerade: unter 3 mm auf 1 m',
    'Kleine, fest sitzende Äste; kein Blau, keine Harzgallen',
    'Ohne Kern: stehende eher als liegende Jahrringe'
  ],
  'Am Tag des Kaufs verarbeiten: zwei Wochen drinnen, und es arbeitet im Stapel, nicht im Stück.'
)
const studs = stock(
  'Sägeraues oder gehobeltes Bauholz: Bänke, Gestelle, alles Kräftige und Billige.',
  [
    'Das Trockenste vom Stapel: 18 von 100 oder weniger',
    'Nicht verwunden: darüber peilen',
    'Zehn von 100 mehr als die Liste, für das, was reißt'
  ],
  'Möbel aus nassem Bauholz: in einem Monat gehen Fugen auf.'
)
const hardwood = stock(
  'Laubholz mit gehobelten Flächen: was man sieht und anfasst.',
  [
    '8 bis 12 von 100 Feuchte',
    'Bretter aus einem Stamm für ein Stück',
    'Ein Fünftel mehr als die Liste, für Äste und Farbe'
  ],
  'Auf die genaue Länge kaufen: Enden sind gerissen, je 50 mm abschneiden.'
)
const rough = stock(
  'Sägeraues Laubholz: dem Volumen nach am billigsten, zum Selbsthobeln.',
  [
    '8 bis 12 von 100 Feuchte, Stapelleisten im Stapel',
    '5 mm dicker und 10 mm breiter als das Teil',
    'Ein Viertel bis ein Drittel Verschnitt'
  ],
  'An einem Tag auf Maß hobeln: zuerst grob, eine Woche Ruhe, dann fertig.'
)
const plywood = stock(
  'Sperrholz: eben, nach beiden Richtungen fest, arbeitet nicht: Korpusse, Böden, Vorrichtungen.',
  [
    'Am Boden eben: unter 5 mm auf seiner Länge',
    'Keine Lücken in der Kante',
    'Seine wirkliche Dicke: oft 0,5 mm unter dem Namen'
  ],
  'Nuten nach der Dicke des Namens statt der Platte.'
)
const fibre = stock(
  'Faserplatte: eben, glatt, schwer; zum Lackieren, für Vorrichtungen, Schablonen.',
  [
    'Die feuchtfeste Sorte, wo es feucht ist',
    'Eine Platte von 18 mm wiegt etwa 40 kg',
    'Kanten mit zwei Anstrichen geschlossen'
  ],
  'Ihr Staub: Lunge geschützt, Schlauch dran. Schrauben in die Kante spalten sie.'
)
const screws = stock(
  'Schrauben: halten, ziehen zusammen, kommen wieder heraus.',
  [
    'Zwei Drittel der Länge im zweiten Stück: 4 × 40 mm für Platten von 18 mm',
    'Sternköpfe rutschen nicht',
    'Draußen rostfrei oder beschichtet; nie blanker Stahl in Eiche'
  ],
  'Nicht vorbohren nahe am Ende.'
)
const glue = stock(
  'Leim: eine gute Fuge ist fester als das Holz.',
  [
    'Offen 5 bis 10 Minuten, gespannt eine halbe Stunde',
    'D3 oder Type II drinnen im Feuchten; D4 oder Type I draußen',
    'Hält etwa ein Jahr, nicht im Frost'
  ],
  'Durch Zwingen ausgehungert oder nur einseitig: dünn auf beide Flächen, eine Perle tritt aus.'
)
const finish = stock(
  'Oberfläche: hält Schmutz und Feuchte vom Holz.',
  [
    '1 Liter reicht für etwa 10 m² einmal',
    'Griffest und belastbar sind zwei Zahlen',
    'Für Essbares und Kinder: so gezeichnet'
  ],
  'Ölige Lappen auf einem Haufen entzünden sich selbst: ausbreiten oder nass in eine geschlossene Dose.'
)

/** Was von Materialien gesagt wird, nach dem Anfang ihrer Kennungen; der erste, der passt, gilt. */
export const materialCards: readonly (readonly [begins: string, card: StockCard])[] = [
  ['softwood-stud', studs],
  ['softwood-joist', studs],
  ['softwood-post', studs],
  ['nominal-2', studs],
  ['nominal-4', studs],
  ['softwood', softwood],
  ['nominal', softwood],
  ['hardwood-rough', rough],
  [
    'hardwood-blank',
    stock(
      'Ein Kantel für die Drechselbank.',
      ['Enden gewachst', 'Kein Riss bis zum Kern', '10 mm länger und dicker als das Stück'],
      'Mit einem Riss drechseln: es fliegt auseinander.'
    )
  ],
  [
    'hardwood-slab',
    stock(
      'Ein Klotz zum Schnitzen.',
      ['Gleichmäßige Faser, wenige Äste', 'Frisch schnitzt es sich leichter', 'Enden versiegelt'],
      'In der Sonne trocknen lassen: er reißt.'
    )
  ],
  ['hardwood', hardwood],
  ['plywood', plywood],
  ['mdf', fibre],
  [
    'polycarbonate',
    stock(
      'Stegplatten für Frühbeete und Gewächshäuser.',
      ['UV-Seite gezeichnet', '4 bis 10 mm', 'Kanten abgeklebt'],
      'Fest angeschraubt: in der Sonne wächst sie 3 mm je Meter, größere Löcher.'
    )
  ],
  [
    'pocket-screws',
    stock(
      'Schrauben für schräge Löcher: unter dem Kopf flach.',
      [
        '32 mm für Bretter von 19 mm, 64 mm für 38 mm',
        'Grob für Nadelholz und Platten, fein für Laubholz',
        'Vierkant oder Stern'
      ],
      'Senkkopf an ihrer Stelle: er spaltet die Tasche.'
    )
  ],
  ['screws', screws],
  [
    'brads',
    stock(
      'Dünne Nägel: halten, bis der Leim trocken ist, und Rückwände.',
      ['1,2 mm dick, 15 bis 50 mm', 'Dreimal die Dicke des dünneren Stücks', 'Draußen verzinkt'],
      'Ihnen Last anvertrauen.'
    )
  ],
  [
    'dowels',
    stock(
      'Geriffelte Stifte für Verbindungen.',
      ['6, 8, 10 mm: ein Drittel des Bretts', 'Trocken: im Leim quellen sie', '2 mm kürzer als beide Löcher'],
      'Glatter Stab ohne Rille: der Leim kann nicht heraus.'
    )
  ],
  [
    'biscuits',
    stock(
      'Plättchen aus Buche, die im Leim quellen.',
      ['Größen 0, 10, 20', 'Trocken im Glas', 'Alle 150 bis 200 mm'],
      'Feuchte gehen nicht hinein.'
    )
  ],
  [
    'edge-band',
    stock(
      'Deckt die Kanten von Platten, aufgebügelt.',
      ['2 bis 3 mm breiter als die Platte', 'Echtes Holz lässt sich schleifen und ölen', 'Etwa 180 Grad'],
      'Abschneiden, bevor er kalt ist.'
    )
  ],
  [
    'magnets',
    stock(
      'Halten Türen und Deckel zu.',
      [
        '10 bis 12 mm groß, 3 bis 5 mm dick',
        'Anzeichnen, welche Seite nach außen zeigt',
        'Ein Tropfen Zweikomponentenkleber'
      ],
      'Zwei verkehrt geklebt. Von Kindern fernhalten: verschluckt sind sie gefährlich.'
    )
  ],
  ['glue', glue],
  ['oil', finish],
  ['varnish', finish],
  ['paint', finish],
  [
    'wall-plugs',
    stock(
      'Halten Schrauben in Ziegel, Beton und Platten.',
      ['6 bis 8 mm, wie die Schraube', 'Die Sorte für deine Wand', 'Loch 10 mm tiefer als der Dübel'],
      'Ein Ziegeldübel in Gipskarton.'
    )
  ],
  [
    'bolts',
    stock(
      'Halten, was wieder zerlegt wird: Bänke, Betten.',
      ['8 bis 10 mm', 'Eine Scheibe unter Kopf und Mutter', 'Loch 0,5 mm weiter'],
      'Muttern ohne Scheiben ziehen sich ins Holz.'
    )
  ],
  [
    'slides',
    stock(
      'Lassen Schubladen laufen.',
      [
        'Die Schublade 26 mm schmaler als ihre Öffnung, bei seitlichen Paaren',
        'Tragen zu zweit 30 bis 45 kg',
        'Vollauszug zeigt die Rückwand'
      ],
      'Die Schublade machen, bevor die Auszüge gemessen sind.'
    )
  ],
  [
    'hinges',
    stock(
      'Lassen Türen und Deckel drehen.',
      [
        'Zwei bis 900 mm Höhe, darüber drei',
        'Schrauben so tief, wie der Rahmen erlaubt',
        'Ein- oder aufliegend: vor der Tür entscheiden'
      ],
      'Alle Schrauben auf einmal: zuerst an zweien probieren.'
    )
  ],
  [
    'vice-hardware',
    stock(
      'Spindel und Führung für eine hölzerne Zange.',
      ['Öffnet 200 mm oder mehr', 'Spindel von 20 bis 25 mm', 'Durchgebolzt, nicht geschraubt'],
      'Eine Backe unter 45 mm Dicke biegt sich.'
    )
  ],
  [
    'pegs',
    stock(
      'Gedrechselte Haken für Mäntel und Tassen.',
      ['Zapfen 12 bis 13 mm', '20 mm davon in der Leiste', '5 Grad nach oben gesetzt'],
      'Gerade heraus: Dinge rutschen ab.'
    )
  ]
]
