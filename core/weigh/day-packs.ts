import type { Power } from '../catalogue'
import { playsIn, waysIn, type SittingWork } from '../fit'
import { groupBy, sumOf } from '../kernel'
import { findOffer } from '../prices'
import type { Plan, World } from '../workspace'
import { packsDrawn } from './batteries'
import { ownedPlatforms, packPrices } from './powered-tools'

/** Packs of one battery family that a day's work empties. */
export interface DayPacks {
  /** As the user names it; empty for packs that are bought with the first tool. */
  readonly platform: string
  readonly energyWh: number
  readonly packWh: number
  /** So many, charged before one begins. */
  readonly packs: number
}

const MINUTES_PER_HOUR = 60

/**
 * Packs that a day's work draws, by battery family. Each tool is reckoned as if it ran for the whole of its step: an upper bound. Tools on a cord
 * draw none.
 */
export function dayPacks(
  world: World,
  plan: Plan | undefined,
  work: readonly SittingWork[]
): DayPacks[] {
  const { workspace, library, pricing } = world
  const owned = ownedPlatforms(world)
  const powers = new Map<string, { readonly power: Power; readonly platform: string }>()
  for (const { offer } of plan?.purchases ?? []) {
    const one = findOffer(pricing, offer)
    if (one)
      powers.set(one.tool, {
        power: one.power,
        platform: one.platform ?? owned[0]?.name ?? ''
      })
  }
  for (const { tool, power, platform } of workspace.items)
    powers.set(tool, { power, platform: platform ?? owned[0]?.name ?? '' })
  const drawn = work.flatMap((one) =>
    one.tools.flatMap((id) => {
      const minutes = sumOf(waysIn(one), (way) =>
        playsIn(library, id, way.method) ? way.minutes : 0
      )
      const used = powers.get(id)
      const form = library.tools.get(id)?.forms.find(({ power }) => power === 'cordless')
      return used?.power === 'cordless' && form?.whPerHour
        ? [{ platform: used.platform, wh: (form.whPerHour * minutes) / MINUTES_PER_HOUR }]
        : []
    })
  )
  return [...groupBy(drawn, ({ platform }) => platform)].map(([platform, list]) => {
    const energyWh = sumOf(list, ({ wh }) => wh)
    const packWh = owned.find(({ name }) => name === platform)?.packWh ?? packPrices(world).packWh
    return { platform, energyWh, packWh, packs: packsDrawn(energyWh, packWh) }
  })
}
