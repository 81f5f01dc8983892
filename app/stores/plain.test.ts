import { expect, test } from '@jest/globals'
import { isProxy, reactive, ref } from 'vue'
import { plain } from './plain'

test('what fields watch is taken out of a state, at any depth; what is plain stays the same object', () => {
  const tools = ref<string[]>(['pull-saw'])
  const before = { items: [{ id: 'a' }], sales: [] as unknown[] }
  const after = {
    ...before,
    sales: [{ id: 's', tools: tools.value, seller: reactive({ kind: 'store' }) }]
  }
  const made = plain(after, before)
  expect(made).toEqual(after)
  expect(structuredClone(made)).toEqual(after)
  expect(made.items).toBe(before.items)
  const [sale] = made.sales as { tools: unknown; seller: unknown }[]
  expect([isProxy(sale?.tools), isProxy(sale?.seller)]).toEqual([false, false])
  expect(() => structuredClone(after)).toThrow()
  expect(plain(before)).toBe(before)
})
