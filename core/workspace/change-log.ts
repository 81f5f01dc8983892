import { withMinutes, withSession, type BuildLog, type Session } from '../builds'
import { apportion } from '../kernel'
import { changeBuild } from './change-builds'
import type { Moment, Workspace } from './types'

const changeLog = (
  workspace: Workspace,
  id: string,
  change: (log: BuildLog) => BuildLog
): Workspace =>
  changeBuild(workspace, id, (build) => (build.log ? { ...build, log: change(build.log) } : build))

/** Somebody is at the bench from now on. A clock that runs already goes on. */
export const startClock = (workspace: Workspace, build: string, running: Moment): Workspace =>
  changeLog(workspace, build, (log) =>
    log.done !== undefined || log.running !== undefined ? log : { ...log, running }
  )

/** The clock stops; what was worked goes into the log, nothing where no whole minute was. */
export const stopClock = (workspace: Workspace, build: string, session: Session): Workspace =>
  changeLog(workspace, build, ({ running: _running, ...log }) =>
    session.minutes > 0 ? withSession(log, session) : log
  )

/** A session put in by hand. */
export const addSession = (workspace: Workspace, build: string, session: Session): Workspace =>
  changeLog(workspace, build, (log) => withSession(log, session))

/** A session put right, or taken out with no minutes. */
export const setSession = (
  workspace: Workspace,
  build: string,
  session: string,
  minutes: number
): Workspace => changeLog(workspace, build, (log) => withMinutes(log, session, minutes))

/** The minutes of one way put right: what it gets more the others give in proportion, so that all of them stay those of the log. */
export const setWayMinutes = (
  workspace: Workspace,
  build: string,
  way: string,
  minutes: number
): Workspace =>
  changeLog(workspace, build, (log) => {
    const ways = log.shared?.ways
    if (!log.shared || ways?.[way] === undefined) return log
    const others = Object.entries(ways).filter(([id]) => id !== way)
    const own = others.length === 0 ? log.minutesSpent : Math.min(minutes, log.minutesSpent)
    const rest = apportion(
      log.minutesSpent - own,
      others.map(([, some]) => Math.max(some, 1e-6))
    )
    return {
      ...log,
      shared: {
        ...log.shared,
        ways: Object.fromEntries([
          ...others.map(([id], i) => [id, rest[i] ?? 0] as const),
          [way, own] as const
        ])
      }
    }
  })

/** How long a thing was in use for a build, put right; no longer than the build took. */
export const setItemMinutes = (
  workspace: Workspace,
  build: string,
  item: string,
  minutes: number
): Workspace =>
  changeLog(workspace, build, (log) =>
    log.shared
      ? {
          ...log,
          shared: {
            ...log.shared,
            items: { ...log.shared.items, [item]: Math.min(minutes, log.minutesSpent) }
          }
        }
      : log
  )
