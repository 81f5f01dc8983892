<script setup lang="ts">
import { computed } from 'vue'
import { askedNow } from '../../../core/judged'
import { useUpkeep } from '../../stores/upkeep'
import { useWorkspace } from '../../stores/workspace'
import { back } from '../../words/back'
import { bench, joined, lowerFirst } from '../../words/bench'
import { momentText } from '../../words/keeping'
import { duration } from '../../words/say'
import { upkeep as words } from '../../words/upkeep'

/** On the Bench: clocks that run, tools out of true that builds wait for, what came lately and is not checked, and care that is due. */
defineProps<{ alone: boolean }>()
const store = useWorkspace()
const upkeep = useUpkeep()
/** Names before the rest is a number; the page has the whole list. */
const NAMED = 3
const few = (names: readonly string[]): string => {
  const each = [...new Set(names)].map((name, i) => (i === 0 ? name : lowerFirst(name)))
  const rest = each.length - NAMED
  return rest > 0 ? `${each.slice(0, NAMED).join(', ')} +${rest}` : joined(each)
}
const toolNames = (tools: readonly string[]): string =>
  few(tools.map((id) => store.say?.shortTool(id) ?? id))
const running = computed(() =>
  (store.workspace?.builds ?? []).flatMap(({ id, name, log }) =>
    log?.running === undefined ? [] : [{ id, name, since: log.running }]
  )
)
/** Purchases that ask what became of them. */
const asked = computed(() => (store.world ? askedNow(store.world).length : 0))
const lines = computed(() => {
  const { say } = store
  if (!say) return []
  return [
    ...upkeep.off.map(({ one, waits }) =>
      waits.length > 0
        ? words.bench.off(say.shortTool(one.item.tool), few(waits.map((id) => say.build(id))))
        : words.bench.offAlone(say.shortTool(one.item.tool))
    ),
    ...(upkeep.newcomers.length > 0
      ? [
          words.bench.check(
            toolNames(upkeep.newcomers.map(({ tool }) => tool)),
            duration(upkeep.checkMinutes)
          )
        ]
      : []),
    ...(upkeep.due.length > 0
      ? [words.bench.care(toolNames(upkeep.due.map(({ item }) => item.tool)))]
      : [])
  ]
})
</script>

<template>
  <p v-if="alone && running.length + lines.length + asked === 0" class="soft">
    {{ bench.dueNone }}
  </p>
  <ul v-else class="plain-list care">
    <li v-for="one in running" :key="one.id">
      {{ words.bench.running(one.name, momentText(one.since)) }}
      <RouterLink :to="`/builds/${encodeURIComponent(one.id)}`">{{
        words.bench.toBuild
      }}</RouterLink>
    </li>
    <li v-for="line in lines" :key="line">
      {{ line }} <RouterLink to="/kit/due">{{ words.bench.open }}</RouterLink>
    </li>
    <li v-if="asked > 0">
      {{ back.title(asked, 0) }}. <RouterLink to="/kit/back">{{ words.bench.lookBack }}</RouterLink>
    </li>
  </ul>
</template>

<style scoped>
.care li {
  border-left: 4px solid var(--attention);
  padding: 0.4rem 0.75rem;
  margin-bottom: 0.5rem;
  background-color: var(--paper-raised);
}
</style>
