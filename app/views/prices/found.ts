import { computed, type ComputedRef, type Ref } from 'vue'
import { SPECS, ownId, repairReserve, type SpecName } from '../../../core/catalogue'
import {
  arrivalChecks,
  inspected,
  type Answers,
  type PointFinding,
  type Sheet
} from '../../../core/inspection'
import { timesRatio, type Minor } from '../../../core/money'
import { typicalOf, type Offer } from '../../../core/prices'
import type { Offered } from '../../../core/timing'
import { change, type PlannedPurchase } from '../../../core/workspace'
import { sheetFor } from '../../../data'
import { newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import { timing as words } from '../../words/timing'

/** A used thing in front of somebody: its sheet, what was found, what that comes to, and what follows when it is bought. */
export interface Found {
  readonly find: ComputedRef<Offer | undefined>
  readonly sheet: ComputedRef<Sheet | undefined>
  readonly answers: ComputedRef<Answers>
  readonly priceNew: ComputedRef<Minor>
  /** The purchase as the plan holds it, or as it stands before one. */
  readonly purchase: ComputedRef<PlannedPurchase | undefined>
  /** What follows when it is bought. */
  readonly bought: ComputedRef<
    | {
        readonly offer: Offer
        readonly repair: Minor
        readonly checks: readonly string[]
        readonly measures: readonly { readonly spec: SpecName; readonly usual: number }[]
      }
    | undefined
  >
  /** Says what was found at a point; the find is kept from then on. */
  readonly answer: (point: string, finding: PointFinding) => void
}

/** The purchase of a find as the plan holds it, or as it would stand there. */
function purchaseOf(
  { plan, world }: ReturnType<typeof useWorkspace>,
  offer: string,
  price: Minor
): PlannedPurchase {
  const planned = plan?.purchases.find((one) => one.offer === offer)
  return planned ?? { id: newId('p'), offer, count: 1, date: world?.asOf ?? '', price }
}

/** @param about what is offered  @param asked its price, where it is known  @param sound what a sound one is worth */
export function useFound(
  about: Ref<Offered | undefined>,
  asked: Ref<Minor | undefined>,
  sound: () => Minor
): Found {
  const store = useWorkspace()
  const tool = computed(() => store.world?.library.tools.get(about.value?.tool ?? ''))
  const kept = computed(() => store.workspace?.offers.find(({ id }) => id === about.value?.id))
  /** A name nothing else has: the tool's own, numbered. */
  const freeId = (): string =>
    ownId(
      store.say?.shortTool(about.value?.tool ?? '') ?? '',
      (id) => store.workspace?.offers.some((one) => one.id === id) === true
    )
  const find = computed((): Offer | undefined => {
    if (kept.value || !about.value) return kept.value
    const { id: _id, ...offered } = about.value
    return { ...offered, id: about.value.id ?? freeId(), acquisition: 'buy', single: true }
  })
  const sheet = computed(() =>
    about.value && tool.value && about.value.condition !== 'new'
      ? sheetFor(tool.value, about.value.power)
      : undefined
  )
  const answers = computed<Answers>(() => kept.value?.looked?.answers ?? {})
  const priceNew = computed(() =>
    store.world && about.value
      ? (typicalOf(store.world.pricing, { ...about.value, condition: 'new' }) ?? 0)
      : 0
  )
  const found = computed(
    () => sheet.value && inspected(sheet.value, answers.value, sound(), priceNew.value)
  )
  function answer(point: string, finding: PointFinding): void {
    const { world, say } = store
    const offer = find.value
    if (!world || !say || !offer || !sheet.value) return
    const next = { ...answers.value, [point]: finding }
    const { repair, unseen, inexact } = inspected(sheet.value, next, sound(), priceNew.value)
    const price = asked.value
    const said = Object.fromEntries(
      Object.entries(next).flatMap(([id, one]) => (one ? [[id, one]] : []))
    )
    store.run(words.lookedStep(say.shortTool(offer.tool)), (state) =>
      change.lookedAt(
        state,
        offer,
        {
          date: world.asOf,
          answers: said,
          repair: repair + unseen,
          ...(inexact > 1 ? { inexact } : {})
        },
        price === undefined
          ? undefined
          : {
              id: newId('q'),
              offer: offer.id,
              date: world.asOf,
              price,
              seller: 'private',
              source: 'find'
            }
      )
    )
    // From now on it is the find that is kept.
    if (about.value && about.value.id !== offer.id) about.value = { ...about.value, id: offer.id }
  }
  // In whole units: nobody knows a repair to the cent.
  const repair = computed(() => {
    if (!about.value) return 0
    const usual = timesRatio(asked.value ?? 0, repairReserve(about.value.condition))
    const seen = found.value ? found.value.repair + found.value.unseen : 0
    return store.say?.about(usual + seen) ?? usual + seen
  })
  const bought = computed(
    () =>
      find.value && {
        offer: find.value,
        repair: repair.value,
        checks:
          sheet.value && tool.value ? arrivalChecks(sheet.value, answers.value, tool.value) : [],
        measures: SPECS.flatMap((spec) => {
          const usual = find.value?.specs?.[spec] ?? tool.value?.specs[spec]
          return spec.endsWith('Mm') && usual !== undefined ? [{ spec, usual }] : []
        })
      }
  )
  const purchase = computed(() => find.value && purchaseOf(store, find.value.id, asked.value ?? 0))
  return { find, sheet, answers, priceNew, answer, purchase, bought }
}
