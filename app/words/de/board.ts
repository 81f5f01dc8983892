import type { Concern, Feed, Listing } from '../../../core/board'
import type { board as english } from '../board'
import type { Said } from '../language'
import { plural } from '../plural'

export const board: Said<typeof english> = {
  title: 'Eine Preistafel zum Ansehen',
  subtitle:
    'Verkäufer, die es nicht gibt, mit Vorrat, Aktionen und einzelnen gebrauchten Stücken: zum Üben, anstelle eines Dienstes von außen.',
  metTitle: (tools: readonly string[]) =>
    `Zu deinem Preis auf der Tafel: ${tools.slice(0, 2).join(', ')}${tools.length > 2 ? ` und ${tools.length - 2} weitere` : ''}`,
  titleOf: (cheaper: number, all: number) =>
    all === 0
      ? 'Nichts, was du planst oder im Blick hast, ist heute auf der Tafel'
      : cheaper > 0
        ? `${cheaper} von ${all} Preisen sind niedriger, als du wusstest`
        : `${plural(all, 'Preis', 'Preise')} für das, was du planst und im Blick hast`,
  subtitleOf: ({ name, simulated }: Feed, day: string, count: number) =>
    `${name}${simulated ? ' (simuliert)' : ''}, ${day}: ${plural(count, 'Angebot', 'Angebote')}.`,
  simulated:
    'Simuliert: kein Laden verlangt diese Preise. Was du übernimmst, ist als von der Tafel gekennzeichnet und lässt sich zurücknehmen.',
  look: 'Die Tafel ansehen',
  again: 'Noch einmal ansehen',
  open: 'Eine Liste aus einer Datei öffnen',
  daily: 'Jeden Tag ansehen, wenn das Programm geöffnet wird',
  hint: 'Eine Liste ist eine JSON- oder CSV-Datei in veröffentlichter Form; jeder darf eine schreiben. Nichts davon geht von selbst in deine Zahlen ein.',
  moreProblems: (count: number) =>
    `${plural(count, 'weiterer Fehler', 'weitere Fehler')} in dieser Liste.`,
  tool: 'Nach einem Werkzeug sehen',
  takeAll: (count: number) => `Alle ${count} übernehmen`,
  concern: {
    watched: 'Was du im Blick hast',
    planned: 'Was du kaufen willst',
    wished: 'Was du dir wünschst',
    other: 'Alles Übrige'
  } as Readonly<Record<Concern, string>>,
  none: 'Heute hat es niemand auf der Tafel.',
  nothing: 'Heute ist auf der Tafel nichts, was geplant, im Blick oder gewünscht ist.',
  others: (count: number) =>
    `${plural(count, 'weitere Art', 'weitere Arten')} auf der Tafel; wähle ein Werkzeug, um seine Preise zu sehen.`,
  head: { price: 'Auf der Tafel', seller: 'Verkäufer', known: 'Du wusstest' },
  before: (price: string) => `war ${price}`,
  dearer: (count: number) => `, ${count} teurer`,
  says: ({ stock, note }: Listing, until: string | undefined) =>
    [
      until === undefined ? '' : `bis ${until}`,
      stock === undefined || note !== undefined ? '' : `noch ${stock}`,
      note ?? ''
    ]
      .filter(Boolean)
      .join(' · '),
  change: (share: string, down: boolean) => ` ${down ? '−' : '+'}${share}`,
  notKnown: 'üblich',
  met: 'zu deinem Preis',
  taken: 'übernommen',
  take: 'Übernehmen',
  keep: 'Als Fund behalten',
  fewer: 'Weniger',
  onBench: (tool: string, price: string, upTo: string) =>
    `Auf der Tafel (simuliert): ${tool} für ${price}; im Blick für höchstens ${upTo}.`,
  toBoard: 'Zur Tafel'
}
