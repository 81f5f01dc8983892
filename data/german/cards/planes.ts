import { family } from '../../cards/write'

const planeCare =
  'Auf die Seite oder eine Leiste legen; ein Tropfen Öl auf die Sohle; schärfen, wenn aus Spänen Staub wird.'

/** Hobel und was schabt. */
export const planeCards = {
  ...family(
    {
      look: [
        'Eine Sohle, eben, wo es zählt: vorn, am Maul und hinten, auf 0,1 mm',
        'Eisen und Klappe schließen ohne Lichtspalt',
        'Eine Stunde Abrichten und Schärfen geht in die meisten neuen, zwei in gebrauchte'
      ],
      mistake: 'Tief einstellen: ganz ohne Span beginnen und tiefer gehen, bis er gerade einen nimmt.',
      care: planeCare
    },
    {
      'jack-plane': {
        use: 'Tut das meiste: nimmt Bretter herunter, richtet Kanten und glättet, fein gestellt.',
        size: 'Etwa 360 mm lang mit einem Eisen von 50 mm: der eine Hobel für den Anfang.'
      },
      'smoothing-plane': {
        use: 'Nimmt die letzten dünnen Späne, damit eine Fläche kein Schleifen braucht.',
        size: 'Etwa 240 mm lang mit einem Eisen von 50 mm.'
      },
      'jointer-plane': {
        use: 'Macht lange Kanten gerade zum Verleimen: seine Länge überbrückt die Mulden.',
        size: '600 mm fügen Bretter bis etwa 1,2 m.'
      },
      'scrub-plane': {
        use: 'Nimmt schnell viel Holz weg, quer zur Faser, mit rundem Eisen.',
        look: ['Ein Eisen mit Rundung von 75 mm', 'Ein weites Maul', 'Ein leichter Körper: 1,3 kg oder weniger'],
        size: 'Eisen von 35 mm; aus einem alten Putzhobel leicht gemacht.'
      },
      'pull-plane': {
        use: 'Glättet auf Zug, in einem schlichten Holzklotz.',
        size: '65 mm für den Anfang; breitere sind schwerer einzustellen.',
        mistake: 'Auf das Eisen schlagen: zum Lösen klopft man an das Ende des Kastens, zum Stellen an das Eisen.'
      },
      'block-plane': {
        use: 'Putzt Hirnholz, bricht Kanten und passt Türen und Schubladen ein, mit einer Hand.',
        look: [
          'Ein Maul, das sich unter 1 mm schließen lässt',
          'Ein flaches Bett, 12 Grad, für Hirnholz',
          'Liegt in der Hand; die Sohle eben auf 0,1 mm'
        ],
        mistake: 'Hirnholz über die ferne Kante hobeln: es splittert; von beiden Enden, oder ein Stück anlegen.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Das Eisen ist höchstens 0,1 mm breiter als der Körper',
        'Die Seiten sind rechtwinklig zur Sohle',
        'Anschlag und Tiefenstopp halten, wenn sie geklemmt sind'
      ],
      mistake: 'Kippen: ein Falz, der nach außen steigt, kommt von einem schiefen Hobel.',
      care: planeCare
    },
    {
      'shoulder-plane': 'Putzt die Brüstungen von Zapfen und die Ecken von Fälzen, bis in die Ecke hinein.',
      'rebate-plane': 'Hobelt einen Falz an einer Kante, mit Anschlag für die Breite und Stopp für die Tiefe.',
      'plough-plane': 'Hobelt eine Nut längs der Faser für Füllungen, Rückwände und Böden, so breit wie sein Eisen.',
      'router-plane': 'Bringt den Grund von Nuten, Scharnierbetten und Überblattungen auf eine Tiefe.'
    }
  ),
  ...family(
    {
      look: [
        'Stahl von 0,6 bis 1 mm für ein Blatt',
        'Gerade Kante, rechtwinklig zur Fläche',
        'Nach dem Anziehen ist ein Grat zu spüren'
      ],
      mistake: 'Staub statt Späne heißt kein Grat: feilen, auf den Stein, wieder anziehen.',
      care: 'Eine Minute mit dem Stahl, fünf mit Feile und Stein nach etwa zwanzig Malen.'
    },
    {
      scraper: 'Nimmt hauchdünne Späne von schwieriger Faser, die unter einem Hobel ausreißt.',
      'scraper-handled': 'Dasselbe auf einer Sohle mit zwei Griffen: kühlere Daumen, ebenere Flächen.'
    }
  ),
  ...family(
    {
      look: [
        'Eine scharfe, polierte Schneide',
        'Griffe für beide Hände',
        'Ein Eisen von 50 mm oder mehr, herauszunehmen'
      ],
      mistake: 'Gegen die Faser arbeiten: umdrehen, wenn es sich eingräbt.',
      care: planeCare
    },
    {
      spokeshave: {
        use: 'Formt und glättet Rundungen und Griffe.',
        size: 'Flache Sohle für Außenrundungen; eine runde nur für enge Mulden.'
      },
      drawknife: {
        use: 'Nimmt Rinde und Abfall schnell weg, auf dich zu gezogen an einem gehaltenen Stück.',
        mistake: 'Mit abgespreizten Ellbogen ziehen: am Körper halten, damit der Zug vor der Brust endet.'
      }
    }
  )
}
