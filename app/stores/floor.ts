import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import { isDone } from '../../core/builds'
import { longestFed, type RoomFor } from '../../core/fit'
import { distinct } from '../../core/kernel'
import { findOffer } from '../../core/prices'
import {
  clashesOf,
  planFaults,
  shapeOf,
  stockFor,
  waysOut,
  type FloorPlan,
  type Shape,
  type Standing
} from '../../core/workshop'
import { steps } from '../words/steps'
import { aboutTable, askCore } from './asking'
import { useWorkspace } from './workspace'

/** The room as it is drawn, what stands in it, and what would. */
function drawn(table: ReturnType<typeof useWorkspace>, tried: Ref<readonly string[]>) {
  const plan = computed(() => table.workspace?.workshop.plan)
  const faults = computed(() => (plan.value ? planFaults(plan.value) : []))
  const owned = computed(() => distinct((table.workspace?.items ?? []).map(({ tool }) => tool)))
  /** What is asked about, tools the plan buys in the order it does, and what is wished for. */
  const coming = computed(() => {
    const { world } = table
    const bought = [...(table.plan?.purchases ?? [])].sort((a, b) => (a.date < b.date ? -1 : 1))
    const tools = bought.flatMap(({ offer }) => {
      const tool = world && findOffer(world.pricing, offer)?.tool
      return tool && !owned.value.includes(tool) ? [tool] : []
    })
    return distinct([...tried.value, ...tools, ...(table.workspace?.wishes ?? [])]).filter(
      (tool) => !owned.value.includes(tool)
    )
  })
  const shapeFor = (id: string): Shape | undefined => {
    const { world } = table
    const tool = world?.library.tools.get(id)
    return tool && world && shapeOf(tool, ...stockFor(plan.value ?? {}, longestFed(world, tool)))
  }
  /** All that is owned or drawn and stands on the floor. */
  const shapes = computed<ReadonlyMap<string, Shape>>(() => {
    const drawn = plan.value?.stands.map(({ tool }) => tool) ?? []
    return new Map(
      distinct([...owned.value, ...drawn]).flatMap((tool) => {
        const shape = shapeFor(tool)
        return shape ? [[tool, shape] as const] : []
      })
    )
  })
  /** Owned and not drawn yet. */
  const unplaced = computed(() =>
    [...shapes.value.keys()].filter(
      (tool) => !plan.value?.stands.some((standing) => standing.tool === tool)
    )
  )
  /** To come, and it would stand on the floor. */
  const next = computed(() =>
    coming.value.filter(
      (tool) => shapeFor(tool) && !plan.value?.stands.some((one) => one.tool === tool)
    )
  )
  const clashes = computed(() =>
    plan.value && faults.value.length === 0 ? clashesOf(plan.value, shapes.value) : []
  )
  /** Which open builds go out by which door; none where their size is not known. */
  const pieces = computed(() => {
    const { world } = table
    if (!world || !plan.value) return []
    const drawn = plan.value
    return world.workspace.builds.flatMap((build) => {
      const size = world.library.templates.get(build.template ?? '')?.sizeMm
      return size && !isDone(build) ? [{ build: build.id, ways: waysOut(drawn, size).length }] : []
    })
  })

  return { plan, faults, shapes, unplaced, next, clashes, pieces }
}

/** The floor plan: what is drawn, its changes, and what is asked of it. */
export const useFloor = defineStore('floor', () => {
  const table = useWorkspace()
  const client = askCore(true)
  const placing = ref(false)
  const verdicts = shallowRef<readonly RoomFor[]>([])
  /** Tools asked about that are not planned. */
  const tried = ref<readonly string[]>([])
  const room = drawn(table, tried)
  const { plan, faults, shapes, next } = room

  function set(made: FloorPlan | undefined): void {
    table.run(steps.floor(), (state) => {
      const { plan: _former, ...workshop } = state.workshop
      return { ...state, workshop: made ? { ...workshop, plan: made } : workshop }
    })
  }
  const change = (part: Partial<FloorPlan>): void => {
    if (plan.value) set({ ...plan.value, ...part })
  }
  function stand(standing: Standing): void {
    if (!plan.value) return
    const { stands } = plan.value
    const known = stands.some(({ tool }) => tool === standing.tool)
    change({
      stands: known
        ? stands.map((one) => (one.tool === standing.tool ? standing : one))
        : [...stands, standing]
    })
  }
  const takeOut = (tool: string): void =>
    change({ stands: (plan.value?.stands ?? []).filter((one) => one.tool !== tool) })

  /** Looks for a layout of all that is owned and drawn. */
  function place(): void {
    const { value: drawing } = plan
    if (!drawing || placing.value) return
    placing.value = true
    client.ask('arrange', { plan: drawing, shapes: [...shapes.value.values()] }, undefined, {
      answer: ({ stands }) => {
        placing.value = false
        change({ stands })
      },
      failed: () => {
        placing.value = false
      }
    })
  }
  /** Asks which of the tools to come would find room. */
  function askNext(): void {
    verdicts.value = []
    if (!plan.value || faults.value.length > 0 || next.value.length === 0) return
    client.ask('room-for', { there: [...shapes.value.keys()], coming: next.value }, aboutTable(), {
      answer: (found) => {
        verdicts.value = found
      },
      failed: () => undefined
    })
  }
  watch(
    () =>
      JSON.stringify([
        plan.value?.outline,
        plan.value?.openings,
        plan.value?.things,
        plan.value?.stock,
        next.value
      ]),
    askNext
  )

  return { ...room, tried, placing, verdicts, set, change, stand, takeOut, place, askNext }
})
