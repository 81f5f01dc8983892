import { describe, expect, test } from '@jest/globals'
import { specsOf } from '../../core/catalogue'
import { buildFromTemplate, materialCost, worthOf } from '../../core/builds'
import { fitBuild, fitContext, makeKit } from '../../core/fit'
import { library } from '../../data'
import { worldWith } from '../helpers/workspaces'
import { kitOfTools, tools } from '../helpers/all-tools'

const everything = kitOfTools(tools)
const ordinary = makeKit(
  [
    'tape',
    'rafter-square',
    'combination-square',
    'marking-gauge',
    'sliding-bevel',
    'steel-rule',
    'marking-knife',
    'pull-saw',
    'back-saw',
    'coping-saw',
    'bench-hook',
    'panel-saw',
    'sawhorses',
    'jack-plane',
    'block-plane',
    'chisels',
    'mallet',
    'sharpening-stone',
    'hammer',
    'screwdrivers',
    'drill-driver',
    'drill-bits',
    'driver-bits',
    'flat-bits',
    'countersink',
    'jigsaw',
    'circular-saw',
    'guide-rail',
    'ro-sander',
    'sanding-discs',
    'sanding-block',
    'trim-router',
    'router-bits',
    'edge-guide',
    'rebate-bit',
    'flush-bit',
    'pocket-jig',
    'dowel-jig',
    'f-clamp-600',
    'pipe-clamp-900',
    'pipe-clamp-1500',
    'strap-clamp',
    'fold-bench',
    'bench-vice',
    'safety-glasses',
    'ear-muffs',
    'half-mask',
    'finishing-kit',
    'broom',
    'compass',
    'trammel',
    'flexible-curve',
    'profile-gauge',
    'spokeshave',
    'rasp',
    'drill-guide',
    'drill-block',
    'level',
    'stud-finder',
    'putty-knife',
    'iron',
    'utility-knife',
    'awl',
    'plug-cutter',
    'flush-saw',
    'pin-jig',
    'biscuit-joiner',
    'gouges',
    'carving-knife',
    'hook-knife',
    'strop',
    'carving-glove',
    'mitre-box',
    'bending-form',
    'glue-spreader',
    'fret-saw',
    'hand-drill',
    'hole-saws',
    'template-tape',
    'pull-back-saw',
    'crosscut-guide',
    'thicknesser',
    'chip-extractor',
    'push-sticks',
    'scales',
    'table-saw',
    'band-saw',
    'forstner-bits',
    'shooting-board',
    'mitre-shooting-board',
    'parallel-clamp-1000',
    'workbench',
    'angle-gauge',
    'drill-press',
    'cauls'
  ]
    .flatMap((id) => library.tools.get(id) ?? [])
    .map((tool) => ({
      tool,
      tier: 'weekend',
      condition: 'new',
      power: tool.forms[0]?.power ?? 'hand',
      specs: specsOf(tool, 'weekend'),
      count: 8
    }))
)
const world = worldWith()
const context = fitContext(world)

describe('methods lie in bounds (common practice)', () => {
  test('sound, hazard and dust go together: silent work is done by hand, loud work has its hazard', () => {
    for (const { id, form, soundDbA, hazard } of library.methods.values()) {
      if (form === 'hand') expect([id, soundDbA <= 90]).toEqual([id, true])
      if (form === 'service') expect([id, soundDbA]).toEqual([id, 0])
      if (soundDbA >= 94) expect([id, hazard !== null]).toEqual([id, true])
    }
  })
  test('a method led by a loud tool is about as loud as that tool', () => {
    for (const { id, roles, soundDbA } of library.methods.values()) {
      const levels = (library.toolsFor.get(roles[0]?.role ?? '') ?? []).flatMap(
        (tool) => tool.soundDbA ?? []
      )
      if (levels.length > 0 && id !== 'turn/drill')
        expect([
          id,
          soundDbA,
          soundDbA >= Math.min(...levels) - 8 && soundDbA <= Math.max(...levels) + 8
        ]).toEqual([id, soundDbA, true])
    }
  })
  test('no method takes nothing or forever; a service has a fee or a trip', () => {
    for (const {
      id,
      setupMinutes,
      runMinutes,
      accuracyMm,
      service,
      form,
      parts,
      bySale
    } of library.methods.values()) {
      expect([
        id,
        setupMinutes + runMinutes > 0 || parts !== undefined || bySale === true,
        setupMinutes <= 60,
        runMinutes <= 400,
        accuracyMm > 0 && accuracyMm <= 3
      ]).toEqual([id, true, true, true, true])
      expect([id, (service !== undefined) === (form === 'service')]).toEqual([id, true])
    }
  })
})

describe('templates are builds one could sell and make', () => {
  const pieces = library.data.templates.filter(({ kind }) => kind === 'piece')
  test.each(pieces.map(({ id }) => id))(
    '%s: size, joinery, worth more than its timber, hours of the right order',
    (id) => {
      const template = library.templates.get(id)
      if (!template) throw new Error(id)
      const made = buildFromTemplate(template, 'b', template.name)
      const timber = materialCost(world.pricing, made)
      expect(template.sizeMm).toBeDefined()
      // A ready-made piece costs at least one and a half times its timber and fixings, and at most twenty times.
      expect(worthOf(world.pricing, made) / Math.max(1, timber)).toBeGreaterThan(1.4)
      if (timber > 0) expect(worthOf(world.pricing, made) / timber).toBeLessThan(20)
      const best = fitBuild(context, everything, made)
      const usual = fitBuild(context, ordinary, made)
      expect([id, usual.gaps.map(({ step }) => step.operation)]).toEqual([id, []])
      // Practised hours lie between what every machine would allow and three times the ordinary kit's.
      expect(template.typicalHours).toBeGreaterThanOrEqual((best.minutes / 60) * 0.5)
      expect(template.typicalHours).toBeLessThanOrEqual((usual.minutes / 60) * 3)
    }
  )
  test('what is sat or stood on and what hangs is marked', () => {
    for (const id of ['stool', 'garden-bench', 'step-stool', 'low-bench'])
      expect([id, library.templates.get(id)?.bearing]).toEqual([id, 'carries-people'])
    for (const id of ['bookcase', 'wall-cabinet', 'floating-shelf', 'spice-rack', 'mirror-frame'])
      expect([id, library.templates.get(id)?.bearing]).toEqual([id, 'hangs-over-people'])
  })
  test('nothing that carries people is held by screws or pockets alone', () => {
    for (const { id, bearing, joinery, materials } of pieces)
      if (
        bearing === 'carries-people' &&
        // A low case of boards or sheet stands on its sides; what is bolted through holds.
        !['step-stool', 'coat-bench', 'shoe-bench'].includes(id) &&
        !materials.some(({ material }) => material === 'bolts')
      )
        expect([
          id,
          joinery.some((joint) =>
            ['mortise-tenon', 'loose-tenon', 'half-lap', 'dovetail'].includes(joint)
          )
        ]).toEqual([id, true])
  })
})
