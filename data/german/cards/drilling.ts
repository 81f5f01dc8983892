import { card, family } from '../../cards/write'

const bitCare =
  'Trocken zurück in die Schachtel; ein Bohrer, der quietscht oder raucht, ist stumpf: schärfen oder wechseln.'

/** Bohren und Schrauben. */
export const drillingCards = {
  ...family(
    {
      look: [
        'Ein Futter, das rund läuft: höchstens 0,5 mm Schlag an der Spitze eines 6-mm-Bohrers',
        'Zwei Gänge und Drehmoment; 12 V genügen für Möbel, 18 V für Bänke und Pfosten',
        'Zwei Akkus mit 2 Ah oder mehr und ein Ladegerät im Set'
      ],
      mistake:
        'Nicht vorbohren nahe am Ende: das Brett reißt. Mit einem Bohrer von zwei Dritteln der Schraubendicke vorbohren.',
      care: 'Akkus halb voll an einem trockenen Ort; das Futter geöffnet und ausgeblasen.'
    },
    {
      'drill-driver': {
        use: 'Bohrt Löcher und dreht Schrauben: für die meisten die erste Maschine und die meistgebrauchte.',
        size: 'Ein Futter mit 10 oder 13 mm; die leichtere nimmt man öfter in die Hand.'
      },
      'hammer-drill': {
        use: 'Dasselbe, und bohrt Ziegel und Beton für das, was an der Wand hängt.',
        mistake: 'Schlag an beim Bohren in Holz: er zerreißt das Loch.'
      },
      'impact-driver': {
        use: 'Dreht lange Schrauben und Bolzen mit Schlägen, ohne das Handgelenk zu verdrehen.',
        look: [
          'Schnellfutter mit 6,35 mm Sechskant',
          'Drei Kraftstufen oder mehr',
          'Ohne Akku, wo die des Bohrschraubers passen'
        ],
        mistake: 'Feine Schrauben nahe der Kante: er treibt sie durch. Laut ist er auch: etwa 100 dB.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Dreht ohne Spiel und ohne Mahlen',
        'Ein Futter, das einen 2-mm-Bohrer mittig fasst',
        'Kurbel und Kopf aus Holz oder Metall'
      ],
      mistake: 'Kippen: ein Loch wandert mit jedem Wackeln um 1 Grad; lass jemanden von der Seite schauen.',
      care: 'Jeden Monat ein Tropfen Öl an Getriebe und Kopf.'
    },
    {
      'hand-drill': {
        use: 'Bohrt kleine Löcher, bis 6 oder 8 mm, lautlos und mit Gefühl.',
        size: 'Nimmt Bohrer bis 8 mm.'
      },
      brace: {
        use: 'Bohrt weite, tiefe Löcher von Hand, mit Schlangenbohrern.',
        size: 'Ein Schwung von 250 mm; Backen für Vierkant und Sechskant.'
      }
    }
  ),
  screwdrivers: card(
    'Drehen und lösen Schrauben von Hand, wo eine Maschine sie vermurksen würde.',
    [
      'Spitzen, die den Schlitz ohne Spiel füllen',
      'Kreuz in zwei Größen, Stern 20 und 25, Schlitz 4 und 6 mm',
      'Griffe, die in der Hand liegen'
    ],
    'Die falsche Spitze: sie steigt heraus und ruiniert die Schraube.',
    'Eine abgenutzte Spitze ist ein neuer Schraubendreher.'
  ),
  ...family(
    {
      look: [
        'Scharfe Vorschneider, die vor der Mitte schneiden',
        'Schaft mit 6,35 mm Sechskant oder rund, passend zum Futter',
        'Ein paar Größen, die du brauchst, nicht zwanzig, die du nicht brauchst'
      ],
      mistake:
        'Von einer Seite durchbohren: es reißt aus; an der Spitze aufhören, umdrehen, oder ein Stück unterlegen.',
      care: bitCare
    },
    {
      'drill-bits': {
        use: 'Bohren für Schrauben, Dübel und Bolzen: solche mit Zentrierspitze beginnen, wo man sie ansetzt.',
        size: '3, 4, 5, 6, 8 und 10 mm tun fast alles.',
        look: ['Zentrierspitze für Holz', '3 bis 10 mm in einer Schachtel', 'Gerade, wenn man sie auf Glas rollt']
      },
      'flat-bits': { use: 'Bohren weite Löcher schnell und grob.', size: '16 bis 32 mm.' },
      'forstner-bits': {
        use: 'Bohren saubere Löcher mit flachem Grund, auch halb über eine Kante: Scharniere, Magnete, Mulden.',
        size: '15, 20, 25 und 35 mm (das übliche Topfband hat 35 mm).',
        mistake: 'Schnell laufen lassen: über 25 mm unter 800 Umdrehungen in der Minute, sonst brennt es.'
      },
      'auger-bits': {
        use: 'Bohren tiefe Löcher gerade, von ihrer eigenen Schraube gezogen.',
        size: '10, 16 und 25 mm.'
      },
      'hole-saws': {
        use: 'Sägen weite Löcher für Kabel und Vögel, bis 68 mm und mehr.',
        size: '32, 45 und 68 mm.'
      },
      'masonry-bits': {
        use: 'Bohren Ziegel und Beton für Wanddübel.',
        size: '6 und 8 mm.',
        look: ['Hartmetallspitze', '6 und 8 mm', 'Lang genug: Dübel plus 10 mm']
      },
      'self-centring-bits': {
        use: 'Bohren genau in der Mitte eines Scharnierlochs vor.',
        size: 'Für Schrauben von 3, 4 und 5 mm.'
      },
      'plug-cutter': {
        use: 'Schneidet Zapfen aus demselben Brett, die Schrauben decken.',
        size: '8 und 10 mm; konische schließen ohne Fuge.'
      },
      countersink: {
        use: 'Lässt den Kopf einer Schraube bündig mit der Fläche sitzen.',
        look: [
          'Drei oder fünf Schneiden, oder eine mit schrägem Loch',
          '82 oder 90 Grad, wie deine Schrauben',
          'Für Köpfe bis 12 mm'
        ],
        mistake: 'Schnell und leicht rattert: langsam, mit Druck.'
      },
      'countersink-stop': {
        use: 'Bohrt, senkt und stoppt in einer Tiefe, damit fünfzig Schrauben gleich sitzen.',
        look: [
          'Ein Anschlag, der frei dreht und nichts zeichnet',
          'Bohrer wechselbar: 3 bis 5 mm',
          'Mit einem 3-mm-Sechskant zu stellen'
        ]
      }
    }
  ),
  ...family(
    {
      look: [
        'Mit Größe und Antrieb gezeichnet',
        'Spitzen aus zähem Stahl',
        '10 von der Sorte, die du brauchst, kosten weniger als ein gemischter Kasten'
      ],
      mistake: 'Mit rund gewordener Spitze weitermachen: das ruiniert die Schrauben.',
      care: 'Abgenutzte wegwerfen.'
    },
    {
      'driver-bits': {
        use: 'Drehen Schrauben: die Spitze für jeden Antrieb.',
        size: 'Stern 20 und 25, Kreuz 2, 25 und 50 mm lang.'
      },
      'impact-bits': {
        use: 'Dasselbe mit einem Hals, der nachgibt, für die Schläge eines Schlagschraubers.',
        size: 'Stern 20, 25 und 30, 50 mm lang.'
      },
      'hex-holder': {
        use: 'Hält Bits mit einem Magneten und wechselt Bit und Bohrer in einer Sekunde.',
        look: ['6,35 mm Sechskant', 'Sperrt auch, nicht nur Magnet', '60 mm lang, um heranzukommen']
      }
    }
  ),
  'dowel-centres': card(
    'Zeigen, wo das zweite Loch einer Dübelverbindung sein muss.',
    ['6, 8 und 10 mm', 'Eine scharfe Spitze genau in der Mitte', 'Sitzen ohne Spiel'],
    'Die Stücke schief zusammendrücken: eines an einen Anschlag spannen.',
    'Bei den Bohrern aufbewahren.'
  ),
  'pin-jig': card(
    'Bohrt Lochreihen für Bodenträger, alle in einem Abstand.',
    ['32 mm Abstand, Löcher von 5 oder 6 mm', 'Ein Stift, um vom letzten Loch weiterzugehen', 'Gehärtete Buchsen'],
    'Ein Ende oben, eines unten: zuerst an jeder Seite oben anzeichnen.',
    'Die Löcher ausblasen.'
  ),
  'sanding-drum': card(
    'Schleift Innenrundungen in der Bohrmaschine oder Tischbohrmaschine.',
    ['25 bis 50 mm Durchmesser', 'Hülsen in Körnung 80 und 120 zu haben', 'Läuft bei 1500 Umdrehungen rund'],
    'Stehen bleiben: in einer Sekunde ist eine Mulde da.',
    'Ein Reinigungsgummi säubert die Hülse.'
  )
}
