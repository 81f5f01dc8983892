import type { ToolGroup } from '../../core/catalogue'

const plural = (count: number, one: string, many: string): string => `${count} ${count === 1 ? one : many}`

export const groups: Readonly<Record<ToolGroup, string>> = {
  measuring: 'Measuring and marking', saws: 'Hand saws', planes: 'Planes', chisels: 'Chisels', striking: 'Striking', sharpening: 'Sharpening', drilling: 'Drilling and driving', 'hand-power': 'Hand-held power',
  machines: 'Machines', clamps: 'Clamps and holding', support: 'Support', dust: 'Dust', protection: 'Protection', accessories: 'Accessories', storage: 'Storage', 'shop-made': 'Shop-made'
}

export const kit = {
  title: (count: number, operations: number) => (count === 0 ? 'Nothing on the hooks yet' : `${plural(count, 'tool covers', 'tools cover')} ${plural(operations, 'operation', 'operations')}`),
  subtitle: 'Tick what you have. Basics count too: tape, square, pencil, glue, a way to hold work.',
  owned: 'Owned',
  planned: 'Planned',
  wished: 'Wished',
  all: 'Everything',
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
} as const
