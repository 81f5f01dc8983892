import type { Dispute, HazardClass, HazardLevel, Library, School, Side, Stance } from '../catalogue'
import { distinct } from '../kernel'
import { timesRatio, type Minor } from '../money'
import type { Ban, BeforeSide, OwnMix, Workspace } from './types'
import { weightsOf, withWeights, type Weights } from './weights'

/** A school's weights in the workspace's money. */
export function schoolWeights(
  { weights: { money, time, space, quiet, ease, finish } }: Pick<School, 'weights'>,
  minorPer100Points: number
): Weights {
  const minor = (points: number): Minor => timesRatio(minorPer100Points, points / 100)
  return {
    money,
    time: minor(time),
    space: minor(space),
    quiet: minor(quiet),
    ease: minor(ease),
    finish: minor(finish)
  }
}

const lower = (a: HazardLevel | undefined, b: HazardLevel | undefined): HazardLevel | undefined =>
  a === undefined ? b : b === undefined ? a : (Math.min(a, b) as HazardLevel)

/** The tools a stance leaves out, by id. */
export function bannedBy(
  library: Library,
  { bans, noMotorsBut }: Pick<Stance, 'bans' | 'noMotorsBut'>
): string[] {
  const motors =
    noMotorsBut === undefined
      ? []
      : [...library.tools.values()]
          .filter(
            ({ id, kind, forms }) =>
              kind === 'tool' &&
              forms.every(({ power }) => power !== 'hand') &&
              !noMotorsBut.includes(id)
          )
          .map(({ id }) => id)
  return distinct([...bans, ...motors])
}

const mixOf = ({ preferences, money, workshop, bans }: Workspace): OwnMix => ({
  weighting: preferences.weighting,
  leanings: preferences.leanings,
  soldTimes: preferences.soldTimes,
  joints: preferences.joints,
  learns: preferences.learns,
  power: preferences.power,
  hourValue: money.hourValue,
  quiet: workshop.quiet,
  comfort: workshop.comfort,
  bans,
  reinvestShare: money.reinvestShare
})

const defined = <T extends object>(object: T): T =>
  Object.fromEntries(Object.entries(object).filter(([, value]) => value !== undefined)) as T

/** The settings from before a school was taken up; the same workspace where none was. */
export function leaveSchool(workspace: Workspace): Workspace {
  const {
    ownMix,
    school: _school,
    weighting: _weighting,
    leanings: _leanings,
    soldTimes: _times,
    joints: _joints,
    learns: _learns,
    ...preferences
  } = workspace.preferences
  if (!ownMix) return workspace
  const { quiet: _quiet, ...withoutQuiet } = workspace.workshop
  const {
    weighting,
    leanings,
    soldTimes,
    joints,
    learns,
    power,
    hourValue,
    quiet,
    comfort,
    bans,
    reinvestShare
  } = ownMix
  return {
    ...workspace,
    bans,
    preferences: {
      ...preferences,
      ...defined({ weighting, leanings, soldTimes, joints, learns }),
      power
    },
    money: { ...workspace.money, hourValue, reinvestShare },
    workshop:
      quiet === undefined ? { ...withoutQuiet, comfort } : { ...withoutQuiet, quiet, comfort }
  }
}

/** Lays a stance over a workspace: bans are added, comfort only lowered, leanings of the same tool replaced. */
function laid(workspace: Workspace, library: Library, stance: Stance): Workspace {
  const bans = [
    ...workspace.bans,
    ...bannedBy(library, stance)
      .filter(
        (id) =>
          library.tools.has(id) &&
          !workspace.bans.some((ban) => ban.kind === 'tool' && ban.id === id)
      )
      .map((id): Ban => ({ kind: 'tool', id }))
  ]
  const kept = (workspace.preferences.leanings ?? []).filter(
    ({ tool }) => !stance.leanings.some((other) => other.tool === tool)
  )
  const comfort = { ...workspace.workshop.comfort }
  for (const [hazard, level] of Object.entries(stance.comfort ?? {}) as [
    HazardClass,
    HazardLevel
  ][])
    comfort[hazard] = lower(comfort[hazard], level)
  return {
    ...workspace,
    bans,
    preferences: defined({
      ...workspace.preferences,
      leanings: [...kept, ...stance.leanings],
      power: stance.power ?? workspace.preferences.power,
      soldTimes: stance.soldTimes ?? workspace.preferences.soldTimes,
      joints: stance.joints ?? workspace.preferences.joints,
      learns: stance.learns ?? workspace.preferences.learns
    }),
    money: {
      ...workspace.money,
      reinvestShare: Math.max(workspace.money.reinvestShare, stance.reinvestShare ?? 0)
    },
    workshop: { ...workspace.workshop, comfort }
  }
}

/**
 * The workspace as a follower of the school would have it. What the user had is kept aside and comes back on leaving; their own bans
 * and limits of comfort stay in force under the school.
 */
export function adoptSchool(
  workspace: Workspace,
  library: Library,
  minorPer100Points: number,
  school: School
): Workspace {
  const own = leaveSchool(workspace)
  const set = withWeights(laid(own, library, school), schoolWeights(school, minorPer100Points))
  return { ...set, preferences: { ...set.preferences, school: school.id, ownMix: mixOf(own) } }
}

/**
 * A school between two others.
 * @param share of the second, 0 to 1: weights are averaged, leanings too (on the logarithm), what both leave out is left out
 */
export function blend(a: School, b: School, share: number, id: string, name: string): School {
  const between = (x: number, y: number): number => x * (1 - share) + y * share
  const leaning = (school: School, tool: string): number =>
    school.leanings.find((one) => one.tool === tool)?.times ?? 1
  const tools = distinct([...a.leanings, ...b.leanings].map(({ tool }) => tool))
  const comfort = Object.fromEntries(
    Object.entries(a.comfort ?? {}).flatMap(([hazard, level]) => {
      const other = b.comfort?.[hazard as HazardClass]
      return other === undefined ? [] : [[hazard, Math.max(level ?? 0, other)]]
    })
  ) as Stance['comfort']
  return {
    id,
    name,
    firstMoney: `${a.firstMoney}; ${b.firstMoney}`,
    argument: `${a.argument} ${b.argument}`,
    givesUp: `${a.givesUp}; ${b.givesUp}`,
    weights: {
      money: between(a.weights.money, b.weights.money),
      time: between(a.weights.time, b.weights.time),
      space: between(a.weights.space, b.weights.space),
      quiet: between(a.weights.quiet, b.weights.quiet),
      ease: between(a.weights.ease, b.weights.ease),
      finish: between(a.weights.finish, b.weights.finish)
    },
    leanings: tools.map((tool) => ({
      tool,
      times: Math.exp(between(Math.log(leaning(a, tool)), Math.log(leaning(b, tool))))
    })),
    bans: a.bans.filter((tool) => b.bans.includes(tool)),
    noMotorsBut:
      a.noMotorsBut && b.noMotorsBut ? distinct([...a.noMotorsBut, ...b.noMotorsBut]) : undefined,
    comfort,
    joints: between(a.joints ?? 0, b.joints ?? 0),
    learns: (a.learns ?? []).filter((family) => b.learns?.includes(family)),
    soldTimes: between(a.soldTimes ?? 1, b.soldTimes ?? 1),
    reinvestShare: between(a.reinvestShare ?? 0, b.reinvestShare ?? 0)
  }
}

/** Without what a side had set: settings it changed go back to what they were, unless the user has changed them again since. */
function withoutSide(workspace: Workspace, dispute: Dispute): Workspace {
  const { sides = {}, beforeSides = {} } = workspace.preferences
  const side = dispute.sides.find(({ id }) => id === sides[dispute.id])
  const before = beforeSides[dispute.id]
  if (!side) return workspace
  const { preferences } = workspace
  // A side taken by an older version remembers nothing: what it banned is taken for its own.
  const itsBans = before?.bans ?? side.bans
  const back = <T>(set: T | undefined, now: T, was: T | undefined): T =>
    set !== undefined && now === set && was !== undefined ? was : now
  const freed = (bans: readonly Ban[]): Ban[] =>
    bans.filter(({ kind, id }) => !(kind === 'tool' && itsBans.includes(id)))
  const { ownMix } = preferences
  return {
    ...workspace,
    bans: freed(workspace.bans),
    preferences: defined({
      ...preferences,
      power: back(side.power, preferences.power, before?.power),
      tier: back(side.tier, preferences.tier, before?.tier),
      condition: back(side.condition, preferences.condition, before?.condition),
      leanings: [
        ...(preferences.leanings ?? []).filter(
          ({ tool }) => !side.leanings.some((one) => one.tool === tool)
        ),
        ...(before?.leanings ?? [])
      ],
      ownMix: ownMix && {
        ...ownMix,
        bans: freed(ownMix.bans),
        power: back(side.power, ownMix.power, before?.power)
      },
      sides: without(sides, dispute.id),
      beforeSides: without(beforeSides, dispute.id)
    })
  }
}
const without = <T>(record: Readonly<Record<string, T>>, gone: string): Record<string, T> =>
  Object.fromEntries(Object.entries(record).filter(([id]) => id !== gone))

/** What a side will change, to be put back when it is left. */
function beforeSide({ preferences, bans }: Workspace, side: Side, library: Library): BeforeSide {
  const isBanned = (tool: string): boolean =>
    bans.some(({ kind, id }) => kind === 'tool' && id === tool)
  return {
    power: preferences.power,
    tier: preferences.tier,
    condition: preferences.condition,
    leanings: (preferences.leanings ?? []).filter(({ tool }) =>
      side.leanings.some((one) => one.tool === tool)
    ),
    bans: bannedBy(library, side).filter((tool) => !isBanned(tool))
  }
}

/** Takes a side in a dispute, or none; what another side of it had set is taken back. */
export function takeSide(
  workspace: Workspace,
  library: Library,
  dispute: Dispute,
  sideId: string | undefined
): Workspace {
  const side = dispute.sides.find(({ id }) => id === sideId)
  const cleared = withoutSide(workspace, dispute)
  if (!side) return cleared
  const set = laid(cleared, library, side)
  const { sides, beforeSides } = cleared.preferences
  return {
    ...set,
    preferences: defined({
      ...set.preferences,
      condition: side.condition ?? set.preferences.condition,
      tier: side.tier ?? set.preferences.tier,
      sides: { ...sides, [dispute.id]: side.id },
      beforeSides: { ...beforeSides, [dispute.id]: beforeSide(cleared, side, library) }
    })
  }
}

/** Whether the six weights are still those of the school: a mix of one's own once they are not. */
export const followsSchool = (
  workspace: Workspace,
  school: School,
  minorPer100Points: number
): boolean =>
  JSON.stringify(weightsOf(workspace)) === JSON.stringify(schoolWeights(school, minorPer100Points))
