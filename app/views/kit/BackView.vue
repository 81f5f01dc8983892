<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { computed, ref } from 'vue'
import { askedNow, idleIn, useCosts } from '../../../core/judged'
import type { Item } from '../../../core/workspace'
import PlaceHead from '../../parts/PlaceHead.vue'
import WideBox from '../../parts/WideBox.vue'
import { useUpkeep } from '../../stores/upkeep'
import { useWorkspace } from '../../stores/workspace'
import { back as words } from '../../words/back'
import { bench, joined } from '../../words/bench'
import { duration } from '../../words/say'
import AskVerdict from './AskVerdict.vue'
import KitTabs from './KitTabs.vue'
import LoanPart from './LoanPart.vue'
import MistakeRow from './MistakeRow.vue'
import WasTrue from './WasTrue.vue'

/** Looking back: purchases that ask what became of them, mistakes, what an hour has cost, what lies idle, and whether plans were true. */
const store = useWorkspace()
const upkeep = useUpkeep()
const asked = computed(() => (store.world ? askedNow(store.world) : []))
/** So many questions stand open at first; the rest are one press away. */
const AT_FIRST = 3
const all = ref(false)
const shown = computed(() => (all.value ? asked.value : asked.value.slice(0, AT_FIRST)))
const mistakes = computed(() => (store.workspace?.verdicts ?? []).filter(({ good }) => !good))
const costs = computed(() => (store.world ? useCosts(store.world, upkeep.hours) : []))
const idle = computed(() => (store.world ? idleIn(store.world, upkeep.hours, store.plan) : []))
/** The dearest first: what would bring little is one press away. */
const IDLE_SHOWN = 4
const allIdle = ref(false)
const idleShown = computed(() => (allIdle.value ? idle.value : idle.value.slice(0, IDLE_SHOWN)))
const loans = computed(() => (store.workspace?.items ?? []).filter(({ loan }) => loan))
const nameOf = (item: Pick<Item, 'name' | 'tool'>): string =>
  item.name ?? store.say?.tool(item.tool) ?? item.tool
const counts = computed(() => !store.workspace?.preferences.withoutVerdicts)
const setCounts = (on: boolean): void =>
  void store.run(words.steps.counts, (state) => {
    const { withoutVerdicts: _former, ...preferences } = state.preferences
    return { ...state, preferences: on ? preferences : { ...preferences, withoutVerdicts: true } }
  })
</script>

<template>
  <template v-if="store.say">
    <PlaceHead :title="words.title(asked.length, mistakes.length)" :subtitle="words.subtitle" />
    <KitTabs />
    <section v-if="asked.length > 0" class="stack">
      <h2>{{ words.askTitle }}</h2>
      <ul class="plain-list">
        <AskVerdict v-for="one in shown" :key="`${one.item.id}${one.when}`" :one="one" />
      </ul>
      <button v-if="shown.length < asked.length" type="button" class="link" @click="all = true">
        {{ bench.dueMore(asked.length - shown.length) }}
      </button>
    </section>
    <section v-if="mistakes.length > 0" class="stack">
      <h2>{{ words.mistakesTitle }}</h2>
      <ul class="plain-list">
        <MistakeRow v-for="one in mistakes" :key="one.id" :one="one" />
      </ul>
      <label class="row"
        ><Checkbox :model-value="counts" binary @update:model-value="setCounts($event)" />
        {{ words.verdictsCount }}</label
      >
    </section>
    <section v-if="idle.length > 0" class="stack">
      <h2>{{ words.idleTitle }}</h2>
      <p class="caption">{{ words.idle }}</p>
      <ul class="plain-list">
        <li v-for="one in idleShown" :key="one.item.id" class="idle">
          {{
            words.idleLine(
              nameOf(one.item),
              one.last && store.say.day(one.last),
              store.say.money(one.brings)
            )
          }}
          {{
            one.closes.length > 0
              ? words.closes(joined(one.closes.map((id) => store.say?.build(id) ?? id)))
              : words.closesNone
          }}
          <template v-if="one.pays">{{
            `${words.opens(store.say.offer(one.pays.offer))} `
          }}</template>
          <RouterLink v-if="one.closes.length === 0" to="/ledger/inventory">{{
            words.sell
          }}</RouterLink>
        </li>
      </ul>
    </section>
    <button
      v-if="idleShown.length < idle.length"
      type="button"
      class="link"
      @click="allIdle = true"
    >
      {{ bench.dueMore(idle.length - idleShown.length) }}
    </button>
    <section v-if="loans.length > 0" class="stack">
      <h2>{{ words.lentTitle }}</h2>
      <p class="caption">{{ words.counted }}</p>
      <LoanPart v-for="item in loans" :key="item.id" :item="item" :name="nameOf(item)" />
    </section>
    <WasTrue />
    <section v-if="costs.length > 0" class="stack">
      <h2>{{ words.costTitle }}</h2>
      <p class="caption">{{ words.cost }}</p>
      <WideBox>
        <table class="plain">
          <thead>
            <tr>
              <th scope="col">{{ words.tool }}</th>
              <th scope="col" class="figure">{{ words.lost }}</th>
              <th scope="col" class="figure">{{ words.uses }}</th>
              <th scope="col" class="figure">{{ words.perUse }}</th>
              <th scope="col" class="figure">{{ words.perHour }}</th>
              <th scope="col" class="figure">{{ words.expected }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in costs" :key="one.item.id">
              <th scope="row">{{ nameOf(one.item) }}</th>
              <td class="figure">{{ store.say.money(one.lost) }}</td>
              <td class="figure">
                {{ one.uses > 0 ? `${one.uses} · ${duration(one.minutes)}` : words.unused }}
              </td>
              <td class="figure">
                {{ one.perUse === undefined ? '' : store.say.money(one.perUse) }}
              </td>
              <td class="figure">
                {{ one.perHour === undefined ? '' : store.say.money(one.perHour) }}
              </td>
              <td class="figure">
                {{ one.expected === undefined ? '' : words.expectedBuilds(one.expected) }}
              </td>
            </tr>
          </tbody>
        </table>
      </WideBox>
    </section>
  </template>
</template>

<style scoped>
.idle {
  padding: 0.35rem 0;
  border-bottom: 1px solid var(--line);
}
</style>
