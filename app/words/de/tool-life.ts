import type { Said } from '../language'
import type { toolLife as english } from '../tool-life'

export const toolLife = {
  open: 'Sein ganzes Leben',
  title: (tool: string): string => tool,
  missing: 'Kein solches Werkzeug unter dem, was du hast.',
  back: 'Zurück zur Ausstattung',
  since: (day: string, paid: string): string => `Hier seit ${day}, bezahlt ${paid}.`,
  worth: (worth: string): string => `Es brächte jetzt etwa ${worth}.`,
  hours: (uses: number, time: string, last: string): string =>
    `${uses === 1 ? 'Einmal' : `${uses}-mal`} benutzt, zusammen ${time}, zuletzt am ${last}.`,
  hoursNone: 'Noch kein Gebrauch auf den Stundenzetteln.',
  usedFor: (builds: string): string => `Benutzt für ${builds}.`,
  checks: 'Ist es genau?',
  care: 'Pflege',
  careNone: 'Es verlangt keine Pflege, die hier geführt wird.',
  done: 'Was getan wurde',
  doneLine: (what: string, day: string): string => `${day}: ${what}`,
  takeOut: (what: string, day: string): string => `„${what}“ vom ${day} herausnehmen`,
  verdicts: 'Was daraus wurde',
  good: 'wie erhofft',
  firstHour: 'Die erste Stunde',
  helps: 'In der Werkstatt dafür gemacht',
  manual: 'Die Anleitung geht all dem vor.',
  money: 'Im Kassenbuch',
  print: 'Karte für die Maschine drucken'
} satisfies Said<typeof english>
