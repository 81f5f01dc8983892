import { edge, table, bit, trim, dust } from './hazards'

export const sawnByHand = { form: 'hand', hazard: edge, soundDbA: 72, dust: 'shavings' } as const
export const chopped = { form: 'hand', hazard: edge, soundDbA: 78, dust: 'shavings' } as const
export const drilled = { form: 'hand-held', hazard: bit, soundDbA: 80, dust: 'shavings' } as const
export const routed = { form: 'hand-held', hazard: trim, soundDbA: 98, dust: 'fine' } as const
export const sawn = { form: 'benchtop', marked: false, hazard: table, soundDbA: 98, dust: 'fine' } as const
export const fixed = { marked: false, form: 'hand' } as const
export const set = { marked: false } as const
export const bladed = {
  form: 'hand',
  marked: false,
  surface: 'smooth',
  hazard: edge,
  soundDbA: 72,
  dust: 'shavings'
} as const
export const sanded = {
  form: 'hand-held',
  marked: false,
  surface: 'smooth',
  hazard: dust,
  soundDbA: 84,
  dust: 'fine'
} as const
export const yard = { form: 'service', roles: [], runMinutes: 0, marked: false, soundDbA: 0 } as const
