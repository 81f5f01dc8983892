import { computed, type ComputedRef } from 'vue'
import { regretCost, tierLessons } from '../../../core/judged'
import { useWorkspace } from '../../stores/workspace'
import { back } from '../../words/back'
import { joined, lowerFirst } from '../../words/bench'
import { terms } from '../../words/terms'
import type { OwnershipView } from '../../workers/protocol'

type Option = OwnershipView['options'][number]

/** What one's own verdicts of like tools add to each way of having one, and the sentences that say so. */
export function useTierRegrets(view: ComputedRef<OwnershipView | undefined>): {
  readonly regretOf: (option: Option) => number
  readonly taught: ComputedRef<string[]>
} {
  const store = useWorkspace()
  const lessons = computed(() =>
    store.world && view.value ? tierLessons(store.world, view.value.tool) : undefined
  )
  function regretOf({ tenure, parts }: Option): number {
    const tier =
      tenure.kind === 'buy' ? tenure.tier : tenure.kind === 'trade-up' ? 'get-by' : undefined
    const lesson = tier && lessons.value?.get(tier)
    return lesson ? regretCost(lesson, parts.purchase, parts.resale) : 0
  }
  const taught = computed(() => {
    const { say } = store
    if (!say) return []
    return [...(lessons.value ?? [])].map(([tier, lesson]) => {
      const option = view.value?.options.find(
        ({ tenure }) => tenure.kind === 'buy' && tenure.tier === tier && tenure.condition === 'new'
      )
      const cost = say.money(option ? regretOf(option) : 0)
      const tools = joined(lesson.tools.map((id) => lowerFirst(say.shortTool(id))))
      return back.tierLesson(terms.tierName[tier] ?? tier, tools, cost)
    })
  })
  return { regretOf, taught }
}
