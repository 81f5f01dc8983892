<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { isBegun, mostMinutes } from '../../core/builds'
import { daysBetween, type Day } from '../../core/calendar'
import { fitBuild, fitContext, kitOf } from '../../core/fit'
import { shareOf } from '../../core/hours'
import { issue, issuesOf, refused, type Issue, type Result } from '../../core/kernel'
import { paidAmount, pastDay } from '../../core/ledger'
import { parseNumber } from '../../core/units'
import { buildMaterial, change, findBuild } from '../../core/workspace'
import { newId } from '../stores/clock'
import { useWorkspace } from '../stores/workspace'
import { decimalText, plainNumber } from '../words/amounts'
import { hours } from '../words/hours'
import { record } from '../words/record'
import { sentence } from '../words/issues'
import { duration } from '../words/say'
import { steps } from '../words/steps'
import DayField from './DayField.vue'
import AmountInput from './AmountInput.vue'

/** Marks a build begun, with what its timber cost, or done, with the hours it took. */
const props = defineProps<{ buildId: string }>()
const visible = defineModel<boolean>('visible', { required: true })
const store = useWorkspace()
const build = computed(() => (store.world ? findBuild(store.world, props.buildId) : undefined))
const finishing = computed(() => build.value !== undefined && isBegun(build.value))
const planned = build.value && store.world ? buildMaterial(store.world, build.value) : 0
const expected =
  build.value && store.world
    ? fitBuild(
        fitContext(store.world),
        kitOf(store.world.library, store.world.workspace.items),
        build.value
      ).minutes
    : 0
/** What the sessions came to stands there already; without any, what was planned. */
const logged = build.value?.log?.minutesSpent ?? 0
const figure = ref(
  finishing.value
    ? plainNumber(Math.round((logged > 0 ? logged / 60 : expected / 60) * 100) / 100)
    : decimalText(planned, store.workspace?.money.currency ?? 'EUR')
)
const date = ref<Day>(store.world?.asOf ?? '')
const begun = ref<Day>(build.value?.log?.begun ?? '')
const tooMuch = ref('')
const problems = ref<readonly Issue[]>([])

/** Hours as they were typed. */
function readHours(text: string): Result<number> {
  const hours = parseNumber(text)
  return hours.ok && hours.value < 0
    ? refused(issue('field.type', [], { expected: 'a number of hours' }))
    : hours
}
function confirm(): void {
  const { world, workspace } = store
  if (!world || !workspace || !build.value) return
  const day = pastDay(date.value, world.asOf)
  const read = finishing.value
    ? readHours(figure.value)
    : paidAmount(figure.value, workspace.money.currency)
  const from = finishing.value ? pastDay(begun.value, world.asOf) : day
  problems.value = issuesOf(day, read, from)
  tooMuch.value = ''
  if (!day.ok || !read.ok || !from.ok) return
  const whole = build.value
  const { name, id } = whole
  const spent = Math.round(read.value * 60)
  const most = mostMinutes(daysBetween(from.value, day.value))
  if (finishing.value && spent > most && from.value <= day.value) {
    tooMuch.value = hours.moreThanDays(
      duration(spent),
      store.say?.day(from.value) ?? '',
      duration(most)
    )
    return
  }
  const { library } = world
  problems.value = finishing.value
    ? store.attempt(steps.finished(name), (state) =>
        change.finishBuild(state, library, {
          build: id,
          begun: from.value,
          date: day.value,
          minutesSpent: spent,
          itemId: newId('item'),
          shared: shareOf(world, whole, spent, day.value, { plan: store.plan })
        })
      )
    : store.attempt(steps.begun(name), (state) =>
        change.beginBuild(state, library, {
          build: id,
          date: day.value,
          paid: read.value,
          planned,
          entryId: newId('e'),
          newBuildId: newId('build')
        })
      )
  visible.value = problems.value.length > 0
}
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="
      finishing ? record.finishTitle(build?.name ?? '') : record.beginTitle(build?.name ?? '')
    "
    :style="{ width: '24rem', maxWidth: '95vw' }"
  >
    <form class="stack" @submit.prevent="confirm">
      <div class="field">
        <label for="figure">{{ finishing ? record.hours : record.timber }}</label>
        <InputText v-if="finishing" id="figure" v-model="figure" inputmode="decimal" autofocus />
        <AmountInput v-else id="figure" v-model="figure" width="100%" autofocus />
        <p class="soft small">
          {{
            finishing
              ? record.expected(duration(expected))
              : `${record.plannedWas(store.say?.money(planned) ?? '')} ${record.timberHint}`
          }}
        </p>
      </div>
      <DayField
        v-if="finishing"
        :label="hours.begunOn"
        :value="begun"
        @change="begun = $event ?? ''"
      />
      <DayField :label="record.date" :value="date" @change="date = $event ?? ''" />
      <p v-for="one in problems" :key="one.code" class="attention small" role="alert">
        {{ sentence(one, store.say) }}
      </p>
      <p v-if="tooMuch" class="attention small" role="alert">{{ tooMuch }}</p>
      <div class="row">
        <Button type="submit" :label="finishing ? record.confirmFinish : record.confirmBegin" />
        <Button
          type="button"
          severity="secondary"
          :label="record.cancel"
          @click="visible = false"
        />
      </div>
    </form>
  </Dialog>
</template>
