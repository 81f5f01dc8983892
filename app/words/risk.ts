import { said } from './language'

/** How sure a plan is. */
export const riskWords = said('riskWords', {
  riskTitle: 'How sure is it?',
  riskAnswer: (likely: number, all: number) =>
    likely > 0 && likely < all
      ? `${likely} of ${all} builds are more likely than not on time`
      : `${likely > 0 ? 'More likely than not on time' : 'More likely late than on time'}: ${all === 1 ? 'the build' : `all ${all} builds`}`,
  riskSubtitle:
    'The plan followed through a thousand made-up courses of things: prices, missed paydays, lost weeks, slower work, time to sell. What cannot be paid on its day waits for the next.',
  riskRun: 'Work it out',
  riskWorking: (samples: number) => `${samples} courses so far`,
  riskBelow: (chance: string) => `The purse falls below what you keep back in ${chance} of them.`,
  riskBy: (day: string, wished: boolean) =>
    wished ? `by the day you wished, ${day}` : `by the day planned, ${day}`,
  riskHalf: (day: string) => `even chance by ${day}`,
  riskHalfNever: 'not within the plan in half of them',
  riskTable: { build: 'Build', chance: 'Chance', by: 'Ready', half: 'Half of the courses' },
  fanTitle: 'What is in the purse',
  fanCaption:
    'The line is the middle course; half of all lie in the dark band, nine in ten in the light one. The dashed line is what you keep back.',
  assumed:
    'Assumed, common practice: a typical price is off by about a fifth, one quoted today by 4 %, more with age; one payday in twenty is missed; one week in eight has no hours; work takes a quarter more or less.'
} as const)
