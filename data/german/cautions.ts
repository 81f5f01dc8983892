/** Cautions of tools in German, and what a tool needs beside it and why. */
export const cautions: Readonly<Record<string, string>> = {
  'Both hands behind the edge, the work clamped: a sharp edge cuts, a dull one slips.':
    'Beide Hände hinter der Schneide, das Werkstück gespannt: eine scharfe Schneide schneidet, eine stumpfe rutscht.',
  'Cables and pipes hide in walls: switch the circuit off where in doubt, and ask a licensed electrician.':
    'In Wänden liegen Kabel und Rohre: im Zweifel den Stromkreis abschalten und eine Elektrofachkraft fragen.',
  'Begin slowly with the fingers clear of the line; the work held, the free hand behind the cut.':
    'Langsam beginnen, die Finger weg vom Riss; das Werkstück gespannt, die freie Hand hinter dem Schnitt.',
  'Shoe pressed to the work, both hands on it; look for cables and pipes before a wall.':
    'Schuh ans Werkstück gedrückt, beide Hände daran; vor einer Wand nach Kabeln und Rohren suchen.',
  'Cut away from the hand that holds, thumb behind the edge.':
    'Von der haltenden Hand weg schneiden, der Daumen hinter der Schneide.',
  'Rest within 3 mm of the wheel, shield down, stand aside while it runs up; never grind on the side of the wheel.':
    'Auflage bis auf 3 mm an die Scheibe, Schild unten, beim Hochlaufen zur Seite treten; nie an der Seite der Scheibe schleifen.',
  'No gloves and no loose sleeves near a turning bit.':
    'Keine Handschuhe und keine losen Ärmel nahe am drehenden Bohrer.',
  'No gloves and no loose sleeves near what turns; clamp the work.':
    'Keine Handschuhe und keine losen Ärmel nahe an Drehendem; das Werkstück spannen.',
  'No gloves and no loose sleeves near a turning bit; look for cables and pipes before a wall.':
    'Keine Handschuhe und keine losen Ärmel nahe am drehenden Bohrer; vor einer Wand nach Kabeln und Rohren suchen.',
  'Kickback: let a bound saw stop, and never put a hand behind it.':
    'Rückschlag: eine klemmende Säge auslaufen lassen, und nie eine Hand dahinter.',
  'Both hands on the tool, the work clamped; let it stop before you set it down.':
    'Beide Hände an der Maschine, das Werkstück gespannt; erst ablegen, wenn sie steht.',
  'Plunge with the rail clamped or the stop set: it kicks back when plunged freehand; let it come to rest before lifting it.':
    'Eintauchen mit gespannter Schiene oder gesetztem Stopp: freihand schlägt sie zurück; vor dem Abheben stehen lassen.',
  'Fine dust harms the lungs: hose on, mask on.': 'Feiner Staub schadet der Lunge: Schlauch dran, Maske auf.',
  'Start with the bit clear of the work; feed against its rotation.':
    'Anlaufen lassen, ohne dass der Fräser das Holz berührt; gegen seine Drehung führen.',
  'Start with the bit clear of the work; keep the base seated.':
    'Anlaufen lassen, ohne dass der Fräser das Holz berührt; die Grundplatte aufliegen lassen.',
  'Never point it at anyone; keep the other hand well away and disconnect it to clear a jam.':
    'Nie auf jemanden richten; die andere Hand weit weg, und vor dem Lösen einer Klemmung trennen.',
  'Start with the bit clear of the work and feed against its rotation; unplug it to change bits.':
    'Anlaufen lassen, ohne dass der Fräser das Holz berührt, gegen seine Drehung führen; zum Fräserwechsel Stecker ziehen.',
  'Both hands on it; set it down only when the drum has stopped.':
    'Beide Hände daran; erst ablegen, wenn die Welle steht.',
  'Guard on, handle on, both hands, work clamped; toothed carving discs kick hard: only those the manual allows.':
    'Schutz und Griff dran, beide Hände, Werkstück gespannt; gezahnte Schnitzscheiben schlagen hart: nur die, die die Anleitung erlaubt.',
  'Hands outside the marked zone, arms never crossed, short pieces clamped; a slider is pushed, not pulled; let the blade stop before it comes up.':
    'Hände außerhalb der markierten Zone, Arme nie gekreuzt, kurze Stücke gespannt; eine Zugsäge wird geschoben, nicht gezogen; das Blatt vor dem Hochfahren stehen lassen.',
  'Riving knife and guard fitted; never freehand, never fence and mitre gauge together; stand out of line with the blade.':
    'Spaltkeil und Haube dran; nie freihand, nie Längs- und Gehrungsanschlag zugleich; nicht in der Linie des Blatts stehen.',
  'Guard lowered to just above the work; round stock in a cradle; no hand in line with the blade.':
    'Schutz bis knapp über das Werkstück; Rundes in einer Lade; keine Hand in der Linie des Blatts.',
  'Hands outside the marked zone, arms never crossed, short pieces clamped; let the blade stop before it comes up.':
    'Hände außerhalb der markierten Zone, Arme nie gekreuzt, kurze Stücke gespannt; das Blatt vor dem Hochfahren stehen lassen.',
  'Hands outside the marked zone and a stick for the last bit; unplug it before you touch the blade.':
    'Hände außerhalb der markierten Zone und ein Schiebestock für den Rest; Stecker ziehen, bevor du das Blatt berührst.',
  'Nothing short: follow the manual’s least length.': 'Nichts Kurzes: die Mindestlänge der Anleitung einhalten.',
  'Guard over the cutter; push blocks, never fingers.': 'Schutz über der Welle; Schiebehölzer, nie die Finger.',
  'Clamp the work or hold it in a vice: a bit that catches spins it. No gloves, hair tied.':
    'Werkstück spannen oder im Schraubstock: ein Bohrer, der packt, reißt es herum. Keine Handschuhe, Haare gebunden.',
  'On the side of the disc that runs down, the work held down; let it come to a stop.':
    'An der abwärts laufenden Seite des Tellers, das Werkstück niedergehalten; auslaufen lassen.',
  'Nothing short, no hands under the guard; keep to the manual’s least length.':
    'Nichts Kurzes, keine Hände unter den Schutz; die Mindestlänge der Anleitung einhalten.',
  'No loose sleeves, no gloves; turn the work by hand before switching on.':
    'Keine losen Ärmel, keine Handschuhe; das Werkstück vor dem Einschalten von Hand drehen.',
  'For the hand that holds a carving; never near anything that turns.':
    'Für die Hand, die ein Schnitzstück hält; nie nahe an etwas, das sich dreht.',
  'Only on a saw whose manual allows it: many arbors are too short, and in much of Europe saws are not sold for it. The guard comes off: featherboards, push block, guard back on after.':
    'Nur auf einer Säge, deren Anleitung es erlaubt: viele Wellen sind zu kurz, und in weiten Teilen Europas werden Sägen dafür nicht verkauft. Die Haube muss ab: Druckkämme, Schiebeholz, danach die Haube wieder dran.',
  'Spread oily cloths flat to dry outdoors: folded, they can catch fire by themselves.':
    'Ölige Lappen ausgebreitet im Freien trocknen: gefaltet können sie sich selbst entzünden.',
  'Hot: set it on its heel, away from shavings.': 'Heiß: auf die Ferse stellen, weg von Spänen.',
  'Packs of another maker are cheaper; they can void the warranty and some have caught fire.':
    'Akkus anderer Hersteller sind billiger; sie können die Garantie kosten, und manche haben gebrannt.',
  'Unroll it whole; its gauge must suit the tool. For new outlets ask a licensed electrician.':
    'Ganz abrollen; der Querschnitt muss zur Maschine passen. Für neue Steckdosen eine Elektrofachkraft fragen.',
  'With its riving knife slot: the knife stays in.': 'Mit dem Schlitz für den Spaltkeil: der Keil bleibt drin.',
  'Mist burns and vapour harms: outdoors or with real extraction, no flame, and the mask for vapour on.':
    'Nebel brennt und Dampf schadet: im Freien oder mit echter Absaugung, keine Flamme, und die Gasmaske auf.',
  'Plug-in ones only; anything wired is for a licensed electrician.':
    'Nur solche zum Einstecken; alles fest Verdrahtete ist für eine Elektrofachkraft.',
  'Steam scalds: long gloves, the box open at its low end, never sealed.':
    'Dampf verbrüht: lange Handschuhe, der Kasten am tiefen Ende offen, nie dicht.',
  'Hot enough to light shavings; old paint may hold lead: have it tested first.':
    'Heiß genug, um Späne zu entzünden; alte Farbe kann Blei enthalten: zuerst prüfen lassen.'
}
