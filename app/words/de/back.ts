import type { RegretKind, VerdictTime } from '../../../core/workspace'
import { USUAL_REGRET, type Lesson } from '../../../core/judged'
import type { back as english } from '../back'
import type { Said } from '../language'
import type { Say } from '../say'

const regretNames = {
  inaccurate: 'ungenau',
  flimsy: 'wackelig',
  redundant: 'etwas anderes kann es auch',
  'not-my-way': 'passt nicht zu meiner Arbeit',
  'hardly-used': 'kaum benutzt',
  messy: 'umständlich oder schmutzig'
} satisfies Record<RegretKind, string>

export const back = {
  tab: 'Rückblick',
  title: (asked: number, mistakes: number): string =>
    asked > 0
      ? asked === 1
        ? 'Ein Kauf fragt, was daraus wurde'
        : `${asked} Käufe fragen, was daraus wurde`
      : mistakes > 0
        ? mistakes === 1
          ? 'Ein Kauf war ein Fehler'
          : `${mistakes} Käufe waren Fehler`
        : 'Bisher nichts zu bereuen',
  subtitle: 'Was du erlebt hast, macht den nächsten Rat besser. Es bleibt in dieser Werkstatt.',
  askTitle: 'Was wurde daraus?',
  question: {
    month: (tool: string, day: string): string =>
      `${tool}, gekauft am ${day}: Hast du es im ersten Monat benutzt?`,
    season: (tool: string, day: string): string =>
      `${tool}, gekauft am ${day}: Ist es so gut, wie du gehofft hast?`,
    year: (tool: string, day: string): string =>
      `${tool}, gekauft am ${day}: Würdest du es wieder kaufen?`
  } satisfies Record<VerdictTime, (tool: string, day: string) => string>,
  yes: 'Ja',
  no: 'Nein',
  why: 'Warum nicht?',
  regrets: regretNames,
  sofar: (uses: number, time: string): string =>
    uses === 0
      ? 'Auf den Stundenzetteln steht kein Gebrauch.'
      : `Nach den Stundenzetteln ${uses === 1 ? 'einmal' : `${uses}-mal`} benutzt, zusammen ${time}.`,
  mistakesTitle: 'Was ein Fehler war',
  mistake: (tool: string, why: string | undefined, day: string): string =>
    `${tool}: ${why ?? 'würde nicht wieder gekauft'} (gesagt am ${day})`,
  takeBack: (tool: string): string => `Zurücknehmen, was von ${tool} gesagt wurde`,
  costTitle: 'Was eine Stunde damit gekostet hat',
  cost: 'Bezahlt, weniger was es jetzt brächte, durch Stunden und Gebrauch der Zettel.',
  tool: 'Werkzeug',
  lost: 'Hat gekostet',
  uses: 'Gebrauch',
  perUse: 'Ein Gebrauch',
  perHour: 'Eine Stunde',
  expected: 'Geplant für',
  expectedBuilds: (count: number): string => (count === 1 ? '1 Vorhaben' : `${count} Vorhaben`),
  unused: 'nie benutzt',
  idleTitle: 'Was brachliegt',
  idle: 'Ein halbes Jahr lang für nichts Eingetragenes benutzt.',
  idleLine: (tool: string, last: string | undefined, brings: string): string =>
    `${tool}: ${last === undefined ? 'nach den Zetteln nie benutzt' : `zuletzt am ${last} benutzt`}; es brächte etwa ${brings}.`,
  closes: (builds: string): string => `Ohne es ginge das nicht: ${builds}.`,
  closesNone: 'Alles auf deiner Liste geht auch ohne.',
  opens: (what: string): string =>
    `Sein Geld allein reichte für etwas, das der Plan noch kauft: ${what}.`,
  sell: 'Im Inventar verkaufen',
  trueTitle: 'War es wahr?',
  trueNone:
    'Behalte einen Plan unter Etappen; einen Monat später steht er hier neben dem, was kam.',
  planOf: (day: string): string => `Der Plan, behalten am ${day}`,
  builds: 'Vorhaben',
  planned: 'Geplant',
  came: 'Gekommen',
  late: (days: number): string =>
    days === 0 ? 'am Tag' : days > 0 ? `${days} Tage später` : `${-days} Tage früher`,
  notYet: 'noch nicht',
  hours: 'Stunden, geplant und wirklich',
  money: 'Holz, geplant und wirklich',
  wrongTitle: 'Was anders zu setzen ist',
  wrongNone: 'Was deine Pläne annahmen, stimmte auf 15 %.',
  wrong: {
    hours: (say: Say, planned: number, real: number): string =>
      `Du planst mit ${say.duration(planned)} in der Woche und arbeitest wirklich ${say.duration(real)}.`,
    prices: (say: Say, times: number): string =>
      `Werkzeuge kosteten dich ${say.percent(times)} des Geplanten.`,
    times: (say: Say, times: number, builds: number): string =>
      `${builds === 1 ? 'Ein Vorhaben dauerte' : `${builds} Vorhaben dauerten`} ${say.number(times, 2)}-mal so lange wie geplant. Mit deinem Tempo wird nach jedem fertigen Vorhaben gerechnet; siehe Stunden und Tempo.`
  },
  setPrices: (times: string): string => `Mit ${times} der üblichen Preise rechnen`,
  setPace: 'Mit meinem Tempo rechnen',
  whatIf: 'Was würde das ändern?',
  asking: 'Es wird damit geplant …',
  effectNone: 'Kein Plan geht damit auf: festgehaltene Käufe stehen dagegen.',
  effect: (
    builds: readonly [number, number],
    last: readonly [string, string],
    tools: readonly [string, string]
  ): string =>
    `So geplant: ${builds[1]} Vorhaben (jetzt ${builds[0]}), das letzte fertig am ${last[1]} (jetzt ${last[0]}), Werkzeug für ${tools[1]} (jetzt ${tools[0]}).`,
  betterTier: (tier: string): string => `Die Güte „${tier}“ wünschen`,
  leaveOut: (tool: string): string => `${tool} aus Plänen lassen`,
  takeItBack: 'Zurücknehmen',
  verdictsCount: 'Was ich von Käufen sage, zählt im Rat zu ähnlichen',
  lesson: (say: Say, { judged, regretted, risk, kinds }: Lesson): string =>
    `Risiko, es zu bereuen, etwa ${say.percent(risk)}: von ${judged === 1 ? 'einem ähnlichen' : `${judged} ähnlichen`}, das du beurteilt hast, ${regretted === 1 ? 'wurde 1' : `wurden ${regretted}`} bereut${kinds.length > 0 ? ` (${kinds.map((kind) => regretNames[kind]).join(', ')})` : ''}. Üblich sind ${say.percent(USUAL_REGRET)}.`,
  tierLesson: (tier: string, tools: string, cost: string): string =>
    `${tier}: ${tools} dieser Güte hast du bereut. Das Risiko davon macht es ${cost} teurer.`,
  setHours: (time: string): string => `Mit ${time} in der Woche planen`,
  calibrationTitle: 'Wie gut die Aussichten waren',
  calibration: (say: Say, brier: number): string =>
    `Brier-Wert ${say.number(brier, 2)}: 0 wäre ein Prophet, 0,25 sagt immer halb und halb.`,
  said: 'Gegeben',
  cameTrue: 'Eingetroffen',
  count: 'Anzahl',
  lentTitle: 'Verliehen, geliehen',
  who: 'Wer',
  sinceDay: 'Seit wann',
  lend: 'Verleihen',
  isBorrowed: 'Es ist geliehen',
  counted:
    'Mit Verliehenem rechnen die Pläne weiter: man kann es zurückholen. Geliehenes zählt, solange es da ist.',
  lent: (tool: string, who: string, day: string): string =>
    `${tool}: verliehen an ${who} seit ${day}`,
  borrowed: (tool: string, who: string, day: string): string =>
    `${tool}: geliehen von ${who} seit ${day}`,
  backAgain: 'Es ist wieder da',
  givenBack: 'Zurückgegeben',
  steps: {
    verdict: (tool: string): string => `sagen, was aus ${tool} wurde`,
    settings: 'planen mit dem, was wirklich kam',
    learnt: (tool: string): string => `planen, wie ${tool} es gelehrt hat`,
    counts: 'ob Urteile im Rat zählen',
    lent: (tool: string): string => `${tool} verleihen`,
    home: (tool: string): string => `${tool} zurückbekommen`
  }
} satisfies Said<typeof english>
