import { nest } from '../../core/cutlist'
import type { Build } from '../../core/builds'
import { costOf, entriesOf, fitBuild, kitWith, makeFitter, type Fitter } from '../../core/fit'
import type { WayView } from './protocol'
import { board } from './board'
import { floor } from './floor'
import { setView } from './part-view'
import { judging } from './judging'
import type { Answerers } from './serve'
import { reading } from './reading'
import { staging } from './staging'
import { timing } from './timing'
import { weighing } from './weighing'

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

/** Everything the core worker answers. */
export const answers: Answerers = {
  ...judging,
  ...staging,
  ...weighing,
  ...reading,
  ...timing,
  ...board,
  ...floor,
  nest(_about, { parts, sheet }, send) {
    send(nest(parts, sheet, { kerfMm: KERF_MM }))
  },
  ways({ world }, { build: wanted, step }, send) {
    const build =
      typeof wanted === 'string' ? world.workspace.builds.find(({ id }) => id === wanted) : wanted
    if (!build) return send([])
    const steps = build.steps.filter(({ id }) => step === undefined || id === step)
    const asked = { ...build, steps }
    const fitter = makeFitter(world)
    const present = fitBuild(fitter.context, fitter.kit, asked)
    if (present.gaps.length === 0) return send(quicker(fitter, asked, present.minutes))
    const ways = fitter.waysIn(asked, undefined, WAYS_SHOWN)
    send(ways.map(({ set, cost }): WayView => ({ parts: setView(set), cost })))
  }
}
