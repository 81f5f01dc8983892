<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { buildFromTemplate } from '../../../core/builds'
import type { Rhythm } from '../../../core/calendar'
import { type Issue, issue } from '../../../core/kernel'
import { parseAmount, timesRatio } from '../../../core/money'
import {
  FAMILIES,
  HOUR_WORDS,
  LEVELS,
  MONEY_AIMS,
  type Level,
  type Wish,
  withSizes
} from '../../../core/catalogue'
import { parseNumber } from '../../../core/units'
import { change, regionOf, usualLevel, type Workspace } from '../../../core/workspace'
import StartBuilds from './StartBuilds.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import SelectField from '../../parts/SelectField.vue'
import { countryOf } from '../../shell/country'
import { newId } from '../../stores/clock'
import { useLoading } from '../../stores/loading'
import { useWorkspace } from '../../stores/workspace'
import { sentence } from '../../words/issues'
import { ledger } from '../../words/ledger'
import { reckoning as counts } from '../../words/reckoning'
import { skill } from '../../words/skill'
import { start as words } from '../../words/start'
import { USUAL_ASKED, basics, library, usual } from '../../../data'

const store = useWorkspace()
const router = useRouter()
const builds = ref<string[]>([])
const tools = ref<string[]>([])
/** Where the browser says it is; money, units and names follow from it until something else is chosen. */
const here = regionOf(library, countryOf(navigator.languages))
const currency = ref(here?.currency ?? 'EUR')
/** The browser or the user has said the currency. */
const said = ref(here !== undefined)
/** What follows from the currency; said before it is taken over. */
const region = computed(() =>
  said.value ? library.data.regions.find((one) => one.currency === currency.value) : undefined
)
const regionText = computed(() =>
  region.value
    ? words.currencyOf(words.units[region.value.units], words.names[region.value.names ?? 'plain'])
    : ''
)
const now = ref('')
const each = ref('')
const rhythm = ref<'none' | 'weekly' | 'fortnightly' | 'monthly'>('monthly')
const reserve = ref('')
const hours = ref('4')
const { reckoning } = library.data
/** How much each ticked build is wanted. */
const wishes = ref<Readonly<Record<string, Wish>>>({})
const hour = ref(reckoning.usualHour)
const hourChoices = HOUR_WORDS.map((id) => ({ id, name: counts.hours[id] }))
const level = ref<Level>('new')
const levels = LEVELS.map((id) => ({ id, name: skill.levels[id] }))
const aim = ref(reckoning.usualAim)
const aims = MONEY_AIMS.map((id) => ({ id, name: counts.aims[id] }))
const problems = ref<readonly Issue[]>([])
/** All pieces there are patterns of. */
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
/** A year of months, or half a year of what comes more often. */
const horizonFor = ({ kind }: Rhythm, start: string): Workspace['horizon'] =>
  kind === 'weekly'
    ? { start, length: 'week', count: 26 }
    : kind === 'fortnightly'
      ? { start, length: 'fortnight', count: 26 }
      : { start, length: 'month', count: 12 }
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
      money: {
        ...fresh.money,
        income,
        reserve: keep.value,
        hourValue: timesRatio(
          usualLevel(library, currency.value),
          reckoning.hour[hour.value] / 100
        ),
        keptMoneyWorth: reckoning.kept[aim.value]
      },
      preferences: {
        ...fresh.preferences,
        ...(level.value === 'new'
          ? {}
          : { levels: Object.fromEntries(FAMILIES.map((family) => [family, level.value])) })
      },
      horizon: horizonFor(income, today),
      time: { minutesPerWeek: Math.round(perWeek.value * 60) },
      builds: withSizes(library, fresh.preferences.units)
        .data.templates.filter(({ id }) => builds.value.includes(id))
        .map((template) => ({
          ...buildFromTemplate(template, newId('build'), template.name),
          ...(wishes.value[template.id] === undefined ? {} : { wish: wishes.value[template.id] })
        })),
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
    <StartBuilds v-model:builds="builds" v-model:wishes="wishes" />
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
        <SelectField
          :label="words.currency"
          :value="currency"
          :options="currencies"
          @change="((currency = $event), (said = true))"
        />
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
        <SelectField
          :label="words.rhythm"
          :value="rhythm"
          :options="rhythms"
          @change="rhythm = $event"
        />
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
      <p class="small">{{ region ? regionText : words.currencyUnknown }}</p>
    </fieldset>
    <fieldset>
      <legend>
        <h2>{{ words.likeTitle }}</h2>
      </legend>
      <div class="row top">
        <SelectField
          :label="skill.startLabel"
          :value="level"
          :options="levels"
          @change="level = $event"
        />
        <SelectField
          :label="words.hour"
          :value="hour"
          :options="hourChoices"
          @change="hour = $event"
        />
        <SelectField :label="words.aim" :value="aim" :options="aims" @change="aim = $event" />
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

<style scoped src="./start.css" />
