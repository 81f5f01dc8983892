import { worldOf } from '../../core/workspace'
import { library } from '../../data'
import { answers } from './answer'
import type { LaneWorker } from './lane'
import { serve } from './serve'
import { raceIn } from './staging'

const lane = (): LaneWorker =>
  new Worker(new URL('./lane.worker.ts', import.meta.url), {
    type: 'module'
  }) as unknown as LaneWorker

// With a single core a second worker would only take turns with this one.
if (navigator.hardwareConcurrency > 1 && typeof Worker === 'function') raceIn(lane)

serve(answers, ({ workspace, today }) => worldOf(workspace, library, today))
