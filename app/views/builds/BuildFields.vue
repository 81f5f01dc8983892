<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import type { Build } from '../../../core/builds'
import { readName } from '../../../core/units'
import { togetherOf, worthOf } from '../../../core/builds'
import { TIMBERS, WISHES } from '../../../core/catalogue'
import type { Minor } from '../../../core/money'
import { withNet } from '../../../core/workspace'
import DayField from '../../parts/DayField.vue'
import MoneyField from '../../parts/MoneyField.vue'
import SelectField from '../../parts/SelectField.vue'
import NumberField from '../../parts/NumberField.vue'
import TextField from '../../parts/TextField.vue'
import { useWorkspace } from '../../stores/workspace'
import { decimalText } from '../../words/amounts'
import { buildPage as words } from '../../words/build-page'
import { reckoning } from '../../words/reckoning'

/** What is said of a build beside its steps: name, copies, worth, date, sale. */
const props = defineProps<{ build: Build }>()
const emit = defineEmits<{ set: [key: keyof Build, value: Build[keyof Build]] }>()
const store = useWorkspace()
/** A price the buyer pays: what of it reaches the seller follows. */
function setPrice(price: Minor | undefined): void {
  const { sale } = props.build
  if (sale && store.workspace)
    emit('set', 'sale', withNet(store.workspace, { ...sale, price: price ?? 0 }))
}
/** What such a piece costs ready-made. */
const readyMade = computed(() =>
  store.world
    ? Math.round(
        worthOf(store.world.pricing, {
          ...props.build,
          copies: 1,
          worthEach: undefined,
          sale: undefined
        })
      )
    : 0
)
const usual = computed(() => store.world?.library.data.reckoning)
const wishes = computed(() =>
  WISHES.map((id) => ({
    id,
    name: reckoning.wishChoice(id, store.say?.number(usual.value?.wish[id] ?? 1, 1) ?? '')
  }))
)
/** Where timber is paid from: as everywhere, or otherwise for this one. */
const timbers = computed(() => [
  {
    id: 'usual' as const,
    name: reckoning.asWorkspace(reckoning.timbers[store.workspace?.money.timber ?? 'elsewhere'])
  },
  ...TIMBERS.map((id) => ({ id, name: reckoning.timbers[id] }))
])
</script>

<template>
  <div v-if="store.say" class="fields">
    <TextField
      :label="words.name"
      :value="build.name"
      :read="readName"
      width="14rem"
      @change="emit('set', 'name', $event as string)"
    />
    <NumberField
      :label="words.copies"
      :value="build.copies"
      :least="1"
      :most="100000"
      whole
      @change="emit('set', 'copies', $event ?? 1)"
    />
    <NumberField
      :label="words.batch"
      :value="build.batchSize"
      :least="1"
      :most="100000"
      whole
      optional
      :placeholder="String(togetherOf(build))"
      @change="emit('set', 'batchSize', $event)"
    />
    <MoneyField
      v-if="!build.sale"
      :label="words.worth"
      :value="build.worthEach"
      optional
      :placeholder="decimalText(readyMade, store.workspace?.money.currency ?? 'EUR')"
      @change="emit('set', 'worthEach', $event)"
    />
    <SelectField
      v-if="!build.sale && usual"
      :label="reckoning.wish"
      :value="build.wish ?? usual.usualWish"
      :options="wishes"
      @change="emit('set', 'wish', $event === usual.usualWish ? undefined : $event)"
    />
    <SelectField
      v-if="!build.sale && build.yields === undefined"
      :label="reckoning.timber"
      :value="build.timber ?? 'usual'"
      :options="timbers"
      @change="emit('set', 'timber', $event === 'usual' ? undefined : $event)"
    />
    <DayField
      :label="words.wished"
      :value="build.wished"
      optional
      @change="emit('set', 'wished', $event)"
    />
    <div class="field">
      <span class="label">{{ words.sold }}</span>
      <Checkbox
        :model-value="build.sale !== undefined"
        binary
        :aria-label="words.sold"
        @update:model-value="
          emit(
            'set',
            'sale',
            $event ? { netEach: build.worthEach ?? readyMade, daysToSell: 30 } : undefined
          )
        "
      />
    </div>
    <template v-if="build.sale">
      <MoneyField
        v-if="build.sale.price === undefined"
        :label="words.net"
        :value="build.sale.netEach"
        @change="build.sale && emit('set', 'sale', { ...build.sale, netEach: $event ?? 0 })"
      />
      <MoneyField v-else :label="words.price" :value="build.sale.price" @change="setPrice" />
      <NumberField
        :label="words.daysToSell"
        :value="build.sale.daysToSell"
        :least="0"
        :most="3650"
        whole
        @change="build.sale && emit('set', 'sale', { ...build.sale, daysToSell: $event ?? 0 })"
      />
      <MoneyField
        :label="words.hourValue"
        :value="build.hourValue"
        optional
        @change="emit('set', 'hourValue', $event)"
      />
    </template>
  </div>
</template>

<style scoped>
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 0.75rem 1.25rem;
  align-items: start;
}
</style>
