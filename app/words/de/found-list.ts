import { joined } from '../bench'
import type { foundList as english } from '../found-list'
import type { Said } from '../language'
import { plural } from '../plural'
import type { Say } from '../say'

const names = (say: Say, ids: readonly string[]): string =>
  joined(ids.map((id) => say.shortTool(id)))

export const foundList: Said<typeof english> = {
  title: 'Eine gefundene Liste prüfen',
  titleRead: (need, of) =>
    need === 0
      ? `Keines von diesen ${of} wird für deine Vorhaben gebraucht`
      : `${need} von ${of} auf dieser Liste sind für deine Vorhaben`,
  hint: 'Jede Liste ist anders. Füge eine ein, je Zeile ein Werkzeug, mit oder ohne Preise: jede Zeile wird an deine Vorhaben, deinen Plan und das gehalten, was du hast.',
  label: 'Die Liste',
  example:
    'Kombinationswinkel 300 mm  25 €\n4 Schraubzwingen 600 mm\nAkkuschrauber\nStechbeitel\n…',
  clear: 'Eine andere Liste',
  working: 'Zuerst werden deine eigenen Werkzeuge geordnet …',
  noBuilds:
    'Füge zuerst ein Vorhaben hinzu: eine Liste lässt sich nur an dem messen, was du machen willst.',
  read: (tools, asked, none) =>
    [
      plural(tools, 'Werkzeug erkannt', 'Werkzeuge erkannt'),
      asked > 0 ? `${asked} zu erfragen` : '',
      none > 0 ? `${plural(none, 'Zeile', 'Zeilen')} nicht als Werkzeug gelesen` : ''
    ]
      .filter((one) => one !== '')
      .join(' · '),
  follows: (school) => `Sie folgt „${school}“.`,
  groups: {
    need: 'Für deine Vorhaben',
    have: 'Schon da, oder seine Arbeit wird anders getan',
    not: 'Nicht für diese Vorhaben',
    ask: 'Welches ist gemeint?',
    other: 'Nicht als Werkzeug gelesen'
  },
  showAll: (count) => `${plural(count, 'weitere Zeile', 'weitere Zeilen')}`,
  columns: {
    pick: 'Übernehmen',
    tool: 'Werkzeug',
    standing: 'Für dich',
    with: 'Muss dazu',
    price: 'Preis'
  },
  pick: (tool) => `${tool}: übernehmen`,
  asWritten: (text) => `„${text}“`,
  none: 'keines davon',
  meant: (text) => `Was „${text}“ bedeutet`,
  standing: (say, standing, usedIn) => {
    const uses =
      usedIn.length > 0 ? `, für ${joined(usedIn.slice(0, 3).map((id) => say.build(id)))}` : ''
    switch (standing.kind) {
      case 'owned':
        return 'Du hast es'
      case 'planned':
        return `In deinem Plan am ${say.day(standing.date)}${uses}`
      case 'rung':
        return `Sprosse ${standing.place} deiner Leiter${uses}; bisher über das Geld des Plans hinaus`
      case 'done-by':
        return standing.owned
          ? `Was es täte, tut, was du hast: ${say.shortTool(standing.other)}`
          : `Was es in deinen Vorhaben täte, tut: ${say.shortTool(standing.other)}`
      case 'too-dear':
        return `Das billigste kostete mit allem, was dazu muss, ${say.money(standing.cost)} und brächte in diesen Vorhaben ${
          standing.brings > 0 ? `nur ${say.money(standing.brings)}` : 'nichts'
        }`
      case 'ruled-out':
        return 'Du hast es ausgeschlossen'
      case 'unasked':
        return 'Kein Schritt deiner Vorhaben verlangt es'
    }
  },
  comesWith: (say, ids) => names(say, ids),
  price: (say, each, { usual, beside }) => {
    const usually = usual === undefined ? '' : `üblich ${say.money(usual)}`
    if (each === undefined) return usually
    const says = {
      low: `niedrig; ${usually}: frag, was daran fehlt`,
      usual: 'etwa üblich',
      dear: `teuer; ${usually}`
    } as const
    return `je ${say.money(each)}${beside ? `, ${says[beside]}` : ''}`
  },
  unclearPrice: 'der Preis ist nicht sicher zu lesen',
  forgotten: 'Was die Liste vergisst',
  forgottenNone: 'Sie nennt alles, was dein Plan kauft.',
  forgottenOne: (say, { tool, date, price, protects }) =>
    `${say.shortTool(tool)}${protects ? ' (Schutz)' : ''}, ${say.money(price)}, ${say.shortDay(date)}`,
  totals: (say, { planned, plannedOfList }, listed) =>
    `Was du brauchst, kommt in deinem Plan auf ${say.money(planned)}, davon ${say.money(plannedOfList)} von dieser Liste${
      listed === undefined ? '' : `; die Liste kommt mit ihren Preisen auf ${say.money(listed)}`
    }.`,
  asOwned: 'Diese habe ich',
  asWishes: 'Diese wünschen',
  asPrices: 'Ihre Preise behalten',
  save: 'Als Text sichern',
  taken: (count, as) =>
    as === 'owned'
      ? `${plural(count, 'Werkzeug ist', 'Werkzeuge sind')} jetzt in deiner Ausstattung.`
      : as === 'wishes'
        ? `${plural(count, 'Werkzeug ist', 'Werkzeuge sind')} jetzt unter deinen Wünschen.`
        : `${plural(count, 'Preis ist', 'Preise sind')} behalten, gesehen heute.`,
  fileName: 'gepruefte-liste.txt'
}
