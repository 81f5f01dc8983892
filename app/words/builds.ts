import { plural, upperFirst } from './plural'
import type { Miss, WorkAroundUse } from '../../core/fit'
import type { HazardClass } from '../../core/catalogue'
import { lowerFirst } from './bench'
import type { Say } from './say'
import { hazards } from './hazards'
import { said } from './language'

const NUMBERS = [
  'None',
  'One',
  'Two',
  'Three',
  'Four',
  'Five',
  'Six',
  'Seven',
  'Eight',
  'Nine',
  'Ten'
]
const spelt = (count: number): string => NUMBERS[count] ?? String(count)

const WAYS_ROUND: Readonly<Record<WorkAroundUse['around']['how'], string>> = {
  'two-sides': 'from two sides',
  passes: 'in passes',
  strips: 'in strips, glued again'
}

/** Parts whose word in the library is not what people call them. */
const ROLE_NAMES: Readonly<Record<string, string>> = {
  'ro-sander': 'random-orbital sander',
  'bit-straight': 'straight router bit',
  'bit-profile': 'profile bit',
  'bit-flush': 'flush-trim bit',
  'bit-rebate': 'rebate bit',
  'bit-slot': 'slot cutter',
  'bit-dovetail': 'dovetail bit',
  'square-fine': 'fine square',
  'square-coarse': 'rafter square',
  'square-large': 'large square',
  'work-holding': 'way to hold the work',
  'rail-saw': 'plunge saw with rail',
  'short-guide': 'short guide',
  'fine-saw': 'fine saw with a back',
  'large-bit': 'wide bit',
  'pin-jig': 'shelf-pin jig',
  'mortise-jig': 'mortising jig',
  'router-fence': 'router edge guide',
  extractor: 'chip extractor',
  curve: 'batten or flexible curve',
  'self-centring': 'self-centring bits'
}
const roleName = (role: string): string => ROLE_NAMES[role] ?? role.replace(/-/g, ' ')

type MissOf<K extends Miss['kind']> = Extract<Miss, { kind: K }>
const missingRole = ({ have, count, role }: MissOf<'role'>): string =>
  have > 0 ? `${count} of ${roleName(role)} needed, you have ${have}` : `no ${roleName(role)}`
const tooSmall = (say: Say, { tool, spec, count, has, needs }: MissOf<'spec'>): string =>
  has === 0
    ? `${lowerFirst(say.tool(tool))} does not say its ${specName(spec)}`
    : `needs ${count > 1 ? `${count} with ` : ''}${say.length(needs)} ${specName(spec)}, ${lowerFirst(say.tool(tool))} gives ${say.length(has)}`

export const builds = said('builds', {
  title: (possible: number, all: number) =>
    all === 0
      ? 'Nothing to build yet'
      : possible === all
        ? 'Every build can start today'
        : `${spelt(possible)} of ${spelt(all).toLowerCase()} builds can start today`,
  subtitle: (missing: readonly string[]) =>
    missing.length === 0
      ? 'Choose a cell to see with what, and how else.'
      : `In the way most often: ${missing.map(lowerFirst).join(', ')}`,
  emptyHint:
    'Say what you would like to make. Take a template and change it, or write your own steps.',
  caption:
    'Read it across: operations in working order, builds side by side. A filled cell can be done with what you own; hatched, slowly by hand; a bar at its edge, a tool you have falls short; dashed, no way yet. Choose a cell to ask why.',
  showAll: (count: number) => `Show the ${plural(count, 'row', 'rows')} with nothing in the way`,
  showFewer: 'Only the rows with something in the way',
  add: 'Add a build',
  addTitle: 'What would you like to make?',
  template: 'From a template',
  own: 'My own, with my own steps',
  ownName: 'Its name',
  copies: 'How many',
  addConfirm: 'Add it',
  cancel: 'Cancel',
  hours: 'Hours with what you own',
  gridLabel: 'Fit grid: operations down, builds across',
  operation: 'Operation',
  byHand: (time: string) => `${time} by hand`,
  service: (fee: string) => `cut for me ${fee}`,
  serviceFree: 'done for me',
  noWay: 'no way yet',
  short: (length: string) => `${length} short`,
  over: (length: string) => `${length} too much`,
  inexact: (mm: string) => `${mm} mm off`,
  waits: (what: string) => `waits for ${what}`,
  ruledOut: 'ruled out',
  choose: 'Build',
  dash: '–',
  whyTitle: (operation: string, build: string) => `${operation}, for ${build}`,
  doneWith: (method: string, tools: string, time: string) =>
    `${method}${tools === '' ? '' : ` (${tools})`}: ${time}.`,
  accuracy: (mm: string) => `Exact to about ${mm} mm.`,
  alternatives: 'Also possible',
  notYet: 'Not with what you own',
  waysTitle: 'What would open it',
  waysNone: 'No purchase of the library does it within your limits.',
  working: 'Looking …',
  setMin: (time: string, setup: string) => `${time}, of which ${setup} setting up`,
  rule: 'Rule this method out',
  allow: 'Allow it again',
  hazardNote: (hazard: HazardClass, level: number) =>
    `${level >= 3 ? 'Can injure badly in a moment' : level === 2 ? 'Needs practice' : 'Needs respect'}: ${hazards[hazard]}. Follow the tool’s manual and your local rules.`,
  workAround: (say: Say, one: WorkAroundUse): string =>
    `${upperFirst(lowerFirst(say.tool(one.tool)))} gives ${say.length(one.has)} ${specName(one.spec)}, ${say.length(one.needs)} is needed: ${WAYS_ROUND[one.around.how]}, ${one.around.setupMinutes > 0 ? `+${say.duration(one.around.setupMinutes)} and ` : ''}+${say.number(one.around.runMinutes, 1)} min for each.`,
  cleanUp: (method: string, time: string) =>
    `Then cleaned up: ${lowerFirst(method)}, ${time} of the time.`,
  quickerTitle: 'What would make it quicker',
  saves: (time: string) => `Saves ${time} on this build.`,
  cutList: 'From a cut list',
  orderTitle: 'Their order',
  orderHint:
    'Drag a build, or move it with Alt and the arrow keys. The first ones stand first in the grid.',
  orderKeys: (name: string) => `${name}: Alt and an arrow key move it`,
  like: (name: string) => `Like: ${name}`,
  miss: (say: Say, one: Miss): string => {
    switch (one.kind) {
      case 'role':
        return missingRole(one)
      case 'spec':
        return tooSmall(say, one)
      case 'limit':
        return `the stock is ${say.length(one.has)}, the method takes ${one.is === 'atMost' ? 'up to' : 'from'} ${say.length(one.limit)}`
      case 'accuracy':
        return `exact to ${say.number(one.has, 1)} mm, ${say.number(one.needs, 1)} mm is needed`
      case 'surface':
        return `leaves it ${one.has}, ${one.needs} is needed`
      case 'tie':
        return `the ${roleName(one.role)} does not fit the ${roleName(one.withRole)}`
      case 'companion':
        return `${lowerFirst(say.tool(one.tool))} needs ${one.anyOf.map((id) => lowerFirst(say.tool(id))).join(' or ')}${one.count > 1 ? ` × ${one.count}` : ''}`
      case 'protection':
        return `nothing protects your ${one.protection} from ${lowerFirst(say.tool(one.tool))}`
      case 'comfort':
        return `beyond your comfort with ${hazards[one.hazard]}`
      case 'circuit':
        return `${lowerFirst(say.tool(one.tool))} draws ${say.number(one.amps, 1)} A, the circuit is rated ${say.number(one.limit, 1)} A`
      case 'wall':
        return 'that is for another kind of wall than yours'
      case 'banned':
        return 'ruled out by you'
    }
  }
} as const)

const SPEC_NAMES: Readonly<Record<string, string>> = said('specNames', {
  openingMm: 'opening',
  depthMm: 'depth of cut',
  crosscutMm: 'crosscut width',
  ripMm: 'rip width',
  reachMm: 'reach',
  lengthMm: 'length',
  widthMm: 'width',
  bladeMm: 'blade',
  colletMm: 'collet',
  shankMm: 'shank',
  throatMm: 'throat',
  resawMm: 'resaw height',
  accuracyMm: 'accuracy',
  packWh: 'pack',
  volts: 'voltage'
})
const specName = (spec: string): string => SPEC_NAMES[spec] ?? spec
export { specName }
