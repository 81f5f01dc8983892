import { mainRung, type Rung } from '../../../core/ladder'
import { joined } from '../bench'
import type { ladder as english } from '../ladder'
import type { Said } from '../language'
import { plural } from '../plural'
import { duration, type Say } from '../say'
import { terms } from './small'

const builds = (say: Say, ids: readonly string[], most = 3): string =>
  ids.length <= most
    ? joined(ids.map((id) => say.build(id)))
    : `${ids
        .slice(0, most - 1)
        .map((id) => say.build(id))
        .join(', ')} und ${ids.length - most + 1} weitere`
const tools = (say: Say, ids: readonly string[], most = 3): string =>
  joined(ids.slice(0, most).map((id) => say.shortTool(id)))

/** Fewer minutes a year than this are not worth a word. */
const FEW_MINUTES = 15
/** Less of the area than this, and neighbours may change places. */
const LOOSE = 0.002

const lead = (say: Say, { lead: { tool, count } }: Rung): string =>
  `${say.shortTool(tool)}${count > 1 ? ` ×${count}` : ''}`
const OWN = {
  wish: 'auf deiner Wunschliste',
  order: 'weniger Holen und Suchen'
} as const

/** The quality of a rung, and why not the next cheaper one. */
function tierText(say: Say, { tier, cheaper }: Rung['tier']): string {
  const name = terms.tierName[tier] ?? tier
  if (!cheaper) return `${name}: nichts Billigeres davon leistet dasselbe.`
  if (cheaper.closes.length > 0)
    return `${name}: die nächst billigere spart ${say.money(cheaper.saves)}, ist aber nicht genau genug für ${builds(say, cheaper.closes)}.`
  if (cheaper.loses > 100)
    return `${name}: die nächst billigere spart ${say.money(cheaper.saves)}, kostet dich aber ${say.money(say.about(cheaper.loses))} an Stunden und Nacharbeit.`
  return `${name}: am Ende kostet sie dich weniger als die nächst billigere, die beim Wiederverkauf weniger bringt.`
}

/** What is gained by a rung, as its first sentence. */
function gainText(say: Say, { opens, gain, cost, withRung }: Rung): string {
  if (opens.length > 0)
    return `Damit kannst du ${builds(say, opens, 5)} machen: zusammen ist dir das ${say.money(say.about(gain))} wert, für ${say.money(cost)}.`
  if (withRung !== undefined)
    return `Allein bringt es noch ${gain < 100 ? 'nichts' : say.money(say.about(gain))}: es lohnt sich zusammen mit Sprosse ${withRung + 1}.`
  return `Es ist dir hier ${say.money(say.about(gain))} wert, für ${say.money(cost)}.`
}

/** What would be without a rung. */
function withoutText(say: Say, { closes, minutesPerYear, instead }: Rung['without']): string[] {
  const told: string[] = []
  if (closes.length > 0)
    told.push(`Ist der Rest da, könntest du ohne es ${builds(say, closes, 4)} nicht machen.`)
  if (minutesPerYear >= FEW_MINUTES)
    told.push(
      `Ohne es brauchen dieselben Stücke im Jahr ${duration(minutesPerYear)} mehr${instead.length > 0 ? `, mit: ${tools(say, instead, 2)}` : ''}.`
    )
  else if (closes.length === 0 && instead.length > 0)
    told.push(`Anders herum: ${tools(say, instead)}.`)
  return told
}

export const ladder: Said<typeof english> = {
  headline: (say, { rungs, already }) => {
    const opening = rungs.findIndex(({ opens }) => opens.length > 0)
    const [first] = rungs
    if (!first)
      return already.length > 0 ? 'Du hast, was deine Vorhaben brauchen' : 'Noch nichts zu ordnen'
    if (opening < 0) return `Als Nächstes ${lead(say, first)}: es spart am meisten für sein Geld`
    const main = mainRung({ rungs }) ?? first
    const opened = rungs[opening]?.opens ?? []
    const along = opening === 0 || main === rungs[opening] ? '' : ' mit dem, was darunter steht,'
    return `Zuerst ${lead(say, main)}: macht${along} ${builds(say, opened, 2)} möglich`
  },
  working: 'Die Werkzeuge werden geordnet …',
  again: 'Etwas hat sich geändert: die Leiter wird neu gemacht …',
  subtitle: (say, { rungs, now, inTime }) => {
    const reached = rungs.filter(({ band }) => band === 'first').length
    const later = rungs.filter(({ band }) => band === 'next').length
    const total = rungs.at(-1)?.total ?? 0
    const all = `${plural(rungs.length, 'Sprosse', 'Sprossen')}, zusammen ${say.money(total)}`
    if (rungs.length === 0)
      return 'Nichts, was es zu kaufen gibt, brächte deinen Vorhaben mehr, als es kostet.'
    if (reached === rungs.length)
      return `${all}; die ${say.money(now)}, die da sind, reichen für alles`
    const here =
      reached > 0 ? `${say.money(now)} reichen bis Sprosse ${reached}` : `${say.money(now)} sind da`
    return `${all}; ${here}${later > 0 ? `, alles, was rechtzeitig kommt (${say.money(inTime)}), bis Sprosse ${reached + later}` : ''}`
  },
  caption:
    'Von oben: einzelne Werkzeuge in der Reihenfolge, die dir am meisten gibt, auf welcher Sprosse du auch aufhörst. Was dazu muss, ist im Preis seiner Sprosse; der Doppelstrich ist dein Geld.',
  bands: {
    first: 'Das Geld ist da',
    next: 'Wenn das Geld gekommen ist',
    later: 'Über das Geld des Plans hinaus'
  },
  line: (say, band, { now, inTime }) =>
    band === 'next'
      ? `${say.money(now)} sind jetzt da: bis hierher`
      : `${say.money(inTime)} kommen rechtzeitig: bis hierher`,
  name: lead,
  along: (say, { along }) =>
    along.length === 0
      ? ''
      : `mit ${joined(along.map(({ tool, count, made }) => `${say.shortTool(tool)}${count > 1 ? ` ×${count}` : ''}${made ? ' (selbst machen)' : ''}`))}`,
  made: 'selbst machen',
  short: (say, rung) => {
    if (rung.opens.length > 0) return `macht ${builds(say, rung.opens)} möglich`
    if (rung.withRung !== undefined) return `lohnt sich mit Sprosse ${rung.withRung + 1}`
    if (rung.without.minutesPerYear >= FEW_MINUTES)
      return `spart ${duration(rung.without.minutesPerYear)} im Jahr`
    if (rung.own !== undefined && rung.usedIn.length === 0) return OWN[rung.own]
    if (rung.without.closes.length > 0)
      return `ohne es hängen ${builds(say, rung.without.closes, 2)}`
    return 'ein wenig weniger Arbeit'
  },
  own: OWN,
  used: ({ usedIn, of, steps, own }) =>
    own !== undefined && usedIn.length === 0
      ? 'kein Vorhaben verlangt es'
      : `in ${usedIn.length} von ${of} Vorhaben, ${plural(steps, 'Schritt', 'Schritte')}`,
  total: (say, { total }) => `bis hier ${say.money(total)}`,
  details: (say, rung, last) => [
    gainText(say, rung),
    ...(rung.usedIn.length > 0 ? [`Gebraucht für ${builds(say, rung.usedIn, 5)}.`] : []),
    ...withoutText(say, rung.without),
    tierText(say, rung.tier),
    ...(rung.timber
      ? [
          `Raue Bretter statt gehobelter sparen hier ${say.money(say.about(rung.timber.savesPerM3))} je Kubikmeter, das Hobeln eingerechnet: allein durch Holz ist es nach ${say.volume(Number(rung.timber.volumeM3.toPrecision(2)))} bezahlt.`
        ]
      : []),
    ...(last
      ? []
      : [
          rung.firmness > LOOSE
            ? 'Sein Platz vor der nächsten Sprosse ist fest.'
            : 'Es könnte ebenso gut mit der nächsten Sprosse tauschen.'
        ])
  ],
  tier: tierText,
  have: 'Habe ich',
  notForMe: 'Nicht für mich',
  weigh: 'Gegen andere abwägen',
  notFor: 'Nicht für deine Vorhaben',
  notForCount: (shown, unasked) =>
    `${plural(shown, 'Werkzeug könnte einen Schritt tun und würde', 'Werkzeuge könnten einen Schritt tun und würden')} sich nicht lohnen; ${unasked} weitere verlangt kein Schritt.`,
  reason: (say, one) => {
    switch (one.kind) {
      case 'ruled-out':
        return 'du hast es ausgeschlossen'
      case 'no-way':
        return 'Raum, Stromkreis oder was du dir zutraust schließen es aus'
      case 'same-as':
        return `seine Arbeit tut: ${say.shortTool(one.other)}`
      case 'too-dear':
        return one.brings < 100
          ? `bringt deinen Vorhaben nichts, für ${say.money(one.cost)}`
          : `brächte ${say.money(say.about(one.brings))} für ${say.money(one.cost)} mit dem, was dazu muss`
    }
  },
  already: (say, ids) => `Mit dem, was du hast, kannst du ${builds(say, ids, 6)} machen.`,
  never: (say, ids) =>
    `Keine Sprosse macht ${builds(say, ids, 6)} lohnend: was sie bringen, ist weniger, als sie kosten, oder für einen Schritt gibt es keinen Weg. Ihre Seiten sagen, welchen.`,
  exact: 'Diese Reihenfolge wurde mit jeder anderen dieser Sprossen verglichen.',
  searched:
    'Bei so vielen Sprossen wurde die Reihenfolge gesucht, nicht mit jeder anderen verglichen.',
  beside: 'Daneben',
  besideHint:
    'Dieselben Vorhaben und dasselbe Vorhandene, wie jemand anderer Schule kaufen würde; oder mit einer anderen Summe.',
  besideMine: 'Wie du arbeitest',
  besideTotal: (say, total) => `${say.money(total)} einmal`,
  besideRun: 'Nebeneinanderstellen',
  besideLine: (say, total) => `${say.money(total)} reichen bis hierher`,
  show: 'Alle zeigen',
  fewer: 'Weniger zeigen'
}
