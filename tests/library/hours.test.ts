import { describe, expect, test } from '@jest/globals'
import { buildFromTemplate } from '../../core/builds'
import { FAMILIES, type Template } from '../../core/catalogue'
import { fitBuild, fitContext, type Kit, type MethodUse } from '../../core/fit'
import { worldOf } from '../../core/workspace'
import { library } from '../../data'
import { handKit, powerKit } from '../helpers/usual-kits'
import { worldWith } from '../helpers/workspaces'
import { workedHours } from './worked-hours'

/** Somebody at home with everything: the library's times are those of a practised person. */
const { workspace } = worldWith()
const world = worldOf(
  {
    ...workspace,
    preferences: {
      ...workspace.preferences,
      levels: Object.fromEntries(FAMILIES.map((family) => [family, 'home']))
    }
  },
  library,
  '2026-05-04'
)
const context = fitContext(world)

const ownHands = ({ method, parts = [] }: MethodUse): boolean =>
  method.service === undefined && parts.every(ownHands)

/** Hours for one in the form the template names first, by one's own hands where that is asked; gaps as operations. */
function hoursOf(
  template: Template,
  kit: Kit,
  byOneself: boolean
): { hours: number; gaps: string[] } {
  const { steps } = fitBuild(context, kit, buildFromTemplate(template, 'b', template.name))
  let minutes = 0
  const gaps: string[] = []
  for (const { step, usable } of steps) {
    const own = byOneself && usable.some(ownHands) ? usable.filter(ownHands) : usable
    const named = template.joinery.flatMap(
      (joint) => own.find(({ method }) => method.joins?.joint === joint) ?? []
    )
    const use = named[0] ?? own[0]
    if (use) minutes += use.minutes
    else gaps.push(step.operation)
  }
  return { hours: minutes / 60, gaps }
}

describe('hours hold', () => {
  test.each(library.data.templates.map(({ id }) => id))(
    '%s: an ordinary kit needs its usual hours within a third',
    (id) => {
      const template = library.templates.get(id) as Template
      const { hours, gaps } = hoursOf(template, powerKit, false)
      expect(gaps).toEqual([])
      expect(hours / template.typicalHours).toBeGreaterThan(2 / 3)
      expect(hours / template.typicalHours).toBeLessThan(4 / 3)
    }
  )
  test('no template is beyond the ordinary kit', () => {
    const beyond = library.data.templates.filter(
      (template) => hoursOf(template, powerKit, false).gaps.length > 0
    )
    expect(beyond.map(({ id }) => id)).toEqual([])
  })
  test.each(workedHours.map(({ template }) => template))(
    '%s: worked out beforehand, within a quarter by power and by hand',
    (id) => {
      const worked = workedHours.find(({ template }) => template === id)
      const template = library.templates.get(id) as Template
      if (!worked) throw new Error(id)
      const power = hoursOf(template, powerKit, false)
      expect(power.gaps).toEqual([])
      expect(power.hours / worked.power).toBeGreaterThan(0.75)
      expect(power.hours / worked.power).toBeLessThan(1.25)
      if (worked.hand === undefined) return
      const hand = hoursOf(template, handKit, true)
      // What is heavy is hung with a drill, whoever made it by hand.
      expect(hand.gaps).toEqual(id === 'wall-cabinet' ? ['fix-to-wall'] : [])
      expect(hand.hours / worked.hand).toBeGreaterThan(0.75)
      expect(hand.hours / worked.hand).toBeLessThan(1.25)
    }
  )
  test('the usual hours are those worked out', () => {
    for (const { template, power } of workedHours)
      expect(
        Math.abs((library.templates.get(template)?.typicalHours ?? 0) / power - 1)
      ).toBeLessThan(0.06)
  })
})

describe('a price is what a comparable solid piece costs', () => {
  /** Index points an hour over the timber: rough work and gifts at the lower end, case work at the upper. A judgement. */
  const BAND = [7, 17] as const
  test.each(library.data.templates.filter(({ kind }) => kind === 'piece').map(({ id }) => id))(
    '%s: what it brings for each of its usual hours lies in the band',
    (id) => {
      const { readyMadePoints, materials, typicalHours } = library.templates.get(id) as Template
      const timber = materials.reduce(
        (sum, { material, quantity }) =>
          sum + quantity * (library.materials.get(material)?.points ?? 0),
        0
      )
      const each = (readyMadePoints - timber) / typicalHours
      expect(each).toBeGreaterThanOrEqual(BAND[0])
      expect(each).toBeLessThanOrEqual(BAND[1])
    }
  )
})
