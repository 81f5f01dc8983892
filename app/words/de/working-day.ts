import { DUST_LIMITS } from '../../../core/workshop'
import type { Said } from '../language'
import type { workingDay as english } from '../working-day'

export const workingDay: Said<typeof english> = {
  title: (build) => `Bevor du anfängst: ${build}`,
  titleNone: 'Bevor du anfängst',
  subtitle: (evening, of, time) => `Abend ${evening} von ${of}, ${time}. Eine Minute, dann los.`,
  none: 'Mit dem, was da ist, lässt sich nichts anfangen. Plane ein Stück, und sein erster Abend steht hier.',
  build: 'Stück',
  evening: 'Abend',
  hours: 'Stunden am Stück',
  print: 'Drucken',
  checksTitle: 'Eine Minute',
  checks: (wear, tools, motors) => [
    wear.length > 0
      ? `Schutz (${wear.join(', ')}): angelegt oder griffbereit.`
      : 'Nichts Besonderes anzulegen.',
    `Bereit und heil: ${tools.join(', ')}. Sägeblätter und Bohrer scharf, passend, fest.`,
    ...(motors
      ? [
          'Schutzhauben dran und leichtgängig; Spaltkeil und Schiebestock an ihrem Platz.',
          'Stecker gezogen oder Akku heraus, bei jedem Wechsel von Blatt oder Bohrer.',
          'Kabel abgerollt, hinter dir, nicht in der Schnittlinie; nichts durchgescheuert. Neue Steckdosen: frag eine Elektrofachkraft.',
          'Schlauch dran, oder Fenster und Tor offen. Keine Handschuhe, weiten Ärmel, Bänder oder offenen Haare bei allem, was sich dreht.'
        ]
      : [
          'Schneiden bedeckt, bis sie gebraucht werden; jede an ihrem Platz, keine am Rand der Bank.'
        ]),
    'Licht von der Seite auf den Riss. Boden frei, trocken und gefegt, wo du stehst.',
    'Telefon in der Tasche, Verbandkasten und Feuerlöscher mit einer Hand erreichbar.',
    'Jemand weiß, dass du arbeitest. Kinder und Gäste: draußen oder hinter der Linie, bevor eine Maschine anläuft.',
    'Müde, verärgert oder in Eile: mach heute die leisen Schritte.'
  ],
  noiseTitle: 'Lärm des Tages',
  noise: (say, { dose, exposure, loudest }) =>
    loudest === undefined
      ? 'Über den Lärm dieser Arbeit ist nichts bekannt.'
      : `${say.number(dose.threeDb, 0)} % des Lärms eines Tages nach der 3-dB-Regel, ${say.number(dose.fiveDb, 0)} % nach der 5-dB-Regel; auf acht Stunden ${say.number(exposure.bare, 0)} dB(A)${exposure.worn === undefined ? '' : `, ${say.number(Math.max(0, exposure.worn), 0)} hinter dem Schutz, den du hast`}.`,
  loudest: (method, dbA, permitted) =>
    `Am lautesten: ${method}, etwa ${dbA} dB(A), ohne Schutz ${permitted} am Tag erlaubt.`,
  noEars: 'Ab 85 dB(A) gehört Gehörschutz auf die Ohren; du hast keinen.',
  noiseHow:
    'Gerechnet, als liefe jede Arbeitsweise die ganze Zeit, am Ohr: eine obere Grenze. Schutz zählt 4 dB unter seinem üblichen Wert, wie er eben getragen wird; was auf der Packung steht, geht vor.',
  dustTitle: 'Staub des Tages',
  dust: (say, mean, masked) =>
    `Etwa ${say.number(mean, 1)} mg/m³ im Mittel über acht Stunden${masked === undefined ? '' : `, ${say.number(masked, 2)} hinter der Maske, die du hast`}. Grenzwerte: ${DUST_LIMITS.niosh} (NIOSH), ${DUST_LIMITS.european} (EU, Hartholz), ${DUST_LIMITS.british} (UK, Weichholz).`,
  airing: (time) =>
    `Feiner Staub bleibt: Maske auf und Tor offen, noch ${time} nach dem letzten Schnitt.`,
  withHose: (say, mean) =>
    `Ein Schlauch am Werkzeug brächte ihn auf ${say.number(mean, 1)}: nichts, was sich kaufen lässt, hält die Luft des Raums sauberer. Die Maske bleibt auf.`,
  dustNone: 'Heute kaum Staub.',
  noAir: 'Der Raum hat keinen Inhalt: gib ihm Boden und Höhe, dann lässt sich sein Staub rechnen.',
  dustHow:
    'Eine einfache Schätzung: übliche Mengen nach Art der Arbeit, gleichmäßig im Raum verteilt, die Luft gewechselt, der Staub sinkend. Nichts ist gemessen.',
  open: 'Tor oder Fenster offen',
  home: 'Heute zu Hause und weiß, dass ich arbeite:',
  evenSo: (dbA, there) =>
    `Von ${dbA} dB(A) kommen nebenan etwa ${there} an: eine Schätzung nach Abstand und Wand.`,
  quietTitle: 'In ruhigen Stunden stattdessen',
  quiet: (work, method, time, instead) => `${work}: ${method}, ${time}; nicht ${instead}.`,
  quietNot: (work, method) =>
    `${work}: mit dem, was da ist, geht es nicht leise; ${method} für den Tag aufheben.`,
  quietAll: 'Alles davon ist leise genug für ruhige Stunden.',
  packsTitle: 'Akkus',
  packs: (count, wh, energy, platform) =>
    `${count} zu ${wh} Wh${platform === '' ? '' : ` (${platform})`} vorher laden: der Abend zieht bis ${energy} Wh, gerechnet, als liefe jedes Werkzeug den ganzen Schritt lang.`,
  hazardTitle: 'Was heute verletzen kann',
  manual:
    'Halte dich an das Handbuch des Werkzeugs und deine örtlichen Regeln; all das ist übliche Praxis und steht hinter ihnen zurück.'
}
