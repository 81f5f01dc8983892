import { nest } from '../../core/cutlist'
import type { Build } from '../../core/builds'
import { costOf, entriesOf, fitBuild, kitWith, makeFitter, type Fitter } from '../../core/fit'
import { worldOf } from '../../core/workspace'
import { library } from '../../data'
import type { Question, Reply, WayView } from './protocol'
import { setView } from './part-view'
import { answerStaging } from './staging'
import { answerWeighing } from './weighing'

/** What a circular or table saw takes away, mm; common practice. */
const KERF_MM = 3

/** How many ways in are shown for a build. */
const WAYS_SHOWN = 3

/** Purchases that would make a build quicker that can be made already, by what they save for their cost. */
function quicker(fitter: Fitter, build: Build, minutes: number): WayView[] {
  return fitter
    .improvements(build)
    .map((set) => ({
      set,
      cost: costOf(set),
      saves: minutes - fitBuild(fitter.context, kitWith(fitter.kit, entriesOf(set)), build).minutes
    }))
    .filter(({ saves }) => saves > 0)
    .sort((a, b) => b.saves / Math.max(1, b.cost) - a.saves / Math.max(1, a.cost))
    .slice(0, WAYS_SHOWN)
    .map(({ set, cost, saves }) => ({ parts: setView(set), cost, saves }))
}

/** Answers one question; `send` may be called several times, the last time with the final reply. */
export async function answer(question: Question, send: (reply: Reply) => void): Promise<void> {
  const { request } = question
  if (question.kind === 'nest') {
    send({
      kind: 'nest',
      request,
      material: question.material,
      layout: nest(question.parts, question.sheet, { kerfMm: KERF_MM })
    })
    return
  }
  switch (question.kind) {
    case 'bound':
      return
    case 'plan':
    case 'answers':
    case 'more':
    case 'curve':
    case 'scenarios':
    case 'risk':
      return answerStaging(question, send)
    case 'ways': {
      const world = worldOf(question.workspace, library, question.today)
      const build =
        typeof question.build === 'string'
          ? world.workspace.builds.find(({ id }) => id === question.build)
          : question.build
      const asked =
        build && question.step !== undefined
          ? { ...build, steps: build.steps.filter(({ id }) => id === question.step) }
          : build
      const fitter = makeFitter(world)
      const present = asked && fitBuild(fitter.context, fitter.kit, asked)
      if (asked && present && present.gaps.length === 0) {
        send({ kind: 'ways', request, ways: quicker(fitter, asked, present.minutes) })
        return
      }
      const ways = asked ? fitter.waysIn(asked, undefined, WAYS_SHOWN) : []
      send({
        kind: 'ways',
        request,
        ways: ways.map(({ set, cost }): WayView => ({ parts: setView(set), cost }))
      })
      return
    }
    default:
      answerWeighing(question, send)
  }
}
