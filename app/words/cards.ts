import type { CardKind, OtherWay } from '../../core/cards'
import type { MethodForm, Protection, Surface } from '../../core/catalogue'
import type { Day } from '../../core/calendar'
import { hazards } from './hazards'
import { plural } from './plural'
import type { Say } from './say'
import { said } from './language'

const FORMS: Readonly<Record<MethodForm, string>> = {
  hand: 'by hand',
  'hand-held': 'with a powered tool in the hands',
  benchtop: 'on a machine on the bench',
  floor: 'on a standing machine',
  service: 'in a shop, for a fee'
}
const SURFACES: Readonly<Record<Surface, string>> = {
  rough: 'rough, to be cleaned up',
  sawn: 'as from the saw',
  clean: 'clean, sanded next',
  smooth: 'smooth, ready for finish'
}
/** What protection is for. */
export const PROTECTION: Readonly<Record<Protection, string>> = said('PROTECTION', {
  eyes: 'eyes',
  ears: 'ears',
  lungs: 'lungs'
})
const DANGER = ['no danger to speak of', 'little danger', 'some danger', 'real danger'] as const

/** Sentences of the cards that say what a tool, a piece of work, a way to do it or a material is. */
export const cards = said('cards', {
  close: 'Close',
  back: 'Back',
  asPage: 'As a page',
  print: 'Print it',
  kind: {
    tool: 'Tool',
    operation: 'Work',
    method: 'Way to do it',
    material: 'Material',
    hazard: 'What can hurt'
  } as const satisfies Record<CardKind, string>,
  heavy: 'The heavy line is the part that does the work.',
  unknown:
    'Nothing is known under this name. It may have been an entry of your own that was removed.',
  own: 'An entry of your own: what stands here is what you entered.',
  elsewhere: (names: readonly string[]) => `Also called ${names.join(', ')}.`,
  owned: 'You have it.',
  planned: (say: Say, day: Day) => `In your plan for ${say.day(day)}.`,
  notPlanned: 'Not in your plan.',
  noPlan: 'No plan has been made yet.',
  made: 'You make it yourself; nothing is sold.',
  usual: 'Usual price, new',
  typical: 'Typical prices, until you enter one of your own.',
  look: 'When you choose one',
  size: 'Which size',
  mistake: 'What goes wrong the first time',
  care: 'Keeping it',
  does: 'What it does',
  inBuilds: 'In your builds',
  inNoBuild: 'None of your builds asks for it.',
  comesWith: 'Not without',
  advised: 'Good to have with it',
  otherWays: 'Gentler or cheaper',
  way: (way: OtherWay, of: number): string => {
    const how = [...(way.cheaper ? ['cheaper'] : []), ...(way.gentler ? ['gentler'] : [])].join(
      ' and '
    )
    return way.operations.length === of
      ? `${how}; the same work`
      : `${how}; ${way.operations.length} of its ${plural(of, 'kind', 'kinds')} of work`
  },
  hazard: (kind: keyof typeof hazards) => `Danger: ${hazards[kind]}.`,
  protects: (needs: readonly Protection[]) =>
    `Protect your ${needs.map((one) => PROTECTION[one]).join(', ')}.`,
  manual: 'Follow the tool’s manual and your local rules.',
  waysToDo: 'Ways to do it',
  doneWith: 'Done with',
  form: FORMS,
  surface: (surface: Surface) => `Leaves the wood ${SURFACES[surface]}.`,
  minutes: (say: Say, minutes: number, unit: string) =>
    `About ${say.duration(minutes)} for each ${unit}, once it is set up.`,
  level: (level: 0 | 1 | 2 | 3) => DANGER[level],
  parts: 'Made up of',
  material: 'What to look at',
  keeps: (months: number) => `Keeps about ${plural(months, 'month', 'months')}.`
} as const)
