import { card, family } from '../../cards/write'

const alignCare =
  'Jeden Monat und nach jedem Umstellen mit dem Winkel prüfen; Tische wachsen, Spindeln trocken schmieren, Späne heraus.'

/** Maschinen, die stehen. Die Anleitung der Maschine geht vor. */
export const machineCards = {
  ...family(
    {
      look: [
        'Rasten bei 90 und 45, die klicken und halten: den Arm seitlich drücken, kein Spiel',
        'Schneidet nach dem Einstellen auf 150 mm rechtwinklig auf 0,2 mm',
        'Ein Blatt mit 40 Zähnen oder mehr: das mitgelieferte ist für Bauholz'
      ],
      mistake: 'Ein kurzes oder krummes Stück von Hand halten: spannen, die Wölbung zum Anschlag, Hände 150 mm weg.',
      care: alignCare
    },
    {
      'mitre-saw': {
        use: 'Längt Bretter ab, rechtwinklig oder schräg, mit Stopp alle gleich.',
        size: '254 mm auf Schienen nehmen Bretter bis 300 mm.'
      },
      'mitre-saw-small': {
        use: 'Dasselbe für schmale Bretter; leicht genug zum Wegräumen.',
        size: '210 mm nehmen Bretter bis 120 mm.'
      },
      'mitre-saw-large': {
        use: 'Dasselbe für breite und dicke Bretter.',
        size: '305 mm nehmen 340 × 110 mm; sie ist schwer und will ein Gestell.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Der Anschlag klemmt auf 0,1 mm parallel zum Blatt, jedes Mal',
        'Spaltkeil und Haube sind da und passen',
        'Tisch eben auf 0,2 mm; Gehrungsnut in gängiger Größe'
      ],
      mistake:
        'Freihand, oder ein Stück zwischen Anschlag und Blatt geklemmt: es kommt schneller zurück, als sich jemand bewegt. Anschlag oder Schlitten, nie beides; seitlich stehen.',
      care: alignCare
    },
    {
      'table-saw': {
        use: 'Schneidet Bretter auf Breite und wiederholt Schnitte am Anschlag; mit Schlitten macht sie die halbe Verbindungsarbeit.',
        size: '216 mm schneiden 65 mm tief und 620 mm breit: eine halbe Platte. Ein Pfosten braucht zwei Gänge.'
      },
      'cabinet-saw': {
        use: 'Dasselbe, schwer und ruhig, für dickes Laubholz und lange Tage.',
        size: '254 mm, 80 mm tief; frag zuerst nach ihrem Stromkreis.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Führungen bis auf 0,1 mm am Blatt, und es läuft in der Mitte der Bandage',
        'Ein Rahmen, der beim Spannen nicht nachgibt',
        'Tisch rechtwinklig zum Blatt, und zu neigen'
      ],
      mistake:
        'Dem Verlaufen die Schuld geben: ein neues, scharfes, gespanntes Blatt schneidet gerade; stell den Anschlag danach, wie es läuft.',
      care: 'Das Blatt zwischen Vorhaben entspannen; nach Jahren neue Bandagen; Späne vom unteren Rad.'
    },
    {
      'band-saw': {
        use: 'Schneidet Kurven, trennt dickes Holz sicher und sägt Bretter zu dünneren auf.',
        size: '300 mm vom Blatt zum Rahmen, 160 mm unter der Führung.'
      },
      'band-saw-small': {
        use: 'Dasselbe auf der Bank, für kleine Kurven.',
        size: '200 mm vom Blatt zum Rahmen, 80 mm hoch: kein Auftrennen breiter Bretter.'
      }
    }
  ),
  'scroll-saw': card(
    'Schneidet feine Kurven und Laubsägearbeit in dünnem Holz.',
    [
      'Rüttelt wenig bei 1000 Hüben in der Minute',
      'Blätter ohne Schlüssel und ohne Stift gespannt',
      '400 mm vom Blatt zum Rahmen'
    ],
    'Schnell schieben: das Blatt biegt sich, und die Kante wird schief.',
    'Oft neue Blätter: sie halten etwa eine halbe Stunde.'
  ),
  ...family(
    {
      look: [
        'Hobelschlag am Ende unter 0,2 mm: die ersten und letzten 60 mm eines Probebretts',
        'Messer, die ohne Einstellen gewechselt werden',
        'Ein Stutzen von 60 bis 100 mm: er füllt einen Sauger in Minuten'
      ],
      mistake: 'Kurze oder dünne Bretter: nicht unter 300 mm Länge oder 6 mm Dicke ohne Träger.',
      care: 'Messer wenden oder wechseln, wenn der Glanz weg ist; Tische wachsen; Walzen abwischen.'
    },
    {
      thicknesser: {
        use: 'Macht ein Brett überall gleich dick, parallel zu einer schon ebenen Fläche.',
        size: '310 mm nehmen die meisten Bretter; die Breite ist, woraus man herauswächst.'
      },
      jointer: {
        use: 'Macht eine Fläche eben und eine Kante winklig dazu: wo gerades Holz beginnt.',
        size: '150 mm für Kanten und schmale Bretter; Tische von 1,2 m richten Bretter bis 2 m.',
        mistake: 'Mit der Hand über den Messern schieben: Schiebeholz, und 1 mm je Gang.'
      },
      'combined-planer': {
        use: 'Tut beides: oben eine ebene Fläche, unten die Dicke.',
        size: '250 mm breit, Tische von 1 m; eine halbe Stunde am Tag geht ins Umrüsten.'
      },
      'drum-sander': {
        use: 'Schleift breite, schwierige Bretter ohne Ausrisse auf Dicke.',
        size: '400 mm; 200 mm einseitig offen nehmen in zwei Gängen das Doppelte.',
        look: [
          'Walze auf 0,1 mm parallel zum Tisch',
          'Langsamer Vorschub, etwa 1 m in der Minute',
          'Braucht eine echte Absaugung'
        ]
      }
    }
  ),
  ...family(
    {
      look: [
        'Spindel ohne Spiel: das Futter seitlich drücken, unter 0,1 mm',
        'Tisch rechtwinklig zum Bohrer, und er klemmt',
        'Langsam genug, 500 oder weniger, für weite Bohrer'
      ],
      mistake: 'Kleines von Hand halten: der Bohrer reißt es herum. Zwinge, Schraubstock oder Anschlag.',
      care: 'Futter putzen und ölen; den Riemen jedes Jahr ansehen.'
    },
    {
      'drill-press': {
        use: 'Bohrt rechtwinklig zur Fläche, in einer Tiefe, immer wieder.',
        size: '100 mm vom Bohrer zur Säule; eine gebrauchte ist oft ein guter Kauf.'
      },
      'drill-press-floor': { use: 'Dasselbe für Breites und Langes.', size: '170 mm vom Bohrer zur Säule.' },
      mortiser: {
        use: 'Bohrt eckige Löcher mit einem Bohrer in einem Hohlmeißel.',
        size: 'Meißel von 6 bis 12 mm; 75 mm tief.',
        mistake: 'Bohrer am Meißel: 1 bis 2 mm Luft dazwischen, sonst laufen beide blau an.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Tisch auf 0,2 mm rechtwinklig zu Teller oder Walze',
        'Ein Stutzen für deinen Schlauch',
        'Scheiben oder Hülsen in gängiger Größe'
      ],
      mistake: 'Die falsche Hälfte eines Tellers: nur wo er auf den Tisch hinunterläuft.',
      care: 'Reinigungsgummi für das Schleifmittel; Staub aus dem Motor.'
    },
    {
      'disc-sander': { use: 'Richtet Enden und Außenrundungen bis zum Riss.', size: '250 oder 300 mm.' },
      'spindle-sander': {
        use: 'Schleift Innenrundungen rechtwinklig zur Fläche.',
        size: 'Hülsen von 13 bis 75 mm.'
      }
    }
  ),
  lathe: card(
    'Dreht Holz rund: Beine, Schalen, Griffe.',
    [
      'Spitzen treffen sich: Mitte zu Mitte auf 0,5 mm',
      'Drehzahl ab 300 oder weniger',
      'Gängiger Konus und gängiges Gewinde, damit Futter passen'
    ],
    'Schnell anfangen oder mit ferner Auflage: zuerst von Hand drehen, Auflage bis auf 5 mm, Gesichtsschild herunter.',
    'Bett abgewischt und geölt; auf Riemen und Lager hören.',
    '450 mm zwischen den Spitzen, 300 mm über dem Bett: Hocker und Schalen.'
  )
}
