import { expect, test } from '@jest/globals'
import { library } from '../../data'
import { ampsOf, circuitCarries, comfortable, type Workshop } from '.'

const workshop: Workshop = { volts: 230, comfort: { 'fixed-blade': 1 } }
const tool = (id: string) => {
  const found = library.tools.get(id)
  if (!found) throw new Error(id)
  return found
}
const method = (id: string) => {
  const found = library.methods.get(id)
  if (!found) throw new Error(id)
  return found
}

test('comfort binds where it is declared, up to and including its level', () => {
  expect(comfortable(workshop, method('rip/table-saw'))).toBe(false)
  expect(comfortable({ ...workshop, comfort: { 'fixed-blade': 3 } }, method('rip/table-saw'))).toBe(
    true
  )
  expect(comfortable(workshop, method('rip/circular-saw-fence'))).toBe(true)
  expect(comfortable({ ...workshop, comfort: { 'fixed-blade': 0 } }, method('measure/tape'))).toBe(
    true
  )
})

test('current depends on power form and voltage', () => {
  expect(ampsOf(tool('circular-saw'), 'corded', 230)).toBe(5.5)
  expect(ampsOf(tool('circular-saw'), 'corded', 120)).toBe(14)
  expect(ampsOf(tool('circular-saw'), 'cordless', 120)).toBe(0)
  expect(ampsOf(tool('pull-saw'), 'hand', 230)).toBe(0)
})

test('a circuit carries a tool up to its rating; without a rating nothing is ruled out', () => {
  expect(
    circuitCarries({ ...workshop, volts: 120, circuitAmps: 15 }, tool('table-saw'), 'corded')
  ).toBe(true)
  expect(
    circuitCarries({ ...workshop, volts: 120, circuitAmps: 10 }, tool('table-saw'), 'corded')
  ).toBe(false)
  expect(circuitCarries(workshop, tool('table-saw'), 'corded')).toBe(true)
})
