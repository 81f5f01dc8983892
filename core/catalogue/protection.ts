import type { Method } from './method-types'
import type { Protection } from './types'

/** From here on ears are protected, and a minute counts as loud where no quiet hours are declared, dB(A): the upper action value of Directive 2003/10/EC (from memory). */
export const LOUD_DBA = 85

/** Protection a method asks for by itself, whatever its tools ask for: ears by its sound, lungs by its dust, eyes by what flies. */
export function protectionOf({
  form,
  soundDbA,
  dust,
  hazard
}: Pick<Method, 'form' | 'soundDbA' | 'dust' | 'hazard'>): Protection[] {
  if (form === 'service') return []
  // What a motor cuts, strikes or grinds flies; an edge in the hand sends nothing at the eyes.
  const flies = form !== 'hand' && hazard !== null && hazard.kind !== 'sharp-edge'
  return [
    ...(flies ? (['eyes'] as const) : []),
    ...(soundDbA >= LOUD_DBA ? (['ears'] as const) : []),
    ...(dust === 'fine' ? (['lungs'] as const) : [])
  ]
}

/** A method with the protection it asks for; where its own entry names some, that stands. */
export function withProtection(method: Method): Method {
  if (method.protection !== undefined) return method
  const protection = protectionOf(method)
  return protection.length === 0 ? method : { ...method, protection }
}
