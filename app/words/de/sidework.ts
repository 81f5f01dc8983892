import type { sidework as english } from '../sidework'
import type { Said } from '../language'
import { plural } from '../plural'
import { roughly } from '../say'

export const sidework: Said<typeof english> = {
  title: 'Was ein Stück bringt',
  working: 'Wird gerechnet …',
  cannot:
    'Mit dem, was der Plan bis dahin kauft, lässt es sich noch nicht bauen: was es bringt, bleibt offen.',
  headline: (say, { margin, perHour, minutes }) =>
    margin < 0
      ? `Jedes Stück kostet ${say.money(Math.round(-margin))} mehr, als es bringt, und braucht ${roughly(minutes)}.`
      : `${say.money(Math.round(margin))} je Stück für ${roughly(minutes)} Arbeit${perHour === undefined ? '' : `: ${say.money(Math.round(perHour))} die Stunde`}.`,
  caption:
    'Der Balken ist der Preis eines Stücks: von links, was es kostet, und schraffiert, was für deine Stunden bleibt.',
  single: (say, { perHour, minutes }) =>
    `Eines allein braucht ${roughly(minutes)}${perHour === undefined ? '' : ` und bringt ${say.money(Math.round(perHour))} die Stunde`}.`,
  batch: (say, { asked, paysFrom }) =>
    asked <= 0
      ? 'Sag, was eine Stunde bringen soll, dann findet sich, ab wie vielen sie es tut.'
      : paysFrom === undefined
        ? `Keine Menge bringt die ${say.money(asked)}, die du für die Stunde willst: zu klein oder zu billig.`
        : paysFrom === 1
          ? `Schon eines allein bringt die ${say.money(asked)}, die du für die Stunde willst.`
          : `Ab ${plural(paysFrom, 'Stück', 'Stück')} zusammen bringt die Stunde die ${say.money(asked)}, die du willst.`,
  priceNeeded: (say, price) => `Zu ${say.money(price)} brächte die Stunde, was du willst.`,
  stage: (say, { day, minutes, perHour }) =>
    `Ab ${say.day(day)}, mit dem, was der Plan kauft, braucht eines ${roughly(minutes)}${perHour === undefined ? '' : `: ${say.money(Math.round(perHour))} die Stunde`}.`,
  advice:
    'Für Steuern, Genehmigungen, Produktsicherheit und Versicherung gelten die örtlichen Regeln: lass dich beraten.'
}
