import { card, family } from '../../cards/write'

const dry = 'Nach Gebrauch trocken wischen und einen Ölfilm auf dem Stahl lassen; nach einem Sturz wieder prüfen.'

/** Messen und Anreißen. */
export const measuringCards = {
  tape: card(
    'Misst Holz und Werkstück und findet die Mitte; ein Band für ein Vorhaben, damit seine Fehler überall gleich sind.',
    [
      'Der Haken gleitet um seine eigene Dicke, etwa 1 mm, und nicht mehr',
      'Steht 1,5 m oder weiter frei, bevor es knickt',
      'Auf den Millimeter oder 1/16 Zoll gedruckt, schwarz auf hell'
    ],
    'Vom Haken messen, wo es darauf ankommt: bei der 100-mm-Marke beginnen und 100 abziehen, oder ein Lineal nehmen.',
    'Das Band von Hand einlaufen lassen; ein verbogener Haken ist ein neues Band.',
    '5 m reichen über eine ganze Platte (2440 mm) und passen noch in die Tasche.'
  ),
  ...family(
    {
      look: [
        'Geätzte Striche, keine gedruckten, auf einen halben Millimeter',
        'Kanten gerade auf 0,2 mm: gegen ein anderes ins Licht halten',
        'Matter Stahl liest sich ohne Blenden'
      ],
      mistake: 'Von der Seite ablesen: hochkant stellen, damit die Striche das Werkstück berühren.',
      care: dry
    },
    {
      'steel-rule': {
        use: 'Stellt Streichmaße, Anschläge und Tiefen ein und misst, wofür ein Maßband zu grob ist.',
        size: '300 mm reichen über die meisten Bretter; 150 mm für die Tasche.'
      },
      'folding-rule': {
        use: 'Misst in Öffnungen und steht von selbst, wo ein Band knickt.',
        look: [
          'Gelenke, die gerade einrasten und kein Spiel haben: höchstens 1 mm auf 1 m',
          'Striche auf beiden Seiten',
          'Wo es ihn hat, ein Schieber aus Messing für Innenmaße'
        ],
        mistake: 'Gegen die Gelenke falten: sie brechen.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Rechtwinklig auf 0,1 mm über 100 mm: Linie ziehen, Winkel umdrehen, noch eine; sie müssen sich decken',
        'Die Zunge bewegt sich nicht im Anschlag',
        'Ein Anschlag, lang genug, um von selbst an der Kante zu sitzen, 100 mm oder mehr'
      ],
      mistake: 'Einem neuen trauen: vor dem ersten Stück umdrehen und nach jedem Sturz.',
      care: dry
    },
    {
      'combination-square': {
        use: 'Reißt rechtwinklig und unter 45 Grad an, streicht Linien parallel zu einer Kante und stellt Blatthöhen: der meistgebrauchte Winkel.',
        size: '300 mm für Möbel; ein zweiter von 150 mm wohnt in der Tasche.',
        look: [
          'Rechtwinklig auf 0,1 mm über 100 mm, durch Umdrehen geprüft, bei 90 und 45 Grad',
          'Die Klemme hält das Lineal, ohne es zu kippen',
          'Geätzte Striche, matt; gegossener Kopf'
        ]
      },
      'try-square': 'Reißt auf Schmalem winklig an und prüft es, und bleibt genau, weil sich nichts daran bewegt.',
      'rafter-square': {
        use: 'Reißt Winkel an und ist der Anschlag, an dem eine Handkreissäge entlangläuft.',
        look: [
          'Gegossen oder gefräst, 5 mm dick oder mehr: ein gekanteter biegt sich unter der Säge',
          'Kanten rechtwinklig auf 0,3 mm über 180 mm, durch Umdrehen geprüft',
          'Ein Steg, hoch genug, 15 mm, um an der Kante zu sitzen'
        ],
        size: '180 mm führen eine Säge über Bretter bis 145 mm; die Größe 300 mm über Böden.',
        mistake: 'Beim Sägen nur am Steg halten: nach unten und an die Kante drücken, oder spannen.'
      },
      'framing-square': {
        use: 'Reißt über breite Bretter, Korpusse und Rahmen winklig an und prüft sie.',
        size: '600 mm reichen über die Tiefe der meisten Schränke.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Der Anschlag läuft 100 mm an einer Kante, ohne zu kippeln',
        'Seine Klemme hält gegen einen Druck der Hand',
        'Spitze oder Rad stehen 1 bis 2 mm vor und sind scharf'
      ],
      mistake: 'Fest drücken: drei leichte Züge machen eine Linie, ein schwerer folgt der Faser.',
      care: 'Ein Tropfen Öl auf die Stange, Wachs in den Kopf; die Spitze mit zwei Feilstrichen schärfen.'
    },
    {
      'marking-gauge': 'Reißt eine Linie parallel zu einer Kante, für Dicke, Verbindungen und Scharniere.',
      'mortise-gauge': 'Reißt beide Seiten von Schlitz und Zapfen auf einmal, in der Breite des Beitels.',
      'sliding-bevel': {
        use: 'Nimmt einen Winkel von Zeichnung oder Stück ab und reißt ihn immer wieder an.',
        look: [
          'Die Klemme hält, wenn man die Zunge am Ende drückt',
          'Eine Zunge von 200 mm für Möbel',
          'Die Klemme steht der Kante nicht im Weg'
        ],
        mistake: 'Nach einer gedruckten Skala stellen: den Winkel vom Stück oder einem Winkelmesser nehmen.'
      },
      'dovetail-marker': {
        use: 'Reißt die Schrägen von Schwalbenschwänzen an, alle gleich.',
        look: [
          'Schräge 1 zu 6 für Nadelholz, 1 zu 8 für Laubholz',
          'Auch rechtwinklig über das Ende',
          'Messing oder hartes Holz, dünn'
        ]
      }
    }
  ),
  ...family(
    {
      look: [
        'Spitzen, die sich geschlossen treffen',
        'Eine Klemme oder Reibung, die 50 Züge lang hält',
        'Schenkel, die nicht federn: bei 100 mm drücken'
      ],
      mistake: 'Mit der Spitze ein Loch bohren: Klebeband oder Karton darunter.',
      care: 'Spitzen mit dem Stein scharf und in der Lade bedeckt halten.'
    },
    {
      compass: 'Zeichnet Kreise und Rundungen bis etwa 200 mm und reißt ein Stück an eine unebene Wand an.',
      dividers: 'Schreitet gleiche Teile ohne Zahl ab: Abstände von Böden, Zinken, Latten.',
      trammel: {
        use: 'Zeichnet große Kreise und Bögen auf jeder Stange, von 200 mm bis über einen Meter.',
        size: 'Die Stange entscheidet: eine Leiste von 20 × 45 mm reicht für 1,2 m.'
      }
    }
  ),
  'straight-edge': card(
    'Sagt, ob Fläche, Anschlag oder Tisch eben sind, und führt Messer oder Säge.',
    [
      'Gerade auf 0,3 mm über 1 m: Linie ziehen, umdrehen, noch eine',
      'Steif: 40 mm hoch oder mehr',
      'Ein Loch zum Aufhängen; angelehnt biegt sie sich'
    ],
    'Eine Kreissäge an einem dünnen Lineal führen: es biegt sich, und der Schnitt wird krumm.',
    'Aufhängen; zweimal im Jahr an der eigenen Linie prüfen.',
    '1 m für eine Tischkreissäge; 2 m für Tür oder Platte.'
  ),
  'long-straight-edge': card(
    'Führt und prüft über die Länge einer Platte oder eines langen Bretts.',
    [
      'Gerade auf 0,5 mm über 2 m, durch Umdrehen geprüft',
      'Steifes Profil, 18 mm dick oder mehr',
      'Lieber aus einem Stück als verbunden'
    ],
    'Angelehnt aufbewahren: sie biegt sich für immer.',
    'Flach legen oder aufhängen.'
  ),
  calipers: card(
    'Messen Dicken, Durchmesser und Tiefen auf ein Zehntel: Bohrer, Sperrholz, Zapfen.',
    [
      'Geschlossen zeigt er null, zehnmal von zehn',
      'Backen aus Metall und ein Rad für den Daumen; 150 mm genügen',
      'Uhr oder Nonius brauchen keine Batterie'
    ],
    'Quetschen: zwei Messungen, die um mehr als 0,1 mm abweichen, heißen zu viel Druck.',
    'Backen vor dem Schließen wischen; Batterie heraus, wenn er ruht.'
  ),
  'setup-blocks': card(
    'Klötze bekannter Dicke stellen Blatt, Fräser und Anschlag, ohne eine Skala zu lesen.',
    [
      'Auf 0,05 mm wie gezeichnet, mit dem Messschieber geprüft',
      'Von 3 bis 25 mm in Stufen, die sich addieren',
      'Messing oder Alu, Kanten gebrochen'
    ],
    'Messen, was ein Klotz gerade berühren würde.',
    'In der Schachtel; ein Grat macht sie falsch.'
  ),
  'angle-gauge': card(
    'Liest den Winkel zwischen Blatt und Tisch auf ein Zehntelgrad.',
    [
      'Auf dem Tisch genullt, auf dem er steht',
      'Kehrt auf 0,1 Grad wieder',
      'Magnete, stark genug, um daran zu hängen'
    ],
    'Ablesen, ohne zuerst zu nullen.',
    'Zwischen Vorhaben die Batterie heraus.'
  ),
  'marking-knife': card(
    'Schneidet die Linie, in die Beitel oder Säge gesetzt wird: feiner als jeder Bleistift.',
    [
      'Nur auf einer Seite angeschliffen, 2 mm dick oder weniger',
      'Ebene, polierte Rückseite',
      'Ein Griff, der nicht rollt'
    ],
    'Drücken: der erste Zug ist leicht, sonst folgt das Messer der Faser.',
    'Abziehen, wenn es schleift; eine Minute auf dem Stein im Monat.'
  ),
  level: card(
    'Zeigt waagrecht und senkrecht, wo Böden und Schränke hängen.',
    ['Umgedreht zeigt sie dasselbe: auf 1 mm über 1 m', 'Gefräste Kante', 'Libellen, die sich nicht bewegen'],
    'Ihr ungedreht trauen.',
    'Einmal im Jahr durch Umdrehen prüfen.',
    '600 mm für Regale und Schränke.'
  ),
  'stud-finder': card(
    'Findet Ständer, Rohre und Kabel hinter einer Wand, bevor gebohrt wird.',
    ['Warnt auch vor Strom', 'Zeigt beide Kanten eines Ständers, etwa 50 mm auseinander', 'Nullt sich an der Wand'],
    'Bohren, wo es einmal piepste: von beiden Seiten über die Wand gehen.',
    'Vor jedem Auftrag eine neue Batterie.'
  ),
  'moisture-meter': card(
    'Sagt, ob Holz trocken genug ist: 8 bis 12 von 100 drinnen, unter 18 draußen.',
    [
      'Spitzen von 5 mm oder mehr',
      'Skalen für Nadel- und Laubholz',
      'Ein billiger sagt trocken oder nass, nicht 9 oder 11'
    ],
    'Die Haut messen: das Ende abschneiden und die frische Fläche messen.',
    'Spitzen sauber halten; Batterie heraus.'
  ),
  scales: card(
    'Wiegt Leim, Lack und Zweikomponentiges ab.',
    ['Liest 1 g bis 3 kg oder mehr', 'Nulltaste für den Becher', 'Flach und abwischbar'],
    'Nach Augenmaß mischen: Zweikomponentenkleber, um ein Zehntel daneben, bleibt weich.',
    'Mit Folie abdecken.'
  ),
  'flexible-curve': card(
    'Hält eine glatte Kurve, während man daran zeichnet.',
    ['600 mm oder länger', 'Keine Knicke nach dem Biegen', 'Eine flache Kante, die auf dem Brett sitzt'],
    'Enger als eine Hand biegen, etwa 80 mm: es knickt.',
    'Gerade hinlegen.'
  ),
  'profile-gauge': card(
    'Nimmt die Form einer Leiste oder einer unebenen Wand ab, um sie zu schneiden.',
    ['250 mm breit mit Zähnen von 1 mm', 'Sie klemmt', 'Nadeln, die gleichmäßig gleiten'],
    'Schief hineindrücken: rechtwinklig zur Fläche halten.',
    'Staub ausbürsten; ein wenig trocken schmieren.'
  ),
  'chalk-line': card(
    'Schlägt eine gerade Linie über eine Platte oder ein Brett mit Baumkante.',
    ['Eine Schnur von 10 m und mehr, 1 mm dünn', 'Rollt schnell ein', 'Auswaschbare Kreide, blau'],
    'Seitlich schnellen lassen: rechtwinklig zur Fläche abheben.',
    'Trocken halten; nachfüllen, wenn die Linie blass wird.'
  )
}
