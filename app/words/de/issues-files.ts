import { plainNumber } from '../amounts'
import { n, quoted, t, type Sentences } from './sentences'

/** What can be wrong with a file, its fields and what they refer to. */
export const FILES = {
  'file.empty': () => 'Die Datei ist leer. Wähle eine, die hier gesichert wurde.',
  'file.unreadable': (_, f) =>
    `Die Datei ${t(f.file)} ist nicht zu lesen (${t(f.reason)}). Prüf ihren Namen und ob du sie öffnen darfst.`,
  'file.too-large': (_, f) =>
    `Die Datei hat ${plainNumber(Math.round(n(f.size) / 1e5) / 10)} MB; gelesen werden höchstens ${n(f.limit) / 1e6} MB. So groß ist keine Datei von hier: ist es die richtige?`,
  'json.syntax': (_, f) =>
    `Die Datei ergibt ab Zeile ${t(f.line)}, Spalte ${t(f.column)} keinen Sinn mehr (${t(f.what)}). Sie kann abgeschnitten oder geändert worden sein; nimm eine frühere Kopie.`,
  'json.too-deep': (_, f) =>
    `Die Datei schachtelt ihre Teile tiefer als ${t(f.limit)}, was keine Datei dieses Programms tut. Sie bleibt, wie sie ist; wähle eine, die hier gesichert wurde.`,
  'json.twice': (_, f) =>
    `Die Datei sagt ${quoted(f.key)} zweimal an einer Stelle (Zeile ${t(f.line)}), und nur eines könnte gelten. Nimm eines heraus oder eine frühere Kopie.`,
  'file.not-text': () =>
    'Die Datei enthält Zeichen, die kein Text in UTF-8 sind. Sichere sie neu als UTF-8 oder nimm eine frühere Kopie; hier wurde nichts geändert.',
  'file.not-this-format': (_, f) =>
    `Das ist keine Datei der Art ${t(f.expected)}${f.found === undefined ? '' : ` (sie nennt sich ${quoted(f.found)})`}. Wähle eine, die hier gesichert wurde.`,
  'file.no-version': () =>
    'Die Datei sagt nicht, welche Fassung sie ist. Schreib "version": 2 hinein, wenn sie von dir ist.',
  'file.newer': (_, f) =>
    `Die Datei ist von Fassung ${t(f.found)}; dieses Programm kennt sie bis Fassung ${t(f.known)}. Öffne sie mit dem neueren Programm oder bring dieses auf den neuen Stand.`,
  'file.unknown-version': (_, f) =>
    `Kein Programm schrieb je Fassung ${t(f.found)} dieser Datei. Berichtige die Fassung, wenn du sie geändert hast.`,
  'file.more-problems': (_, f) => `Und ${t(f.more)} weitere Fehler.`,
  'file.migrated': (_, f) =>
    `Die Datei war von Fassung ${t(f.from)} und ist jetzt auf Fassung ${t(f.to)}.`,
  'file.cleaned': (_, f) =>
    `Aus ${t(f.count)} Texten wurden unsichtbare Steuer- oder Richtungszeichen entfernt.`,
  'file.other-library': (_, f) =>
    `Die Datei wurde mit Werkzeugbibliothek ${t(f.made)} gemacht; dieses Programm hat ${t(f.now)}. Was du hast, behält die Zahlen, mit denen es eingetragen wurde.`,
  'field.unknown': (_, f) =>
    `Ein Feld ${quoted(f.field)} gibt es hier nicht. Nimm es heraus oder prüf die Schreibung.`,
  'field.missing': (_, f) => `Ein Wert fehlt (${t(f.expected)}).`,
  'field.type': (_, f) => `Das ist die falsche Art von Wert; erwartet wird ${t(f.expected)}.`,
  'field.choice': (_, f) => `Das muss eines sein von: ${t(f.choices)}.`,
  'list.too-long': (_, f) => `Die Liste ist zu lang; höchstens ${t(f.limit)} werden genommen.`,
  'list.empty': () => 'Die Liste darf nicht leer sein.',
  'found.too-many': (_, f) =>
    `Die Liste hat ${f.lines} Zeilen; angesehen werden die ersten ${f.most}. Füge den Rest als eigene Liste ein.`,
  'found.no-tools': () =>
    'Keine Zeile liest sich wie ein Werkzeug. Füge eine Liste mit einem Werkzeug je Zeile oder mit Kommas dazwischen ein.',
  'id.empty': () => 'Die Kennung ist leer.',
  'id.too-long': () => 'Die Kennung ist zu lang; erlaubt sind 120 Zeichen.',
  'id.characters': () => 'Die Kennung darf nur Buchstaben, Ziffern und / _ . @ + * - enthalten.',
  'id.own-prefix': () => 'Eine eigene Kennung muss mit my/ beginnen.',
  'id.duplicate': (_, f) =>
    `Die Kennung ${quoted(f.id)} steht zweimal; Eintrag ${t(f.first)} hat sie schon. Gib einem eine andere.`,
  'text.empty': () => 'Hier fehlt ein Name.',
  'text.too-long': (_, f) =>
    f.limit === undefined
      ? 'Der Text ist zu lang.'
      : `Der Text ist zu lang; behalten werden ${t(f.limit)} Zeichen.`,
  'number.not-a-number': (_, f) =>
    f.text === ''
      ? 'Eine Zahl fehlt.'
      : `${quoted(f.text)} ist keine Zahl. Schreib sie in Ziffern: 12 oder 1,5.`,
  'number.ambiguous': (_, f) =>
    `${quoted(f.text)} lässt sich auf zwei Arten lesen. Schreib ${t(f.thousands)} für die große Zahl oder eine 0 mehr am Ende für den Bruch.`,
  'number.not-a-count': (_, f) =>
    `${quoted(f.text)} ist keine Anzahl: verlangt ist eine ganze Zahl ab ${t(f.least)}.`,
  'number.whole': () => 'Hier ist eine ganze Zahl nötig.',
  'ruled-out.all': () =>
    'jede Güte oder jeder Zustand ist ausgeschlossen, sodass nichts zu kaufen wäre: lass mindestens eines.',
  'number.too-small': (_, f) =>
    f.limit === undefined
      ? 'Die Zahl ist zu klein.'
      : `Die Zahl ist zu klein; die kleinste ist ${t(f.limit)}.`,
  'number.too-large': (_, f) =>
    f.limit === undefined
      ? 'Die Zahl ist zu groß.'
      : `Die Zahl ist zu groß; die größte ist ${t(f.limit)}.`,
  'unknown.operation': (_, f) =>
    `Eine Arbeit ${quoted(f.id)} gibt es nicht, weder in der Bibliothek noch unter deinen eigenen.`,
  'unknown.material': (_, f) =>
    `Ein Material ${quoted(f.id)} gibt es nicht, weder in der Bibliothek noch unter deinen eigenen.`,
  'unknown.tool': (_, f) =>
    `Ein Werkzeug ${quoted(f.id)} gibt es nicht, weder in der Bibliothek noch unter deinen eigenen.`,
  'unknown.method': (_, f) =>
    `Eine Art ${quoted(f.id)} gibt es nicht, weder in der Bibliothek noch unter deinen eigenen.`,
  'unknown.offer': (_, f) =>
    `Ein Angebot ${quoted(f.id)} gibt es nicht: es nennt kein bekanntes Werkzeug, keine bekannte Güte, keinen Zustand oder Antrieb und ist keines von deinen.`,
  'unknown.build': (_, f) => `Ein Vorhaben ${quoted(f.id)} gibt es hier nicht.`,
  'unknown.template': (_, f) => `Eine Vorlage ${quoted(f.id)} hat die Bibliothek nicht.`,
  'unknown.entry': (_, f) =>
    `Einen Eintrag ${quoted(f.id)}, der zurückzunehmen wäre, gibt es im Kassenbuch nicht.`,
  'build.done-before-begun': (say, f) =>
    `Das Vorhaben ist am ${say.day(t(f.done))} fertig, bevor es am ${say.day(t(f.begun))} begonnen wurde.`,
  'horizon.too-late': (_, f) =>
    `Der Plan reichte über ${t(f.last)} hinaus, den letzten Tag, mit dem gerechnet wird. Beginn früher oder plane weniger Etappen.`,
  'horizon.too-long': () =>
    'Der Plan reicht mehr als fünf Jahre voraus. Wähle weniger oder kürzere Etappen.',
  'quotes.empty': () =>
    'Hier sind keine Zeilen mit Preisen. Die erste Zeile nennt die Spalten (tool, price), jede weitere ist ein Preis.',
  'quotes.too-many': (_, f) =>
    `${t(f.rows)} Zeilen sind mehr als die ${t(f.limit)}, die auf einmal gelesen werden. Füge sie in Teilen ein.`,
  'quotes.no-column': (_, f) =>
    `Eine Spalte ${quoted(f.column)} gibt es nicht. Gefunden: ${t(f.found)}. Nenne die Spalte in der ersten Zeile.`,
  'quotes.tool': (_, f) =>
    `Zeile ${t(f.row)}: ${quoted(f.text)} ist kein Werkzeug der Bibliothek und keines von dir. Schreib seinen Namen, wie die Ausstattung ihn zeigt.`,
  'quotes.shop-made': (_, f) =>
    `Zeile ${t(f.row)}: ${quoted(f.text)} wird selbst gemacht; sein Preis ist sein Material.`,
  'quotes.choice': (_, f) =>
    `Zeile ${t(f.row)}: ${quoted(f.text)} muss eines sein von: ${t(f.choices)}.`,
  'quotes.currency': (_, f) =>
    `Zeile ${t(f.row)} ist in ${t(f.found)}, hier wird in ${t(f.expected)} gerechnet. Rechne den Preis selbst um und sag es; nichts wird im Stillen umgerechnet.`,
  'quotes.price': (_, f) =>
    `Zeile ${t(f.row)}: ${quoted(f.text)} ist kein Preis. Schreib ihn wie 12,50.`,
  'quotes.negative': (_, f) =>
    `Zeile ${t(f.row)}: ein Preis darf nicht negativ sein; ein Geschenk ist 0.`,
  'quotes.date': (_, f) =>
    `Zeile ${t(f.row)}: ${quoted(f.text)} ist kein Tag. Schreib Jahr, Monat und Tag, wie 2026-05-04.`,
  'quotes.future': (say, f) =>
    `Zeile ${t(f.row)}: ${say.day(t(f.text))} ist noch nicht da. Ein Preis hat den Tag, an dem er gesehen wurde.`,
  'quotes.until': (say, f) =>
    `Zeile ${t(f.row)}: der Preis endet vor dem Tag, an dem er gesehen wurde, ${say.day(t(f.date))}.`,
  'hours.ends-before-it-begins': () =>
    'Diese Zeit mit anderen Stunden endet, bevor sie beginnt. Bring die Tage in Ordnung.',
  'sale.ends-before-it-begins': () =>
    'Die Aktion endet, bevor sie beginnt. Bring die Tage in Ordnung.',
  'own.companion-circle': (say, f) =>
    `${say.tool(t(f.tool))} und ${say.tool(t(f.other))} brauchen einander, also wird jedes mit dem anderen daneben gerechnet. Ist eines allein nützlich, nimm den Bedarf heraus.`,
  'currency.code': () => 'Die Währung muss aus drei Großbuchstaben bestehen, wie EUR.'
} satisfies Partial<Sentences>

export const FIGURES = {
  'money.not-a-number': (_, f) => `${quoted(f.text)} ist kein Betrag. Schreib ihn wie 12,50.`,
  'money.fraction': (_, f) =>
    `${t(f.value) === '' ? 'Das' : t(f.value)} hat mehr Nachkommastellen als die Währung. Beträge werden in ganzen kleinsten Einheiten geführt.`,
  'money.negative': () => 'Dieser Betrag darf nicht negativ sein.',
  'money.too-large': () => 'Der Betrag ist größer, als dieses Programm rechnet.',
  'length.not-a-length': (_, f) =>
    `${quoted(f.text)} ist keine Länge. Schreib sie wie 450, 45 cm, 23 1/2 oder 6 ft.`,
  'length.ambiguous': (_, f) =>
    `${quoted(f.text)} lässt sich auf zwei Arten lesen. Schreib ${t(f.thousands)} ohne Zeichen oder eine Stelle mehr oder weniger dahinter.`,
  'length.not-positive': () => 'Eine Länge muss mehr als null sein.',
  'ledger.future': (say, f) =>
    `${say.day(t(f.date))} kommt erst. Das Kassenbuch enthält nur Geld, das sich bewegt hat; nimm stattdessen etwas Geplantes, das einmal kommt.`,
  'money.line': (_, f) =>
    `${quoted(f.line)} ist kein Tag mit Betrag. Schreib 2026-07-15 300, je Zeile einen.`,
  'ledger.zero': () => 'Ein Eintrag braucht einen Betrag.',
  'text.needed': () => 'Sag in ein, zwei Worten, was es ist.',
  'quantity.not-positive': () => 'Eine Menge muss mehr als null sein.'
} satisfies Partial<Sentences>

export const DATES = {
  'day.format': (_, f) =>
    `${quoted(f.text)} ist kein Tag. Schreib Jahr, Monat und Tag, wie 2026-05-04.`,
  'day.no-payday': () =>
    'In diesem Plan wird kein Geld erwartet, also gibt es keinen nächsten Zahltag. Schreib das Datum.',
  'day.not-read': (_, f) =>
    `${quoted(f.text)} war nicht als Tag zu lesen. Schreib es wie 3. Mai, 3.5.2027, heute oder 2027-05-03.`,
  'day.which-one': (say, f) =>
    `${quoted(f.text)} ist für die einen ${say.day(t(f.first))}, für die anderen ${say.day(t(f.second))}. Schreib das Datum.`,
  'day.range': (_, f) => `Das Datum ${t(f.text)} liegt außerhalb der Jahre 1900 bis 2199.`,
  'day.does-not-exist': (_, f) => `Das Datum ${t(f.text)} gibt es nicht.`
} satisfies Partial<Sentences>
