import { emptyWorkspace, items, worldWith } from './workspaces'
import { library } from '../../data'
import { type Step } from '../../core/catalogue'
import { fitContext, fitMethod, kitOf } from '../../core/fit'

export const context = fitContext(worldWith())
export const step = (operation: string, stock: Step['stock'], accuracyMm?: number): Step => ({
  id: 's',
  operation,
  quantity: 1,
  stock,
  ...(accuracyMm === undefined ? {} : { accuracyMm })
})
export const method = (id: string) => {
  const found = library.methods.get(id)
  if (!found) throw new Error(id)
  return found
}
export const gear = items('safety-glasses', 'ear-muffs', 'half-mask')
export const missesOf = (
  id: string,
  owned: ReturnType<typeof items>,
  asked: Step,
  workshop = emptyWorkspace().workshop
) => fitMethod(kitOf(library, owned), method(id), asked, { ...context, workshop }).misses
