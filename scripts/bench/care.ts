import { readFileSync } from 'node:fs'
import { lookBack } from '../../core/against'
import type { Build } from '../../core/builds'
import { careOf, checksOf, toCheck } from '../../core/care'
import { addDays } from '../../core/calendar'
import { specsOf } from '../../core/catalogue'
import { readWorkspace } from '../../core/formats'
import { itemHours, shareOf } from '../../core/hours'
import { must, seededRandom } from '../../core/kernel'
import {
  change,
  ownPace,
  worldOf,
  type CareDone,
  type Item,
  type Workspace
} from '../../core/workspace'
import { careTasks, library, trueChecks } from '../../data'
import { median, timed, under, type Figure } from './figures'

const TODAY = '2026-11-02'
const TOOLS = 200
const HOURS = 2000
const BUILD_HOURS = 20
const PLANS = 5
const RUNS = 9

/** The demo that carries a year of history. */
function yearOn(): Workspace {
  const read = readWorkspace(readFileSync('data/demo/year-on.json', 'utf8'), library)
  if (!read.ok) throw new Error('the demo with a year of history cannot be read')
  return read.value.workspace
}
const medianOf = (work: () => unknown): number =>
  median(Array.from({ length: RUNS }, () => timed(work).ms))

/** Two hundred tools with two thousand hours logged and care taken of them now and then. */
function used(workspace: Workspace): Workspace {
  const random = seededRandom(1)
  const tools = [...library.tools.values()].filter(({ kind }) => kind === 'tool')
  const items = Array.from({ length: TOOLS }, (_, i): Item => {
    const tool = must(tools[i % tools.length], 'a tool')
    return {
      id: `t-${i}`,
      tool: tool.id,
      tier: 'weekend',
      condition: 'new',
      power: tool.forms[0]?.power ?? 'hand',
      specs: specsOf(tool, 'weekend'),
      count: 1,
      since: addDays(TODAY, -700),
      cost: 5000
    }
  })
  const upkeep = items.flatMap(({ id, tool }): CareDone[] =>
    careTasks
      .filter(({ tools: of }) => of.includes(tool))
      .map((task, k) => ({
        kind: 'care',
        id: `k-${id}-${k}`,
        item: id,
        task: task.id,
        on: addDays(TODAY, -Math.floor(random() * 300)),
        atMinutes: Math.floor(random() * 300)
      }))
  )
  // A hundred builds of twenty hours, each with eight of the tools in use all through it.
  const [plain] = workspace.builds
  const builds = Array.from({ length: HOURS / BUILD_HOURS }, (_, i): Build => {
    const minutesSpent = BUILD_HOURS * 60
    const own = Array.from({ length: 8 }, () => items[Math.floor(random() * TOOLS)]?.id ?? '')
    return {
      ...must(plain, 'a build'),
      id: `b-${i}`,
      log: {
        begun: addDays(TODAY, -600 + i),
        done: addDays(TODAY, -590 + i),
        minutesSpent,
        shared: {
          book: {},
          ways: {},
          items: Object.fromEntries(own.map((id) => [id, minutesSpent] as const))
        }
      }
    }
  })
  return { ...workspace, items, builds, upkeep }
}

/** What is asked after a log: the hours of everything, the care that follows and the pace. */
function afterLog(workspace: Workspace): number {
  const build = must(
    workspace.builds.find(({ log }) => log?.done === undefined),
    'an open build'
  )
  const world = worldOf(workspace, library, TODAY)
  itemHours(world)
  return median(
    Array.from({ length: RUNS }, (_, i) => {
      const minutes = 300 + i
      const logged = change.finishBuild(
        change.beginBuild(workspace, library, {
          build: build.id,
          date: TODAY,
          paid: 0,
          planned: 0,
          entryId: 'e-bench',
          newBuildId: build.id
        }),
        library,
        {
          build: build.id,
          date: TODAY,
          minutesSpent: minutes,
          itemId: 'i-bench',
          shared: shareOf(world, build, minutes, TODAY)
        }
      )
      const after = worldOf(logged, library, TODAY)
      return timed(() => [careOf(after, careTasks, itemHours(after)), ownPace(logged)]).ms
    })
  )
}

/** How long care, pace and the look back take. */
export function careFigures(): Figure[] {
  const workspace = yearOn()
  const world = worldOf(used(workspace), library, TODAY)
  const year = worldOf(workspace, library, TODAY)
  const plans = Array.from({ length: PLANS }, (_, i) =>
    must(workspace.adopted[i % workspace.adopted.length], 'a kept plan')
  )
  return [
    under(
      `what is due: ${TOOLS} tools, ${HOURS} hours logged`,
      medianOf(() => [
        careOf(world, careTasks, itemHours(world)),
        checksOf(world, trueChecks),
        toCheck(world, trueChecks)
      ]),
      'ms',
      50
    ),
    under('pace, hours and wear after a log', afterLog(workspace), 'ms', 30),
    under(
      `a year looked back on, ${PLANS} plans`,
      medianOf(() => lookBack(year, plans)),
      'ms',
      300
    )
  ]
}
