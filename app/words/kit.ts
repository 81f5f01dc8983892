import { plural } from './plural'
import type { ToolGroup } from '../../core/catalogue'
import { said } from './language'

export const groups: Readonly<Record<ToolGroup, string>> = said('groups', {
  measuring: 'Measuring and marking',
  saws: 'Hand saws',
  planes: 'Planes',
  chisels: 'Chisels',
  striking: 'Striking',
  sharpening: 'Sharpening',
  drilling: 'Drilling and driving',
  'hand-power': 'Hand-held power',
  machines: 'Machines',
  clamps: 'Clamps and holding',
  support: 'Support',
  dust: 'Dust',
  protection: 'Protection',
  accessories: 'Accessories',
  storage: 'Storage',
  'shop-made': 'Shop-made'
})

export const kit = said('kit', {
  oneOf: (names: readonly string[]) => names.join(' or '),
  protection: (part: string) => `${part} protection`,
  title: (count: number, operations: number) =>
    count === 0
      ? 'Nothing on the hooks yet'
      : `${plural(count, 'tool covers', 'tools cover')} ${plural(operations, 'operation', 'operations')}`,
  subtitle: 'Tick what you have. Basics count too: tape, square, pencil, glue, a way to hold work.',
  owned: 'Owned',
  planned: 'Planned',
  wished: 'Wished',
  all: 'Everything',
  mine: 'Mine: owned, planned, wished',
  usual: 'Usual things people have',
  cancel: 'Cancel',
  usualHint: 'Tick what is there. Sizes matter only for what has a measure beside it.',
  shortTitle: 'Where it stops short',
  short: (tool: string, has: string, spec: string, needs: string, builds: readonly string[]) =>
    `${tool} gives ${has} ${spec}; ${builds.join(' and ')} ${builds.length === 1 ? 'needs' : 'need'} ${needs}.`,
  companionTitle: 'What is no use yet',
  companion: (tool: string, needs: string) => `${tool} waits for ${needs}.`,
  ownTitle: 'Of my own',
  removeOwn: (name: string) => `Remove ${name}`,
  remove: 'Remove',
  addTool: 'A tool of my own',
  addMethod: 'A way of my own',
  show: 'Show',
  search: 'Find a tool by name, other name or operation',
  have: (name: string) => `I have: ${name}`,
  count: 'How many',
  more: (name: string) => `One more: ${name}`,
  less: (name: string) => `One less: ${name}`,
  plannedOn: (day: string) => `planned for ${day}`,
  covers: (operations: readonly string[]) => operations.join(', '),
  coversNone: 'Covers nothing by itself',
  waitsFor: (names: readonly string[]) => `waits for ${names.join(', ')}`,
  details: 'Details',
  tier: 'Tier',
  condition: 'Condition',
  paid: 'Paid',
  since: 'Since',
  wish: 'Wish for it',
  unwish: 'Wished for',
  none: 'Nothing by that name.',
  capacity: (figure: string, name: string) => `${figure} ${name}`,
  cautionTail: 'Follow the tool’s manual and your local rules.'
} as const)
