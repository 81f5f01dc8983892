import type { Build, BuildLog } from '../builds'
import { distinct, issue, sumOf, type Issue, type Path } from '../kernel'

const sums = (shares: Readonly<Record<string, number>>): number =>
  sumOf(Object.values(shares), (minutes) => minutes)

/** Sessions of a log: each once, none before it was begun, together no longer than all of it. */
function sessionsWrong(
  { begun, minutesSpent, sessions = [] }: BuildLog,
  build: string,
  path: Path
): Issue[] {
  const sum = sumOf(sessions, ({ minutes }) => minutes)
  return [
    ...(distinct(sessions.map(({ id }) => id)).length < sessions.length
      ? [issue('log.twice', [...path, 'sessions'], { build })]
      : []),
    ...sessions.flatMap(({ on }, i) =>
      on < begun
        ? [issue('log.session-outside', [...path, 'sessions', i, 'on'], { build, date: on, begun })]
        : []
    ),
    ...(sum > minutesSpent
      ? [
          issue('log.sessions-differ', [...path, 'minutesSpent'], {
            build,
            sum,
            spent: minutesSpent
          })
        ]
      : [])
  ]
}

/** What cannot be in the logs of builds. */
export const logsWrong = (builds: readonly Build[]): Issue[] =>
  builds.flatMap(({ log, name }, i): Issue[] => {
    if (!log) return []
    const path: Path = ['builds', i, 'log']
    const { begun, done, minutesSpent, running, shared } = log
    const ways = sums(shared?.ways ?? {})
    return [
      ...(done !== undefined && done < begun
        ? [issue('build.done-before-begun', [...path, 'done'], { begun, done })]
        : []),
      ...(done !== undefined && running !== undefined
        ? [issue('log.running-done', [...path, 'running'], { build: name })]
        : []),
      ...sessionsWrong(log, name, path),
      ...(ways > 0 && ways !== minutesSpent
        ? [
            issue('log.shares-differ', [...path, 'shared', 'ways'], {
              build: name,
              sum: ways,
              spent: minutesSpent
            })
          ]
        : []),
      ...Object.entries(shared?.items ?? {}).flatMap(([item, minutes]) =>
        minutes > minutesSpent
          ? [
              issue('log.item-too-long', [...path, 'shared', 'items', item], {
                build: name,
                spent: minutesSpent
              })
            ]
          : []
      )
    ]
  })
