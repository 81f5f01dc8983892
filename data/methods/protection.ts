import type { Method, Protection } from '../../core/catalogue'

/** From here on ears are protected, dB(A) at the ear: the upper action value for a working day, Directive 2003/10/EC. */
const LOUD_DBA = 85

/** What flies: cut, struck or ground by a powered tool, and steel on steel. */
const FLIES: readonly string[] = [
  'spinning-bit',
  'hand-blade',
  'fixed-blade',
  'router-bit',
  'feed-rollers',
  'fired-nail',
  'dust'
]

/** Protection a method asks for by itself, whatever its tools ask for: ears by its sound, lungs by its dust, eyes by what flies. */
export function protectionOf({ form, soundDbA, dust, hazard }: Method): Protection[] {
  if (form === 'service') return []
  const powered = form !== 'hand'
  return [
    ...(powered && hazard && FLIES.includes(hazard.kind) ? (['eyes'] as const) : []),
    ...(soundDbA >= LOUD_DBA ? (['ears'] as const) : []),
    ...(dust === 'fine' ? (['lungs'] as const) : [])
  ]
}

export function withProtection(method: Method): Method {
  const protection = protectionOf(method)
  return protection.length === 0 ? method : { ...method, protection }
}
