import { family } from '../../cards/write'

const machineCare =
  'Nach der Arbeit ausblasen; jeden Monat Kabel, Schutz und Schrauben ansehen; trocken schmieren, wo es gleitet.'

/** Maschinen in der Hand. Die Anleitung der Maschine geht vor. */
export const handPowerCards = {
  ...family(
    {
      look: [
        'Der Fuß ist eben und auf seiner Länge auf 0,3 mm parallel zum Blatt',
        'Der Schutz schnappt von selbst zu, jedes Mal',
        'Tiefe und Neigung klemmen ohne zu rutschen; ein gutes Blatt (24 bis 40 Zähne) kostet ein Fünftel der Säge'
      ],
      mistake:
        'Zwischen zwei Auflagen schneiden: das Brett hängt durch, klemmt das Blatt und wirft die Säge zurück. Den Abschnitt fallen lassen oder alles auflegen.',
      care: machineCare
    },
    {
      'circular-saw': {
        use: 'Schneidet Bretter und Platten an einer gespannten Latte oder einem Winkel auf Maß.',
        size: '185 mm schneiden 62 mm tief: durch ein Rahmenholz, einen Pfosten in zwei Gängen.'
      },
      'circular-saw-small': {
        use: 'Dasselbe, leichter und leiser, für Platten und Bretter.',
        size: '136 mm schneiden 45 mm tief: Platten, Bretter, Hölzer von 38 mm.'
      },
      'rail-saw': {
        use: 'Taucht ein und läuft auf einer Schiene: gerade, saubere Schnitte in Platten, fertig für die Kante.',
        look: [
          'Kein Spiel auf der Schiene: 0,2 mm spürt man im Schnitt',
          'Die Lippe der Schiene ist von dieser Säge beschnitten',
          'Schienen stoßen ohne Stufe; 1,4 m und 2,7 m sind üblich'
        ],
        size: '1,4 m gehen quer über eine Platte; eine zweite Schiene macht 2,8 m für ihre Länge.'
      },
      jigsaw: {
        use: 'Schneidet Kurven und Innenformen, und Geraden, wo es nicht genau sein muss.',
        look: [
          'Eine Führungsrolle ohne Spiel: das Blatt bleibt in 40 mm winklig',
          'Blätter mit T-Schaft, ohne Werkzeug gewechselt',
          'Drei oder mehr Pendelstufen'
        ],
        size: 'Blätter von 100 mm reichen 65 mm tief, verlaufen aber ab 40 mm.',
        mistake: 'Um eine Kurve drücken: das Blatt biegt sich, und die Kante wird schief. Langsam, und ein neues Blatt.'
      },
      'reciprocating-saw': {
        use: 'Nimmt altes Holz und Paletten auseinander.',
        look: ['Blätter ohne Schlüssel gewechselt', 'Blätter von 150 mm für Nägel und Holz', 'Hub von 28 mm oder mehr'],
        mistake: 'Mit dem Schuh weg vom Holz sägen: sie springt.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Ein Stutzen, der auf deinen Schlauch passt: dorthin geht der meiste Staub',
        'Die übliche Größe, damit Scheiben und Papier wenig kosten: 125 mm oder ein Viertelbogen',
        'Teller zu kaufen: sie sind nach 50 bis 100 Stunden verbraucht'
      ],
      mistake: 'Drücken und Körnungen auslassen: 80, 120, 180, jede, bis die Kratzer der letzten weg sind.',
      care: machineCare
    },
    {
      'ro-sander': {
        use: 'Schleift Flächen eben und glatt ohne Kringel: der Schleifer, den die meisten brauchen.',
        size: '125 mm; die Größe 150 mm ist für Tischplatten.'
      },
      'palm-sander': {
        use: 'Schleift Flächen und in Ecken mit gewöhnlichem Papier, langsam und sanft.',
        size: 'Ein Viertelbogen.'
      },
      'detail-sander': {
        use: 'Schleift Innenecken und Rahmen.',
        look: ['Ein Dreieck von 90 mm', 'Blätter mit Klett', 'Rüttelt wenig in der Hand']
      },
      'belt-sander': {
        use: 'Nimmt schnell Holz weg: Türen, Bretter, Leimfugen.',
        size: '75 mm breit mit Bändern von 533 mm.',
        look: ['Band läuft gerade, ein Knopf stellt es', 'Bänder 75 × 533 mm gibt es überall', 'Zwei Griffe'],
        mistake: 'Im Lauf stehen bleiben: in einer Sekunde eine Mulde. Bewegt aufsetzen, bewegt abheben.'
      },
      'power-planer': {
        use: 'Hobelt Kanten und raue Bretter von Hand.',
        size: '82 mm nehmen Türen und Pfosten.',
        look: ['Messer zum Wenden', 'Tiefe bis 2 mm am Knopf', 'Ein Schuh, der ihn von der Bank fernhält'],
        mistake: 'Laufend ablegen: die Messer drehen zehn Sekunden weiter.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Der Fräser läuft rund; die Zange fasst 20 mm Schaft',
        'Tiefe auf 0,1 mm zu stellen, und sie bleibt',
        'Sanftanlauf und ab 10 000 Umdrehungen für breite Fräser'
      ],
      mistake:
        'Mit der Drehung des Fräsers führen: er greift und läuft davon. Gegen sie: an einer zu dir gewandten Kante von links nach rechts.',
      care: 'Zange und Fräser von Harz reinigen; ein stumpfer Fräser brennt.'
    },
    {
      'trim-router': {
        use: 'Rundet Kanten, fräst Nuten und Scharnierbetten, folgt Schablonen: die kleine, weniger furchteinflößende Fräse.',
        size: 'Schäfte von 6,35 mm (anderswo 8 mm): Fräser bis etwa 25 mm Breite.'
      },
      'plunge-router': {
        use: 'Dasselbe mit Kraft: Schlitze, Nuten, breite Profile, und das Herz eines Frästischs.',
        size: 'Schäfte von 12,7 mm, mit Reduzierung für kleine; 1400 W oder mehr.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Der Anschlag steht winklig und gibt unter Last nicht nach',
        'Schnitte kehren auf 0,1 mm wieder',
        'Blatt oder Fräser in üblicher Größe'
      ],
      mistake: 'Beim Fräsen anheben: am Anschlag drücken, nicht am Griff.',
      care: machineCare
    },
    {
      'biscuit-joiner': {
        use: 'Fräst Schlitze für Flachdübel: Bretter an der Kante und Korpusse, schnell ausgerichtet.',
        size: 'Blatt von 100 mm, Flachdübel 0, 10 und 20.'
      },
      'tenon-joiner': {
        use: 'Fräst Schlitze für lose Zapfen: feste Verbindungen in je einer halben Minute.',
        size: 'Zapfen von 5 bis 10 mm; 8 mm tun das meiste.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Schießt nur, wenn die Nase gedrückt und der Abzug gezogen ist',
        'Nimmt Stifte von 15 bis 50 mm, 1,2 mm dick',
        'Tiefe zu stellen'
      ],
      mistake: 'Ein Finger näher als 100 mm an der Stelle, wo der Stift herauskommen kann: er folgt der Faser.',
      care: 'Ölen, wie die Anleitung sagt; vor dem Lösen einer Klemmung Akku oder Schlauch ab.'
    },
    {
      'brad-nailer': 'Heftet Rückwände, Leisten und geleimte Fugen in je einer Sekunde.',
      'air-nailer': {
        use: 'Dasselbe mit Luft: leicht in der Hand, an Schlauch und Kompressor gebunden.',
        look: [
          '5 bis 8 bar von einem kleinen Kompressor',
          'Nimmt Stifte von 15 bis 50 mm',
          'Ein Kompressor ist laut: 85 dB und mehr'
        ]
      }
    }
  ),
  ...family(
    {
      look: [
        'Blätter oder Fräser mit gängiger Aufnahme',
        'Drehzahl herunterzustellen',
        'Rüttelt wenig: eine Minute laufend halten'
      ],
      mistake: 'Zwingen: Hitze nimmt in Sekunden die Schneide.',
      care: machineCare
    },
    {
      'multi-tool': {
        use: 'Taucht in fertige Arbeit: Ausklinkungen, bündige Schnitte, Ecken.',
        look: ['Gängige Aufnahme', '3 Grad Schwung oder mehr', 'Blätter ohne Schlüssel gewechselt']
      },
      'rotary-tool': {
        use: 'Fräst, schleift und bohrt sehr Kleines.',
        look: ['Spannzange 3,2 mm', '5 000 bis 30 000 Umdrehungen', 'Biegsame Welle zu haben']
      },
      'angle-grinder': {
        use: 'Trennt und schleift Metall; mit einer Schnitzscheibe höhlt er Schalen aus, mit einiger Gefahr.',
        size: '115 oder 125 mm.',
        look: [
          'Schutz, der bleibt und ohne Werkzeug dreht',
          'Scheiben von 115 oder 125 mm',
          'Ein Schalter, der beim Loslassen ausgeht'
        ],
        mistake: 'Den Schutz für eine größere Scheibe abnehmen: die Scheibe birst.'
      },
      'spray-gun': {
        use: 'Legt Oberfläche in gleichmäßigen Lagen auf.',
        look: ['Düse von 1,3 bis 1,8 mm', 'Becher zum Reinigen zerlegbar', 'Luft von 1 bis 2 bar'],
        mistake: 'Lösemittel drinnen spritzen: Gasmaske, Luft und keine Flamme.',
        care: 'Sofort und ganz durch reinigen.'
      },
      'heat-gun': {
        use: 'Erweicht alte Farbe, Umleimer und Leim.',
        look: ['Zwei Stufen: 300 und 500 Grad', 'Steht auf dem Rücken', 'Schmale und breite Düse'],
        mistake: 'Alte Farbe kann Blei enthalten: zuerst prüfen.'
      }
    }
  )
}
