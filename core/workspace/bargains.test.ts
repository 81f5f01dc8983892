import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { build, demo, emptyWorkspace, item } from '../../tests/helpers/workspaces'
import { makeFitter } from '../fit'
import { makePlan } from '../search'
import { Weighing, linesOf } from '../weigh'
import { specsOf, toolLike } from '../catalogue'
import { change, worldOf, type Workspace, trimmedPlan, type Plan } from '.'

const quote = (id: string, offer: string, price: number) => ({
  id,
  offer,
  date: '2026-05-01',
  price,
  seller: 'private' as const
})
const find = {
  id: 'my/jigsaw-find',
  tool: 'jigsaw',
  tier: 'trade' as const,
  condition: 'used' as const,
  acquisition: 'buy' as const,
  power: 'corded' as const,
  single: true,
  specs: { reachMm: 85 }
}

describe('finds, bundles and deals in a workspace', () => {
  test('a find comes with its price, is weighed with its own measures, and goes with its pin and its place in the plan', () => {
    const base = {
      ...emptyWorkspace(),
      builds: [
        {
          id: 'b',
          name: 'b',
          copies: 1,
          worthEach: 20_000,
          materials: [],
          steps: [
            {
              id: 's',
              operation: 'cut-curve',
              quantity: 1,
              stock: { widthMm: 145, thicknessMm: 80 }
            }
          ]
        }
      ],
      bans: [...library.tools.keys()]
        .filter((id) => id !== 'jigsaw' && library.tools.get(id)?.kind === 'tool')
        .map((id) => ({ kind: 'tool' as const, id }))
    }
    const cheap = change.addOffer(base, find, quote('q', find.id, 3000))
    // 80 mm stock is beyond the usual jigsaw's 65 mm; the find's blade reaches 85.
    const [top] = new Weighing(worldOf(cheap, library, '2026-05-04')).rank().candidates
    expect(top && linesOf(top).map(({ buyable }) => buyable.id)).toContain(find.id)
    expect(new Weighing(worldOf(base, library, '2026-05-04')).rank().candidates).toEqual([])
    const pinned = change.pin(cheap, { offer: find.id, count: 1, date: '2026-06-01' })
    const plan = planWith(cheap, find.id)
    expect(trimmedPlan(plan, pinned, library)).toBe(plan)
    const gone = change.removeOffer(pinned, find.id)
    const left = trimmedPlan(plan, gone, library)
    expect([gone.offers, gone.quotes, gone.pins, left.purchases]).toEqual([[], [], [], []])
  })
  test('a used find is paid without tax, with a repair reserve in what it costs', () => {
    const taxed = change.addOffer(
      { ...emptyWorkspace(), money: { ...emptyWorkspace().money, taxBasisPoints: 1000 } },
      find,
      quote('q', find.id, 10_000)
    )
    const bought = makeFitter(worldOf(taxed, library, '2026-05-04'))
      .market.get('jigsaw')
      ?.find(({ id }) => id === find.id)
    expect([bought?.payment, bought?.allIn]).toEqual([10_000, 11_200])
  })
  test('a bundle makes a set of its pieces cheaper in the list, a deal the third clamp free', () => {
    const clamps = {
      ...emptyWorkspace(),
      builds: [
        {
          id: 'panel',
          name: 'panel',
          copies: 1,
          worthEach: 30_000,
          materials: [],
          steps: [
            {
              id: 's',
              operation: 'glue-up-panel',
              quantity: 1,
              stock: { lengthMm: 900, widthMm: 560, thicknessMm: 20 }
            }
          ]
        }
      ]
    }
    const costOf = (workspace: Workspace): [number | undefined, number | undefined] => {
      const candidate = new Weighing(worldOf(workspace, library, '2026-05-04'))
        .rank()
        .candidates.find(({ lead }) => lead.buyable.entry.tool.id === 'f-clamp-600')
      return [candidate?.cost, candidate?.price.separately]
    }
    const [plain] = costOf(clamps)
    // Four clamps, the fourth of every four free: three quarters of the price.
    expect(
      costOf(
        change.addDeal(clamps, {
          id: 'd',
          name: 'Four for three',
          buy: 3,
          free: 1,
          tools: ['f-clamp-600']
        })
      )
    ).toEqual([(plain ?? 0) * 0.75, plain])
    const box = {
      id: 'my/box',
      name: 'Box',
      pieces: [
        {
          tool: 'f-clamp-600',
          tier: 'weekend' as const,
          condition: 'new' as const,
          power: 'hand' as const,
          count: 4
        }
      ]
    }
    expect(costOf(change.addBundle(clamps, box, quote('q', 'my/box', 2000)))).toEqual([2000, plain])
    expect(costOf(change.addBundle(clamps, box, quote('q', 'my/box', 200_000)))).toEqual([
      plain,
      plain
    ])
  })
  test('a deal that has ended counts no more, and each can be taken out', () => {
    const dealt = change.addDeal(emptyWorkspace(), {
      id: 'd',
      name: 'x',
      buy: 1,
      free: 1,
      tools: ['jigsaw'],
      until: '2026-05-01'
    })
    const sale = change.addSaleWindow(dealt, {
      id: 's',
      name: 'y',
      from: '2026-05-01',
      until: '2026-05-09',
      off: 0.1,
      chance: 1,
      tools: []
    })
    expect([
      change.removeDeal(sale, 'd').deals,
      change.removeSaleWindow(sale, 's').saleWindows
    ]).toEqual([[], []])
  })
})

describe('second thoughts and leanings', () => {
  test('one need test for each tool, the newest; ended it is gone', () => {
    const asked = change.askNeed(
      change.askNeed(emptyWorkspace(), {
        tool: 'jigsaw',
        build: 'a',
        asked: '2026-05-01',
        until: '2026-05-15'
      }),
      { tool: 'jigsaw', build: 'b', asked: '2026-05-02', until: '2026-05-16' }
    )
    expect(asked.needTests?.map(({ build: id }) => id)).toEqual(['b'])
    expect(change.endNeed(asked, 'jigsaw').needTests).toEqual([])
  })
  test('a leaning of one is none', () => {
    const leaning = change.leanTowards(emptyWorkspace(), 'jigsaw', 2)
    expect(leaning.preferences.leanings).toEqual([{ tool: 'jigsaw', times: 2 }])
    expect(change.leanTowards(leaning, 'jigsaw', 1).preferences.leanings).toEqual([])
  })
  test('a tool of one’s own goes with its leaning, deals, sales and second thoughts, but not out of a bundle that holds it', () => {
    const base = library.tools.get('jigsaw')
    if (!base) throw new Error('no jigsaw')
    const own = toolLike(base, 'my/saw', 'Saw', specsOf(base, 'weekend'), 40)
    const full = change.leanTowards(
      change.askNeed(
        change.addDeal(
          change.putOwnTool({ ...demo('half-a-garage'), builds: [build('bird-box')] }, own),
          { id: 'd', name: 'x', buy: 1, free: 1, tools: ['my/saw'] }
        ),
        { tool: 'my/saw', build: 'bird-box', asked: '2026-05-01', until: '2026-05-02' }
      ),
      'my/saw',
      3
    )
    const without = change.removeOwn({ ...full, items: [item('tape')] }, 'my/saw')
    expect([without?.deals, without?.needTests, without?.preferences.leanings]).toEqual([
      [],
      [],
      []
    ])
    const boxed = change.addBundle(
      full,
      {
        id: 'my/box',
        name: 'Box',
        pieces: [{ tool: 'my/saw', tier: 'weekend', condition: 'new', power: 'corded', count: 1 }]
      },
      quote('q', 'my/box', 1000)
    )
    expect(change.removeOwn(boxed, 'my/saw')).toBeUndefined()
  })
})

function planWith(workspace: Workspace, offer: string): Plan {
  const outcome = makePlan(worldOf(workspace, library, '2026-05-04'))
  if (outcome.kind === 'clash') throw new Error('clash')
  return {
    ...outcome.plan,
    purchases: [{ id: 'p', offer, count: 1, date: '2026-06-01', price: 3000 }]
  }
}
