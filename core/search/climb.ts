import { apply } from './apply'
import { packagesFor, priceOfPackage, type Package, type Shop } from './packages'

/** What a package must bring beyond what it is reckoned at, minor units. */
const WORTH_WHILE = 100
/** Packages put on top of one another at most. */
const MOST = 40
/** Exchanges at most, each the best there is. */
const ROUNDS = 6

/** What V gains by a package. */
const gainOf = ({ kit }: Shop, wanted: Package, before: number): number =>
  kit.withPackage(wanted, () => kit.value()) - before

/** A package without what it does as well without. */
function pruned(shop: Shop, wanted: Package, before: number): Package {
  const { alone } = shop
  let kept = wanted
  let gain = gainOf(shop, kept, before)
  const dearest = [...wanted.keys()].sort((a, b) => (alone[b] ?? 0) - (alone[a] ?? 0))
  for (const choice of dearest) {
    const less = new Map(kept)
    less.delete(choice)
    const then = gainOf(shop, less, before)
    if (then < gain - (alone[choice] as number) * (kept.get(choice) ?? 1)) continue
    kept = less
    gain = then
  }
  return kept
}

/** Adds a package to what has been bought. */
const withPackage = (bought: Package, wanted: Package): Package => {
  const all = new Map(bought)
  for (const [choice, count] of wanted) all.set(choice, (all.get(choice) ?? 0) + count)
  return all
}

/** Climbs V from the kit as it is: always the package that brings most for what it costs, as long as one is worth while. Leaves what it bought in the kit. */
function climbOn(shop: Shop, bought: Package): Package {
  const { kit } = shop
  let all = bought
  for (let n = 0; n < MOST; n++) {
    const before = kit.value()
    let best: { wanted: Package; rate: number } | undefined
    for (const wanted of packagesFor(shop)) {
      const price = priceOfPackage(shop, wanted)
      const gain = gainOf(shop, wanted, before)
      if (gain < price + WORTH_WHILE) continue
      const rate = gain / Math.max(1, price)
      if (rate > (best?.rate ?? 0)) best = { wanted, rate }
    }
    if (!best) break
    const wanted = pruned(shop, best.wanted, before)
    if (wanted.size === 0) break
    all = withPackage(all, wanted)
    apply(kit, wanted, 1)
  }
  return all
}

/** V less what was bought for it. */
const netOf = (shop: Shop, bought: Package): number =>
  shop.kit.value() - priceOfPackage(shop, bought)

/** What was bought, without what it does as well without. @param looked what is looked at; all of it when left out */
function thinned(
  shop: Shop,
  bought: Package,
  looked: readonly number[] = [...bought.keys()]
): Package {
  let kept = bought
  const dearest = [...looked].sort((a, b) => (shop.alone[b] ?? 0) - (shop.alone[a] ?? 0))
  for (const choice of dearest) {
    const count = kept.get(choice) ?? 0
    const before = netOf(shop, kept)
    shop.kit.add(choice, -count)
    const less = new Map(kept)
    less.delete(choice)
    if (netOf(shop, less) >= before) kept = less
    else shop.kit.add(choice, count)
  }
  return kept
}

/** Takes one package more and then does without what that makes needless; what comes of it where that is better, with the kit brought to it. */
function exchanged(shop: Shop, bought: Package): Package | undefined {
  const { kit, alone } = shop
  const least = netOf(shop, bought) + WORTH_WHILE
  let best: { kept: Package; net: number } | undefined
  for (const wanted of packagesFor(shop)) {
    const all = withPackage(bought, wanted)
    // Only what plays in the same ways as something new can become needless.
    const more = [...wanted.keys()]
    const rivals = [...bought.keys()].filter(
      (choice) => !wanted.has(choice) && kit.sharesWays(choice, more)
    )
    apply(kit, wanted, 1)
    const most = rivals.reduce(
      (sum, choice) => sum + (alone[choice] ?? 0) * (bought.get(choice) ?? 1),
      netOf(shop, all)
    )
    if (most <= (best?.net ?? least)) {
      apply(kit, wanted, -1)
      continue
    }
    const kept = thinned(shop, all, rivals)
    const net = netOf(shop, kept)
    if (net > (best?.net ?? least)) best = { kept, net }
    apply(kit, kept, -1)
    apply(kit, bought, 1)
  }
  if (!best) return undefined
  apply(kit, bought, -1)
  apply(kit, best.kept, 1)
  return best.kept
}

/** What costs less than a choice and plays in the same ways, cheapest first. */
const rivalsOf = ({ model, alone, kit }: Shop, choice: number): number[] =>
  model.problem.choices
    .flatMap(({ makes }, other) =>
      !makes &&
      (alone[other] ?? 0) + WORTH_WHILE < (alone[choice] ?? 0) &&
      kit.sharesWays(other, [choice])
        ? [other]
        : []
    )
    .sort((a, b) => (alone[a] ?? 0) - (alone[b] ?? 0))

/** Each tool, or what costs less and does as well now that all the others are there. The kit is brought along. */
function cheapened(shop: Shop, bought: Package): Package {
  let kept = bought
  for (const [choice, count] of bought) {
    let [there, net] = [choice, netOf(shop, kept)]
    for (const other of rivalsOf(shop, choice)) {
      if (kept.has(other)) continue
      const swapped = new Map(kept)
      swapped.delete(there)
      swapped.set(other, count)
      shop.kit.add(there, -count)
      shop.kit.add(other, count)
      const then = netOf(shop, swapped)
      if (then > net + WORTH_WHILE) [kept, there, net] = [swapped, other, then]
      else {
        shop.kit.add(other, -count)
        shop.kit.add(there, count)
      }
    }
  }
  return kept
}

/**
 * The kit that V is climbed to from what is owned: package upon package, each the one that brings most for what it costs; then one more is
 * taken and what it makes needless given up again, as long as that is better. Leaves the kit as it was.
 * @param rounds of such exchanges at most
 */
export function climb(shop: Shop, rounds = ROUNDS): Package {
  let bought = thinned(shop, climbOn(shop, new Map()))
  for (let round = 0; round < rounds; round++) {
    const then = exchanged(shop, bought)
    if (!then) break
    bought = thinned(shop, climbOn(shop, then))
  }
  bought = thinned(shop, cheapened(shop, bought))
  apply(shop.kit, bought, -1)
  return bought
}
