import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { School } from '../../core/catalogue'
import type { Issue } from '../../core/kernel'
import type { Ladder } from '../../core/ladder'
import { workspaceHash } from '../../core/workspace'
import { aboutTable, askCore } from './asking'
import { useWorkspace } from './workspace'

/** A ladder as somebody of a school would have it. */
interface SchoolLadder {
  readonly school: string | undefined
  readonly ladder: Ladder
}

/** The ladder of the workspace on the table, and others beside it, worked out beside the page. */
export const useLadder = defineStore('ladder', () => {
  const table = useWorkspace()
  const quick = askCore()
  const patient = askCore()
  const ladder = shallowRef<Ladder>()
  const madeFor = ref('')
  const beside = shallowRef<readonly SchoolLadder[]>([])
  const comparing = ref(false)
  const failure = shallowRef<Issue>()
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

  return { ladder, madeFor, beside, comparing, failure, hash, climb, climbBeside }
})
