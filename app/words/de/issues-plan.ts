import type { Findings } from '../../../core/kernel'
import { plural } from '../plural'
import type { Say } from '../say'
import { guarded } from './bench'
import { n, quoted, t, type Sentences } from './sentences'

/** What a plan's method lacks: the beginning of the sentence. */
const miss = (f: Findings['plan.miss.tie'], say: Say): string =>
  `${say.build(t(f.build))} soll am ${say.day(t(f.begin))} beginnen (${say.method(t(f.method))}), aber `
const SURFACES: Readonly<Record<string, string>> = {
  rough: 'rau',
  sawn: 'sägerau',
  clean: 'sauber',
  smooth: 'glatt'
}
const surface = (name: string): string => SURFACES[name] ?? name

/** What a plan breaks. */
export const PLAN = {
  'plan.below-reserve': (say, f) =>
    `Am ${say.shortDay(t(f.date))} bezahlt, bleiben am ${say.shortDay(t(f.on))} ${say.money(n(f.balance))}; deine Rücklage ist ${say.money(n(f.reserve))}, also fehlen ${say.money(n(f.short))}.`,
  'plan.protection-late': (say, f) =>
    `${say.tool(t(f.tool))} kommt am ${say.shortDay(t(f.date))}, bevor etwas ${guarded(t(f.protection))} schützt.`,
  'plan.price-differs': (say, f) =>
    `${say.tool(t(f.tool))} ist mit ${say.money(n(f.planned))} geplant, der Preis ist aber ${say.money(n(f.price))}.`,
  'plan.material-differs': (say, f) =>
    `Holz und Gebühren für ${say.build(t(f.build))} sind mit ${say.money(n(f.planned))} geplant, kommen aber auf ${say.money(n(f.price))}.`,
  'plan.no-price': (say, f) => `Für ${say.offer(t(f.id))} hat niemand einen Preis genannt.`,
  'plan.unknown-offer': (_, f) => `Ein Angebot ${quoted(f.id)} gibt es nicht.`,
  'plan.unknown-build': (_, f) => `Ein Vorhaben ${quoted(f.id)} gibt es nicht.`,
  'plan.duplicate-id': (_, f) => `Zwei Anschaffungen haben die Kennung ${quoted(f.id)}.`,
  'plan.count': (_, f) => `${t(f.count)} von etwas sind nicht zu kaufen.`,
  'plan.only-one': (say, f) =>
    `Davon gibt es nur eines, und der Plan kauft mehr: ${say.tool(t(f.tool))}.`,
  'plan.not-slept-on': (say, f) =>
    `Du wolltest bis ${say.day(t(f.until))} über ${say.tool(t(f.tool))} schlafen; am ${say.shortDay(t(f.date))} ist das nicht vorbei. Warte, oder beende es beim Abwägen.`,
  'plan.not-rough': (say, f) =>
    `${say.build(t(f.build))} hat keine gehobelten Bretter, die es rau gibt, oder ist begonnen: aus rauen geht es nicht.`,
  'plan.ruled-out': (say, f) =>
    `${say.tool(t(f.tool))} ist von einer Art, die du ausgeschlossen hast: siehe Einstellungen, „Nie kaufen“.`,
  'plan.banned': (say, f) =>
    `${say.tool(t(f.tool))} steht auf deiner Liste dessen, was nicht gekauft wird.`,
  'plan.offer-not-then': (say, f) =>
    `Am ${say.shortDay(t(f.date))} ist das nicht zu haben: ${say.tool(t(f.tool))}.`,
  'plan.date-outside': (say, f) =>
    `${say.day(t(f.date))} liegt außerhalb des Plans, der von ${say.day(t(f.from))} bis ${say.day(t(f.until))} geht.`,
  'plan.build-dates': (say, f) =>
    `${say.build(t(f.build))} geht von ${say.day(t(f.begin))} bis ${say.day(t(f.done))}; der Plan geht von ${say.day(t(f.from))} bis ${say.day(t(f.until))}.`,
  'plan.build-already-done': (say, f) => `${say.build(t(f.build))} ist schon fertig.`,
  'plan.copies': (say, f) =>
    `${say.build(t(f.build))} ist für ${t(f.copies)} Stück geplant, wo es ${t(f.all)} sind.`,
  'plan.over-cap': (say, f) =>
    `Der Plan zahlt ${say.money(n(f.spent))} aus; du hast höchstens ${say.money(n(f.cap))} gesetzt. Heb die Grenze an oder lass eine Anschaffung fallen.`,
  'plan.unknown-item': (_, f) =>
    `Du hast nichts mit der Kennung ${quoted(f.id)}, was noch zu verkaufen wäre.`,
  'plan.not-replaced': (say, f) =>
    `${say.tool(t(f.tool))} soll am ${say.shortDay(t(f.date))} verkauft werden, aber bis dahin ist nichts ebenso Gutes an seinem Platz.`,
  'plan.resale-differs': (say, f) =>
    `Der Verkauf von ${say.tool(t(f.tool))} ist mit ${say.money(n(f.planned))} geplant; nach dem, was du bezahlt hast, sind es ${say.money(n(f.price))}.`,
  'plan.saving-differs': (say, f) =>
    `Ein Mengenangebot ist am ${say.shortDay(t(f.date))} mit ${say.money(n(f.planned))} geplant; mit den Anschaffungen des Tages sind es ${say.money(n(f.price))}.`,
  'plan.build-twice': (say, f) => `${say.build(t(f.build))} steht zweimal im Plan.`,
  'plan.no-method': (say, f) =>
    `${say.build(t(f.build))} hat keine Art für „${say.operation(t(f.operation))}“.`,
  'plan.still-wet': (say, f) =>
    `${say.build(t(f.build))} kann am ${say.day(t(f.done))} nicht fertig sein: Leim und Anstriche brauchen ${plural(n(f.nights), 'Nacht', 'Nächte')} zum Abbinden und Trocknen.`,
  'plan.minutes-differ': (say, f) =>
    `${say.build(t(f.build))} braucht ${say.duration(n(f.needed))}, bekommt aber ${say.duration(n(f.given))}.`,
  'plan.too-many-hours': (say, f) =>
    `Vom ${say.shortDay(t(f.from))} bis ${say.shortDay(t(f.to))} sind ${say.duration(n(f.minutes))} Arbeit in ${say.duration(n(f.available))} Zeit.`,
  'plan.work-outside': (say, f) =>
    `Arbeit an ${say.build(t(f.build))} liegt in einer Etappe, in der es nicht im Bau ist.`,
  'plan.space': (say, f) =>
    `Weggeräumt brauchen die Werkzeuge ${say.number(n(f.taken), 2)} m²; du hast ${say.number(n(f.limit), 2)} m².`,
  'plan.no-place': (say, f) =>
    `${say.tool(t(f.tool))}, gekauft ${say.day(t(f.date))}, findet im gezeichneten Raum keinen Platz: weggeräumt neben den anderen und im Gebrauch mit dem Auslauf, den es braucht. Rück im Grundriss etwas beiseite oder lass es weg.`,
  'pin.carried': (say, f) =>
    `${say.offer(t(f.offer))} war am ${say.day(t(f.date))} festgehalten und wurde nicht gekauft; es ist jetzt heute festgehalten.`,
  'pin.released': (say, f) =>
    `${say.offer(t(f.offer))} war am ${say.day(t(f.date))} festgehalten und wurde nicht gekauft. Heute lassen Geld oder Werkstatt es nicht zu, also ist es losgelassen; setz es, wo du es willst.`,
  'plan.pin-not-kept': (say, f) =>
    `${say.offer(t(f.offer))} ist am ${say.day(t(f.date))} festgehalten, aber der Plan kauft es dann nicht.`,
  'plan.other-workspace': () => 'Der Plan wurde für etwas anderes gemacht.',
  'plan.older-state': () => 'Seit der Plan gemacht wurde, hat sich etwas geändert.',
  'plan.other-library': (_, f) =>
    `Der Plan wurde mit Werkzeugbibliothek ${t(f.made)} gemacht; dies ist ${t(f.now)}.`,
  'plan.no-builds': () => 'Noch ist nichts zu bauen. Füge zuerst ein Vorhaben hinzu.',
  'plan.nothing-pays': () =>
    'Im Plan lohnt sich keine Anschaffung. Mehr Geld, mehr Stunden oder ein höherer Wert eines Vorhabens würden das ändern.',
  'plan.miss.role': (say, f) =>
    `${miss(f, say)}${n(f.have) > 0 ? `bis dahin sind nur ${t(f.have)} von ${t(f.count)} da` : 'bis dahin fehlt ein Werkzeug dafür'}.`,
  'plan.miss.spec': (say, f) =>
    `${miss(f, say)}${say.tool(t(f.tool))} gibt ${say.length(n(f.has))}, gebraucht werden ${say.length(n(f.needs))}.`,
  'plan.miss.limit': (say, f) =>
    `${miss(f, say)}das Holz mit ${say.length(n(f.has))} liegt jenseits der Grenze von ${say.length(n(f.limit))}.`,
  'plan.miss.accuracy': (say, f) =>
    `${miss(f, say)}das wird auf ${say.number(n(f.has), 1)} mm genau, gebraucht werden ${say.number(n(f.needs), 1)} mm.`,
  'plan.miss.surface': (say, f) =>
    `${miss(f, say)}das wird ${surface(t(f.has))}, gebraucht wird ${surface(t(f.needs))}, und nichts ist da, um zu putzen.`,
  'plan.miss.tie': (say, f) => `${miss(f, say)}Einsatz und Maschine passen nicht zusammen.`,
  'plan.miss.companion': (say, f) =>
    `${miss(f, say)}${say.tool(t(f.tool))} braucht dazu ${t(f.anyOf)
      .split(', ')
      .map((id) => say.tool(id))
      .join(' oder ')}.`,
  'plan.miss.protection': (say, f) =>
    `${miss(f, say)}nichts schützt ${guarded(t(f.protection))} vor: ${say.tool(t(f.tool))}.`,
  'plan.miss.comfort': (say, f) => `${miss(f, say)}das ist mehr, als du dir zutraust.`,
  'plan.miss.circuit': (say, f) =>
    `${miss(f, say)}${say.tool(t(f.tool))} zieht ${t(f.amps)} A, und der Stromkreis ist für ${t(f.limit)} A.`,
  'plan.miss.wall': (say, f) => `${miss(f, say)}das ist für eine andere Wand als deine.`,
  'plan.miss.banned': (say, f) => `${miss(f, say)}du hast diese Art ausgeschlossen.`
} satisfies Partial<Sentences>

/** What can be wrong with the library, own entries and cut lists. */
export const LISTS = {
  'library.duplicate': (_, f) => `Die Kennung ${quoted(f.id)} steht zweimal in der Bibliothek.`,
  'library.unknown': (_, f) => `Einen Eintrag ${quoted(f.id)} hat die Bibliothek nicht.`,
  'library.unused': (_, f) =>
    `Das Werkzeug ${quoted(f.id)} braucht keine Art, und es ist weder Zubehör noch Schutz noch Aufbewahrung.`,
  'library.empty-role': (_, f) => `Kein Werkzeug spielt die Rolle ${quoted(f.role)}.`,
  'library.jig': (_, f) =>
    `Die Vorlage ${quoted(f.template)} ergibt nicht das Werkzeug, das sie nennt.`,
  'library.circle': (_, f) =>
    `${quoted(f.id)} und ${quoted(f.other)} putzen einander nach, ohne Ende.`,
  'workshop.humidity': () =>
    'Die trockenste Zahl muss unter der feuchtesten liegen. Ändere eine davon.',
  'own.choose-tool': () => 'Sag, wie welches Werkzeug es arbeitet.',
  'own.choose-operation': () => 'Sag, was es tut.',
  'cut.empty': () =>
    'Keine Zeile enthält ein Teil. Füge die Zeilen mit ihren Überschriften ein oder tippe sie.',
  'cut.no-column': (_, f) =>
    `Für „${t(f.column)}“ gibt es keine Spalte. Füge eine mit dieser Überschrift hinzu; gefunden: ${t(f.found)}.`,
  'cut.missing': (_, f) =>
    `Zeile ${t(f.row)}, ${t(f.column)}: da steht nichts. Trag es ein oder lass die Zeile weg.`,
  'cut.not-a-length': (_, f) =>
    `Zeile ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} ist keine Länge. Schreib 600, 60 cm, 23 1/2 in oder 2' 6".`,
  'cut.say-unit': (_, f) =>
    `Zeile ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} ist ein Bruch unter Millimetern. Sag, was gemeint ist: ${t(f.text)} in oder eine Zahl in mm.`,
  'cut.ambiguous': (_, f) =>
    `Zeile ${t(f.row)}: ${t(f.column)} ${quoted(f.text)} lässt sich auf zwei Arten lesen. Schreib es ohne Zeichen oder mit einer Stelle mehr oder weniger dahinter.`,
  'cut.not-positive': (_, f) =>
    `Zeile ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} ist nicht mehr als nichts.`,
  'cut.absurd': (_, f) =>
    `Zeile ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} sind ${n(f.mm) >= 1 ? String(Math.round(n(f.mm))) : String(n(f.mm))} mm, außerhalb von ${t(f.least)} bis ${t(f.most)} mm. Stimmt die Einheit?`,
  'cut.not-a-count': (_, f) =>
    `Zeile ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} ist keine ganze Zahl von Stücken von 1 bis 10000.`,
  'cut.unknown-material': (_, f) =>
    `Zeile ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} wird nicht verstanden. Schreib plywood, softwood, hardwood, rough hardwood oder eine Größe wie 2x4.`,
  'cut.unknown-joint': (_, f) =>
    `Zeile ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} ist keine hier bekannte Verbindung. Bekannt sind: ${t(f.known)}.`,
  'cut.unknown-edge': (_, f) =>
    `Zeile ${t(f.row)}, ${t(f.column)}: ${quoted(f.text)} wird nicht verstanden. Schreib round oder band, mit all, long oder front.`,
  'cut.thick': (_, f) =>
    `Zeile ${t(f.row)}: das Teil ist dicker als breit. Sind Dicke und Breite vertauscht?`,
  'cut.larger-than-sheet': (say, f) =>
    `${t(f.part)} ist größer als jede Platte seiner Dicke (${say.lengths([n(f.lengthMm), n(f.widthMm)])}). Setz es aus zweien zusammen oder wähle Bretter.`,
  'cut.no-material': (say, f) =>
    `${t(f.part)}: nichts von ${say.length(n(f.thicknessMm))} Dicke gibt es als ${t(f.stock)}. Ändere die Dicke oder trag ein eigenes Material ein.`,
  'cut.too-many': (_, f) =>
    `Die Liste hat ${t(f.rows)} Zeilen; gelesen werden höchstens ${t(f.limit)}.`
} satisfies Partial<Sentences>
