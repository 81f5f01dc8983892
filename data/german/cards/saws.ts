import { card, family } from '../../cards/write'

const teethCare =
  'Aufhängen oder in eine Scheide; Harz abwischen; eine gehärtete ist verbraucht, wenn sie zur Seite zieht, eine andere wird geschärft.'

/** Handsägen. */
export const sawCards = {
  ...family(
    {
      look: [
        'Ein Ersatzblatt ist zu haben: es kostet etwa die halbe Säge',
        'Grobe Zähne, 2 mm auseinander, längs; feine, 1 bis 1,5 mm, quer',
        'Das Blatt ist nach Augenmaß gerade und federt zurück'
      ],
      mistake: 'Stoßen: sie schneidet auf Zug, fast ohne Druck, und verbiegt sich, wenn man sie zwingt.',
      care: teethCare
    },
    {
      'pull-saw': {
        use: 'Schneidet längs und quer auf Zug, dünn und sauber, mit je einer Kante.',
        size: '240 mm für Möbel und Böden; längere Blätter wollen einen längeren Arm.'
      },
      'pull-back-saw':
        'Schneidet Verbindungen auf Zug: ein steifer Rücken hält das dünne Blatt gerade, bis 50 mm tief.',
      'flush-saw': {
        use: 'Schneidet Zapfen und Dübel bündig mit der Fläche ab, ohne sie zu zerkratzen.',
        look: [
          'Zähne wenigstens auf einer Seite ungeschränkt',
          'Ein Blatt von 0,3 bis 0,5 mm, das sich flach biegt',
          'Ein Ersatzblatt ist zu haben'
        ],
        mistake: 'In einem Zug schneiden: halb von jeder Seite lässt keinen Splitter.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Ein Griff für drei oder vier Finger, fest verschraubt',
        'An den Zähnen nach Augenmaß gerade',
        'Zähne, die an der Spitze glänzen, sind stumpf: eine gebrauchte braucht etwa 1 Stunde Schärfen, oder einen Betrieb'
      ],
      mistake: 'Mit einem Stoß beginnen: zuerst zwei-, dreimal am Riss leicht zurückziehen.',
      care: teethCare
    },
    {
      'panel-saw': {
        use: 'Schneidet Bretter und Platten von Hand auf Maß, quer und (langsam) längs.',
        size: '500 mm mit 7 bis 9 Zähnen je Zoll fürs Allgemeine.'
      },
      'rip-saw': {
        use: 'Schneidet längs zur Faser: wenige, große Zähne wie eine Reihe von Beiteln.',
        size: '650 mm mit 4 bis 6 Zähnen je Zoll; kürzere ermüden den Arm.'
      },
      'back-saw': {
        use: 'Schneidet Zapfen und Brüstungen: ein schwerer Rücken hält sie gerade.',
        size: '300 mm und 75 mm tief für die meisten Möbelverbindungen.'
      },
      'dovetail-saw': {
        use: 'Schneidet feine Verbindungen wie Schwalbenschwänze, mit wenig Schrank und feinen Zähnen.',
        size: '200 mm mit 15 Zähnen je Zoll oder feiner.'
      },
      'keyhole-saw': {
        use: 'Beginnt in einem Bohrloch und schneidet Innenformen in Platten.',
        look: ['Ein steifes Blatt, 1,2 mm oder mehr', 'An der Spitze schmal, 10 mm', 'Ein fester Griff'],
        mistake: 'Eine saubere Linie erwarten: 2 mm daneben bleiben, mit Raspel und Papier fertig machen.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Ein Bügel, der das Blatt spannt: angezupft klingt es',
        'Blätter gängiger Länge (165, 125 oder 300 mm), damit Ersatz wenig kostet',
        'Das Blatt lässt sich nach allen Seiten drehen'
      ],
      mistake: 'Mit Kraft lenken: das Blatt schneiden lassen, den Bügel drehen, nicht das Handgelenk.',
      care: 'Nach der Arbeit entspannen; Blätter brechen, halte zehn bereit.'
    },
    {
      'coping-saw': {
        use: 'Schneidet Kurven und den Abfall zwischen Zinken; für Innenformen geht das Blatt durch ein Bohrloch.',
        size: '120 mm vom Blatt zum Bügel entscheiden, wie weit vom Rand sie reicht.'
      },
      'fret-saw': 'Schneidet feine Kurven in dünnem Holz, bis etwa 12 mm, tief in eine Platte hinein.',
      'turning-saw': 'Schneidet Kurven in dickem Holz, mit beiden Händen an einem gespannten Gestell.',
      'resaw-frame': {
        use: 'Sägt ein Brett von Hand zu dünneren auf: eine Stunde ehrlicher Arbeit für ein breites.',
        mistake: 'Nur von einer Kante sägen: alle 20 mm wenden, und der Schnitt bleibt gerade.'
      },
      hacksaw: {
        use: 'Schneidet Metall: Bolzen, Stangen, Rohre für Zwingen.',
        look: ['Gespanntes Blatt, 300 mm', '24 Zähne je Zoll für Stahl, 18 für Alu', 'Ein Griff, frei vom Werkstück'],
        mistake: 'Holz damit sägen.'
      }
    }
  ),
  'mitre-box': card(
    'Führt eine Säge unter 90 und 45 Grad, damit Schmales ohne Maschine genau geschnitten wird.',
    [
      'Schlitze, die zur Säge passen: 1 mm Spiel ist ein schiefer Schnitt',
      'Nimmt die Breite, die du brauchst: 120 mm für Bretter, weniger für Leisten',
      'Lässt sich festschrauben oder spannen'
    ],
    'Das Stück nur mit der Hand halten: spannen, sonst wandert es.',
    'Ein ausgeleierter Schlitz ist eine neue Lade; die aus Metall werden einmal im Jahr gestellt.'
  )
}
