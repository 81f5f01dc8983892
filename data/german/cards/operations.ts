import type { WorkCard } from '../../../core/cards'

const work = (use: string, mistake: string): WorkCard => ({ use, mistake })

/** Was jede Arbeit ist, und was beim ersten Mal schiefgeht. */
export const operationCards: Readonly<Record<string, WorkCard | undefined>> = {
  'check-moisture': work(
    'Herausfinden, ob Holz trocken genug ist für den Ort, an dem das Stück stehen wird.',
    'Holz aus dem Schuppen gleich auf die Bank: gib ihm zwei Wochen drinnen.'
  ),
  measure: work(
    'Maße von Zeichnung, Raum und Stück nehmen.',
    'Zweimal mit zwei Bändern messen: sie weichen um einen Millimeter ab.'
  ),
  'mark-square': work(
    'Eine Linie rechtwinklig über ein Brett ziehen, um alle Seiten.',
    'Jede Seite von einer anderen Kante beginnen: immer dieselbe Fläche und Kante.'
  ),
  'mark-angle': work(
    'Eine Linie im Winkel ziehen, auf jedem Stück gleich.',
    'Jedes neu messen, statt einmal eine Schmiege zu stellen.'
  ),
  'gauge-lines': work(
    'Eine Linie parallel zu einer Kante reißen.',
    'Von beiden Seiten streichen: immer von der bearbeiteten.'
  ),
  'lay-out-curve': work(
    'Eine schöne Kurve zum Schneiden zeichnen.',
    'Zu viele Punkte: drei und eine gebogene Leiste sind schöner.'
  ),
  hold: work(
    'Das Stück festmachen, damit beide Hände für das Werkzeug frei sind.',
    'Es von Hand halten: das Werkzeug bewegt das Stück, und dann die Hand.'
  ),
  'support-sheet': work(
    'Eine Platte oder ein langes Brett auf seiner Länge tragen, während es geschnitten wird.',
    'Zwischen den Auflagen schneiden: der Schnitt schließt sich um das Blatt.'
  ),
  'break-down-sheet': work(
    'Eine ganze Platte in Teile schneiden.',
    'Beim ersten Schnitt fertig auf Maß: 5 mm mehr, dann nachschneiden.'
  ),
  crosscut: work('Ein Brett quer zur Faser auf Länge schneiden.', 'Jedes Stück messen: ein Stopp, alle gleich.'),
  'crosscut-angle': work(
    'Enden schräg schneiden, meist 45 Grad, damit sie sich in einer Ecke treffen.',
    'Ein halbes Grad daneben sind nach acht Schnitten mehrere Millimeter Spalt an der letzten Ecke.'
  ),
  'shoot-end': work(
    'Ein Ende winklig und glatt hobeln oder schleifen.',
    'Über die ferne Kante hinaushobeln: sie bricht aus.'
  ),
  'shoot-mitre': work(
    'Eine Gehrung nacharbeiten, bis sie schließt.',
    'Nur eine von zweien kürzen: sie werden ungleich.'
  ),
  rip: work(
    'Ein Brett längs zur Faser auf Breite schneiden.',
    'Bretter öffnen oder schließen sich hinter dem Blatt: ein Keil in den Schnitt.'
  ),
  'bevel-rip': work('Längs zur Faser schräg schneiden.', 'Der Abschnitt unter dem Blatt gefangen: frei liegen lassen.'),
  taper: work(
    'Ein Bein zum Fuß hin schmaler machen.',
    'Verjüngen, bevor die Verbindungen geschnitten sind: nichts ist mehr winklig.'
  ),
  resaw: work(
    'Ein Brett durch seine Dicke zu dünneren aufsägen.',
    'Sie gleich verarbeiten: an einem Tag werden sie hohl; mit Luft stapeln, dann abrichten.'
  ),
  'cut-curve': work(
    'An einer krummen Linie schneiden.',
    'Auf der Linie schneiden: 1 mm daneben, dann bis hin feilen und schleifen.'
  ),
  'cut-inside': work(
    'Ein Loch oder eine Form im Inneren ausschneiden.',
    'Keine gebohrten Ecken: das Blatt kann nicht wenden.'
  ),
  flatten: work(
    'Eine Fläche eben machen, damit alles andere von ihr gemessen werden kann.',
    'Ein krummes Brett flach drücken: hinter den Messern federt es zurück.'
  ),
  thickness: work(
    'Ein Brett überall gleich dick machen, die zweite Fläche parallel zur ersten.',
    'Alles von einer Seite: abwechselnd von beiden, sonst wird es hohl.'
  ),
  'prepare-boards': work(
    'Ebene, gerade Bretter auf Maß haben, so gekauft oder so gemacht.',
    'Alles auf einmal vorbereiten: was einen Monat liegt, arbeitet wieder.'
  ),
  'straighten-edge': work(
    'Eine Kante gerade und winklig zur Fläche machen.',
    'Einem krummen Anschlag folgen, oder ein kurzer Hobel auf langem Brett.'
  ),
  'shape-round': work(
    'Beine, Griffe und Stangen runden.',
    'Gleich nach Augenmaß rund: vierkant, achtkant, sechzehnkant, dann rund.'
  ),
  turn: work('Ein Stück formen, das sich auf der Drechselbank dreht.', 'Schnell, bevor es rund ist.'),
  carve: work(
    'Formen und Mulden von Hand schneiden.',
    'Stumpfes Werkzeug und trockenes hartes Holz am Anfang: Linde oder frisches Holz.'
  ),
  bore: work('Löcher für Schrauben, Dübel und Bolzen machen.', 'Nicht vorbohren nahe am Ende: es reißt.'),
  'bore-square': work('Genau rechtwinklig zur Fläche bohren.', 'Dem Auge nur von einer Seite trauen.'),
  'bore-large': work('Weite Löcher bohren, etwa über 16 mm.', 'Gerade durch: hinten reißt es aus.'),
  'bore-row': work('Reihen gleicher Löcher bohren, für Bodenträger.', 'Loch für Loch messen: Fehler summieren sich.'),
  'cut-dado': work(
    'Eine Nut quer über ein Brett schneiden, für Boden oder Trennwand.',
    'So breit wie die Zahl: so breit, wie der Boden ist.'
  ),
  'groove-edge': work(
    'Eine Nut entlang eines Bretts schneiden, für Rückwand, Boden oder Füllung.',
    'Bis durch die Enden, wo man sie sieht.'
  ),
  'cut-rebate': work(
    'Einen Falz an einer Kante schneiden, für Rückwand oder Deckel.',
    'Ein stumpfer Messerriss: die langen Fasern reißen aus.'
  ),
  'cut-half-lap': work(
    'Zwei Stücke dort, wo sie sich kreuzen, auf halbe Dicke schneiden.',
    'Beide ein wenig zu tief: die Flächen treffen sich nicht.'
  ),
  'cut-box-joint': work(
    'In zwei Enden Finger schneiden, die an der Ecke ineinandergreifen.',
    'Eine Vorrichtung um 0,1 mm daneben, zwanzigmal.'
  ),
  'cut-dovetail': work(
    'Schwänze und Zinken schneiden, die sich nicht auseinanderziehen lassen.',
    'Auf dem Riss sägen: daneben, im Abfall.'
  ),
  'cut-mortise': work(
    'Einen Schlitz und eine Zunge schneiden, die hineinpasst: die Verbindung von Rahmen, Tischen und Stühlen.',
    'Den Zapfen zuerst machen: der Schlitz entscheidet.'
  ),
  'join-loose-tenon': work(
    'Zwei Schlitze mit einer eigenen Zunge verbinden.',
    'Schlitze von verschiedenen Flächen: immer die Sichtseite unten.'
  ),
  'join-dowel': work(
    'Mit runden Stiften in passenden Löchern verbinden.',
    'Löcher so tief wie der Dübel: 2 mm mehr für den Leim.'
  ),
  'join-biscuit': work(
    'Mit flachen Plättchen aus Buche verbinden, die im Leim quellen.',
    'Langsam leimen: sie quellen in Minuten.'
  ),
  'join-pocket': work(
    'Mit Schrauben in schrägen Löchern verbinden.',
    'Keine Zwinge an der Fuge: die Schraube zieht sie aus der Flucht.'
  ),
  'key-mitre': work('Dünne Federn in eine Gehrungsecke setzen, die sie halten.', 'Bevor der Leim hart ist.'),
  'join-case': work(
    'Die Ecken eines Schranks oder Kastens aus Platten verbinden.',
    'Schrauben in eine Kante ohne Vorbohren.'
  ),
  'join-shelf': work('Böden zwischen den Seiten eines Korpus befestigen.', 'Nur Leim ins Hirnholz: er hält wenig.'),
  'join-box': work(
    'Die Ecken eines kleinen Kastens verbinden.',
    'Deckel und Kasten getrennt gemacht: mach einen, säg ihn auf.'
  ),
  'join-frame': work('Die Ecken eines Rahmens verbinden.', 'Gehrungen ohne Federn leimen: Hirnholz trinkt den Leim.'),
  'join-legs': work(
    'Zargen mit Beinen verbinden: was einen Tisch stehen lässt.',
    'Eine kurze Zunge: zwei Drittel des Beins.'
  ),
  'join-seat': work(
    'Verbinden, worauf Menschen sitzen oder steigen.',
    'Nur Schrauben unter einem Sitz: sie arbeiten sich los.'
  ),
  recess: work(
    'Den Falz schneiden, in dem Glas oder Füllung liegt.',
    'Massive Füllungen eingeleimt: sie müssen arbeiten können.'
  ),
  pare: work(
    'Dünne Späne von einer Verbindung nehmen, bis sie passt.',
    'Vom falschen Stück nehmen: anzeichnen, wo es reibt.'
  ),
  'cut-hinge': work(
    'Scharniere bündig ins Holz setzen.',
    'Zu tief: die Tür klemmt; Karton unter dem Scharnier hebt es.'
  ),
  'glue-up-panel': work('Bretter Kante an Kante verleimen.', 'Alle Zwingen auf einer Seite: es wölbt sich.'),
  'flatten-panel': work('Eine verleimte Platte ebnen.', 'Gleich längs zur Faser: zuerst quer, dann längs.'),
  'glue-up-block': work(
    'Bretter flächig zu einem dicken verleimen.',
    'Rutschen unter Druck: zwei Stifte oder ein Anschlag.'
  ),
  bend: work(
    'Dünne Lagen über eine Form biegen und leimen.',
    'Zu früh öffnen: einen Tag, und es federt noch etwas zurück.'
  ),
  'glue-up-frame': work(
    'Einen Rahmen winklig und eben verleimen.',
    'Kein Trockenlauf: die fehlende Zwinge findet sich, wenn der Leim drauf ist.'
  ),
  'glue-up-case': work('Einen Korpus winklig verleimen.', 'Die Diagonalen messen, wenn der Leim hart ist.'),
  'check-square': work(
    'Diagonalen vergleichen und den Rahmen auf Verwindung peilen.',
    'Einmal prüfen: noch einmal, wenn die Zwingen fest sind.'
  ),
  'dry-fit': work('Alles ohne Leim zusammensetzen.', 'Es auslassen.'),
  trial: work('Ein Werkzeug einstellen und Reste schneiden, bis es stimmt.', 'Am Stück selbst probieren.'),
  drive: work('Schrauben eindrehen.', 'Nicht vorgebohrt, nicht gesenkt: gerissenes Holz, vorstehende Köpfe.'),
  countersink: work('Platz für den Kopf einer Schraube machen.', 'Tiefer als der Kopf: er zieht sich durch.'),
  plug: work('Schraubenlöcher mit Zapfen aus demselben Holz schließen.', 'Die Faser quer gedreht.'),
  tack: work('Teile nageln oder heften.', 'Zwei Nägel in einer Faser: es reißt.'),
  'fit-back': work(
    'Rückwände und Böden einsetzen: sie halten einen Korpus winklig.',
    'Befestigen, bevor der Korpus winklig ist.'
  ),
  hang: work('Deckel und Türen anschlagen.', 'Je Scharnier zuerst eine Schraube, dann probieren, dann die übrigen.'),
  'fit-hardware': work(
    'Scharniere, Griffe und Verschlüsse anbringen.',
    'Messingschrauben ohne eine aus Stahl davor: sie brechen ab.'
  ),
  'fit-drawer': work('Eine Schublade einpassen, sodass sie läuft.', 'Im Winter eng, im Sommer fest: 1 bis 2 mm Luft.'),
  'profile-edge': work('Eine Kante runden, fasen oder profilieren.', 'Enden zuletzt: die Ecke bricht; Enden zuerst.'),
  'dress-edge': work('Die Kanten von Platten glatt und gerade machen.', 'Durch das oberste Furnier schleifen.'),
  'band-edge': work('Die Kanten von Platten verkleiden.', 'Zu heiß oder zu kurz.'),
  'trim-flush': work('Ein Stück bündig mit einem anderen schneiden.', 'Die Fräse über die Kante kippen.'),
  veneer: work('Dünnes Holz auf ein Brett legen.', 'Nur auf einer Seite: das Brett wölbt sich.'),
  fill: work('Löcher und Risse füllen.', 'Masse nach dem Ölen dunkler: zuerst probieren.'),
  'sand-flat': work('Flächen eben und glatt schleifen.', 'Körnungen auslassen.'),
  'sand-curve': work('Rundungen sauber schleifen.', 'Auf einer Stelle bleiben.'),
  smooth: work('Eine Fläche mit Hobel oder Ziehklinge glätten.', 'Gegen die Faser.'),
  'make-smooth': work(
    'Flächen für die Oberfläche bereit machen, mit der Schneide oder durch Schleifen.',
    'Streichen, bevor man von der Seite gegen das Licht geschaut hat.'
  ),
  sharpen: work('Eine Schneide wieder scharf machen.', 'Aufhören, bevor ein Grat da ist.'),
  stain: work('Das Holz färben.', 'Leimflecken: sie bleiben hell.'),
  finish: work(
    'Das Holz mit Öl, Lack oder Farbe schützen.',
    'Dicke Schichten, Staub in der Luft, ölige Lappen auf einem Haufen.'
  ),
  'fix-to-wall': work('Regale und Schränke an einer Wand befestigen.', 'Nicht zuerst nach Kabeln und Rohren suchen.'),
  'clear-up': work('Späne und Staub aufnehmen.', 'Feinen Staub in die Luft kehren.'),
  'keep-shop': work('Holen, herrichten, wegräumen: jede achte Stunde.', 'Es im Plan auslassen.')
}
