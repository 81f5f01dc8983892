import type { AgainstTool } from '../../core/against'
import type { Say } from './say'
import { said } from './language'

export const against = said('against', {
  titleNone: 'No plan has been kept yet',
  none: 'Keep a plan, and later you can see here how true it was.',
  even: 'Just as much in the purse as was planned',
  ahead: (amount: string) => `${amount} more in the purse than was planned for today`,
  behind: (amount: string) => `${amount} less in the purse than was planned for today`,
  subtitle: (day: string) => `Against the plan kept on ${day}`,
  keep: 'Keep today’s plan',
  which: 'Against',
  planOf: (day: string) => `the plan of ${day}`,
  chart: 'The purse as it was, and dashed as that plan had it. The figures stand in the tables.',
  lineActual: 'as it was',
  linePlanned: 'as planned',
  stages: 'Stage by stage',
  from: 'From',
  inPlanned: 'In, planned',
  inActual: 'In',
  outPlanned: 'Out, planned',
  outActual: 'Out',
  total: 'Together',
  builds: 'Builds',
  build: 'Build',
  plannedDone: 'To be done',
  done: 'Done',
  notYet: 'not yet',
  paid: 'Paid',
  tools: 'Tool by tool',
  tool: 'Tool',
  how: 'What came of it',
  difference: 'Saved',
  kinds: {
    bought: 'bought',
    'to-come': 'to come',
    late: 'late',
    unplanned: 'not in that plan',
    'given-back': 'given back'
  } as const satisfies Record<AgainstTool['kind'], string>,
  dates: (say: Say, { plannedOn, boughtOn }: AgainstTool) =>
    [
      plannedOn === undefined ? '' : `planned ${say.shortDay(plannedOn)}`,
      boughtOn === undefined ? '' : `bought ${say.shortDay(boughtOn)}`
    ]
      .filter(Boolean)
      .join(', '),
  rest: 'What it does to the rest',
  restEven: 'Nothing: the purse stands where it was planned.',
  restHint: (amount: string) =>
    `Plans the rest twice: as it is, and as if the ${amount} had not come about.`,
  restAsk: 'Work it out',
  restThinking: 'Planning both …',
  restSame: 'Every build comes out on the same day.',
  restSpent: (asIs: string, planned: string) =>
    `The rest spends ${asIs} as it is, ${planned} with the money as planned.`,
  asPlanned: 'As planned',
  shift: (build: string, say: Say, here: string | undefined, there: string | undefined) =>
    here === undefined
      ? `${build}: no longer in the plan; with the money as planned it would be done on ${say.day(there ?? '')}.`
      : there === undefined
        ? `${build}: done on ${say.day(here)}; with the money as planned it would not be in the plan.`
        : `${build}: done on ${say.day(here)} instead of ${say.day(there)}.`
} as const)
