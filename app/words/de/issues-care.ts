import { n, quoted, t, type Sentences } from '../sentences'

/** Was mit Stundenzetteln, Prüfungen und Pflege nicht stimmen kann. */
export const CARE = {
  'log.sessions-differ': (say, f) =>
    `Die Sitzungen von ${quoted(f.build)} ergeben ${say.duration(n(f.sum))}, sein Stundenzettel ${say.duration(n(f.spent))}. Kürze eine Sitzung, oder trag mehr ein.`,
  'log.shares-differ': (say, f) =>
    `Die Arbeitsweisen von ${quoted(f.build)} ergeben ${say.duration(n(f.sum))}, sein Stundenzettel ${say.duration(n(f.spent))}. Gib der einen, was du der anderen nimmst.`,
  'log.item-too-long': (say, f) =>
    `Ein Werkzeug wäre für ${quoted(f.build)} länger benutzt worden als die ${say.duration(n(f.spent))} seines Stundenzettels. Trag für das Werkzeug weniger ein, oder für das Vorhaben mehr.`,
  'log.running-done': (_, f) =>
    `${quoted(f.build)} ist fertig, und seine Uhr läuft noch. Halte sie an, oder sag, dass es noch nicht fertig ist.`,
  'log.session-outside': (say, f) =>
    `${quoted(f.build)} wurde am ${say.day(t(f.begun))} begonnen; eine Sitzung am ${say.day(t(f.date))} läge davor. Berichtige einen der beiden Tage.`,
  'log.twice': (_, f) =>
    `Zwei Sitzungen von ${quoted(f.build)} haben dasselbe Zeichen. Nimm eine heraus und trag sie neu ein.`,
  'check.negative': () => 'Gemessen wird 0 oder mehr. Schreib den Abstand ohne Vorzeichen.',
  'check.short': (_, f) =>
    `Über ${t(f.length)} mm lässt sich kein Winkel beurteilen. Nimm ein Stück von mindestens ${t(f.least)} mm, je länger, desto besser.`,
  'check.wild': (_, f) =>
    `Das wären ${n(f.error).toFixed(1).replace('.', ',')} mm, und kein Werkzeug weicht um mehr als ${t(f.most)} mm ab. Sieh nach der Einheit: Millimeter, ein halber ist 0,5.`,
  'check.twice': (say, f) =>
    `Das wurde am ${say.day(t(f.date))} schon geprüft. Nimm jenes Ergebnis zuerst heraus, oder trag dieses an einem anderen Tag ein.`,
  'loan.lent': (say, f) =>
    `${say.tool(t(f.name))} ist seit ${say.day(t(f.since))} an ${t(f.who)} verliehen. Hol es zurück und sag es in der Werkstattausrüstung unter „Rückblick“; dann verkauf es.`,
  'loan.borrowed': (say, f) =>
    `${say.tool(t(f.name))} gehört ${t(f.who)}: Du kannst es nicht verkaufen. Zurückgegeben, verlässt es die Ausrüstung unter „Rückblick“.`
} satisfies Partial<Sentences>
