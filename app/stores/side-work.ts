import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { groupBy, type Issue } from '../../core/kernel'
import { learntOf, mistakesOf, realWages, stockHeld } from '../../core/sidework'
import type { Answer } from '../workers/protocol'
import { aboutTable, askProver } from './asking'
import { useJudging } from './judging'
import { useWorkspace } from './workspace'

/** What is reckoned of side work, beside the page. */
export const useSideWork = defineStore('side-work', () => {
  const table = useWorkspace()
  const judging = useJudging()
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
  function askEarns(): void {
    if (table.workspace)
      judging.ask('tools-earn', { plan: table.plan, learnt: learnt.value }, (found) => {
        earns.value = found
      })
  }
  return {
    forSale,
    earns,
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
