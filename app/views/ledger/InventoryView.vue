<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed, ref } from 'vue'
import { inventoryOf, inventorySums, type InventoryLine } from '../../../core/care'
import { checkDay } from '../../../core/calendar'
import { issue, type Issue } from '../../../core/kernel'
import { parseAmount } from '../../../core/money'
import { change, loanTrouble } from '../../../core/workspace'
import WideBox from '../../parts/WideBox.vue'
import PhotoView from '../../parts/PhotoView.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import { openFormat } from '../../shell/open-formats'
import { printPage, saveText } from '../../shell/save'
import { newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import { decimalText } from '../../words/amounts'
import { sentence } from '../../words/issues'
import { ledger } from '../../words/ledger'
import { inventory as words } from '../../words/inventory'
import { steps } from '../../words/steps'
import { terms } from '../../words/terms'
import LedgerTabs from './LedgerTabs.vue'
import DayField from '../../parts/DayField.vue'
import AmountInput from '../../parts/AmountInput.vue'

/** What is owned, for an insurer: paid, age, what it would bring, what a new one costs. */
const store = useWorkspace()
const lines = computed(() =>
  store.world ? [...inventoryOf(store.world)].sort((a, b) => b.worth - a.worth) : []
)
const sums = computed(() => inventorySums(lines.value))
const selling = ref<InventoryLine>()
const amount = ref('')
const date = ref('')
const problems = ref<readonly Issue[]>([])
const name = ({ item }: InventoryLine): string =>
  item.name ?? store.say?.tool(item.tool) ?? item.tool
async function save(): Promise<void> {
  const made = await openFormat('inventory-csv', store)
  if (made) saveText(made.name, made.text, made.type)
}
function begin(line: InventoryLine): void {
  selling.value = line
  problems.value = []
  amount.value = decimalText(
    Math.round(line.worth / line.item.count),
    store.workspace?.money.currency ?? 'EUR'
  )
  date.value = store.world?.asOf ?? ''
}
function sell(): void {
  const { world, workspace } = store
  const line = selling.value
  if (!world || !workspace || !line) return
  const read = parseAmount(amount.value, workspace.money.currency)
  const day = checkDay(date.value)
  problems.value = [
    ...loanTrouble(line.item),
    ...(read.ok ? (read.value < 0 ? [issue('money.negative')] : []) : read.issues),
    ...(day.ok
      ? day.value > world.asOf
        ? [issue('ledger.future', [], { date: day.value })]
        : []
      : day.issues)
  ]
  if (problems.value.length > 0 || !read.ok || !day.ok) return
  problems.value = store.attempt(steps.soldTool(name(line)), (state) =>
    change.sellItem(state, {
      item: line.item.id,
      date: day.value,
      amount: read.value,
      id: newId('e'),
      name: name(line)
    })
  )
  if (problems.value.length === 0) selling.value = undefined
}
</script>

<template>
  <PlaceHead
    v-if="store.say"
    :title="words.title(store.say.money(sums.worth))"
    :subtitle="
      words.subtitle(lines.length, store.say.money(sums.paid), store.say.money(sums.replace))
    "
  >
    <Button severity="secondary" :label="words.print" @click="printPage" /><Button
      severity="secondary"
      :label="words.csv"
      @click="save"
    />
  </PlaceHead>
  <LedgerTabs />
  <div v-if="store.say" class="stack">
    <p class="caption">{{ words.hint }}</p>
    <p v-if="lines.length === 0" class="soft">{{ words.empty }}</p>
    <WideBox v-else>
      <table class="plain">
        <caption class="visually-hidden">
          {{
            ledger.tabs.inventory
          }}
        </caption>
        <thead>
          <tr>
            <th>{{ words.tool }}</th>
            <th>{{ words.quality }}</th>
            <th>{{ words.since }}</th>
            <th class="figure">{{ words.age }}</th>
            <th class="figure">{{ words.paid }}</th>
            <th class="figure">{{ words.worth }}</th>
            <th class="figure">{{ words.replace }}</th>
            <th>{{ ledger.warranty }}</th>
            <th class="no-print">
              <span class="visually-hidden">{{ words.sold }}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="line in lines" :key="line.item.id">
            <td>
              <bdi>{{ name(line) }}</bdi><span v-if="line.item.count > 1">
                × {{ line.item.count }}</span
              ><span v-if="line.photos.length > 0" class="row"
                ><PhotoView
                  v-for="photo in line.photos"
                  :id="photo"
                  :key="photo"
                  :what="name(line)"
              /></span>
            </td>
            <td>
              {{ terms.tierName[line.item.tier] }}, {{ terms.conditionName[line.item.condition] }}
            </td>
            <td class="one-line">{{ store.say.day(line.item.since) }}</td>
            <td class="figure">{{ words.years(line.ageYears) }}</td>
            <td class="figure">
              {{ line.paid === undefined ? words.unknown : store.say.money(line.paid) }}
            </td>
            <td class="figure strong">{{ store.say.money(line.worth) }}</td>
            <td class="figure soft">
              {{ line.replace === undefined ? '' : store.say.money(line.replace) }}
            </td>
            <td class="one-line">
              {{ line.warrantyUntil === undefined ? '' : store.say.day(line.warrantyUntil) }}
            </td>
            <td class="no-print">
              <button
                type="button"
                class="link small"
                :aria-label="`${words.sold}: ${name(line)}`"
                @click="begin(line)"
              >
                {{ words.sold }}
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </WideBox>
  </div>
  <Dialog
    v-if="selling"
    :visible="true"
    modal
    :header="words.sellTitle(name(selling))"
    :style="{ width: '24rem', maxWidth: '95vw' }"
    @update:visible="selling = undefined"
  >
    <form class="stack" @submit.prevent="sell">
      <div class="field">
        <label for="sold-for">{{ words.soldFor }}</label><AmountInput
          id="sold-for"
          v-model="amount"
          width="100%"
          autofocus
        />
      </div>
      <DayField :label="ledger.date" :value="date" @change="date = $event ?? ''" />
      <p v-if="selling.item.count > 1" class="caption">{{ words.oneOf(selling.item.count) }}</p>
      <p v-for="one in problems" :key="one.code" class="attention small" role="alert">
        {{ sentence(one, store.say) }}
      </p>
      <div class="row">
        <Button type="submit" :label="ledger.confirm" /><Button
          type="button"
          severity="secondary"
          :label="ledger.cancel"
          @click="selling = undefined"
        />
      </div>
    </form>
  </Dialog>
</template>

<style scoped></style>
