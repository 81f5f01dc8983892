import type { Method } from '../../core/catalogue'
import { method, need } from '../write'
import { sawn } from './manners'

const stack = {
  ...sawn,
  accuracyMm: 0.2,
  why: 'Where the saw’s manual allows a stack. The crown guard comes off: featherboards and push block, blade low, guard back on after.'
} as const

/** Grooves of every kind with a stack of blades on the table saw. Times: practised hobby user; common practice. */
export const dadoStackMethods: readonly Method[] = [
  method({
    ...stack,
    id: 'cut-dado/dado-stack',
    operation: 'cut-dado',
    name: 'Table saw with a dado stack',
    roles: [need('table-saw-heavy'), need('dado-stack')],
    setupMinutes: 15,
    runMinutes: 1.2
  }),
  method({
    ...stack,
    id: 'cut-rebate/dado-stack',
    operation: 'cut-rebate',
    name: 'Table saw with a dado stack',
    roles: [need('table-saw-heavy'), need('dado-stack')],
    setupMinutes: 15,
    runMinutes: 0.8
  }),
  method({
    ...stack,
    id: 'groove-edge/dado-stack',
    operation: 'groove-edge',
    name: 'Table saw with a dado stack',
    roles: [need('table-saw-heavy'), need('dado-stack')],
    setupMinutes: 14,
    runMinutes: 0.6
  }),
  method({
    ...stack,
    id: 'cut-half-lap/dado-stack',
    operation: 'cut-half-lap',
    name: 'Sled over a dado stack',
    roles: [need('table-saw-heavy'), need('dado-stack'), need('crosscut-sled')],
    setupMinutes: 18,
    runMinutes: 1.5
  })
]
