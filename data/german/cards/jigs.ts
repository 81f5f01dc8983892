import { family } from '../../cards/write'

/** Was in der Werkstatt für die Werkstatt gemacht wird. */
export const jigCards = {
  ...family(
    {
      look: [
        'Sperrholz oder Buche, eben auf 0,5 mm',
        'Geleimt und geschraubt, keine Schraube, wo ein Blatt läuft',
        'Rechtwinklig auf 0,1 mm über 100 mm, durch Umdrehen geprüft'
      ],
      mistake: 'In Eile gemacht: jeder spätere Schnitt wiederholt ihren Fehler.',
      care: 'Jede Saison mit dem Winkel prüfen; ein neuer Anschlag ist ein Rest und zehn Minuten.'
    },
    {
      'bench-hook': {
        use: 'Hält ein Stück an einem Anschlag, während es von Hand gesägt oder gestemmt wird.',
        size: '250 × 180 mm.'
      },
      'crosscut-guide': {
        use: 'Führt eine Handsäge rechtwinklig über ein Brett.',
        size: '350 mm: Böden bis 300 mm.'
      },
      'cutting-guide': {
        use: 'Führt eine Handkreissäge gerade an einer Platte entlang; ihre Kante zeigt, wo der Schnitt sein wird.',
        size: '2,65 m für die Länge einer Platte; eine kurze von 1,3 m quer.',
        mistake: 'Danach ein anderes Blatt oder eine andere Säge: den Streifen neu beschneiden.'
      },
      'drill-block': { use: 'Führt einen Bohrer rechtwinklig in die Fläche.', size: '40 mm hartes Holz.' },
      'shooting-board': {
        use: 'Führt einen Hobel am Ende eines Bretts entlang, winklig und sauber.',
        size: '300 × 200 mm.'
      },
      'mitre-shooting-board': {
        use: 'Dasselbe unter 45 Grad: Gehrungen, die schließen.',
        size: '150 mm breit.'
      },
      'crosscut-sled': {
        use: 'Trägt ein Brett rechtwinklig am Blatt einer Tischkreissäge vorbei.',
        size: 'Bretter bis 450 mm.',
        mistake: 'Hände hinter dem Blatt: ein Klotz dort zeigt, wo es herauskommt.'
      },
      'mitre-sled': {
        use: 'Trägt zwei Stücke unter 45 Grad: Rahmen, die schließen.',
        size: 'Leisten bis 100 mm.'
      },
      'dado-guide': {
        use: 'Führt eine Fräse über ein Brett, so breit wie der Boden selbst.',
        size: '600 mm.'
      },
      'tenon-jig': { use: 'Trägt ein Stück aufrecht am Blatt vorbei, für Zapfen.', size: 'Zargen bis 100 mm.' },
      'box-joint-jig': {
        use: 'Rückt ein Brett Finger um Finger am Blatt vorbei.',
        size: 'Finger von 6 oder 10 mm.',
        mistake: 'Eine Feder um 0,1 mm daneben summiert sich: zwanzig Finger sind 2 mm.'
      },
      'key-jig': { use: 'Trägt einen Gehrungsrahmen für seine Federn über das Blatt.', size: 'Rahmen bis 300 mm.' },
      'taper-jig': { use: 'Trägt ein Bein schräg am Blatt vorbei.', size: '900 mm für Tischbeine.' },
      'tenon-router-jig': { use: 'Führt eine Fräse für Schlitze, alle gleich.', size: 'Schlitze bis 60 mm.' },
      'pin-template': {
        use: 'Führt den Bohrer für Reihen von Bodenträgern.',
        size: '800 mm, Löcher im Abstand von 32 mm.'
      },
      'hinge-template': { use: 'Führt eine Fräse um ein Scharnier.', size: 'Für dein Scharnier.' },
      'drawer-runner-jig': { use: 'Hält einen Auszug waagrecht, während er geschraubt wird.', size: '500 mm.' },
      'squaring-blocks': {
        use: 'Halten einen Korpus rechtwinklig, während er verleimt wird.',
        size: 'Schenkel von 150 mm, vier davon.'
      },
      'planing-stop': {
        use: 'Hält ein Brett beim Hobeln auf.',
        size: '200 mm breit, niedriger als das Brett.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Gerade auf 0,3 mm über 1 m',
        'Trockenes, geradfaseriges Holz',
        'Angezeichnet, welche Seite bearbeitet ist'
      ],
      mistake: 'In eine feuchte Ecke lehnen: es verzieht sich.',
      care: 'Aufhängen; vor Gebrauch prüfen.'
    },
    {
      'winding-sticks': {
        use: 'Zeigen die Verwindung eines Bretts: zwei gerade Kanten, übereinander gepeilt.',
        size: '400 bis 600 mm; eine Kante dunkel, eine hell.'
      },
      'story-stick': { use: 'Trägt alle Maße eines Stücks auf einmal, ohne Zahlen.', size: 'So lang wie das Stück.' },
      'pinch-rods': {
        use: 'Vergleichen die Diagonalen eines Korpus: gleich heißt rechtwinklig.',
        size: 'So lang wie die Diagonale.'
      },
      'fairing-stick': {
        use: 'Biegt sich zu einer schönen Kurve, an der man zeichnet.',
        size: '1,5 m × 20 × 4 mm, gerade Faser.'
      },
      cauls: {
        use: 'Drücken eine Platte beim Verleimen eben; um 2 mm gewölbt, damit sie auch in der Mitte drücken.',
        size: 'So breit wie die Platte.',
        mistake: 'Ohne Band oder Wachs: sie leimen fest.'
      },
      'bending-form': {
        use: 'Hält dünne Lagen in einer Kurve, bis der Leim hart ist.',
        size: 'Enger als das Stück: es federt um etwa 5 von 100 zurück.',
        mistake: 'Zu wenige Zwingen: eine alle 60 mm.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Eben, steif, gewachst',
        'Gespannt oder geschraubt, sodass es nicht rutschen kann',
        'Kein Finger näher als 150 mm am Fräser'
      ],
      mistake: 'Mit dem Fräser: gegen seine Drehung schieben.',
      care: 'Zweimal im Jahr wachsen; Schrauben nahe am Fräser ansehen.'
    },
    {
      'router-table-made': {
        use: 'Hält eine Fräse kopfüber, für kleine Stücke und lange Kanten.',
        size: '600 × 400 mm, Platte von 18 mm.'
      },
      'router-sled-made': {
        use: 'Trägt eine Fräse eben über eine breite Bohle.',
        size: 'So breit wie die Bohle plus 200 mm.'
      },
      'circle-jig-made': { use: 'Führt eine Fräse um einen Stift.', size: '500 mm Radius.' },
      'planer-sled': {
        use: 'Trägt ein verwundenes Brett durch den Dickenhobel, unterlegt, bis es nicht mehr kippelt.',
        size: '1,5 m.'
      },
      'drum-table': {
        use: 'Macht aus einer Bohrmaschine mit Walze einen Schleifer für Innenrundungen.',
        size: '300 × 300 mm.'
      },
      'edge-fence': { use: 'Gibt einem Handhobel oder einer Fräse einen winkligen Anschlag.', size: '250 mm lang.' },
      'zero-insert': {
        use: 'Schließt den Spalt neben dem Blatt: keine Ausrisse, nichts fällt hinein.',
        size: 'Wie die Öffnung deiner Säge.'
      },
      'featherboard-made': {
        use: 'Drückt Holz mit hölzernen Fingern an den Anschlag.',
        size: '75 mm breit, Finger 3 mm.'
      },
      'push-stick-made': { use: 'Schiebt den Rest eines Bretts am Blatt vorbei.', size: '350 mm lang; mach drei.' },
      'stop-fence-made': { use: 'Wiederholt eine Länge an einem Stopp.', size: '1,2 m.' }
    }
  ),
  ...family(
    {
      look: [
        'Steht, ohne zu kippeln',
        'So hoch wie der Tisch der Säge oder 1 mm niedriger',
        'Geschraubt, damit es sich reparieren lässt'
      ],
      mistake: 'Zu groß für den Raum: miss, was sich klappen lässt.',
      care: 'Die Schrauben nach einer Saison nachziehen.'
    },
    {
      'sawhorses-made': {
        use: 'Tragen Platten und Bretter; das Erste, was man baut.',
        size: '750 mm hoch, ein Paar aus 2 Rahmenhölzern.'
      },
      'workbench-made': {
        use: 'Hält das Werkstück für alles andere.',
        size: '1,5 m × 600 mm, so hoch wie dein Handgelenk.'
      },
      'assembly-table': {
        use: 'Eine ebene Stelle, um Korpusse zusammenzusetzen; hinter einer Säge trägt er die Platte.',
        size: '1,2 × 0,8 m, eben auf 1 mm.'
      },
      'outfeed-table': {
        use: 'Trägt, was von der Säge kommt.',
        size: '0,8 m lang, 1 bis 2 mm niedriger als die Säge.'
      },
      'machine-stand': {
        use: 'Trägt eine Tischmaschine auf Rollen, in Arbeitshöhe.',
        size: '850 mm mit dem Tisch der Maschine.'
      },
      'dust-adapter': { use: 'Verbindet eine Säge mit dem Sauger.', size: 'Stutzen auf 1 mm gemessen.' },
      'air-filter-box': {
        use: 'Lüfter und Filter, die feinen Staub aus der Luft holen.',
        size: 'Filter von 500 mm, vier.'
      }
    }
  ),
  ...family(
    {
      look: [
        'In Ständer geschraubt, nicht in die Platte',
        'Trägt 50 kg je Meter mit Holz darauf',
        'Tief genug, nicht tiefer: 300 mm'
      ],
      mistake: 'Über Kopf oder am Eingang: Schweres hängt tief.',
      care: 'Die Befestigung jedes Jahr ansehen.'
    },
    {
      'clamp-rack': { use: 'Hält Zwingen, wo man sie mit einer Hand greift.', size: '600 mm für zwanzig.' },
      'sheet-rack': { use: 'Hält Platten aufrecht und eben.', size: '2,5 m breit, 200 mm tief.' },
      'timber-rack': { use: 'Hält Bretter eben und sichtbar.', size: 'Arme 300 mm lang, im Abstand von 600 mm.' },
      'cleat-wall': {
        use: 'Hält alles an schrägen Leisten, nach Belieben umzuhängen.',
        size: 'Leisten von 18 mm unter 45 Grad, im Abstand von 150 mm.'
      }
    }
  )
}
