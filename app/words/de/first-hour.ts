export const firstHour: Readonly<Record<string, readonly string[]>> = {
  'table-saw': [
    'Anleitung gelesen, Haube, Spaltkeil und Schiebestock bereit; Stecker gezogen.',
    'Waagrecht und fest auf trockenem Boden, hinten Platz für das, was herauskommt.',
    'Fett vom Tisch, Wachs darauf.',
    'Blatt zur Nut, dann Anschlag zum Blatt, dann Blatt im Winkel zum Tisch, dann seine Rasten.',
    'Spaltkeil in Flucht, Haube unten und frei, Schlauch daran.',
    'Erster Schnitt: ein gerades, trockenes, ebenes Brett; neben der Linie stehen; prüfen, nachstellen.'
  ],
  'mitre-saw': [
    'Anleitung gelesen; Stecker gezogen. Auf Gestell oder Bank verschraubt oder geklemmt.',
    'Anschlag auf beiden Seiten gerade, Blatt im Winkel zu Anschlag und Tisch, dann die Rasten.',
    'Auflagen links und rechts auf Tischhöhe; Beutel oder Schlauch daran.',
    'Die Haube fällt von selbst, die Bremse hält das Blatt an.',
    'Mit fünf Schnitten prüfen, dann die Rasten noch einmal.'
  ],
  'band-saw': [
    'Anleitung gelesen; Stecker gezogen. Räder sauber, Band mit den Zähnen nach unten und vorn.',
    'Spannung nach Skala, Lauf von Hand, bis es bleibt, dann unter Strom.',
    'Führungen hinter dem Zahngrund, papierdünn vom Band; Rückenrolle knapp frei.',
    'Tisch im Winkel; den Verlauf suchen und den Anschlag danach stellen.'
  ],
  planer: [
    'Anleitung gelesen; Stecker gezogen. Rostschutz von den Tischen, Wachs darauf.',
    'Tische in Flucht: ein Lineal über beide, dann der Abnahmetisch auf Höhe der Messer.',
    'Messer links und rechts gleich hoch; Anschlag im Winkel.',
    'Absaugung an: ohne sie verstopft er. Schutz über den Messern.',
    'Erster Zug: ein halber Millimeter, ein Brett über 300 mm, Schiebeblöcke in beiden Händen.'
  ],
  thicknesser: [
    'Anleitung gelesen; Stecker gezogen. Waagrecht, verschraubt oder geklemmt, vorn und hinten eine Brettlänge frei.',
    'Walzen sauber, Tisch gewachst, Absaugung an.',
    'Zwei Bretter links und rechts zeigen, ob Messer und Tisch parallel stehen.',
    'Erster Zug: ein halber Millimeter, nie Stücke, die kürzer sind als der Abstand der Walzen.'
  ],
  'drill-press': [
    'Anleitung gelesen; Stecker gezogen. Festgeschraubt: sie ist kopflastig.',
    'Fett ab, Futter und Kegel abgewischt und eingedrückt.',
    'Tisch im Winkel zum Bohrer, Rundlauf mit einem Stab.',
    'Riemen auf die Drehzahl des Bohrers; Schraubstock oder Zwinge zur Hand vor dem ersten Loch.'
  ],
  router: [
    'Anleitung gelesen; Stecker gezogen. Spannzange und Mutter sauber.',
    'Fräser zu drei Vierteln des Schafts, nicht auf Grund; Mutter fest, Verriegelung frei.',
    'Kleine Drehzahl für breite Fräser. Grundplatte eben und im Winkel.',
    'Erster Schnitt: gegen die Drehung, höchstens 3 mm tief, im Abfall.'
  ],
  'circular-saw': [
    'Anleitung gelesen; Stecker gezogen oder Akku heraus. Blatt passend, scharf, fest.',
    'Grundplatte zum Blatt parallel und im Winkel.',
    'Die Haube fällt von selbst zurück; Tiefe einen Zahn unter dem Brett.',
    'Erster Schnitt an einer Führung, die Platte auf beiden Seiten gestützt.'
  ],
  'drill-driver': [
    'Akku geladen, ein zweiter lädt.',
    'Kupplung zuerst klein; Gang 1 für Schrauben, 2 zum Bohren.',
    'Ein Bit, das passt; ein Loch und eine Schraube im Abfall desselben Holzes.'
  ],
  sander: [
    'Schlauch oder Beutel daran, Maske auf.',
    'Körnung 80, 120, 180 in dieser Folge; Scheibe auf den Löchern.',
    'Aufsetzen, bevor er läuft, abheben, bevor er steht; kein Druck als sein Gewicht.'
  ],
  vacuum: [
    'Beutel oder Filter eingesetzt, richtig herum.',
    'Schlauch und Adapter dicht an dem Werkzeug, das am meisten staubt.',
    'Papier, das am Schlauchende hält, zeigt den Zug.'
  ],
  plane: [
    'Eisen heraus, Spiegelseite eben, Schneide geschärft.',
    'Klappe dicht auf dem Eisen, einen Millimeter zurück.',
    'Sohle an Spitze, Maul und Ende eben; Wachs darauf.',
    'Erster Span in Nadelholz mit der Faser: über die ganze Breite, dünn wie Papier.'
  ],
  edge: [
    'Spiegelseite an der Schneide eben, Fase bis zum Grat, abgezogen.',
    'Heft und Zwinge fest. Eine Kappe oder Rolle für jedes, vor dem ersten Schnitt in den Finger.',
    'Sauber geschnittenes Hirnholz von Nadelholz zeigt, dass es scharf ist.'
  ]
}

export const shopHelps: Readonly<Record<string, string>> = {
  'push-stick-made':
    'Vor dem ersten schmalen Längsschnitt. Er kostet einen Rest und erhält Finger.',
  'crosscut-sled': 'Sobald du an der Tischkreissäge öfter ablängst: winklig, sicher, wiederholbar.',
  'cutting-guide': 'Vor der ersten Platte mit der Säge in der Hand.',
  'crosscut-guide': 'Ab dem zweiten Brett, das so lang sein soll wie das erste.',
  'drill-block': 'Ab vier Löchern, die gerade stehen müssen.',
  'bench-hook': 'Mit der ersten Handsäge: sie hält und gibt den Winkel.',
  'shooting-board': 'Mit dem ersten Hobel, wenn Enden passen müssen.',
  'mitre-sled': 'Ab dem zweiten Bilderrahmen.',
  'taper-jig': 'Ab vier konischen Beinen.',
  'box-joint-jig': 'Ab dem zweiten Kasten.',
  featherboard: 'Wo ein Brett ausweichen will: lange Längsschnitte und Nuten.',
  'stop-fence': 'Ab drei Stücken einer Länge.'
}
