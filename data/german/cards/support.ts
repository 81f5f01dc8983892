import { card, family } from '../../cards/write'

/** Bänke, Böcke, Staub, Aufbewahrung. */
export const supportCards = {
  ...family(
    {
      look: [
        'Steht fest: oben drücken, unter 5 mm Schwanken',
        'So hoch wie dein Handgelenk, 850 bis 900 mm',
        'Eine Platte von 40 mm oder mehr, wo du schlägst'
      ],
      mistake: 'Auf einem Tisch arbeiten, der sich bewegt: die Hälfte jedes Zugs geht in den Tisch.',
      care: 'Die Platte einmal im Jahr abrichten; Leim abkratzen; Bolzen nachziehen.'
    },
    {
      workbench: {
        use: 'Hält das Werkstück beim Sägen, Hobeln, Stemmen und Zusammensetzen: das Werkzeug, auf dem alle anderen verwendet werden.',
        size: '1,4 m lang; ihr Gewicht ist ihr Zweck.'
      },
      'fold-bench': {
        use: 'Hält überall und klappt sich weg.',
        look: ['Backen auf 600 mm parallel', 'Eine Stufe, um beim Sägen darauf zu stehen', 'Beine rasten ein'],
        size: 'Backen von 600 mm.',
        mistake: 'Darauf hobeln: er wandert; stell ihn an eine Wand.'
      },
      sawhorses: {
        use: 'Tragen Platten und Bretter und werden mit einer Platte zur Bank.',
        look: ['Tragen zu zweit 200 kg', 'Oben Holz, in das man sägen darf', 'Klappen oder stapeln sich'],
        size: '700 bis 800 mm hoch; ein Paar, besser vier.'
      }
    }
  ),
  ...family(
    {
      look: ['Höhe auf 1 mm zu stellen und zu klemmen', 'Breite Füße', 'Rollen laufen leicht, 300 mm breit oder mehr'],
      mistake: 'Höher als den Tisch stellen: 1 bis 2 mm niedriger, sonst steigt das Brett.',
      care: 'Ein Tropfen Öl an die Rollen; trocken halten.'
    },
    {
      'roller-stand': 'Trägt, was aus einer Maschine kommt, damit es nicht kippt.',
      'saw-stand': {
        use: 'Trägt eine Kappsäge und die Bretter daneben.',
        look: ['Nimmt die Löcher deiner Säge', 'Arme von zusammen 2 m oder mehr', 'Stopps, die sich wegklappen lassen']
      }
    }
  ),
  'foam-sheet': card(
    'Trägt eine ganze Platte am Boden, während sie geschnitten wird: die Säge geht 5 mm in den Schaum.',
    [
      'Harter Dämmschaum, 25 bis 50 mm',
      'So groß wie eine halbe Platte, 1,2 m im Quadrat, oder mehr',
      'Billig genug, um zerschnitten zu werden'
    ],
    'Die Säge zu tief stellen: Platte plus 5 mm.',
    'Umdrehen, wenn sie voller Schnitte ist.'
  ),
  'work-light': card(
    'Zeigt Kratzer und Risse: Licht von der Seite findet, was die Lampe oben verbirgt.',
    [
      '1000 Lumen oder mehr, 4000 K',
      'Steht oder klemmt, wo du sie brauchst',
      'Flimmert nicht neben drehenden Maschinen'
    ],
    'Eine Lampe hinter dir: dein Schatten liegt auf dem Riss.',
    'Staub vom Glas.'
  ),
  ...family(
    {
      look: ['Haftet an Bank und Brett', '6 mm oder dicker, um darauf zu stehen', 'Waschbar'],
      mistake: 'Eine aufgerollte Kante: man stolpert.',
      care: 'Waschen, wenn sie nicht mehr greift.'
    },
    {
      'floor-mat': {
        use: 'Schont Füße und fallende Schneiden auf hartem Boden.',
        look: ['12 mm oder dicker', 'Abgeschrägte Kanten', 'Hält keine Späne']
      },
      'grip-mat': 'Hält ein Brett beim Schleifen oder Fräsen, ohne Zwingen im Weg.'
    }
  ),
  ...family(
    {
      look: [
        'Ein Schlauch, der auf deine Maschinen passt, oder ein Adapter',
        'Feiner Filter: Klasse M oder besser für Holzstaub',
        'So laut, wie du es aushältst: 65 bis 75 dB'
      ],
      mistake: 'Ein zugesetzter Filter: die halbe Luft. Vor jedem Mal reinigen.',
      care: 'Bei zwei Dritteln leeren; jedes Jahr ein neuer Filter.'
    },
    {
      vacuum: {
        use: 'Nimmt den Staub an Schleifern, Sägen und Fräsen und räumt auf.',
        size: '20 bis 30 Liter; der Stutzen der meisten Maschinen hat 27 bis 36 mm.'
      },
      'chip-extractor': {
        use: 'Nimmt die Späne von Hobeln und Sägen: viel Luft, weiter Schlauch.',
        size: 'Schlauch von 100 mm; etwa 1000 m³ in der Stunde.',
        look: ['Feiner Filtersack oder Patrone, kein Stoff', 'Stutzen von 100 mm', 'Rollen']
      },
      'air-cleaner': {
        use: 'Reinigt die Luft von dem, was nicht gefangen wurde; die Maske bleibt auf.',
        size: 'Die Luft des Raums sechsmal in der Stunde.'
      },
      'cyclone-bin': {
        use: 'Lässt Späne in eine Tonne fallen, bevor sie in den Sauger kommen.',
        size: '20 bis 50 Liter.',
        look: ['Dichter Deckel, 20 Liter oder mehr', 'Stutzen für deinen Schlauch', 'Eine Tonne, die nicht einknickt']
      }
    }
  ),
  ...family(
    {
      look: [
        'Beide Stutzen außen und innen auf 1 mm messen',
        'Gummi passt, wo Kunststoff nicht passt',
        'Kurz und weit: jeder Bogen kostet Luft'
      ],
      mistake: 'Vor einem Hobel auf 27 mm verengen: es verstopft.',
      care: 'Mit nasser Hand nach Lecks fühlen.'
    },
    {
      'hose-adapters': 'Verbinden einen Schlauch mit einer Maschine anderer Größe.',
      'hose-gates': 'Sperren die Maschinen ab, die nicht laufen, damit eine alle Luft bekommt.'
    }
  ),
  'auto-socket': card(
    'Startet den Sauger mit der Maschine und lässt ihn nachlaufen.',
    ['Trägt beide zusammen: Ampere addieren', 'Läuft 5 Sekunden oder länger nach', 'Für dein Netz gezeichnet'],
    'Zwei große Maschinen an einem Stromkreis: die Sicherung fällt; frag eine Elektrofachkraft.',
    'Staub aus den Dosen.'
  ),
  broom: card(
    'Nimmt auf, was kein Schlauch nahm.',
    ['Hart für Beton, weich für Dielen', '300 bis 400 mm breit', 'Eine Schaufel, die flach liegt'],
    'Feinen Staub in die Luft kehren: saugen, oder Maske tragen.',
    'Aufhängen.'
  ),
  ...family(
    {
      look: [
        'Alles zu sehen oder beschriftet',
        'Schneiden bedeckt, 10 mm auseinander oder mehr',
        'Trägt, was du hineinlegst: Eisen ist schwer'
      ],
      mistake: 'Aufbewahrung bauen, bevor Werkzeug da ist: ein halbes Jahr Gebrauch abwarten.',
      care: 'Ein Beutel gegen Feuchte; ein Wisch Öl auf den Stahl.'
    },
    {
      'tool-wall': 'Hält, was täglich gebraucht wird, in Reichweite der Bank.',
      'tool-chest': 'Hält Schneiden trocken und Staub draußen und lässt sich sperren.',
      'stacking-boxes': 'Tragen eine Ausstattung dahin, wo die Arbeit ist, und stehen auf einem halben Quadratmeter.',
      'tool-bucket': { use: 'Trägt die paar Werkzeuge einer kleinen Arbeit.', size: '20 Liter.' },
      'drawer-cabinet': 'Hält Bohrer, Blätter und Schrauben sortiert.'
    }
  )
}
