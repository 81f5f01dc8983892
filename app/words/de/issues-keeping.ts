import { plainNumber } from '../amounts'
import { momentText } from '../keeping'
import { n, quoted, t, type Sentences } from './sentences'

/** What can be wrong with the browser's store and what reckons beside the page. */
export const STORAGE = {
  'storage.refused': () =>
    'Dieser Browser lässt die Seite keine Daten behalten. Du kannst weitermachen, aber sichere in eine Datei, bevor du schließt.',
  'storage.full': () =>
    'Der Speicher des Browsers ist voll. Was du siehst, ist noch nicht behalten: sichere es in eine Datei, dann schaff Platz; die Seite versucht es von selbst wieder.',
  'change.refused': (_, f) =>
    `Nicht getan: ${t(f.name)}. Was daraus würde, wäre später nicht mehr zu lesen. Der Grund folgt; sonst ist nichts geändert.`,
  'storage.failed': (_, f) =>
    `Die letzte Änderung konnte nicht behalten werden (${t(f.reason)}). Die Seite versucht es von selbst wieder. „Rückgängig“ nimmt sie zurück; sichere zur Vorsicht in eine Datei.`,
  'storage.set-aside': (_, f) =>
    `${n(f.count) === 1 ? 'Ein Teil' : `${t(f.count)} Teile`} von dem, was dieser Browser behalten hatte, ${n(f.count) === 1 ? 'war' : 'waren'} nicht zu lesen: ${t(f.places)}. Alles Übrige wird gezeigt. Das Beiseitegelegte ist unter Datei, Einstellungen, in Kopien und Formate anzusehen und zu sichern.`,
  'storage.elsewhere': () =>
    'Ein anderer Reiter hat gleichzeitig etwas geändert, und beides zusammen geht nicht. Der Stand des anderen gilt; „Rückgängig“ bringt deinen zurück.',
  'worker.lost': () =>
    'Was neben der Seite rechnet, ist stehen geblieben und ließ sich nicht wieder starten. Versuch es noch einmal; geschieht es wieder, lade die Seite neu. Nichts ist verloren.',
  'worker.failed': (_, f) =>
    `Beim Rechnen ging etwas schief (${t(f.reason)}). Versuch es noch einmal; was du eingetragen hast, bleibt.`,
  'storage.unreadable': () =>
    'Was dieser Browser behalten hatte, ist nicht mehr zu lesen. Es bleibt unberührt; gezeigt wird das Beispiel.',
  'storage.newer': () =>
    'Der Speicher dieses Browsers wurde von einer neueren Fassung geschrieben. Lade die Seite neu, um sie zu bekommen; nichts ist verloren.',
  'storage.outdated': () =>
    'In einem anderen Reiter ist eine neuere Fassung offen. Lade diese Seite neu; sichere vorher in eine Datei, wenn die letzte Änderung nicht behalten ist.',
  'storage.blocked': () =>
    'Ein älterer Reiter dieses Programms ist im Weg. Schließ die anderen; dieser macht von selbst weiter.',
  'storage.repaired': (_, f) =>
    `Was dieser Browser behalten hatte, war beschädigt. Gezeigt wird der Stand vom ${momentText(n(f.at))} mit jedem Eintrag des Kassenbuchs, der noch zu lesen war (${t(f.entries)}). Das Beschädigte ist beiseitegelegt.`,
  'storage.restored': () =>
    'Der Browser hatte seinen Speicher geleert; alles ist aus der zweiten Kopie wieder da, die daneben geführt wird.',
  'storage.partly-lost': (_, f) =>
    `Ein Teil des Kassenbuchs war nicht mehr zu lesen; ${t(f.entries)} Einträge sind übrig. Das Beschädigte ist beiseitegelegt; hast du eine Kopie in einer Datei, öffne sie, um beides zusammenzuführen.`,
  'storage.merged': (_, f) =>
    `Ein anderer Reiter hat gleichzeitig etwas geändert. Beides ist behalten${n(f.conflicts) > 0 ? `; wo beide dasselbe änderten (${t(f.conflicts)}), gilt das Spätere` : ''}.`
} satisfies Partial<Sentences>

/** What can be wrong with the ledger, and with sheets, zips and photos that come in. */
export const KEEPING = {
  'ledger.reversed-twice': (_, f) =>
    `Der Eintrag ${quoted(f.id)} ist zweimal zurückgenommen. Nimm eines davon aus der Datei.`,
  'ledger.reversal-differs': (_, f) =>
    `Was ${quoted(f.id)} zurücknimmt, muss seinen Tag und den umgekehrten Betrag haben, und das muss ein eigener Eintrag sein, keine Rücknahme.`,
  'ledger.reversal-kind': () =>
    'Ein Eintrag der Art „reversal“ muss sagen, was er zurücknimmt, und nur ein solcher darf es.',
  'ledger.refund-too-large': (say, f) =>
    `Es käme mehr zurück (${say.money(n(f.amount))}), als dafür bezahlt wurde (${say.money(n(f.paid))}). Trag ein, was wirklich zurückkam, höchstens das.`,
  'ledger.parts-too-large': () =>
    'Steuer und Lieferung zusammen sind mehr als der Betrag, in dem sie stecken. Berichtige eines der drei.',
  'ledger.too-large': (_, f) =>
    `Das Kassenbuch wäre größer, als eine Datei fassen kann (${t(Math.round(n(f.limit) / 1e6))} MB). Sichere in eine Datei und mach in einer neuen weiter.`,
  'ledger.wrong-way': (_, f) =>
    `Das Geld geht anders herum, als die Art ${quoted(f.kind)} sagt. Ändere das Vorzeichen oder die Art.`,
  'receipt.empty': () => 'Der Beleg hat noch keine Zeile. Trag ein, was gekauft wurde.',
  'receipt.total-differs': (say, f) =>
    `Die Zeilen mit Lieferung und Steuer kommen auf ${say.money(n(f.lines))}; du sagst, bezahlt wurden ${say.money(n(f.total))}. ${say.money(Math.abs(n(f.difference)))} ${n(f.difference) > 0 ? 'fehlen: gibt es noch eine Zeile?' : 'sind zu viel: gab es Nachlass?'}`,
  'money.other-currency': (_, f) =>
    `Das ist in ${t(f.found)}; hier wird nur in ${t(f.expected)} gerechnet, da kein Kurs vom Tag der Zahlung bekannt ist. Trag ein, was in ${t(f.expected)} deine Kasse verließ.`,
  'moment.format': () => 'Ein Zeitpunkt wird wie 2026-05-04T18:30:00.000Z geschrieben.',
  'link.only-web': () =>
    'Ein Verweis muss mit http:// oder https:// beginnen und darf keine Leerzeichen haben.',
  'zip.unreadable': () =>
    'Das Zip lässt sich nicht öffnen: es ist beschädigt oder keines. Nimm eine frühere Kopie.',
  'zip.damaged': () =>
    'Was in diesem Zip steht, ist nicht, was geschrieben wurde: die Prüfsumme stimmt nicht. Nichts davon wird übernommen; nimm eine frühere Kopie.',
  'zip.no-workspace': () =>
    'In diesem Zip ist keine workspace.json. Wähle eines, das hier gesichert wurde.',
  'zip.too-large': (_, f) =>
    `Was im Zip ist, ist größer, als hereingenommen wird (${n(f.limit) / 1e6} MB zusammen, 20 MB für ein Foto). Es bleibt, wie es ist.`,
  'ledger-csv.empty': () =>
    'Hier sind keine Zeilen mit Einträgen. Die erste Zeile nennt die Spalten (date, text, in, out), jede weitere ist ein Eintrag.',
  'ledger-csv.no-column': (_, f) =>
    `Eine Spalte ${quoted(f.column)} gibt es nicht. Gefunden: ${t(f.found)}. Nenne die Spalte in der ersten Zeile.`,
  'ledger-csv.too-many': (_, f) =>
    `${t(f.rows)} Zeilen sind mehr als die ${t(f.limit)}, die auf einmal gelesen werden. Nimm sie in Teilen herein.`,
  'ledger-csv.cell': (_, f) =>
    `Zeile ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} wird nicht verstanden. Tage schreibt man 2026-05-04, Beträge 12.50.`,
  'ledger-csv.amount': (_, f) =>
    `Zeile ${t(f.row)}: es muss ein Betrag sein, ein oder aus, und ${quoted(f.text)} ist keiner. Schreib ihn wie 12.50.`,
  'ledger-csv.sign': (_, f) =>
    `Zeile ${t(f.row)}: ${quoted(f.text)} unter „${t(f.column)}“ hat ein eigenes Vorzeichen und könnte so oder so gemeint sein. Schreib es dort ohne, oder in einer Spalte „amount“ mit einem.`,
  'ledger-csv.currency': (_, f) =>
    `Zeile ${t(f.row)} ist in ${t(f.found)}, hier wird in ${t(f.expected)} gerechnet. Trag ein, was deine Kasse verließ; nichts wird im Stillen umgerechnet.`,
  'ledger-csv.text': (_, f) =>
    `Zeile ${t(f.row)}: der Text ist länger als 2000 Zeichen. Kürze ihn in der Datei.`,
  'ledger-csv.future': (_, f) =>
    `Zeile ${t(f.row)}: ${t(f.text)} ist noch nicht da. Das Kassenbuch enthält nur Geld, das sich bewegt hat.`,
  'ledger-csv.choice': (_, f) =>
    `Zeile ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} muss eines sein von: ${t(f.choices)}.`,
  'ledger-csv.way': (_, f) =>
    `Zeile ${t(f.row)}: Geld der Art ${quoted(f.text)} kommt herein, aber dieses geht hinaus. Ändere die Art oder die Spalte.`,
  'ledger-csv.conflict': (_, f) =>
    `Der Eintrag ${quoted(f.id)} steht hier mit anderem Inhalt. Das Kassenbuch wird nicht umgeschrieben: berichtige ihn hier, wenn die Datei recht hat.`,
  'items-csv.empty': () =>
    'Hier sind keine Zeilen mit Werkzeugen. Die erste Zeile nennt die Spalten (tool, tier, count, since, paid), jede weitere ist ein Werkzeug.',
  'items-csv.no-column': (_, f) =>
    `Eine Spalte ${quoted(f.column)} gibt es nicht. Gefunden: ${t(f.found)}. Nenne die Spalte in der ersten Zeile.`,
  'items-csv.too-many': (_, f) =>
    `${t(f.rows)} Zeilen sind mehr als die ${t(f.limit)}, die auf einmal gelesen werden. Nimm sie in Teilen herein.`,
  'items-csv.tool': (_, f) =>
    `Zeile ${t(f.row)}: ${quoted(f.text)} ist kein Werkzeug der Bibliothek und keines von dir. Schreib seinen Namen, wie die Ausstattung ihn zeigt.`,
  'items-csv.choice': (_, f) =>
    `Zeile ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} muss eines sein von: ${t(f.choices)}.`,
  'items-csv.cell': (_, f) =>
    `Zeile ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} wird nicht verstanden. Anzahlen sind ganze Zahlen, Tage 2026-05-04, Beträge 12.50, Größen „depthMm 57“.`,
  'items-csv.currency': (_, f) =>
    `Zeile ${t(f.row)} ist in ${t(f.found)}, hier wird in ${t(f.expected)} gerechnet. Trag ein, was deine Kasse verließ; nichts wird im Stillen umgerechnet.`,
  'file.not-written': () =>
    'Die Datei wurde nicht geschrieben, weil sie nicht wieder zu lesen wäre. Was du siehst, ist hier behalten; die falschen Stellen folgen.',
  'backup.folder': (_, f) =>
    `In den Ordner lässt sich nicht schreiben (${t(f.reason)}). Wähle ihn neu oder sichere in eine Datei.`,
  'merge.put-back': (_, f) =>
    `Wieder eingesetzt, weil die andere Seite noch darauf verweist: ${t(f.parts)}.`,
  'photo.missing': (_, f) =>
    `${n(f.count) === 1 ? 'Ein Foto, von dem die Rede ist, ist' : `${t(f.count)} Fotos, von denen die Rede ist, sind`} nicht in dieser Datei oder dort beschädigt. Alles andere ist übernommen; eine frühere Kopie kann es enthalten.`,
  'photo.missing-here': (_, f) =>
    `${n(f.count) === 1 ? 'Ein Foto ist' : `${t(f.count)} Fotos sind`} nicht mehr in diesem Browser und darum nicht in der Datei. Sonst ist die Datei ganz.`,
  'photo.unreadable': () => 'Das ist kein lesbares Bild. Nimm ein JPEG, PNG oder WebP.',
  'photo.too-large': (_, f) =>
    `Das Bild hat ${plainNumber(Math.round(n(f.size) / 1e6))} MB; genommen werden höchstens ${n(f.limit) / 1e6} MB. Mach es vorher kleiner.`
} satisfies Partial<Sentences>
