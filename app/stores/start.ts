import { watchDebounced } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, reactive, shallowRef } from 'vue'
import { withNames, withSizes } from '../../core/catalogue'
import type { Issue } from '../../core/kernel'
import {
  freshWorkspace,
  regionOf,
  workspaceHash,
  worldOf,
  type Plan,
  type Workspace
} from '../../core/workspace'
import { basics, library } from '../../data'
import { ownWorkspace } from '../words/own'
import { askCore } from './asking'
import { figuresOf, unanswered, workspaceOf, type Answers } from './beginning'
import { newId } from './clock'
import { useWorkspace } from './workspace'

const SETTLE_MS = 350

/** The questions at the start, the answers so far, and the first plan they come to, worked out beside the page as one goes. */
export const useStart = defineStore('start', () => {
  const table = useWorkspace()
  const client = askCore()
  const answers = reactive<Answers>(unanswered())
  const plan = shallowRef<Plan>()
  const busy = shallowRef(false)
  const region = computed(() =>
    answers.said
      ? library.data.regions.find(({ currency }) => currency === answers.currency)
      : undefined
  )
  /** Names and sizes as they are told where the browser says it is. */
  const told = computed(() => {
    const { units = 'metric', names = 'plain' } = region.value ?? {}
    return withSizes(withNames(library, names), units)
  })
  const draft = computed(() =>
    workspaceOf(
      answers,
      freshWorkspace(library, 'draft', ownWorkspace.name, answers.currency, table.today),
      table.today,
      (prefix, of) => `${prefix}-${of}`
    )
  )
  const world = computed(() => worldOf(draft.value, library, table.today))
  const hasMoney = computed(
    () => draft.value.ledger.length > 0 || draft.value.money.income.kind !== 'none'
  )
  watchDebounced(
    draft,
    (workspace) => {
      plan.value = undefined
      busy.value = false
      client.stop()
      if (workspace.builds.length === 0 || !hasMoney.value) return
      busy.value = true
      const { today } = table
      client.ask(
        'plan',
        {},
        { key: `${workspaceHash(workspace)}|${today}`, ground: () => ({ workspace, today }) },
        {
          answer: (answer) => {
            if (workspace !== draft.value) return
            if (answer.kind === 'so-far') plan.value = answer.plan
            else {
              busy.value = false
              if (answer.outcome.kind !== 'clash') plan.value = answer.outcome.plan
            }
          },
          failed: () => {
            busy.value = false
          }
        }
      )
    },
    { debounce: SETTLE_MS }
  )

  return {
    answers,
    plan,
    busy,
    region,
    told,
    world,
    hasMoney,
    /** Money, units and names follow from the country the browser says, until something else is chosen. */
    hereIs(country: string | undefined): void {
      const here = regionOf(library, country)
      if (answers.said || !here) return
      answers.currency = here.currency
      answers.said = true
    },
    tickBasics: (): void => {
      answers.tools = [...new Set([...answers.tools, ...basics])]
    },
    problems: (): readonly Issue[] => figuresOf(answers).problems,
    /** The workspace to go on with; the answers stay as long as the page does. */
    made: (fresh: Workspace): Workspace => workspaceOf(answers, fresh, table.today, newId),
    stop: (): void => client.stop()
  }
})
