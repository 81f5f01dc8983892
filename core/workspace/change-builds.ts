import { type Build, type BuildLog, type SharedMinutes, jigBuild } from '../builds'
import { type Library } from '../catalogue'
import type { Day } from '../calendar'
import { must } from '../kernel'
import type { Minor } from '../money'
import type { Workspace } from './types'
import { addEntry, addItem, plainItem } from './changes'

/** Changes a person makes to a workspace, as plain functions from one state to the next. Ids are handed in. */

export const addBuild = (workspace: Workspace, build: Build): Workspace => ({
  ...workspace,
  builds: [...workspace.builds, build]
})

export const changeBuild = (
  workspace: Workspace,
  id: string,
  change: (build: Build) => Build
): Workspace => ({
  ...workspace,
  builds: workspace.builds.map((build) => (build.id === id ? change(build) : build))
})

/** Moves a build to a place in the order, 0 first; a place beyond the ends means the end. */
export function moveBuild(workspace: Workspace, id: string, to: number): Workspace {
  const from = workspace.builds.findIndex((build) => build.id === id)
  const target = Math.min(workspace.builds.length - 1, Math.max(0, to))
  const build = workspace.builds[from]
  if (!build || from === target) return workspace
  const rest = workspace.builds.filter((other) => other !== build)
  return { ...workspace, builds: [...rest.slice(0, target), build, ...rest.slice(target)] }
}

/** Takes a build out. */
export const removeBuild = (workspace: Workspace, id: string): Workspace => ({
  ...workspace,
  builds: workspace.builds.filter((build) => build.id !== id),
  ...(workspace.needTests
    ? { needTests: workspace.needTests.filter(({ build }) => build !== id) }
    : {}),
  ...(workspace.photos ? { photos: workspace.photos.filter(({ build }) => build !== id) } : {})
})

export interface BuildBegun {
  readonly build: string
  readonly date: Day
  /** What timber and fixings really cost; 0 when they were there. */
  readonly paid: Minor
  readonly planned: Minor
  readonly entryId: string
  /** The id a derived jig build is kept under. */
  readonly newBuildId: string
}

/** A build that was really begun. A derived jig build is kept from now on. */
export function beginBuild(
  workspace: Workspace,
  library: Library,
  { build: id, date, paid, planned, entryId, newBuildId }: BuildBegun
): Workspace {
  const jig = jigBuild(library, id)
  const stored = jig ? addBuild(workspace, { ...jig, id: newBuildId }) : workspace
  const buildId = jig ? newBuildId : id
  const log: BuildLog = { begun: date, minutesSpent: 0 }
  const begun = changeBuild(stored, buildId, (build) => ({ ...build, log }))
  const name = must(
    begun.builds.find((build) => build.id === buildId),
    'the build that was begun'
  ).name
  return paid === 0
    ? begun
    : addEntry(begun, {
        id: entryId,
        date,
        kind: 'timber',
        amount: -paid,
        planned: -planned,
        text: name,
        build: buildId
      })
}

/** A build that is finished, with the hours it took; a jig becomes an item of the kit. */
export function finishBuild(
  workspace: Workspace,
  library: Library,
  done: {
    build: string
    /** When it was really begun, where that is put right. */
    begun?: Day | undefined
    date: Day
    minutesSpent: number
    itemId: string
    shared?: SharedMinutes | undefined
  }
): Workspace {
  const finished = changeBuild(workspace, done.build, (build) => {
    const { running: _running, ...log } = build.log ?? { begun: done.date }
    return {
      ...build,
      log: {
        ...log,
        begun: done.begun ?? log.begun,
        done: done.date,
        minutesSpent: done.minutesSpent,
        ...(done.shared ? { shared: done.shared } : {})
      }
    }
  })
  const yields = finished.builds.find(({ id }) => id === done.build)?.yields
  const tool = yields === undefined ? undefined : library.tools.get(yields)
  return tool
    ? addItem(finished, { ...plainItem(tool, done.itemId, done.date), power: 'hand' })
    : finished
}
