import { card, family } from '../../cards/write'

const edgeCare =
  'Alle Viertelstunde abziehen, auf den Stein, wenn das nicht mehr hilft; in der Lade ein Schutz auf der Schneide.'

/** Beitel, Messer, Feilen, Schlagendes, Schärfen. */
export const edgeCards = {
  ...family(
    {
      look: [
        'Eine ebene Spiegelseite: es zählen die 20 mm hinter der Schneide',
        'Fasen unter 1 mm an den Seiten reichen in Zinken',
        'Stahl, der bei 25 bis 30 Grad eine Schneide annimmt und sie eine halbe Stunde hält'
      ],
      mistake:
        'Immer beide Hände hinter der Schneide: ein Beitel in einer Hand, das Stück in der anderen, das rutscht.',
      care: edgeCare
    },
    {
      chisels: {
        use: 'Stechen, stemmen und putzen Verbindungen aus: mit dem Klüpfel quer, von Hand längs zur Faser.',
        size: 'Drei tun die meiste Arbeit: 6 bis 10 mm, etwa 20 mm, etwa 35 mm.'
      },
      'pull-chisels': {
        use: 'Dasselbe mit hartem Stahl auf weichem Eisen und einem Ring für den Hammer.',
        look: [
          'Hohle Spiegelseite und harte Schneide, bei 30 Grad',
          'Ringe vor dem ersten Schlag 1 bis 2 mm heruntergesetzt',
          'Aufgelegter Stahl als Linie auf der Fase sichtbar'
        ],
        size: '3, 24 und 36 mm für schmale Verbindungen, das meiste, und zum Stechen.'
      },
      'mortise-chisel': {
        use: 'Stemmt tiefe, schmale Schlitze: dick genug, um den Abfall herauszuhebeln.',
        size: '8 mm sind ein Drittel eines Rahmens von 24 mm: die übliche Regel für einen Zapfen.'
      },
      gouges: {
        use: 'Schnitzen Mulden, Schalen, Schrift und Relief.',
        look: [
          'Ein paar Stiche von 6 bis 20 mm statt eines Satzes von zwölf',
          'Innen und außen poliert',
          'Fertig geschärft kosten sie mehr und sparen einen Tag'
        ],
        mistake: 'Mit stumpfen Eisen schnitzen: die rutschen, scharfe schneiden.'
      },
      'turning-tools': {
        use: 'Schneiden Holz, das sich dreht: Schruppröhre, Formröhre, Meißel, Abstecher.',
        look: [
          'Schnellarbeitsstahl, Griff von 200 mm oder länger',
          'Vier Eisen sind ein Anfang',
          'Fertig geschliffen auf 40 bis 45 Grad'
        ],
        mistake: 'Die Schneide vor der Fase aufsetzen: zuerst die Fase, dann den Griff heben.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Eine Klinge von 60 bis 80 mm',
        'Lagen- oder Kohlenstoffstahl, eben geschliffen ohne zweite Fase',
        'Ein Griff, der die Hand füllt'
      ],
      mistake: 'Ohne Schutz gegen den Daumen schneiden: die Daumen aneinander abstützen.',
      care: edgeCare
    },
    {
      'carving-knife': 'Schnitzt Löffel und Figuren aus frischem oder weichem Holz.',
      'hook-knife': {
        use: 'Höhlt Löffel und Becher aus.',
        look: ['Ein Bogen von 25 bis 40 mm', 'Außen geschärft', 'Für rechts oder links: sag, welches']
      },
      'utility-knife': {
        use: 'Schneidet Furnier, Karton, Band und Schaum und ritzt Platten vor dem Sägen.',
        look: [
          'Eine Klinge, die nicht zurückgleiten kann',
          'Ersatzklingen im Griff',
          'Gewöhnliche Klingen von 0,6 mm: 10 kosten wenig'
        ],
        mistake: 'Mit stumpfer Klinge schneiden: abbrechen oder wechseln, Klingen sind billig.',
        care: 'Nach jeder Stunde Schneiden etwa eine neue Klinge.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Rückwärts befühlt scharf',
        'Ein Griff gehört dazu: eine blanke Angel ist gefährlich',
        'Grob für die Form, fein zum Glätten: 250 mm und 200 mm'
      ],
      mistake: 'Hin und her sägen: sie schneiden nur vorwärts und setzen sich beim Zurückziehen zu.',
      care: 'Ausbürsten; nie aufeinanderlegen.'
    },
    {
      rasp: 'Formt Rundungen und Griffe in Holz, schnell und mit Gefühl.',
      files: 'Schärfen Ziehklingen und Sägen, entgraten Metall und glätten, was die Raspel gelassen hat.'
    }
  ),
  awl: card(
    'Markiert und beginnt Löcher, damit Bohrer und Schraube anfangen, wo sie sollen.',
    ['Eine Spitze von 3 mm, vierkant oder rund', 'Ein Griff für den Handballen', '80 mm Stahl, nicht mehr'],
    'Ohne beginnen: der Bohrer wandert 1 bis 2 mm.',
    'Dann und wann ein Strich auf dem Stein.'
  ),
  'putty-knife': card(
    'Drückt Spachtelmasse in Löcher und kratzt Leim ab, bevor er hart ist.',
    ['Federnder Stahl', '40 bis 60 mm breit', 'Runde Ecken kratzen nicht'],
    'Masse 2 mm überstehen lassen: bündig abgezogen gibt es weniger zu schleifen.',
    'Sofort abwischen.'
  ),
  ...family(
    {
      look: [
        'Ein Kopf, der fest auf dem Stiel sitzt',
        'Flächen rechtwinklig zum Schlag',
        'So schwer, wie du 10 Minuten schwingen kannst'
      ],
      mistake: 'Kurz fassen: aus dem Ellbogen schwingen und auf die Schneide schauen, nicht auf den Griff.',
      care: 'Einen losen Keil vor dem nächsten Schlag festmachen.'
    },
    {
      mallet: {
        use: 'Treibt Stechbeitel und klopft Verbindungen zusammen, ohne sie zu drücken.',
        size: 'Etwa 500 g für Beitel.'
      },
      'dead-blow': {
        use: 'Klopft Korpusse ohne Rückprall und Dellen zusammen.',
        size: 'Etwa 700 g mit weicher Fläche.'
      },
      hammer: { use: 'Schlägt Nägel und Stifte ein.', size: '300 bis 450 g für Möbel.' },
      'plane-hammer': {
        use: 'Stellt hölzerne Hobel und japanische Beitel: Messing, weiche Flächen.',
        size: '200 bis 300 g.'
      }
    }
  ),
  ...family(
    {
      look: ['Backen, die ohne Lichtspalt schließen', 'Gelenk ohne Spiel', '180 bis 250 mm lang'],
      mistake: 'Am blanken Holz hebeln: Karton oder Sperrholz unterlegen.',
      care: 'Zweimal im Jahr ein Tropfen Öl ins Gelenk.'
    },
    {
      'nail-set': {
        use: 'Versenkt die Köpfe von Nägeln und Stiften unter die Fläche.',
        look: ['Hohle Spitze von 1, 2 oder 3 mm, passend zum Nagel', 'Gehärtet', 'Gerändelt zum Halten'],
        mistake: 'Einen Nagel mit dem Hammer versenken: das Holz ringsum wird gedrückt.'
      },
      pincers: 'Ziehen Nägel und halten, was Finger nicht können.',
      wrench: {
        use: 'Zieht Muttern und Bolzen aller Größen an, an Bänken und Maschinen.',
        look: ['Öffnet 25 mm oder mehr', 'Backen beim Anziehen parallel', 'Kein Spiel in der Schraube']
      },
      'staple-gun': {
        use: 'Befestigt Rückwände, Gurte und Stoff.',
        look: ['Nimmt Klammern von 6 bis 14 mm', 'Leicht genug für eine Hand', 'Eine Sperre'],
        mistake: 'Klammern, wo Kraft gefragt ist: sie halten Rückwände, keine Böden.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Zwei Körnungen sind ein Anfang: etwa 1000 zum Schneiden, 4000 bis 8000 zum Polieren',
        '50 mm breit oder mehr für ein Hobeleisen',
        'Er muss selbst abgerichtet werden: frag, womit'
      ],
      mistake: 'Zu selten schärfen: oft zwei Minuten, nicht eine Stunde, wenn nichts mehr schneidet.',
      care: 'Abrichten, wenn unter einem Lineal Licht zu sehen ist; Wassersteine vor Frost schützen.'
    },
    {
      'sharpening-stone': 'Bringt eine Schneide zum Glänzen: jede braucht ihn in ihrer ersten Stunde.',
      'diamond-plates': {
        use: 'Schärfen schnell, bleiben eben und richten andere Steine ab.',
        look: [
          'Körnung 300 und 1000 auf zwei Seiten sind ein Anfang',
          'Eine Stahlplatte, eben auf 0,05 mm',
          'Neue fühlen sich eine Woche zu grob an'
        ]
      }
    }
  ),
  'honing-guide': card(
    'Hält ein Eisen in einem Winkel am Stein, damit auch beim ersten Mal eine Schneide wird.',
    [
      'Nimmt Eisen von 5 bis 70 mm',
      'Das Eisen bleibt beim Festziehen rechtwinklig',
      'Gestellt danach, wie weit das Eisen vorsteht: 38 mm sind bei vielen etwa 30 Grad'
    ],
    'Ohne Anschlag für den Überstand schärfen: der Winkel ist jedes Mal anders.',
    'Rolle putzen und Achse ölen.'
  ),
  strop: card(
    'Poliert eine Schneide in zehn Zügen, zwischen zwei Gängen zum Stein.',
    ['Leder oder hartes Holz, eben', '50 mm × 250 mm', 'Paste von etwa einem halben Mikrometer'],
    'Schneide voran schieben: rückwärts ziehen, sonst schneidet sie das Leder.',
    'Abkratzen, wenn es schwarz ist, neue Paste.'
  ),
  burnisher: card(
    'Zieht den Grat einer Ziehklinge an.',
    ['Härter als die Klinge: 8 mm polierter Stab', 'Rund oder dreikantig', 'Ein Griff, der Druck aushält'],
    'Zu weit kippen: 5 bis 10 Grad genügen.',
    'Ein Tropfen Öl, glatt halten.'
  ),
  ...family(
    {
      look: [
        'Scheiben, die ohne Schlag laufen, unter 0,5 mm',
        'Eine Auflage, die fest steht, bis auf 3 mm an der Scheibe',
        'Halbe Drehzahl oder Wasser: Schneiden bleiben kühl'
      ],
      mistake: 'Den Stahl blau werden lassen: zwei Sekunden berühren, kühlen, wieder berühren.',
      care: 'Die Scheibe abziehen, wenn sie glänzt; vor dem Aufsetzen auf Risse klopfen.'
    },
    {
      'bench-grinder': {
        use: 'Schleift schartige Schneiden und Drechseleisen wieder in Form.',
        size: '150 mm; die Größe 200 mm schleift flacher.'
      },
      'water-grinder':
        'Schleift langsam in Wasser: sie kann keine Schneide verbrennen und wird durch Führungen gestellt.',
      'wheel-dresser': {
        use: 'Macht eine Schleifscheibe wieder rund und griffig.',
        look: ['Diamant oder Sternräder', 'So breit wie die Scheibe, 20 mm', 'Auf der Auflage geführt'],
        mistake: 'Abziehen ohne Schutz für Lunge und Augen.'
      }
    }
  )
}
