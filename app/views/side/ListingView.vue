<script setup lang="ts">
import Button from 'primevue/button'
import Textarea from 'primevue/textarea'
import { computed, ref } from 'vue'
import type { Issue } from '../../../core/kernel'
import { listingFacts } from '../../../core/sidework'
import { change, outletOf, saleParts, type Photo } from '../../../core/workspace'
import PhotoPick from '../../parts/PhotoPick.vue'
import PhotoView from '../../parts/PhotoView.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import type { Taken } from '../../shell/photo'
import { saveText } from '../../shell/save'
import { attachPhoto } from '../../stores/photos'
import { storageHere } from '../../stores/storage-here'
import { useWorkspace } from '../../stores/workspace'
import { sentence } from '../../words/issues'
import { ledger } from '../../words/ledger'
import {
  listingLines,
  listingMarkdown,
  listingText,
  type ListingSaid
} from '../../words/listing-text'
import { side } from '../../words/side'
import { listing as words } from '../../words/side-books'
import { steps } from '../../words/steps'
import SideTabs from './SideTabs.vue'

/** The sheet a piece is offered with: facts, story, pictures. Nothing is sent anywhere. */
const props = defineProps<{ id: string }>()
const store = useWorkspace()
const note = ref('')
const problems = ref<readonly Issue[]>([])
const build = computed(() => store.workspace?.builds.find(({ id }) => id === props.id))
const photos = computed(() =>
  (store.workspace?.photos ?? []).filter((photo) => photo.build === props.id)
)
const said = computed<ListingSaid | undefined>(() => {
  const { world, workspace } = store
  const sale = build.value?.sale
  if (!world || !workspace || !build.value || !sale) return undefined
  const facts = listingFacts(world.library, build.value)
  const named = (ids: readonly string[]): string[] =>
    ids.map((id) => world.library.materials.get(id)?.name ?? id)
  return {
    name: build.value.name,
    facts,
    timber: facts.timber.map((kind) => words.timberKinds[kind]),
    finish: named(facts.finish),
    price: saleParts(workspace, sale).price,
    delivery: outletOf(workspace, sale.outlet)?.deliveryEach ?? 0,
    story: sale.story ?? ''
  }
})
function setStory(story: string): void {
  const sale = build.value?.sale
  if (!sale || story === (sale.story ?? '')) return
  store.run(words.storyStep(build.value?.name ?? ''), (state) =>
    change.setSale(state, props.id, { ...sale, story: story === '' ? undefined : story })
  )
}
async function addPhoto(photo: Taken): Promise<void> {
  const kept = await attachPhoto({ build: props.id }, build.value?.name ?? '', photo)
  problems.value = kept.ok ? [] : kept.issues
}
const save = (ending: string, text: string | Uint8Array, type: string): void =>
  saveText(`${build.value?.name ?? 'listing'}.${ending}`, text, type)
async function copy(text: string): Promise<void> {
  await navigator.clipboard.writeText(text)
  note.value = words.copied
}
async function zip(): Promise<void> {
  const { say, workspace } = store
  if (!say || !said.value || !workspace) return
  const formats = await import('../../../core/formats')
  const pictures: { id: string; bytes: Uint8Array; type: Photo['type'] }[] = []
  for (const { id, type } of photos.value) {
    const kept = await storageHere().photo(workspace.id, id)
    if (kept.ok && kept.value) pictures.push({ id, bytes: kept.value.bytes, type })
  }
  const missing = photos.value.length - pictures.length
  note.value = missing > 0 ? words.missing(missing) : ''
  const names = pictures.map(({ type }, i) => formats.listingPicture(i, type))
  save(
    'zip',
    formats.writeListingZip(
      {
        text: listingText(say, said.value),
        markdown: listingMarkdown(say, said.value, names)
      },
      pictures
    ),
    'application/zip'
  )
}
</script>

<template>
  <PlaceHead
    :title="said ? words.title(said.name) : side.nothing"
    :subtitle="said ? words.subtitle : undefined"
  />
  <SideTabs />
  <p v-if="!said">
    {{ words.gone }} <RouterLink to="/side">{{ side.tabs.make }}</RouterLink>
  </p>
  <div v-else-if="store.say" class="two">
    <section class="stack">
      <h2>{{ words.facts }}</h2>
      <ul>
        <li v-for="line in listingLines(store.say, said)" :key="line">{{ line }}</li>
      </ul>
      <p class="caption">{{ words.species }}</p>
      <div class="field">
        <label for="story">{{ words.story }}</label><Textarea
          id="story"
          :model-value="said.story"
          rows="5"
          maxlength="4000"
          :placeholder="words.storyHint"
          @change="setStory(($event.target as HTMLTextAreaElement).value)"
        />
      </div>
      <div class="row">
        <Button
          size="small"
          severity="secondary"
          :label="words.copy"
          @click="copy(listingText(store.say, said))"
        />
        <Button
          size="small"
          severity="secondary"
          :label="words.text"
          @click="save('txt', listingText(store.say, said), 'text/plain')"
        />
        <Button
          size="small"
          severity="secondary"
          :label="words.markdown"
          @click="save('md', listingMarkdown(store.say, said, []), 'text/markdown')"
        />
        <Button size="small" :label="words.zip" @click="zip" />
      </div>
      <p v-if="note" class="small" role="status">{{ note }}</p>
      <p class="small" :class="{ attention: said.facts.bearing }">{{ words.safety }}</p>
    </section>
    <section class="stack">
      <h2>{{ words.pictures }}</h2>
      <ol>
        <li v-for="one in words.pictureList" :key="one">{{ one }}</li>
      </ol>
      <div v-if="photos.length > 0" class="row">
        <div v-for="photo in photos" :key="photo.id" class="stack tight">
          <PhotoView :id="photo.id" :what="said.name" /><button
            type="button"
            class="link small"
            @click="
              store.run(steps.noPhoto(said.name), (state) => change.removePhoto(state, photo.id))
            "
          >
            {{ ledger.dropPhoto }}
          </button>
        </div>
      </div>
      <PhotoPick @taken="addPhoto" />
      <p v-for="one in problems" :key="one.code" class="attention small" role="alert">
        {{ sentence(one, store.say) }}
      </p>
    </section>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(24rem, 100%), 1fr));
  gap: 1.5rem 2.5rem;
}
ul,
ol {
  margin: 0;
  padding-left: 1.2rem;
}
.field :deep(textarea) {
  width: 100%;
}
.tight {
  gap: 0.15rem;
}
</style>
