import { beside, type Planner } from '../../core/search'
import { worldOf } from '../../core/workspace'
import { library } from '../../data'
import { type FromLane, type ToLane } from './lane'

/** A second search beside the one that plans: it is told what to search, then how far to go on. */
let planner: Planner | undefined

self.addEventListener('message', ({ data }: MessageEvent<ToLane>) => {
  if (data.kind === 'begin') {
    const { ground, from } = data
    planner = beside(worldOf(ground.workspace, library, ground.today), from)
    return
  }
  if (!planner) return
  if (data.heard) planner.hear(data.heard)
  planner.advance(data.to)
  self.postMessage({ stretch: data.stretch, told: planner.told() } satisfies FromLane)
})
