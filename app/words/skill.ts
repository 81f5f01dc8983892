import type { Family, Level, Shares, SkillFactors } from '../../core/catalogue'
import type { Say } from './say'
import { said } from './language'

/** How far somebody is with a family of tools, and what follows from it. */
export const skill = said('skill', {
  title: 'How far you are with it',
  why: 'Work that asks for a trained hand takes a beginner longer, comes out less exact and spoils some timber. Plan and ladder reckon with it; say what is true today.',
  startLabel: 'With these tools I am',
  families: {
    'hand-saws': 'Hand saws',
    'edge-tools': 'Planes, chisels and edge tools',
    'hand-power': 'Hand-held power tools',
    routers: 'Routers',
    machines: 'Standing machines',
    joints: 'Fine joints'
  } satisfies Record<Family, string>,
  levels: { new: 'new to it', practised: 'practised', home: 'at home with it' } satisfies Record<
    Level,
    string
  >,
  follows: (say: Say, craft: SkillFactors): string =>
    craft.minutes === 1
      ? 'the hours of the library are yours'
      : `what asks for craft takes you ${say.number(craft.minutes, 2)} times as long and comes out ${say.number(craft.error, 2)} times as far off; a step spoils ${say.percent(craft.spoilt)} of the timber`,
  suggests: (say: Say, hours: number): string => `${say.number(hours, 0)} hours logged with it:`,
  learn: 'I mean to learn it',
  learning: (say: Say, shares: Shares | undefined): string =>
    shares === undefined
      ? ''
      : `: reckoned as it comes with practice, over this plan ${say.percent(shares.new)} new to it, ${say.percent(shares.practised)} practised, ${say.percent(shares.home)} at home`,
  raise: (level: string): string => `say “${level}”`
} as const)
