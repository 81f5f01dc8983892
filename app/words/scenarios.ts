import { said } from './language'

/** Other ways it could go, side by side, and what more or less money would bring. */
export const scenarioWords = said('scenarioWords', {
  scenariosTitle: 'Other ways it could go',
  scenariosSubtitle: 'Keep a few, and lay up to four side by side. Nothing here changes your plan.',
  asItStands: 'As it stands',
  draftTitle: 'Think up another one',
  add: 'Keep this one',
  name: 'Name',
  income: 'Set aside, against now',
  hours: 'Hours, against now',
  extra: 'Money that comes once',
  extraDate: 'On',
  without: 'Not bought',
  withPin: 'Bought for sure',
  pinDate: 'On',
  school: 'School',
  none: 'none',
  remove: 'Take out',
  changeText: (parts: readonly string[]) =>
    parts.length === 0 ? 'changes nothing' : parts.join(' · '),
  chooseScenarios: 'Which to compare',
  run: 'Plan and compare',
  running: (done: number, of: number) => `${done} of ${of} planned`,
  clash: 'its pins cannot hold together',
  rows: {
    value: 'Worth of the plan',
    builds: 'Builds ready',
    spent: 'Paid out',
    tools: 'Of that, tools',
    hours: 'Hours of work',
    loud: 'Of that, loud',
    risk: 'Running time × hazard level',
    floor: 'Floor for tools put away',
    lowest: 'Lowest in the purse'
  },
  doneTitle: 'When each build is ready',
  never: 'not ready',
  curveTitle: 'Money against builds ready',
  curveCaption:
    'Read it from left to right: the further a point stands to the right, the more money there is; the higher, the more builds are ready by the end. The ring is your plan as it stands.',
  curveRun: 'Draw it from nine plans',
  curveX: (currency: string) => `money of the plan, ${currency}`,
  curveY: 'builds ready',
  asTable: 'As a table'
} as const)
