import type { hours as english } from '../hours'
import type { Said } from '../language'
import type { Say } from '../say'

/** Zeit an der Bank, wohin sie ging, und das eigene Tempo. */
export const hours = {
  bench: 'An der Bank',
  start: 'Uhr starten',
  stop: 'Uhr anhalten',
  since: (moment: string, time: string): string =>
    `Die Uhr läuft seit ${moment}: ${time}. Sie läuft weiter, wenn diese Seite geschlossen wird.`,
  soFar: (time: string): string => `Bisher ${time} eingetragen.`,
  nothing:
    'Noch nichts eingetragen. Starte die Uhr, trag eine Sitzung von Hand ein, oder gib am Ende eine Zahl an.',
  addTitle: 'Eine Sitzung von Hand',
  on: 'Am',
  worked: 'Gearbeitete Stunden',
  add: 'Eintragen',
  session: (day: string): string => `Stunden am ${day}`,
  remove: (day: string): string => `Sitzung vom ${day} herausnehmen`,
  untold: (time: string): string => `${time} ohne Sitzung`,
  wrongHours: 'Gib Stunden über 0 an, etwa 1,5.',
  tooLong: (time: string): string =>
    `Ein Tag hat 24 Stunden, und ${time} stünden dann an ihm. Trag nur die Stunden dieses Tages ein.`,
  before: (day: string): string =>
    `Begonnen wurde am ${day}; eine Sitzung davor braucht einen früheren Anfang. Nimm einen späteren Tag, oder berichtige den Anfang.`,
  moreThanDays: (time: string, begun: string, most: string): string =>
    `${time} gehen nicht: seit dem Anfang am ${begun} können höchstens ${most} gearbeitet worden sein. Trag weniger Stunden ein, oder einen früheren Anfang.`,
  begunOn: 'Begonnen am',
  overnight: (time: string): string =>
    `Die Uhr lief ${time}. So lange arbeitet niemand am Stück: Wie viele Stunden waren es wirklich?`,
  overnightTitle: 'Weitergelaufen?',
  really: 'Wirklich gearbeitete Stunden',
  keep: 'Diese eintragen',
  drop: 'Nichts eintragen',
  cancel: 'Weiterlaufen lassen',
  whereTitle: 'Wohin die Stunden gingen',
  where:
    'Auf die Arbeitsweisen verteilt nach dem, was für jede gerechnet wird; berichtige, was du besser weißt. Was die eine bekommt, geben die anderen.',
  wayHead: 'Arbeitsweise',
  toolHead: 'In Gebrauch',
  hoursHead: 'Stunden',
  wayHours: (way: string): string => `Stunden von ${way}`,
  itemHours: (item: string): string => `Gebrauchsstunden von ${item}`,
  noWays: 'Keine Arbeitsweise ist dafür bekannt, also zählen die Stunden für kein Werkzeug.',
  gone: 'nicht mehr da',
  paceTitle: (slower: string | undefined): string => slower ?? 'Dein Tempo ist noch nicht bekannt',
  slower: (family: string, times: string): string =>
    `${family}: du brauchst ${times} mal so lange wie das Buch`,
  quicker: (family: string, times: string): string =>
    `${family}: du brauchst ${times} der Zeit des Buchs`,
  likeBook: 'Du arbeitest etwa, wie das Buch sagt',
  subtitle: (builds: number, time: string): string =>
    builds === 0
      ? 'Schließ ein Vorhaben mit seinen Stunden ab, dann gehen alle Zeiten danach, wie du wirklich arbeitest.'
      : `${builds === 1 ? 'Ein fertiges Vorhaben' : `${builds} fertige Vorhaben`}, ${time} nach dem Buch.`,
  paceWhy: (say: Say, prior: number): string =>
    `Was deine Stundenzettel von jeder Art Arbeit sagen, gegen die Zeiten der Bibliothek auf deiner Stufe, zur 1 gezogen, als wären ${say.number(prior, 0)} Stunden nach dem Buch gegangen. Jede Zeit in Plan und Leiter geht danach.`,
  kind: 'Art der Arbeit',
  book: 'Stunden nach dem Buch',
  from: 'Vorhaben',
  times: 'Du brauchst',
  timesOf: (say: Say, times: number): string => `${say.number(times, 2)}-mal`,
  unknown: 'nichts eingetragen',
  other: 'Messen, Leimen, Oberfläche',
  byBook: 'Stattdessen nach dem Buch rechnen',
  byBookOn: 'Dein eigenes Tempo bleibt aus jeder Zeit heraus.',
  useTitle: 'Was am meisten benutzt wird',
  use: 'Stunden aus den Zetteln von Vorhaben und von Stücken zum Verkauf, seit es da ist.',
  useNone: 'Noch mit nichts Stunden eingetragen.',
  builds: (count: number): string => (count === 1 ? '1 Vorhaben' : `${count} Vorhaben`),
  never: (names: string): string => `Für nichts Eingetragenes benutzt: ${names}.`,
  tabs: { have: 'Was ich habe', hours: 'Stunden und Tempo' },
  steps: {
    start: (build: string): string => `die Uhr von ${build} starten`,
    stop: (build: string): string => `Zeit an ${build} eintragen`,
    session: (build: string): string => `eine Sitzung von ${build} ändern`,
    share: (build: string): string => `die Stunden von ${build} berichtigen`,
    book: 'ändern, wessen Zeiten zählen'
  }
} satisfies Said<typeof english>
