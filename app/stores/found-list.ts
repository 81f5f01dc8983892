import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import {
  adviceFor,
  readFoundList,
  recogniserOf,
  schoolOf,
  type FoundLine,
  type LineAdvice
} from '../../core/found-list'
import { schools } from '../../data'
import { useLadder } from './ladder'
import { useWorkspace } from './workspace'

/** A line with what it means, as far as that is known. */
export interface ReadLine {
  readonly line: FoundLine
  readonly tool: string | undefined
  /** What it may mean, where that has to be asked; with an answer, too. */
  readonly choices: readonly string[]
  readonly asked: boolean
}

/** Says that a line means none of the tools it was taken for. */
export const NONE = 'none'

/** A list somebody found, and what it comes to for the workspace on the table; it lasts as long as the page. */
export const useFoundList = defineStore('found-list', () => {
  const table = useWorkspace()
  const climbing = useLadder()
  const text = ref('')
  /** Answers to what had to be asked, by the name as it was written. */
  const answers = ref<ReadonlyMap<string, string>>(new Map())

  const reading = computed(() =>
    readFoundList(text.value, table.workspace?.money.currency ?? 'EUR')
  )
  const lines = computed<readonly ReadLine[]>(() => {
    const { world } = table
    if (!world) return []
    const recognise = recogniserOf(world.library)
    return reading.value.lines.map((line): ReadLine => {
      const found = line.kind === 'tool' ? recognise(line.name) : ({ kind: 'unknown' } as const)
      if (found.kind === 'sure') return { line, tool: found.tool, choices: [], asked: false }
      if (found.kind === 'unknown') return { line, tool: undefined, choices: [], asked: false }
      const answer = answers.value.get(line.name)
      return {
        line,
        tool: answer === NONE ? undefined : answer,
        choices: found.tools,
        asked: answer === undefined
      }
    })
  })
  const advice = computed(() => {
    const { world } = table
    const { ladder } = climbing
    if (!world || !ladder || lines.value.length === 0) return undefined
    const listed = lines.value.flatMap(({ tool, line: { each } }) =>
      tool === undefined ? [] : [{ tool, each }]
    )
    const tools = listed.map(({ tool }) => tool)
    const school = schoolOf(world.library, schools, tools, recogniserOf(world.library))
    return adviceFor(world, table.plan, ladder, listed, school)
  })
  const adviceOn = (tool: string | undefined): LineAdvice | undefined =>
    tool === undefined ? undefined : advice.value?.lines.get(tool)
  function answer(name: string, tool: string): void {
    answers.value = new Map([...answers.value, [name, tool]])
  }
  function clear(): void {
    text.value = ''
    answers.value = new Map()
  }
  /** The ladder is what a list is held against; it is climbed once there is one. */
  function lookAt(): void {
    if (text.value.trim() !== '') climbing.climb()
  }
  watch([text, () => climbing.hash], lookAt)
  return { text, reading, lines, advice, adviceOn, answer, clear, lookAt }
})
