import { n, quoted, t, type Sentences } from '../sentences'

/** Was mit einer Preistafel und ihrer Liste nicht stimmen kann. */
export const BOARD = {
  'board.currency': (_, f) =>
    `Die Übungstafel hat keine Preise in ${t(f.currency)}. Öffne eine eigene Liste oder trag Preise von Hand ein.`,
  'feed.empty': () =>
    'Die Liste enthält keine Angebote. Sieh später wieder nach, oder bitte den, der sie schreibt, um eine ganze.',
  'feed.too-many': (_, f) =>
    `Die Liste enthält ${t(f.rows)} Angebote; auf einmal werden höchstens ${t(f.limit)} gelesen. Nimm weniger Arten, oder teile die Datei.`,
  'feed.no-column': (_, f) =>
    `Die Liste hat keine Spalte ${quoted(f.column)}. Gefunden: ${t(f.found)}. Die Spalten sind in docs/formats.md beschrieben.`,
  'feed.head': (_, f) =>
    `Die Liste sagt ${quoted(f.text)} für ${quoted(f.field)}, und das kann nicht sein. Nichts wurde übernommen; bessere die Zeile aus, oder nimm eine andere Liste.`,
  'feed.currency': (_, f) =>
    `Die Liste ist in ${f.found === '' ? 'keiner Währung, die sie nennt' : t(f.found)}, hier wird in ${t(f.expected)} gerechnet. Nichts wurde übernommen: Preise werden nie im Stillen umgerechnet.`,
  'feed.future': (say, f) =>
    `Die Liste ist vom ${say.day(t(f.date))}, der noch nicht da ist. Prüfe die Uhr dessen, der sie geschrieben hat; nichts wurde übernommen.`,
  'feed.old': (say, f) =>
    `Diese Preise sind ${t(f.days)} Tage alt, vom ${say.day(t(f.date))}. Was du übernimmst, behält diesen Tag; sieh nach neueren, bevor du entscheidest.`,
  'feed.tool': (_, f) =>
    `Angebot ${t(f.row)}: ${quoted(f.text)} ist kein Werkzeug der Bibliothek oder von dir, das verkauft wird. Es wurde ausgelassen.`,
  'feed.price': (_, f) =>
    `Angebot ${t(f.row)}: ${quoted(f.text)} ist kein Preis über 0, wie 12.50. Es wurde ausgelassen.`,
  'feed.choice': (_, f) =>
    `Angebot ${t(f.row)}: ${quoted(f.field)} ist ${quoted(f.text)} und muss eines sein von: ${t(f.choices)}. Es wurde ausgelassen.`,
  'feed.day': (_, f) =>
    `Angebot ${t(f.row)}: ${quoted(f.text)} ist kein Tag. Schreib Jahr, Monat und Tag, wie 2026-05-04. Es wurde ausgelassen.`,
  'feed.field': (_, f) =>
    `Angebot ${t(f.row)}: ${quoted(f.field)} kann nicht ${f.text === '' ? 'leer' : quoted(f.text)} sein. Es wurde ausgelassen.`,
  'plan.hired-too-short': (say, f) =>
    `${say.build(t(f.build))}: was mit ${say.offer(t(f.tool))} getan wird, dauert ${say.duration(n(f.minutes))}, und es ist für ${say.duration(n(f.limit))} Arbeit da. Miete es länger, oder gib einem anderen Vorhaben seine Zeit.`,
  'circuit.twice': (_, f) =>
    `Ein anderer Stromkreis heißt schon ${quoted(f.name)}: Steckdosen wüssten nicht, welcher gemeint ist. Gib diesem einen anderen Namen.`,
  'piece.sold-before-made': (say, f) =>
    `${t(f.name)} wurde am ${say.day(t(f.made))} fertig und würde am ${say.day(t(f.date))} verkauft, bevor es da war. Leg den Verkauf auf einen späteren Tag, oder berichtige, wann es fertig wurde.`,
  'piece.back-too-large': (_, f) =>
    `Für ${t(f.name)} würde mehr zurückgegeben, als bezahlt wurde. Gib höchstens zurück, was bezahlt wurde.`,
  'order.deposit-too-large': (_, f) =>
    `Die Anzahlung auf ${quoted(f.name)} ist mehr, als alles zusammen kostet. Mach sie kleiner, oder heb den Preis.`,
  'feed.twice': (_, f) =>
    `Angebot ${t(f.row)}: ${quoted(f.text)} steht zweimal in der Liste. Das erste wurde gelesen, dieses ausgelassen.`
} satisfies Partial<Sentences>
