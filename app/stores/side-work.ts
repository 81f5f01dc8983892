import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { groupBy, type Issue } from '../../core/kernel'
import { learntOf, mistakesOf, realWages, stockHeld, type InView } from '../../core/sidework'
import type { Answer } from '../workers/protocol'
import { aboutTable, askProver } from './asking'
import { useJudging } from './judging'
import { useLadder } from './ladder'
import { useWorkspace } from './workspace'

/** Tools of the ladder that are looked at. */
const MOST_IN_VIEW = 20

/** What is reckoned of side work, beside the page. */
export const useSideWork = defineStore('side-work', () => {
  const table = useWorkspace()
  const judging = useJudging()
  const climbing = useLadder()
  const prover = askProver()
  const forSale = shallowRef<Answer<'for-sale'>>()
  const earns = shallowRef<Answer<'tools-earn'>>()
  const mix = shallowRef<Answer<'mix'>>()
  const mixing = ref(false)
  const months = ref(6)
  const most = ref(3)
  const failure = shallowRef<Issue>()

  const learnt = computed(() => (table.workspace ? learntOf(table.workspace) : []))
  const held = computed(() =>
    table.workspace ? stockHeld(table.workspace) : { pieces: [], tiedUp: 0, owed: 0 }
  )
  const designs = computed(() => (forSale.value?.designs ?? []).map(({ design }) => design))
  const mistakes = computed(() =>
    table.workspace && table.world && forSale.value
      ? mistakesOf(table.workspace, designs.value, table.world.asOf)
      : []
  )
  /** What hours really brought, beside what was expected before anything was learnt. */
  const wages = computed(() =>
    realWages(
      table.workspace?.pieces ?? [],
      (forSale.value?.first.designs ?? []).map(({ design }) => design)
    )
  )
  /** What the reckonings depend on: the state planned with, and what pieces have shown. */
  const ground = computed(() => `${judging.state}|${JSON.stringify(learnt.value)}`)

  function askForSale(): void {
    if (table.workspace)
      judging.ask('for-sale', { plan: table.plan, learnt: learnt.value }, (found) => {
        forSale.value = found
      })
  }
  const stock = computed<Readonly<Record<string, number>>>(() =>
    Object.fromEntries(
      [...groupBy(held.value.pieces, ({ build }) => build)].map(([build, own]) => [
        build,
        own.length
      ])
    )
  )
  const floorLeft = computed(() => table.workspace?.workshop.piecesM2)
  /** Asks for the best mix of the months ahead. */
  function askMix(): void {
    if (!table.workspace) return
    mixing.value = true
    failure.value = undefined
    prover.ask(
      'mix',
      {
        plan: table.plan,
        learnt: learnt.value,
        stock: stock.value,
        months: months.value,
        most: most.value,
        floorM2: floorLeft.value
      },
      aboutTable(),
      {
        answer: (found) => {
          mix.value = found
          mixing.value = false
        },
        failed: (trouble) => {
          failure.value = trouble
          mixing.value = false
        }
      }
    )
  }
  const inView = computed<readonly InView[]>(() =>
    (climbing.ladder?.rungs ?? []).slice(0, MOST_IN_VIEW).map(({ lead, along, cost }) => ({
      id: lead.tool,
      cost,
      parts: [lead, ...along].map(({ tool, offer, count }) => ({ tool, offer, count }))
    }))
  )
  function askEarns(): void {
    climbing.climb()
    if (table.workspace && climbing.ladder)
      judging.ask('tools-earn', { inView: inView.value, learnt: learnt.value }, (found) => {
        earns.value = found
      })
  }
  watch(inView, () => {
    if (earns.value || wantsEarns.value) askEarns()
  })
  const wantsEarns = ref(false)
  return {
    forSale,
    earns,
    wantsEarns,
    mix,
    mixing,
    months,
    most,
    failure,
    learnt,
    held,
    stock,
    designs,
    mistakes,
    wages,
    ground,
    askForSale,
    askMix,
    askEarns
  }
})
