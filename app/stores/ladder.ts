import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import type { School } from '../../core/catalogue'
import type { Beginning } from '../../core/explain'
import type { Issue } from '../../core/kernel'
import { mainRung, type Ladder } from '../../core/ladder'
import { workspaceHash } from '../../core/workspace'
import { aboutTable, askCore } from './asking'
import { useJudging } from './judging'
import { useWorkspace } from './workspace'

/** A ladder as somebody of a school would have it. */
interface SchoolLadder {
  readonly school: string | undefined
  readonly ladder: Ladder
}

/** The ladder of the workspace on the table, and others beside it, worked out beside the page. */
export const useLadder = defineStore('ladder', () => {
  const table = useWorkspace()
  const judging = useJudging()
  const quick = askCore()
  const patient = askCore()
  const ladder = shallowRef<Ladder>()
  const madeFor = ref('')
  const beside = shallowRef<readonly SchoolLadder[]>([])
  const comparing = ref(false)
  const failure = shallowRef<Issue>()
  /** How the plan begins as against the rung that matters most. */
  const begins = shallowRef<Beginning>()
  let askedFor = ''

  const hash = computed(() =>
    table.workspace ? `${workspaceHash(table.workspace)}|${table.today}` : ''
  )
  const failed = (trouble: Issue): void => {
    failure.value = trouble
    comparing.value = false
    askedFor = ''
  }

  /** Puts the tools in order; does nothing where that is done already. */
  function climb(): void {
    const wanted = hash.value
    if (wanted === '' || askedFor === wanted) return
    askedFor = wanted
    failure.value = undefined
    quick.ask('ladder', { schools: [null] }, aboutTable(), {
      answer: (found) => {
        if (wanted !== hash.value) return
        madeFor.value = wanted
        ladder.value = found.ladder
      },
      failed
    })
  }
  /** The ladders of schools, one after another. */
  function climbBeside(schools: readonly School[]): void {
    beside.value = []
    if (schools.length === 0) return
    comparing.value = true
    patient.ask('ladder', { schools }, aboutTable(), {
      answer: (found, last) => {
        beside.value = [...beside.value, found]
        comparing.value = !last
      },
      failed
    })
  }

  /** The rung that matters most, as long as the ladder is that of the workspace as it stands. */
  const main = computed(() =>
    ladder.value && madeFor.value === hash.value ? mainRung(ladder.value) : undefined
  )
  watch([main, () => table.plan], ([rung, plan]) => {
    begins.value = undefined
    if (!rung || !plan) return
    const asks = { plan, lead: rung.lead.tool, cost: rung.cost, opens: rung.without.closes }
    judging.beginsWith(asks, (found) => {
      if (main.value === rung) begins.value = found
    })
  })

  return { ladder, main, begins, madeFor, beside, comparing, failure, hash, climb, climbBeside }
})
