import { describe, expect, test } from '@jest/globals'
import {
  TIERS,
  dutyMinutesPerHour,
  errorFactor,
  tierPrice,
  timeFactor,
  type ToolGroup,
  specsOf
} from '../../core/catalogue'
import { buildFromTemplate, materialCost, worthOf } from '../../core/builds'
import { fitBuild, fitContext, makeKit } from '../../core/fit'
import { library } from '../../data'
import { worldWith } from '../helpers/workspaces'

/** Price bands of whole groups, index points of the weekend tier; common practice, from memory. */
const GROUP_POINTS: Readonly<Record<ToolGroup, readonly [least: number, most: number]>> = {
  measuring: [3, 45],
  saws: [8, 95],
  planes: [5, 140],
  chisels: [4, 80],
  striking: [4, 30],
  sharpening: [8, 180],
  drilling: [4, 110],
  'hand-power': [30, 560],
  machines: [60, 1300],
  clamps: [6, 95],
  support: [10, 340],
  dust: [8, 340],
  protection: [3, 220],
  accessories: [4, 120],
  storage: [8, 140],
  'shop-made': [2, 300]
}
/** Floor taken when put away, m², at most. */
const GROUP_FLOOR: Readonly<Partial<Record<ToolGroup, number>>> = {
  measuring: 0.05,
  saws: 0.07,
  planes: 0.06,
  chisels: 0.05,
  striking: 0.02,
  drilling: 0.06,
  'hand-power': 0.25,
  clamps: 0.05,
  machines: 2,
  protection: 0.05
}

const tools = [...library.tools.values()]
const everything = makeKit(
  tools.map((tool) => ({
    tool,
    tier: 'weekend',
    condition: 'new',
    power: tool.forms[0]?.power ?? 'hand',
    specs: specsOf(tool, 'weekend'),
    count: 8
  }))
)
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

describe('every tool lies in the bands of its group (common practice, from memory)', () => {
  test.each(Object.keys(GROUP_POINTS) as ToolGroup[])('%s: price and floor', (group) => {
    const [least, most] = GROUP_POINTS[group]
    const outside = tools
      .filter((tool) => tool.group === group)
      .filter(
        ({ forms, storedM2 }) =>
          forms.some(({ points }) => points < least || points > most) ||
          storedM2 > (GROUP_FLOOR[group] ?? 2)
      )
      .map(({ id }) => id)
    expect(outside).toEqual([])
  })
  test('cords draw what their work takes, more at 120 V than at 230 V; batteries say their energy', () => {
    for (const { id, forms } of tools)
      for (const { power, amps230, amps120, whPerHour } of forms) {
        if (power === 'corded')
          expect([
            id,
            (amps230 ?? 0) > 0 && (amps120 ?? 0) >= (amps230 ?? 0) && (amps120 ?? 0) <= 15
          ]).toEqual([id, true])
        if (power === 'cordless')
          expect([id, (whPerHour ?? 0) >= 10 && (whPerHour ?? 0) <= 500]).toEqual([id, true])
      }
  })
  test('what turns or cuts under power protects the eyes; what is loud the ears; what makes fine dust the lungs', () => {
    for (const tool of tools) {
      if (tool.soundDbA !== undefined && tool.soundDbA >= 90)
        expect([tool.id, tool.needs.includes('ears')]).toEqual([tool.id, true])
      if (
        tool.forms.some(({ power }) => power !== 'hand') &&
        ['spinning-bit', 'hand-blade', 'fixed-blade', 'router-bit', 'fired-nail'].includes(
          tool.hazard ?? ''
        )
      )
        expect([tool.id, tool.needs.includes('eyes')]).toEqual([tool.id, true])
      if (tool.hazard === 'dust' && tool.group !== 'dust')
        expect([tool.id, tool.needs.includes('lungs')]).toEqual([tool.id, true])
    }
  })
  test('every powered tool that can hurt has its caution beside it', () => {
    for (const { id, hazard, forms, caution } of tools)
      if (hazard !== null && forms.some(({ power }) => power !== 'hand'))
        expect([id, (caution ?? '').length > 20]).toEqual([id, true])
  })
  test('machines that are fed say how much room that takes, and take no less floor in use than put away', () => {
    for (const id of [
      'table-saw',
      'cabinet-saw',
      'band-saw',
      'thicknesser',
      'jointer',
      'combined-planer',
      'mitre-saw',
      'drum-sander'
    ]) {
      const tool = library.tools.get(id)
      expect([
        id,
        (tool?.feedMm?.infeed ?? 0) >= 800 && (tool?.feedMm?.outfeed ?? 0) >= 800,
        (tool?.usedM2 ?? 0) >= (tool?.storedM2 ?? Infinity)
      ]).toEqual([id, true, true])
    }
  })
  test('wear: weekend lasts longer than get-by, trade longer than weekend', () => {
    for (const { id, lifeHours } of tools)
      if (lifeHours)
        expect([
          id,
          lifeHours.getBy <= lifeHours.weekend && lifeHours.weekend <= lifeHours.trade
        ]).toEqual([id, true])
  })
  test('each tier is dearer, more exact, quicker and made for longer runs than the one below', () => {
    TIERS.slice(1).forEach((tier, i) => {
      const below = TIERS[i] ?? 'get-by'
      expect([
        errorFactor(tier) < errorFactor(below),
        timeFactor(tier, 'new') < timeFactor(below, 'new'),
        dutyMinutesPerHour(tier) > dutyMinutesPerHour(below)
      ]).toEqual([true, true, true])
      for (const tool of tools)
        expect([tool.id, tierPrice(tool, tier) > tierPrice(tool, below)]).toEqual([tool.id, true])
    })
  })
})

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
      form
    } of library.methods.values()) {
      expect([
        id,
        setupMinutes + runMinutes > 0,
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
      expect(worthOf(world.pricing, made) / Math.max(1, timber)).toBeGreaterThan(
        id === 'sheet-stack' ? 0 : 1.4
      )
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
    for (const { id, bearing, joinery } of pieces)
      if (bearing === 'carries-people' && !['step-stool', 'coat-bench'].includes(id))
        expect([
          id,
          joinery.some((joint) =>
            ['mortise-tenon', 'loose-tenon', 'half-lap', 'dovetail'].includes(joint)
          )
        ]).toEqual([id, true])
  })
})
