import type { Need, SupplyLine } from '../../../core/supplies'
import { joined } from '../bench'
import type { Said } from '../language'
import type { Say } from '../say'
import type { supplies as english } from '../supplies'
import { operationUnits } from '../units'

const amount = (say: Say, { unit }: Pick<SupplyLine, 'unit'>, value: number): string =>
  `${say.number(value, value < 10 ? 2 : 0)} ${operationUnits(unit, value, 'metric')}`

/** Leim, Oberfläche, Schrauben, Blätter, Scheiben und Bohrer: was da ist, was gebraucht wird, wann und in welcher Größe man kauft. */
export const supplies = {
  tab: 'Verbrauch',
  title: (count: number): string =>
    count === 0
      ? 'Was deine Vorhaben verbrauchen, ist da'
      : count === 1
        ? 'Eins geht aus, bevor deine Vorhaben fertig sind'
        : `${count} Dinge gehen aus, bevor deine Vorhaben fertig sind`,
  subtitle:
    'Leim, Öl, Schrauben, Blätter, Scheiben, Bohrer. Was Vorhaben nehmen, geht nach ihren Zetteln ab; zähl einmal, und wieder, wenn es nicht stimmt.',
  none: 'Plane ein Vorhaben, dann steht hier, was es verbraucht.',
  amount,
  head: {
    what: 'Was',
    have: 'Da',
    needs: 'Vorhaben brauchen',
    out: 'Geht aus',
    buy: 'Kaufen',
    put: 'Zählen, oder eintragen, was kam'
  },
  unknown: 'nie gezählt',
  keeps: (day: string): string => `hält bis ${day}`,
  old: 'bis dahin zu alt: an einem Rest probieren, nicht damit rechnen',
  enough: 'reicht',
  outAt: (build: string, day: string): string => `bei ${build}, ${day}`,
  buy: (say: Say, line: SupplyLine): string => {
    const sizes = joined(
      (line.buy?.packs ?? []).map(({ pack, count }) =>
        line.kind === 'wears'
          ? `${count} neu`
          : line.unit === 'litre' || line.unit === 'metre'
            ? `${count} × ${say.number(pack.amount, 3)} ${operationUnits(line.unit, pack.amount, 'metric')}`
            : pack.amount === 1
              ? `${count} in der üblichen Größe`
              : `${count} in ${say.number(pack.amount, 1)}-facher Größe`
      )
    )
    return `${sizes}, ${say.money(line.cost)}`
  },
  saves: (money: string): string => `${money} weniger als in der üblichen Größe`,
  need: (say: Say, line: SupplyLine): string =>
    amount(
      say,
      line,
      line.needs.reduce((sum, one: Need) => sum + one.amount, 0)
    ),
  count: (what: string): string => `${what}: so viel ist da`,
  came: (what: string): string => `${what}: so viel kam`,
  countIs: 'Jetzt da',
  cameIn: 'Kam dazu',
  pieces: 'Ersatz',
  open: 'Heute geöffnet',
  opened: (what: string): string => `${what}: heute geöffnet`,
  add: 'Was du sonst vorrätig hast',
  choose: 'Was',
  moves: 'Was du notiert hast',
  kinds: { count: 'gezählt', in: 'dazugekommen', opened: 'geöffnet', gone: 'weggeworfen' },
  move: (what: string, kind: string, much: string, day: string): string =>
    `${what}: ${kind}${much === '' ? '' : ` ${much}`}, ${day}`,
  takeOut: (what: string, day: string): string => `Die Notiz zu ${what} vom ${day} herausnehmen`,
  inPlan:
    'Was da ist, wird auf die Vorhaben verteilt, die es brauchen, und der Plan zahlt so viel weniger für ihr Material. Blätter, Scheiben und Bohrer stehen im Plan wie bisher nach Stunden.',
  pocket: 'Was die nächsten Vorhaben verbrauchen',
  pack: 'Wie viele der üblichen Größe',
  receiptGroup: 'In den Vorrat',
  steps: {
    counted: (what: string): string => `${what} zählen`,
    came: (what: string): string => `${what} eintragen`,
    opened: (what: string): string => `${what} öffnen`,
    out: (what: string): string => `eine Notiz zu ${what} herausnehmen`
  }
} satisfies Said<typeof english>
