import type { courage as englishCourage, hazardSheets as english } from '../hazard-sheets'
import type { Said } from '../language'

export const hazardSheets: Said<typeof english> = {
  title: 'Was verletzen kann, und was dagegen hilft',
  subtitle: 'Zu jeder Gefahr ein Blatt, wie weit du bei ihr gehst, und was die Übung gebracht hat.',
  general: {
    chips: 'Späne und Splitter',
    heat: 'Hitze, Lappen und Dämpfe',
    lifting: 'Platten heben',
    company: 'Kinder und Gäste'
  },
  texts: {
    'sharp-edge': {
      happens:
        'Eine stumpfe Schneide braucht Kraft, rutscht ab und geht dahin, wo die andere Hand ist.',
      stand:
        'Werkstück gespannt oder am Anschlag, beide Hände hinter der Schneide, von dir weg. Nie ein Stück in der Handfläche, nie ein Finger vor der Schneide, der sie führt.',
      before:
        'Zuerst schärfen; Scharfes braucht wenig Kraft. Ein Platz fürs Werkzeug, Schneide von dir weg.',
      after:
        'Schutz drauf oder zurück an den Haken. Nichts Scharfes in der Schürze oder über der Bankkante.',
      shows: {
        'other-hand': 'Beide Hände hinter der Schneide. Der Platz davor gehört keiner Hand.'
      }
    },
    'spinning-bit': {
      happens:
        'Ein Bohrer, der fasst, dreht das ganze Stück mit oder die Maschine samt Handgelenk. Handschuhe, Ärmel, Bänder und Haare sind aufgewickelt, bevor du loslassen kannst.',
      stand:
        'Stück gespannt oder am Anschlag, dass es sich nicht drehen kann. Zusatzgriff dran, Arm gestreckt, bereit loszulassen. Lochsägen und Flachbohrer langsam, von beiden Seiten.',
      before:
        'Keine Handschuhe, Ärmel zu oder hoch, Haare gebunden. Futterschlüssel heraus. Passende Drehzahl: große Bohrer langsam.',
      after:
        'Von selbst auslaufen lassen, nie mit der Hand bremsen. Späne mit dem Pinsel weg, nicht mit den Fingern.',
      shows: {
        sleeves:
          'Keine Handschuhe, keine Ärmel an dem, was sich dreht. Die Zwinge, nicht die Hand, hält gegen die Drehung.'
      }
    },
    'hand-blade': {
      happens:
        'Der Schnitt schließt sich am Blatt, weil das Brett durchhängt oder sich verdreht, und die Säge springt schneller auf dich zu, als du weichen kannst.',
      stand:
        'Neben der Linie, nie hinter der Säge. Beide Hände an den Griffen, die andere Hand nie dahinter oder darunter. Die abfallende Seite darf fallen, der Rest liegt bis zum Schnitt auf.',
      before:
        'Tiefe einen Zahn unter das Brett. Die Schutzhaube schwingt frei. Kabel hinter dir. Anlaufen lassen, bevor das Blatt berührt.',
      after:
        'Klemmt sie: aus, und stillhalten, bis sie steht. Auslaufen lassen, bevor du sie hebst oder ablegst.',
      shows: {
        'kickback-hand':
          'Nur an den Enden aufgelegt hängt das Brett durch, der Schnitt schließt sich, die Säge springt zurück.',
        'falling-offcut':
          'Aufgelegt unter dem Stück, das bleibt; der Abschnitt fällt weg und klemmt nichts.'
      }
    },
    'fixed-blade': {
      happens:
        'Was zwischen Blatt und Anschlag klemmt oder sich vom Anschlag wegdreht, fliegt mit der Kraft des Motors die Linie zurück und zieht die Hand mit hinein.',
      stand:
        'Neben der Linie des Blatts, auf beiden Füßen, Hände nie über oder hinter dem Blatt. Schiebestock für die letzte Handbreit, Druck zwischen Blatt und Anschlag. Nie freihändig; nie mit kurzem Stück an Parallel- und Queranschlag zugleich.',
      before:
        'Spaltkeil und Haube dran, Anschlag parallel, Blatt einen Zahn über dem Brett. Tisch leer, Weg hinaus frei, Schiebestock griffbereit.',
      after:
        'Aus, warten bis es steht, dann erst den Abschnitt nehmen. Stecker heraus beim Blattwechsel.',
      shows: {
        'kickback-fence': 'Du stehst neben der Linie; was klemmt, fliegt auf ihr.',
        'push-stick': 'Keil hinter dem Blatt, Haube darüber, der Stock, wo sonst eine Hand wäre.'
      }
    },
    'router-bit': {
      happens:
        'Im Gleichlauf klettert die Fräse an der Kante entlang und reißt dir davon oder schlägt dir ein kleines Stück aus der Hand.',
      stand:
        'Gegen die Drehung führen: außen um ein Stück gegen den Uhrzeiger, in einem Ausschnitt mit ihm, von oben gesehen. Beide Hände daran, Sohle flach, geringe Tiefe. Am Tisch von rechts nach links, das Stück länger als zwei Hände.',
      before:
        'Fräser bis zum Grund, zwei Millimeter zurück, fest. Drehzahl herunter bei großen Fräsern. Stück gespannt.',
      after: 'Auslaufen lassen, bevor du abhebst oder ablegst. Stecker heraus beim Fräserwechsel.',
      shows: {
        'feed-direction': 'Außen gegen den Uhrzeiger, im Ausschnitt mit ihm.',
        'climb-cut': 'So nicht: im Gleichlauf zieht der Fräser die Maschine die Kante entlang.'
      }
    },
    'feed-rollers': {
      happens:
        'Walzen und Messer nehmen kurze Stücke, lose Äste und Finger gleichermaßen. Ein kurzes Stück kippt zwischen die Walzen, birst oder wird zurückgeschossen.',
      stand:
        'Neben dem Weg des Bretts, vorn wie hinten. Schiebehölzer, kein Daumen über dem Ende, Hände nie unter die Tischkante und nie über die Messer.',
      before:
        'Nichts Kürzeres, als das Handbuch sagt: länger als der Abstand der Walzen. Lose Äste, Nägel, Sand und alter Anstrich: nicht hindurch. Haube und Schlauch dran.',
      after:
        'Klemmt es: aus, Stecker heraus, warten bis es steht, dann erst öffnen. Tisch herunter, bevor du ziehst.',
      shows: {
        'knots-short':
          'Kürzer als der Abstand der Walzen kippt es in die Messer; lose Äste fliegen.',
        jam: 'Erst der Stecker. Dann die Klemme.'
      }
    },
    'fired-nail': {
      happens:
        'Ein Nagel folgt der Faser, biegt am Ast oder am nächsten Nagel ab und kommt seitlich heraus: wo die andere Hand hält.',
      stand:
        'Die andere Hand weiter weg, als der Nagel lang ist, nie in der Flucht der Kante. Nase flach aufgesetzt, im rechten Winkel.',
      before: 'Nägel nicht länger, als beide Stücke erlauben. Einzelauslösung. Augen geschützt.',
      after:
        'Finger vom Abzug beim Gehen. Schlauch ab oder Akku heraus, bevor eine Klemme gelöst wird.',
      shows: {
        'nail-side':
          'Er biegt mit der Faser ab und kommt heraus, wo Finger halten. Eine Nagellänge Abstand.'
      }
    },
    dust: {
      happens:
        'Was du siehst, fällt in Minuten; was du nicht siehst, bleibt stundenlang in der Luft, geht tief in die Lunge und schadet ihr auf Dauer. Manche Hölzer tun es sofort.',
      stand:
        'Maske vor dem ersten Strich, dicht an der Nase. Schlauch am Werkzeug, Luft von hinten, Tor offen.',
      before:
        'Filter frisch, Beutel nicht voll. Wo Hobel oder Ziehklinge reichen: Späne statt Staub.',
      after:
        'Maske auf und Tor offen, bis die Luft wieder rein ist. Saugen, nicht fegen und nicht blasen.',
      shows: {
        'fine-dust':
          'Am Werkzeug fangen, Tor auf, die Maske bleibt nach dem letzten Strich noch auf.'
      }
    },
    chips: {
      happens:
        'Späne, Splitter und Stücke eines gebrochenen Werkzeugs fliegen in die Augen; Splitter gehen in Hände, die eine Kante entlangstreichen.',
      stand:
        'Gesicht aus der Wurfrichtung. Hände an glatten Flächen; Kanten brechen, bevor man sie anfasst.',
      before:
        'Augenschutz mit Stoßzeichen auf, auch über der eigenen Brille; bei Zuschauern ebenso.',
      after:
        'Brille zuletzt ab. Splitter sauber heraus, Stelle desinfizieren; im Auge: spülen, zum Arzt.',
      shows: { chips: 'Sie fliegen in der Linie des Schnitts: Brille auf, Gesicht daneben.' }
    },
    heat: {
      happens:
        'Lappen mit trocknendem Öl erhitzen sich im Haufen von selbst und brennen Stunden später, wenn niemand da ist. Heißkleber und Bügeleisen verbrennen die Haut; Dämpfe zünden am Funken und machen schwindlig.',
      stand:
        'Fenster offen, keine Flamme, kein funkender Motor bei Dämpfen oder feinem Staub. Heißkleber: mit einem Stäbchen drücken, nicht mit dem Finger.',
      before:
        'Wassereimer oder Blechdose mit Deckel bereit. Löscher und Rauchmelder, wo du arbeitest. Die Dose lesen.',
      after:
        'Lappen draußen flach in einer Lage trocknen oder unter Wasser in die Dose mit Deckel. Bügeleisen und Klebepistole ausstecken.',
      shows: {
        rags: 'Nie im Haufen: in einer Lage im Freien oder unter Wasser in einer Dose mit Deckel.'
      }
    },
    lifting: {
      happens:
        'Eine Platte wiegt dreißig Kilogramm und fängt Wind wie ein Segel: Rücken, Zehen und Türrahmen leiden. Zersägt kippen ihre Hälften.',
      stand:
        'Hochkant, Rücken gerade, aus den Knien; zu zweit oder mit Tragehaken. Schieben, nicht schwingen.',
      before: 'Weg frei, Platz zum Ablegen bereit. Allein: zuschneiden lassen, wo du kaufst.',
      after: 'Hochkant lehnen und anbinden, wo kein Kind sie umziehen kann.',
      shows: { lifting: 'Hochkant, Rücken gerade, aus den Knien, und zu zweit.' }
    },
    company: {
      happens:
        'Kinder, Tiere und Gäste treten von hinten heran; du zuckst, und die Hand zuckt mit. Sie haben keinen Schutz an.',
      stand:
        'Eine Linie am Boden, die niemand überschreitet, solange etwas läuft. Aufschauen erst, wenn es steht.',
      before:
        'Sagen, dass du anfängst; Tür zu, oder jemand passt auf. Augen und Ohren für alle, die bleiben.',
      after: 'Ausgesteckt, Akkus heraus, Schlüssel weg, Schneiden bedeckt, bevor du gehst.',
      shows: { company: 'Hinter der Linie, bis es steht.' }
    }
  },
  happens: 'Was geschieht',
  stand: 'Wie man steht und hält',
  before: 'Davor',
  after: 'Danach',
  gentler: 'Der sanftere Weg und seine Zeit',
  gentlerLine: (work, gentler, its, instead, quick) =>
    `${work}: ${gentler}, ${its}; statt ${instead}, ${quick}`,
  gentlerShort: (method, time) => `Der sanftere Weg: ${method}, ${time}.`,
  byService: 'als Dienst',
  gentlerNone: (work, method) =>
    `${work}: kein sanfterer Weg bekannt als ${method}; machen lassen oder weglassen.`,
  each: (minutes) => `etwa ${minutes} samt Einrichten`,
  manual: 'Übliche Praxis. Das Handbuch des Werkzeugs und deine örtlichen Regeln gehen vor.',
  open: 'Was verletzen kann:',
  all: 'Bei aller Arbeit'
}

export const courage: Said<typeof englishCourage> = {
  title: 'Wie weit du gehst',
  why: 'Arbeitsweisen über deiner Stufe werden nie geplant. Übung kann die nächste vorschlagen; heraufsetzen kannst nur du sie.',
  level: (name) => `Wie weit bei: ${name}`,
  practised: (say, hours, pieces) =>
    hours > 0
      ? `${say.number(hours, 1)} Stunden nach deinem Buch, in ${say.number(pieces, 0)} fertigen ${pieces === 1 ? 'Stück' : 'Stücken'}.`
      : 'Nach deinem Buch noch nichts.',
  asks: 'Die nächste Stufe verlangt',
  steps: [
    [],
    [
      'Das Handbuch gelesen, das Werkzeug ausgesteckt vor dir.',
      'Jemand, der es einmal zeigt, oder ein Kursabend.',
      'Eine Probe am Abschnitt: drei Schnitte oder Löcher, bei denen ein Kind zusehen dürfte.'
    ],
    [
      'Im Handbuch noch einmal gelesen, was von Schutz und Einstellung handelt.',
      'Jemand, der es kann, in der ersten Stunde neben dir.',
      'Ein kleines Stück nur damit: ein Kasten, ein Ständer, eine Reihe gleicher Schnitte an Abschnitten.'
    ],
    [
      'Stufe zwei eine gute Weile ohne Schreck.',
      'Ein Kurs, oder ein Tag bei jemandem, der es täglich tut.',
      'Jeder neue Schnitt zuerst trocken: ausgesteckt, Hände wo sie hingehen werden, dann am Abfall.'
    ]
  ],
  opens: (say, steps, builds, hours, operations) =>
    steps === 0
      ? 'Sie brächte nichts, wonach deine Vorhaben fragen.'
      : `Sie brächte, mit dem Werkzeug dazu, einen schnelleren Weg für ${say.number(steps, 0)} ${steps === 1 ? 'Schritt' : 'Schritte'} in ${say.number(builds, 0)} Vorhaben (${operations})${hours >= 0.5 ? `: bis zu ${say.number(hours, 1)} Stunden weniger` : ''}.`,
  top: 'Darüber gibt es keine Stufe.',
  sheet: (name) => `Das Blatt: ${name}`,
  unlimited: 'Nichts gesagt: keine Arbeitsweise bleibt deshalb weg.'
}
