import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { emptyWorkspace, item, items, worldWith } from '../../tests/helpers/workspaces'
import { library } from '../../data'
import type { Build } from '../builds'
import type { Step } from '../catalogue'
import { evaluate } from '../plan'
import { worldOf, type Plan } from '../workspace'
import { entriesOf, fitBuild, fitContext, isUse, kitOf, kitWith, makeFitter, useMethod } from '.'

const context = fitContext(worldWith())
const step = (change: Partial<Step>): Step => ({
  id: 's',
  operation: 'crosscut',
  quantity: 4,
  stock: { lengthMm: 600, widthMm: 95, thicknessMm: 20 },
  ...change
})
const one = (asked: Step, copies = 1): Build => ({
  id: 'b',
  name: 'b',
  copies,
  materials: [],
  steps: [asked]
})
const method = (id: string) => {
  const found = library.methods.get(id)
  if (!found) throw new Error(id)
  return found
}

describe('a rough cut that must be cleaned up adds the step', () => {
  const rough = ['tape', 'rafter-square', 'panel-saw', 'sawhorses'] as const
  const asked = step({ surface: 'clean' })
  test('alone it is too rough, and says so', () => {
    const fit = useMethod(
      context,
      kitOf(library, items(...rough)),
      method('crosscut/panel-saw'),
      asked,
      one(asked)
    )
    expect([isUse(fit), fit.misses]).toEqual([
      false,
      [{ kind: 'surface', has: 'sawn', needs: 'clean' }]
    ])
  })
  test('with a block plane and a bench it is good, and takes the time of both', () => {
    const kit = kitOf(library, items(...rough, 'block-plane', 'sharpening-stone', 'fold-bench'))
    const fit = useMethod(context, kit, method('crosscut/panel-saw'), asked, one(asked))
    // Sawing: 2 minutes to set up and 1.3 a piece; truing an end by block plane: 1 and 4 a piece.

    expect(isUse(fit) && [fit.cleanUp?.method.id, fit.minutes]).toEqual([
      'shoot-end/block-plane',
      2 + 4 * 1.3 + 1 + 4 * 4
    ])
  })
  test('what is not exact enough is trimmed to size the same way', () => {
    const exact = step({ accuracyMm: 0.5, surface: 'clean' })
    const owned = items(
      'tape',
      'combination-square',
      'panel-saw',
      'sawhorses',
      'jack-plane',
      'sharpening-stone',
      'shooting-board'
    )
    const fit = useMethod(
      context,
      kitOf(library, owned),
      method('crosscut/panel-saw'),
      exact,
      one(exact)
    )
    expect(isUse(fit) && [fit.cleanUp?.method.id, fit.accuracyMm]).toEqual(['shoot-end/board', 0.2])
  })
  test('a way in brings the clean-up along where the saw alone is too rough', () => {
    const bans = [...library.methods.values()]
      .filter(({ operation, id }) => operation === 'crosscut' && id !== 'crosscut/panel-saw-stool')
      .map(({ id }) => ({ kind: 'method' as const, id }))
    const fitter = makeFitter(
      worldOf(
        emptyWorkspace({ items: items('tape', 'rafter-square'), bans }),
        library,
        '2026-05-04'
      )
    )
    const [way] = fitter.waysIn(one(asked), undefined, 1)
    expect(
      [...(way?.set.values() ?? [])].map(({ buyable }) => buyable.entry.tool.id).sort()
    ).toEqual(['dust-masks', 'panel-saw', 'sanding-block'])
    expect(
      fitBuild(fitter.context, kitWith(fitter.kit, entriesOf(way?.set ?? new Map())), one(asked))
        .gaps
    ).toEqual([])
  })
  test('scaling copies scales run time, not set-up, clean-up and work-arounds included', () => {
    const kit = kitOf(library, [
      ...items(
        'tape',
        'rafter-square',
        'panel-saw',
        'sawhorses',
        'sanding-block',
        'table-saw',
        'push-sticks',
        'safety-glasses',
        'ear-muffs',
        'half-mask'
      )
    ])
    fc.assert(
      fc.property(
        fc.constantFrom(
          asked,
          step({ operation: 'rip', stock: { lengthMm: 1000, widthMm: 90, thicknessMm: 90 } })
        ),
        fc.integer({ min: 2, max: 30 }),
        (which, copies) => {
          const minutes = (count: number): number =>
            fitBuild(context, kit, one(which, count)).minutes
          const [first, second] = [minutes(1), minutes(2)]
          expect(
            Math.abs(minutes(copies) - (first + (copies - 1) * (second - first)))
          ).toBeLessThanOrEqual(copies)
          expect(second).toBeLessThan(2 * first)
        }
      )
    )
  })
  test('the judge follows the same chain: a plan with a rough saw and nothing to clean up is refused', () => {
    const wanted: Build = { ...one(asked), worthEach: 5000 }
    const plan = (world: ReturnType<typeof worldOf>): Plan => ({
      format: 'frugal-ledger/plan',
      version: 1,
      workspace: { id: world.workspace.id, hash: '' },
      libraryVersion: library.version,
      asOf: world.asOf,
      until: world.until,
      purchases: [],
      builds: [
        {
          build: 'b',
          begin: world.asOf,
          done: world.asOf,
          work: [],
          methods: { s: 'crosscut/panel-saw' },
          material: 0
        }
      ]
    })
    const world = worldOf(
      emptyWorkspace({ items: items(...rough), builds: [wanted] }),
      library,
      '2026-05-04'
    )
    expect(evaluate(world, plan(world)).broken.map(({ code }) => code)).toContain(
      'plan.miss.surface'
    )
    const better = worldOf(
      emptyWorkspace({ items: items(...rough, 'sanding-block', 'dust-masks'), builds: [wanted] }),
      library,
      '2026-05-04'
    )
    expect(evaluate(better, plan(better)).broken.map(({ code }) => code)).not.toContain(
      'plan.miss.surface'
    )
  })
})

describe('of several tools the one that serves best leads', () => {
  test('a worn trade saw beside a new weekend one never slows a step down', () => {
    const kit = (tools: Parameters<typeof item>[1][]) =>
      kitOf(library, [
        ...items('bench-hook', 'rafter-square'),
        ...tools.map((change) => item('pull-saw', change))
      ])
    const minutes = (tools: Parameters<typeof item>[1][]): number =>
      fitBuild(context, kit(tools), one(step({ quantity: 100 }))).minutes
    const alone = minutes([{ tier: 'trade', condition: 'new' }])
    expect(
      minutes([
        { tier: 'trade', condition: 'new' },
        { tier: 'lifetime', condition: 'used' }
      ])
    ).toBeLessThanOrEqual(alone)
    expect(minutes([{ tier: 'lifetime', condition: 'used' }])).toBeGreaterThan(alone)
  })
})
