import { card, family } from '../../cards/write'

const resin = 'Harz mit Reiniger abwischen, bevor es einbrennt; in der Schachtel, Schneiden getrennt.'

/** Blätter, Fräser, Schleifmittel und Ergänzungen. */
export const fittingCards = {
  ...family(
    {
      look: [
        'Hartmetallschneiden, ohne Lücken gelötet',
        'Ein Anlaufring, der frei dreht',
        'Schaft 20 mm in der Zange: in der Größe deiner Fräse'
      ],
      mistake: 'Alles auf einmal: 3 mm je Gang, der letzte einen halben Millimeter.',
      care: resin
    },
    {
      'router-bits': {
        use: 'Gerade, Rundung, Fase: die Fräser, mit denen eine Fräse beginnt.',
        size: 'Schäfte von 6,35 mm für eine Kantenfräse (anderswo 8 mm).'
      },
      'router-bits-large': {
        use: 'Dasselbe, steifer, für eine große Fräse.',
        size: 'Schäfte von 12,7 mm: rütteln weniger, längere Fräser.'
      },
      'flush-bit': {
        use: 'Fräst ein Stück bündig mit einer Schablone oder dem Brett darunter.',
        size: '12 bis 19 mm breit, 25 mm lang.'
      },
      'rebate-bit': {
        use: 'Fräst einen Falz an einer Kante, in der Breite durch den Ring bestimmt.',
        size: '10 mm tief; andere Ringe geben andere Breiten.'
      },
      'slot-cutter': {
        use: 'Fräst Nuten in Kanten für Füllungen und Federn.',
        size: '4 oder 6 mm dick, 12 mm tief.'
      },
      'dovetail-bit': {
        use: 'Fräst Schwalbenschwänze mit einem Gerät, und Gratnuten.',
        size: '12,7 mm, 14 Grad, wie das Gerät es verlangt.',
        mistake:
          'In mehreren Tiefen fräsen: ein Schwalbenschwanz wird in voller Tiefe gefräst, nachdem ein Nutfräser das meiste nahm.'
      },
      'core-bit': { use: 'Fräst Nuten mit rundem Grund: Schalen, Kannelüren, Griffe.', size: '12 bis 19 mm.' }
    }
  ),
  'guide-bushes': card(
    'Führen eine Fräse in bekanntem Abstand an einer Schablone.',
    ['Passen in die Grundplatte deiner Fräse', '10, 17 und 30 mm außen', 'Zentriert: mit dem Kegel auf 0,1 mm'],
    'Den Versatz vergessen: halbe Hülse minus halber Fräser.',
    'Die Schrauben dabei aufbewahren.'
  ),
  ...family(
    {
      look: [
        'Bohrung und Drehzahl deiner Säge',
        '24 Zähne längs, 40 bis 60 quer und für Platten',
        'Hartmetallzähne von 2 mm Höhe oder mehr: viermal zu schärfen'
      ],
      mistake: 'Der Säge die Schuld geben: die Hälfte aller verbrannten, ausgerissenen Schnitte ist das Blatt.',
      care: resin
    },
    {
      'saw-blade': {
        use: 'Schneidet sauberer und leichter als das Blatt, mit dem eine Säge verkauft wird.',
        size: 'Die Größe der Säge, meist 160 bis 190 mm; dünnere Blätter passen zu schwachen Motoren.'
      },
      'bench-saw-blade': {
        use: 'Lässt eine kleine Tisch- oder Kappsäge quer zur Faser und in Platten sauber schneiden.',
        size: '210 oder 216 mm, wie die Säge es sagt; 48 Zähne, für eine Kappsäge 60 mit flachem oder negativem Spanwinkel.'
      },
      'saw-blade-254': {
        use: 'Lässt eine stehende Tisch- oder Zugkappsäge quer zur Faser und in Platten sauber schneiden.',
        size: '250 oder 254 mm, wie die Säge es sagt; 60 Zähne, und nicht dünner als der Spaltkeil.'
      },
      'saw-blade-305': {
        use: 'Lässt eine große Kappsäge Enden hinterlassen, die kein Schleifen brauchen.',
        size: '300 oder 305 mm, wie die Säge es sagt; 72 bis 96 Zähne mit flachem oder negativem Spanwinkel.'
      },
      'rip-blade': { use: 'Schneidet längs zur Faser, ohne zu brennen.', size: '24 Zähne, Flachzahn.' },
      'dado-stack': {
        use: 'Schneidet Nuten jeder Breite in einem Gang, wo die Säge es aufnimmt und die Vorschriften es erlauben.',
        size: '200 mm; die Welle muss lang genug sein.',
        mistake:
          'Eine Säge ohne Ersatz für den Spaltkeil, oder eine Welle, zu kurz für ihre Mutter: dann darf er nicht verwendet werden.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Die Aufnahme deiner Maschine',
        'Grob schneidet schnell, fein sauber: Zähne von 2 und 1,3 mm',
        'Zu fünft und zu zehnt verkauft'
      ],
      mistake: 'Stumpf verwenden: sie verlaufen, brennen und brechen.',
      care: 'Stumpfe wegwerfen; eine Schachtel, sortiert.'
    },
    {
      'jigsaw-blades': {
        use: 'Schneiden Kurven und Platten; eine Sorte für Holz, eine für saubere Schnitte, eine für Kurven.',
        size: '100 mm, T-Schaft.'
      },
      'scroll-blades': {
        use: 'Schneiden Laubsägearbeit.',
        size: '125 mm, ohne Stift, Nummern 3 bis 7.',
        look: ['125 mm', 'Mit oder ohne Stift, wie deine Säge', 'Dutzendweise']
      },
      'band-saw-blades': {
        use: 'Schmale für Kurven, breite für gerade Schnitte und zum Auftrennen.',
        size: '6 mm für Kurven, 12 mm für das meiste, 16 mm und 3 Zähne je Zoll zum Auftrennen.',
        look: [
          'Genau die Länge deiner Säge',
          '3 Zähne je Zoll für dickes, 6 bis 10 für dünnes Holz',
          'Gerade geschweißt: kein Klicken'
        ]
      },
      'multi-tool-blades': {
        use: 'Tauchen, kürzen und schaben im oszillierenden Werkzeug.',
        size: '30 mm für Holz und Nägel.'
      },
      'planer-knives': {
        use: 'Geben einem Hobel seine Schneide zurück.',
        look: [
          'Die Länge deiner Maschine, 310 oder 150 mm',
          'Alle eines Satzes zusammen',
          'Zweischneidige einmal zu wenden'
        ],
        size: 'Die deiner Maschine.',
        mistake: 'Stecker ziehen, Welle verkeilen, Handschuhe für die Messer: sie schneiden auch in Ruhe.'
      },
      'rotary-burrs': { use: 'Fräsen im Feinbohrschleifer.', size: 'Schäfte von 3,2 mm.' }
    }
  ),
  ...family(
    {
      look: [
        '80 zum Formen, 120 zum Ebnen, 180 oder 240 vor der Oberfläche',
        'Löcher, die zu deinem Teller passen',
        'Keramik oder Korund hält; 50 in der Schachtel kosten die Hälfte'
      ],
      mistake: 'Papier sparen: wenn es nur noch poliert, ist es am Ende.',
      care: 'Trocken und flach; Reinigungsgummi für Bänder.'
    },
    {
      'sanding-discs': { use: 'Schleifen im Exzenterschleifer.', size: '125 mm, wie der Schleifer.' },
      'abrasive-sheets': {
        use: 'Schleifen von Hand und im Schwingschleifer.',
        size: '230 × 280 mm; ein Viertel passt in die meisten.'
      },
      'detail-sheets': { use: 'Schleifen Ecken.', size: 'Dreieck von 93 mm.' },
      'sanding-belts': { use: 'Schleifen im Bandschleifer.', size: '75 × 533 mm, der Pfeil in Laufrichtung.' },
      'spindle-sleeves': { use: 'Schleifen Innenrundungen.', size: '13 bis 75 mm, wie die Spindel.' },
      'drum-strips': {
        use: 'Schleifen Bretter im Zylinderschleifer.',
        size: 'Auf die Walze zugeschnitten; 80, 120, 180.'
      },
      'sanding-block': {
        use: 'Hält Papier von Hand eben, damit Kanten scharf bleiben.',
        size: 'Nimmt einen Viertelbogen, 115 mm lang.',
        look: ['Fläche aus Kork oder Filz', '115 × 70 mm', 'Eben auf 0,2 mm'],
        mistake: 'Mit den Fingern schleifen: Mulden im weichen Holz der Jahrringe.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Borsten, die bleiben: zieh an zehn',
        'Gespaltene Spitzen, 50 mm für Flächen, 25 mm für Kanten',
        'Für Wasser oder für Öl: sag, welches'
      ],
      mistake: 'Eine dicke Schicht: drei dünne trocknen, eine dicke runzelt.',
      care: 'Sofort reinigen, glätten, aufhängen.'
    },
    {
      'finish-brush': { use: 'Trägt Lack und Farbe auf.', size: '50 mm.' },
      'paint-roller': {
        use: 'Trägt Farbe und Lack gleichmäßig auf Flächen auf.',
        size: '100 mm, kurzer Flor von 4 bis 6 mm.',
        look: ['Flor von 4 bis 6 mm', '100 mm breit', 'Schaum für Lack']
      },
      'finishing-kit': {
        use: 'Öl, Pinsel, Lappen: was eine erste Oberfläche braucht.',
        look: ['250 ml reichen für etwa 3 m² zweimal', 'Fusselfreie Lappen', 'Ein Pinsel von 50 mm'],
        mistake: 'Ölige Lappen auf einem Haufen entzünden sich selbst: ausbreiten oder ertränken.'
      },
      'glue-spreader': {
        use: 'Verteilt Leim gleichmäßig und dünn.',
        look: ['Zähne von 1 bis 2 mm', '60 bis 80 mm breit', 'Trockener Leim löst sich ab'],
        mistake: 'Leim, der läuft: halb so viel, auf beide Flächen.',
        size: '80 mm.'
      }
    }
  ),
  iron: card(
    'Schmilzt Umleimer auf und dämpft Dellen heraus.',
    ['Alt und ohne Dampf genügt', 'Auf Baumwolle gestellt, etwa 180 Grad', 'Ein Holzklotz zum Andrücken'],
    'Zu lange bleiben: nach 10 Sekunden kocht der Leim heraus.',
    'Sohle sauber geschabt; nicht wieder für Hemden.'
  ),
  ...family(
    {
      look: [
        'Passt auf deine Grundplatte oder Schiene: vor dem Bezahlen probieren',
        'Stellt auf 0,5 mm und klemmt',
        'Eine Anlage von 150 mm oder länger'
      ],
      mistake: 'Nach der gedruckten Skala stellen: bis zum Fräser messen.',
      care: 'Stangen gerade und gewachst.'
    },
    {
      'edge-guide': { use: 'Führt Fräse oder Säge parallel zu einer Kante.', size: 'Bis 150 mm von der Kante.' },
      'circle-jig': { use: 'Führt eine Fräse um einen Stift.', size: '600 mm Radius macht einen Tisch von 1,2 m.' },
      'guide-rail': {
        use: 'Führt jede Handsäge oder Fräse gerade über eine Platte.',
        size: '2,7 m gehen längs über eine Platte; 1,4 m quer.',
        look: [
          'Gerade auf 0,5 mm über ihre Länge',
          'Von unten zu spannen',
          'In einem Stück, wo sie sich aufbewahren lässt'
        ]
      },
      'second-rail': {
        use: 'Macht die Schiene einer Säge lang genug für eine ganze Platte.',
        size: 'Verbunden 2,8 m.'
      },
      'stop-fence': {
        use: 'Wiederholt eine Länge an einem Stopp.',
        size: '1,2 m auf einer Seite.',
        look: [
          'Ein Stopp, der nicht nachgibt: 0,2 mm über zehn Schnitte',
          'Eine Skala, die sich stellen lässt',
          'Wegzuklappen, um das erste Ende zu kappen'
        ]
      }
    }
  ),
  ...family(
    {
      look: [
        'Gehärtete Buchsen oder Stahl, wo der Bohrer läuft',
        'Anschläge für Holz von 12 bis 40 mm',
        'Spannt am Werkstück'
      ],
      mistake: 'Kein Versuch im Abfall: dann ist die erste Verbindung der Versuch.',
      care: 'Späne vor jedem Loch heraus; Bohrer scharf.'
    },
    {
      'pocket-jig': {
        use: 'Bohrt schräge Löcher für verdeckte Schrauben: Korpusse und Rahmen in Minuten.',
        size: 'Schrauben 32 mm für Bretter von 19 mm, 64 mm für 38 mm.',
        look: [
          'Gehärtete Führungen, zwei oder mehr',
          'Zwinge und Stellring dabei',
          'Für Bretter von 12 bis 38 mm zu stellen'
        ],
        mistake: 'Breite Massivbretter quer zur Faser befestigt: sie arbeiten und reißen.'
      },
      'dowel-jig': { use: 'Bohrt passende Löcher für Dübel.', size: 'Buchsen von 6, 8 und 10 mm.' },
      'drill-guide': {
        use: 'Bohrt mit der Handmaschine rechtwinklig zur Fläche: das meiste, was eine Tischbohrmaschine tut.',
        size: 'Bis 50 mm tief.'
      },
      'dovetail-jig': {
        use: 'Fräst Schwalbenschwänze, alle gleich.',
        size: 'Schubladen und Kästen bis 300 mm Breite.',
        look: ['Halbverdeckt und offen', '300 mm', 'Spanner, die beide Bretter halten'],
        mistake: 'Zwei Abende gehen drauf, es zum ersten Mal einzustellen.'
      },
      'hinge-jig': { use: 'Führt eine Fräse um das Bett eines Scharniers.', size: 'Für dein Scharnier.' }
    }
  ),
  'template-tape': card(
    'Klebt eine Schablone ohne Zwingen und Löcher auf das Werkstück.',
    ['Gewebe, zweiseitig, dünn', '25 bis 50 mm breit', 'Löst sich mit einer Drehung'],
    'Staub darunter: beim Fräsen löst es sich.',
    'Kühl und trocken.'
  ),
  ...family(
    {
      look: ['Auf ganzer Länge eben auf 0,3 mm', 'Nimmt deine Fräse', 'Steif: lehn dich darauf'],
      mistake: 'Mit der Drehung des Fräsers schieben, oder zwischen Anschlag und Fräser: das Stück fliegt.',
      care: 'Wachs auf die Platte; unten den Staub heraus.'
    },
    {
      'router-table': {
        use: 'Hält eine Fräse kopfüber, damit kleine Stücke und lange Kanten sicher daran vorbeigehen.',
        size: '600 × 400 mm.'
      },
      'router-sled': { use: 'Trägt eine Fräse eben über eine Bohle, zu breit für den Hobel.', size: '600 mm breit.' },
      featherboard: {
        use: 'Drückt Holz mit hölzernen Fingern an Anschlag und Tisch und lässt es nicht zurück.',
        size: '75 mm breit, 100 mm lang.',
        look: ['Passt in deine Gehrungsnut, 19 mm', 'Finger 3 mm dick unter 30 Grad', 'Klemmt mit einem Knopf'],
        mistake: 'Neben dem Blatt drücken, am Abschnitt: es klemmt. Nur davor.'
      }
    }
  )
}
