<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { buildFromTemplate } from '../../../core/builds'
import type { Rhythm } from '../../../core/calendar'
import { type Issue, issue } from '../../../core/kernel'
import { parseAmount } from '../../../core/money'
import { parseNumber } from '../../../core/units'
import { change, type Workspace } from '../../../core/workspace'
import PlaceHead from '../../parts/PlaceHead.vue'
import { newId } from '../../stores/clock'
import { useLoading } from '../../stores/loading'
import { useWorkspace } from '../../stores/workspace'
import { sentence } from '../../words/issues'
import { ledger } from '../../words/ledger'
import { start as words } from '../../words/start'
import { USUAL_ASKED, basics, firstPieces, library, usual } from '../../../data'

const store = useWorkspace()
const router = useRouter()
const builds = ref<string[]>([])
const tools = ref<string[]>([])
const currency = ref('EUR')
const now = ref('')
const each = ref('')
const rhythm = ref<'none' | 'weekly' | 'fortnightly' | 'monthly'>('monthly')
const reserve = ref('')
const hours = ref('4')
const problems = ref<readonly Issue[]>([])
const first = firstPieces.flatMap((id) => library.templates.get(id) ?? [])
/** All pieces; those that are asked about first stand first. */
const templates = [
  ...first,
  ...library.data.templates.filter(({ id, kind }) => kind === 'piece' && !firstPieces.includes(id))
]
const everyBuild = ref(false)
const shownTemplates = computed(() => (everyBuild.value ? templates : first))
const asked = usual.slice(0, USUAL_ASKED).flatMap((id) => library.tools.get(id) ?? [])
const currencies = library.data.regions.map((region) => ({
  id: region.currency,
  name: region.currency
}))
const rhythms = (['monthly', 'fortnightly', 'weekly', 'none'] as const).map((id) => ({
  id,
  name: ledger.rhythms[id]
}))
const amounts = computed(() =>
  [now.value, each.value, reserve.value].map((text) =>
    text.trim() === '' ? { ok: true as const, value: 0 } : parseAmount(text, currency.value)
  )
)

function toggle(list: string[], id: string): string[] {
  return list.includes(id) ? list.filter((one) => one !== id) : [...list, id]
}
function incomeOf(amount: number, today: string): Rhythm {
  if (amount === 0 || rhythm.value === 'none') return { kind: 'none' }
  return rhythm.value === 'monthly'
    ? { kind: 'monthly', first: today, dayOfMonth: Number(today.slice(8, 10)), amount }
    : { kind: rhythm.value, first: today, amount }
}
const HOURS_OF_A_WEEK = 168
async function go(): Promise<void> {
  const perWeek = parseNumber(hours.value)
  const [have, set, keep] = amounts.value
  problems.value = [
    ...amounts.value.flatMap((read) =>
      read.ok ? (read.value < 0 ? [issue('money.negative')] : []) : read.issues
    ),
    ...(perWeek.ok
      ? perWeek.value >= 0 && perWeek.value <= HOURS_OF_A_WEEK
        ? []
        : [issue('field.type', [], { expected: 'a number of hours' })]
      : perWeek.issues)
  ]
  if (problems.value.length > 0 || !have?.ok || !set?.ok || !keep?.ok || !perWeek.ok) return
  const today = store.today
  useLoading().startOwn((fresh): Workspace => {
    const income = incomeOf(set.value, today)
    const base: Workspace = {
      ...fresh,
      money: { ...fresh.money, income, reserve: keep.value },
      horizon: {
        start: today,
        length:
          income.kind === 'weekly' ? 'week' : income.kind === 'fortnightly' ? 'fortnight' : 'month',
        count: income.kind === 'weekly' || income.kind === 'fortnightly' ? 26 : 12
      },
      time: { minutesPerWeek: Math.round(perWeek.value * 60) },
      builds: templates
        .filter(({ id }) => builds.value.includes(id))
        .map((template) => buildFromTemplate(template, newId('build'), template.name)),
      items: asked
        .filter(({ id }) => tools.value.includes(id))
        .map((tool) => change.plainItem(tool, newId('item'), today))
    }
    return have.value > 0
      ? change.addEntry(base, {
          id: newId('e'),
          date: today,
          kind: 'opening',
          amount: have.value,
          text: words.openingText
        })
      : base
  }, currency.value)
  await router.push('/stages')
}
</script>

<template>
  <PlaceHead :title="words.title" :subtitle="words.subtitle" />
  <form class="stack" @submit.prevent="go">
    <fieldset>
      <legend>
        <h2>{{ words.buildsTitle }}</h2>
      </legend>
      <div class="choices">
        <label
          v-for="template in shownTemplates"
          :key="template.id"
          :class="{ on: builds.includes(template.id) }"
          ><input
            type="checkbox"
            :checked="builds.includes(template.id)"
            @change="builds = toggle(builds, template.id)"
          />
          {{ template.name }}</label
        >
      </div>
      <button v-if="!everyBuild" type="button" class="link" @click="everyBuild = true">
        {{ words.moreBuilds(templates.length - first.length) }}
      </button>
    </fieldset>
    <fieldset>
      <legend>
        <h2>{{ words.kitTitle }}</h2>
      </legend>
      <div class="choices">
        <label v-for="tool in asked" :key="tool.id" :class="{ on: tools.includes(tool.id) }"
          ><input
            type="checkbox"
            :checked="tools.includes(tool.id)"
            @change="tools = toggle(tools, tool.id)"
          />
          {{ tool.name }}</label
        >
      </div>
      <Button
        type="button"
        size="small"
        severity="secondary"
        :label="words.allUsual"
        @click="tools = [...new Set([...tools, ...basics])]"
      />
    </fieldset>
    <fieldset>
      <legend>
        <h2>{{ words.moneyTitle }}</h2>
      </legend>
      <div class="row top">
        <div class="field">
          <span id="currency-label" class="label">{{ words.currency }}</span><Select
            v-model="currency"
            :options="currencies"
            option-label="name"
            option-value="id"
            aria-labelledby="currency-label"
          />
        </div>
        <div class="field">
          <label for="now">{{ words.now }}</label><InputText
            id="now"
            v-model="now"
            inputmode="decimal"
            style="width: 7rem"
          />
        </div>
        <div class="field">
          <label for="each">{{ words.each }}</label><InputText
            id="each"
            v-model="each"
            inputmode="decimal"
            style="width: 7rem"
          />
        </div>
        <div class="field">
          <span id="often-label" class="label">{{ words.rhythm }}</span><Select
            v-model="rhythm"
            :options="rhythms"
            option-label="name"
            option-value="id"
            aria-labelledby="often-label"
          />
        </div>
        <div class="field">
          <label for="reserve">{{ words.reserve }}</label><InputText
            id="reserve"
            v-model="reserve"
            inputmode="decimal"
            style="width: 7rem"
          />
        </div>
        <div class="field">
          <label for="hours">{{ words.hours }}</label><InputText
            id="hours"
            v-model="hours"
            inputmode="decimal"
            style="width: 4rem"
          />
        </div>
      </div>
    </fieldset>
    <p
      v-for="one in problems"
      :key="one.code + JSON.stringify(one.figures)"
      class="attention small"
      role="alert"
    >
      {{ sentence(one) }}
    </p>
    <div class="row">
      <Button type="submit" :label="words.go" /><RouterLink to="/">{{ words.cancel }}</RouterLink>
    </div>
  </form>
</template>

<style scoped>
fieldset {
  border: 0;
  border-top: 1px solid var(--line-strong);
  padding: 0.75rem 0 0;
  margin: 0;
  display: grid;
  gap: 0.6rem;
  justify-items: start;
}
legend {
  float: left;
  padding: 0;
}
.choices {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(14rem, 1fr));
  gap: 0.3rem 0.75rem;
  width: 100%;
  clear: both;
}
.choices label {
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: 0.3rem 0.5rem;
  cursor: pointer;
}
.choices .on {
  border-color: var(--planned);
  background: var(--planned-wash);
}
.choices input {
  accent-color: var(--planned);
}
.top {
  align-items: end;
}
</style>
