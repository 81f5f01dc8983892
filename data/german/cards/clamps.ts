import { card, family } from '../../cards/write'

const clampCare = 'Trockener Leim abgekratzt, Gewinde gewachst, Schoner behalten; geschlossen aufbewahren.'

/** Zwingen und Halten. */
export const clampCards = {
  ...family(
    {
      look: [
        'Die Schiene biegt sich nicht: 3 mm auf 600 mm sind zu viel',
        'Der Arm greift sofort und rutscht nicht',
        'Weiche Schoner, die daran bleiben'
      ],
      mistake: 'Zu wenige: eine alle 150 bis 200 mm an einer Fuge, abwechselnd oben und unten.',
      care: clampCare
    },
    {
      'f-clamp-300': {
        use: 'Presst Kleines und hält Stücke, Führungen und Anschläge.',
        size: '300 mm für Kästen und Führungen: vier sind ein Anfang.'
      },
      'f-clamp-600': {
        use: 'Presst Platten und Korpusse: die Zwinge für die meisten Möbel.',
        size: '600 mm fassen eine Platte von 500 mm; lange nehmen auch Kurzes, umgekehrt nicht.'
      },
      'pipe-clamp-900': {
        use: 'Presst breite Platten für wenig Geld: Köpfe auf einfachem Rohr.',
        size: '900 mm; dieselben Köpfe gehen auf jedes Rohr.',
        look: [
          'Die Kupplung beißt und gleitet nicht',
          'Rohr mit 18 mm innen (3/4) ist steifer als das dünne',
          'Füße halten sie aufrecht'
        ]
      },
      'pipe-clamp-1500': { use: 'Dasselbe für Tischplatten und lange Rahmen.', size: '1,5 m fassen Tische und Türen.' },
      'parallel-clamp-600': {
        use: 'Presst mit Backen, die winklig bleiben, damit Korpusse und Türen eben verleimt werden.',
        size: '600 mm für Türen und Korpusse.'
      },
      'parallel-clamp-1000': { use: 'Dasselbe für größere Korpusse und Platten.', size: '1 m.' },
      'trigger-clamp-300': {
        use: 'Hält mit einer Hand: Führungen, Anschläge, Helfer.',
        size: '300 mm; paarweise.',
        look: [
          'Hält etwa 100 kg: zum Halten genug, zum Leimen wenig',
          'Schoner bleiben daran',
          'Lässt sich zum Spreizen umdrehen'
        ],
        mistake: 'Platten damit leimen: sie halten, sie pressen nicht.'
      },
      'g-clamp-100': {
        use: 'Presst fest auf einer kleinen Stelle.',
        size: '100 mm.',
        look: ['Gegossen oder geschmiedet', 'Beweglicher Fuß', 'Ausladung von 50 mm oder mehr']
      },
      'edge-clamps': { use: 'Pressen einen Anleimer an eine Platte.', size: 'Platten bis 60 mm.' },
      'rail-clamps': {
        use: 'Halten die Schiene einer Säge von unten.',
        size: 'Passend zum Schlitz deiner Schiene: vor dem Bezahlen probieren.',
        look: ['Passt in den Schlitz der Schiene', 'Öffnet 100 mm oder mehr', 'Schnell zu lösen']
      },
      'strap-clamp': {
        use: 'Presst Rahmen, Kästen und Rundes ringsum zusammen.',
        size: '4 m gehen um die meisten Korpusse.',
        look: ['Ecken mit einer Rille für das Band', 'Ratsche oder Schraube, die langsam löst', 'Band 25 mm breit']
      },
      'spring-clamps': {
        use: 'Halten dünne Kanten, Führungen und Stoff in einer Sekunde.',
        size: 'Öffnet 50 mm.',
        look: ['Bewegliche Schoner', 'So stark, wie deine Hand erlaubt', '8 kosten weniger als eine gute Zwinge']
      },
      'hand-screw': {
        use: 'Hält Schiefes und kleine Stücke an Maschinen, mit hölzernen Backen.',
        size: '150 mm Öffnung.',
        look: ['Backen bis 20 Grad schräg zu stellen', 'Muttern, die frei drehen', 'Hartes Holz, nicht verzogen']
      },
      'corner-clamps': {
        use: 'Halten zwei Bretter im rechten Winkel, während sie geschraubt werden.',
        size: 'Bretter bis 70 mm breit.',
        look: ['Rechtwinklig auf 0,3 mm über 100 mm', 'Beide Backen beweglich', 'Lassen Platz für die Maschine']
      },
      'toggle-clamps': {
        use: 'Halten ein Stück in einer Vorrichtung, in einer Sekunde auf und zu.',
        size: '100 kg Haltekraft: die mittlere Größe.',
        look: ['Fuß in der Höhe stellbar', 'Kein Spiel in den Gelenken', 'Auf eine Platte von 18 mm zu schrauben']
      }
    }
  ),
  ...family(
    {
      look: [
        'Backen, die parallel schließen, auf 1 mm',
        'Eine Spindel ohne Spiel',
        'Geschraubt, nicht geklemmt, wo es geht'
      ],
      mistake: 'Verkanten: ein Stück nur an einem Ende braucht ein gleiches am anderen.',
      care: 'Öl auf die Spindel, Holz oder Leder auf die Backen.'
    },
    {
      'bench-vice': {
        use: 'Hält das Werkstück beim Sägen, Hobeln oder Bohren.',
        size: '120 mm Öffnung für Kleines.'
      },
      'front-vice': {
        use: 'Hält Bretter an der Kante einer Bank, mit breiter hölzerner Backe.',
        size: 'Öffnet 230 mm; Backen von 180 mm.'
      },
      holdfasts: {
        use: 'Halten das Werkstück mit einem Schlag des Klüpfels auf der Bank.',
        size: 'Löcher von 19 oder 20 mm, Bank 50 bis 90 mm dick.',
        look: ['Gebogen, nicht gegossen', 'Greift in deinem Loch: probier einen', 'Ausladung von 150 mm'],
        mistake: 'Eine zu dünne Bank: unter 45 mm beißen sie nicht.'
      },
      'bench-dogs': {
        use: 'Stoppen das Werkstück auf der Bank und arbeiten mit der Zange zusammen.',
        size: '19 oder 20 mm, wie die Löcher.',
        look: [
          'Eine Feder, die von 5 bis 40 mm in jeder Höhe hält',
          'Fläche winklig',
          'Messing oder Holz: schont Hobel'
        ]
      }
    }
  ),
  'press-vice': card(
    'Hält Kleines winklig unter einer Tischbohrmaschine.',
    ['Öffnet 90 mm', 'Backen parallel, eine Rille für Rundes', 'Schlitze, um ihn festzuschrauben'],
    'Ihn nicht festschrauben: er dreht sich mit dem Bohrer.',
    'Späne von der Spindel.'
  ),
  'lathe-chuck': card(
    'Greift Schalen und Rohlinge auf einer Drechselbank.',
    [
      'Das Gewinde deiner Bank',
      'Vier Backen, die gemeinsam schließen, Sätze für 50 mm und 100 mm',
      'Schlägt höchstens 0,1 mm'
    ],
    'Einen schweren Rohling nur 5 mm fassen: ein tieferer Fuß, langsamer.',
    'Backen einmal in der Saison ab und gebürstet.'
  )
}
