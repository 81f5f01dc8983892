/** What is looked at on used tools, in German. */
export const inspection: Readonly<Record<string, string>> = {
  'a piece of wood to try it on': 'ein Stück Holz zum Probieren',
  'a lamp': 'eine Lampe',
  'eye and ear protection': 'Augen- und Gehörschutz',
  'Cord, plug and strain relief whole from end to end, no tape, no scorching':
    'Kabel, Stecker und Zugentlastung von Ende zu Ende ganz, kein Klebeband, nichts verschmort',
  'Switch goes on and off at once, and does not start by itself when plugged in':
    'Schalter geht sofort an und aus, und beim Einstecken läuft nichts von selbst los',
  'Runs up evenly for two minutes, without sparks, smell or a growl; under load too, if you may':
    'Läuft zwei Minuten gleichmäßig, ohne Funken, Geruch oder Mahlen; unter Last auch, wenn man darf',
  'No play in spindle or shaft when you pull and push it by hand, unplugged':
    'Kein Spiel in Spindel oder Welle, von Hand gezogen und gedrückt, Stecker gezogen',
  'Fence, key, collet, bag and manual are all there; what is missing can still be had':
    'Anschlag, Schlüssel, Spannzange, Beutel und Anleitung sind da; was fehlt, gibt es noch zu kaufen',
  'Why it is sold, how much it ran, and whether anything was repaired':
    'Warum es verkauft wird, wie viel es lief, und ob etwas repariert wurde',
  'Pack is not swollen, cracked or opened, contacts clean; the charger is the maker’s own':
    'Akku nicht aufgebläht, gerissen oder geöffnet, Kontakte sauber; das Ladegerät ist vom Hersteller',
  'A full pack lasts: drive or cut for some minutes and watch the gauge; read its date':
    'Ein voller Akku hält: einige Minuten schrauben oder schneiden und die Anzeige ansehen; sein Datum lesen',
  'Guard is there, moves freely and springs back by itself':
    'Schutzhaube ist da, bewegt sich frei und federt von selbst zurück',
  'Sole or base is flat on a straight edge and not bent from a fall':
    'Sohle oder Grundplatte am Lineal eben und nicht von einem Sturz verbogen',
  'Base locks in depth and angle, and blade and base are parallel':
    'Grundplatte klemmt in Tiefe und Winkel, Blatt und Platte sind parallel',
  'a straight edge of half a metre': 'ein Lineal von einem halben Meter',
  'a square you trust': 'ein Winkel, dem du traust',
  'feeler gauges': 'Fühlerlehren',
  'Riving knife and blade guard are there, fit and stand in line with the blade':
    'Spaltkeil und Schutzhaube sind da, passen und stehen in einer Flucht mit dem Blatt',
  'Table flat within a tenth or two of a millimetre under a straight edge, corner to corner':
    'Tisch unter dem Lineal auf ein, zwei Zehntelmillimeter eben, von Ecke zu Ecke',
  'Fence locks at both ends and stands parallel to blade or slot':
    'Anschlag klemmt an beiden Enden und steht parallel zu Blatt oder Nut',
  'Blade rises, sinks and tilts smoothly over its whole way and stays where it is locked':
    'Blatt hebt, senkt und schwenkt leicht über den ganzen Weg und bleibt, wo es geklemmt ist',
  'Unplugged: one tooth, turned by hand, stands as far from the slot in front as behind':
    'Stecker gezogen: ein Zahn, von Hand gedreht, steht vorn so weit von der Nut wie hinten',
  'Stops hold: a cut at 90° and one at 45°, turned over and held together, show no gap':
    'Anschläge halten: ein Schnitt bei 90° und einer bei 45°, umgedreht aneinandergehalten, zeigen keinen Spalt',
  'Head does not give sideways when you push it at its lowest and farthest':
    'Kopf gibt seitlich nicht nach, wenn du ihn am tiefsten und weitesten Punkt drückst',
  'Unplugged: wheels run in one plane, tyres whole and not hard; the blade stays in the middle when you turn them by hand':
    'Stecker gezogen: Rollen laufen in einer Ebene, Bandagen ganz und nicht hart; das Band bleibt in der Mitte, wenn du sie von Hand drehst',
  'Guides and thrust bearings turn, are not grooved, and can be set':
    'Führungen und Rückenlager drehen, sind nicht eingelaufen und lassen sich einstellen',
  'Knives without nicks, with steel left to grind; price a new set before you go':
    'Messer ohne Scharten, mit Stahl zum Schleifen; sieh vorher nach, was ein neuer Satz kostet',
  'Rollers draw a board through evenly; no slipping, no burnt strip':
    'Walzen ziehen ein Brett gleichmäßig durch; kein Rutschen, kein verbrannter Streifen',
  'A board comes out as thick left as right, and its ends are not dug in by more than a hair':
    'Ein Brett kommt links so dick heraus wie rechts, und seine Enden sind kaum tiefer gehobelt',
  'Both tables flat and in one plane along their whole length under a straight edge':
    'Beide Tische unter dem Lineal auf ganzer Länge eben und in einer Ebene',
  'Quill has no side play when let down; a bit runs true to a few tenths of a millimetre':
    'Pinole hat heruntergelassen kein seitliches Spiel; ein Bohrer läuft auf wenige Zehntelmillimeter rund',
  'Chuck grips a thin and a thick bit; belts whole, pulleys straight':
    'Futter spannt einen dünnen und einen dicken Bohrer; Riemen ganz, Scheiben gerade',
  'Collet clean, not scored, and lets a shank in and out without force':
    'Spannzange sauber, ohne Riefen, und lässt einen Schaft ohne Gewalt ein und aus',
  'Plunges and locks smoothly; depth does not creep while it runs':
    'Taucht und klemmt leicht; die Tiefe wandert nicht, während sie läuft',
  'Pad flat, its holes open, and it still holds a disc or a sheet':
    'Teller eben, seine Löcher offen, und er hält noch eine Scheibe oder ein Blatt',
  'Draws dust through the pad into bag or hose': 'Zieht Staub durch den Teller in Beutel oder Schlauch',
  'a strip of paper': 'ein Streifen Papier',
  'Holds a sheet of paper fast at the end of the hose; as strong with a clean filter as it should be':
    'Hält ein Blatt Papier am Ende des Schlauchs fest; mit sauberem Filter so kräftig, wie er sein soll',
  'Filter whole, dry, of the class it says; seals and hose without cracks':
    'Filter ganz, trocken, von der angegebenen Klasse; Dichtungen und Schlauch ohne Risse',
  'a short straight edge': 'ein kurzes Lineal',
  'No crack or weld in any casting, handle or jaw': 'Kein Riss und keine Schweißnaht in Guss, Griff oder Backe',
  'Rust only on the surface, no pits on a sole, a face or near an edge':
    'Rost nur an der Oberfläche, keine Narben an Sohle, Fläche oder nahe einer Schneide',
  'Sole flat before and behind the mouth; light under the straight edge only in the hollow places':
    'Sohle vor und hinter dem Maul eben; Licht unter dem Lineal nur an den hohlen Stellen',
  'Iron long enough to grind for years, cap iron closes on it without a gap':
    'Eisen lang genug für Jahre des Schleifens, die Klappe liegt ohne Spalt auf',
  'Depth and side adjust without slipping; frog and screws are its own':
    'Tiefe und Seite lassen sich verstellen, ohne zu rutschen; Frosch und Schrauben sind die eigenen',
  'Blade straight when you sight along it; no kink, no crack at a tooth':
    'Blatt gerade, wenn du daran entlangsiehst; kein Knick, kein Riss an einem Zahn',
  'Teeth all there and of one height; sharpening, or a new blade, is priced in':
    'Zähne alle da und gleich hoch; Schärfen oder ein neues Blatt ist eingerechnet',
  'Handle whole and tight, and fits your hand': 'Griff ganz und fest, und er passt in deine Hand',
  'Back flat for the last few centimetres: that is where the work of a used one lies':
    'Spiegelseite auf den letzten Zentimetern eben: dort steckt bei einem gebrauchten die Arbeit',
  'Steel left in front of the handle; the edge not blued by a grinder':
    'Vor dem Griff ist noch Stahl; die Schneide nicht vom Schleifbock blau angelaufen',
  'Handles not split, ferrules or sockets tight': 'Griffe nicht gespalten, Zwingen oder Tüllen fest',
  'a straight board with one true edge': 'ein gerades Brett mit einer genauen Kante',
  'a sharp pencil': 'ein spitzer Bleistift',
  'Draw a line, turn it over, draw it again: both lie on one another':
    'Zieh einen Strich, dreh ihn um, zieh ihn noch einmal: beide liegen aufeinander',
  'Edges straight against another straight edge and against the light, not worn or nicked':
    'Kanten gerade an einem anderen Lineal und gegen das Licht, nicht abgenutzt oder schartig',
  'Scale readable along its whole length, locks hold': 'Teilung auf ganzer Länge lesbar, Klemmen halten',
  'a scrap of wood': 'ein Holzrest',
  'Bar or pipe straight, its teeth not rounded where the jaw grips':
    'Schiene oder Rohr gerade, Zähne nicht rund, wo die Backe greift',
  'Tighten hard on a scrap: nothing slips, jaws close square':
    'Spann fest auf einem Rest: nichts rutscht, die Backen schließen rechtwinklig',
  'Screw turns freely over its whole way; pads are there': 'Spindel dreht auf ganzem Weg leicht; Druckplatten sind da',
  'a long straight edge': 'ein langes Lineal',
  'a tape': 'ein Bandmaß',
  'Push it lengthways and across: it does not rack or walk': 'Schieb sie längs und quer: sie wackelt und wandert nicht',
  'Top flat enough for your work, thick enough to plane once more, no deep splits':
    'Platte eben genug für deine Arbeit, dick genug, um noch einmal gehobelt zu werden, keine tiefen Risse',
  'Vice closes parallel, holds a board without racking, its screw not worn loose':
    'Zange schließt parallel, hält ein Brett, ohne zu verkanten, ihre Spindel nicht ausgeschlagen',
  'No fresh wood dust under small holes: that is living worm':
    'Kein frisches Holzmehl unter kleinen Löchern: das ist lebender Wurm',
  'Comes apart, and fits through your doors': 'Lässt sich zerlegen und passt durch deine Türen'
}
