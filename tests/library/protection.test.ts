import { describe, expect, test } from '@jest/globals'
import type { Method, Protection } from '../../core/catalogue'
import { fitMethod, fitContext } from '../../core/fit'
import { library } from '../../data'
import { kitOfTools, tools } from '../helpers/all-tools'
import { worldWith } from '../helpers/workspaces'

/**
 * Protection over the whole library: ears from 85 dB(A) at the ear (upper action value, Directive 2003/10/EC), lungs where fine dust is
 * made, eyes wherever a motor cuts, strikes or grinds (common practice).
 */
const methods = [...library.methods.values()].filter(({ service, parts }) => !service && !parts)
const must = ({ form, soundDbA, dust, hazard }: Method): Protection[] => [
  ...(form !== 'hand' && hazard !== null ? (['eyes'] as const) : []),
  ...(soundDbA >= 85 ? (['ears'] as const) : []),
  ...(dust === 'fine' ? (['lungs'] as const) : [])
]
const context = fitContext(worldWith())
/** Every tool but what protects. */
const bare = kitOfTools(tools.filter(({ protects }) => protects.length === 0))

describe('nothing loud, dusty or flying without protection', () => {
  test.each(methods.filter((one) => must(one).length > 0).map(({ id }) => id))('%s', (id) => {
    const method = library.methods.get(id)
    if (!method) throw new Error(id)
    const { misses } = fitMethod(
      bare,
      method,
      { id: 's', operation: method.operation, quantity: 1, stock: {} },
      context
    )
    const asked = misses.flatMap((miss) => (miss.kind === 'protection' ? miss.protection : []))
    // What needs no tool at all asks for it of nobody.
    if (method.roles.length > 0) expect(asked).toEqual(expect.arrayContaining(must(method)))
  })
  test('where there is neither noise nor dust nor a motor, none is asked for', () => {
    const tape = library.methods.get('measure/tape')
    expect(tape && must(tape)).toEqual([])
    expect(tape?.protection).toBeUndefined()
  })
  test('what can hurt badly has a caution of its own, and so has every edge tool', () => {
    for (const { id, hazard, caution, kind } of library.tools.values())
      if (hazard !== null && kind === 'tool')
        expect([id, (caution ?? '').length > 20]).toEqual([id, true])
  })
})
