import { defineStore } from 'pinia'
import { computed } from 'vue'
import { COVERS, careOf, checksOf, toCheck, waitsForTrue } from '../../core/care'
import { itemHours } from '../../core/hours'
import { sumOf } from '../../core/kernel'
import { supplyLines } from '../../core/supplies'
import { careTasks, packs, trueChecks } from '../../data'
import { useWorkspace } from './workspace'

/** Checks and care of what is owned, reckoned once for all pages that show them. */
export const useUpkeep = defineStore('upkeep', () => {
  const table = useWorkspace()
  const hours = computed(() =>
    table.world ? itemHours(table.world, table.plan) : new Map<string, never>()
  )
  const checks = computed(() => (table.world ? checksOf(table.world, trueChecks) : []))
  const care = computed(() => (table.world ? careOf(table.world, careTasks, hours.value) : []))
  const newcomers = computed(() => (table.world ? toCheck(table.world, trueChecks) : []))
  /** Checks whose last result is not fine, each with the builds that wait for the tool. */
  const off = computed(() =>
    checks.value
      .filter(({ isFine }) => !isFine)
      .map((one) => ({ one, waits: table.world ? waitsForTrue(table.world, one.item) : [] }))
  )
  /** What is done along with something else that is due is not said twice. */
  const due = computed(() => {
    const all = care.value.filter(({ state }) => state === 'due')
    return all.filter(
      ({ item, task }) =>
        !all.some((other) => other.item === item && COVERS[other.task.id]?.includes(task.id))
    )
  })
  const soon = computed(() => care.value.filter(({ state }) => state === 'soon'))
  const checkMinutes = computed(() => sumOf(newcomers.value, ({ minutes }) => minutes))
  const supplies = computed(() =>
    table.world
      ? supplyLines(table.world, table.plan, hours.value, { sizes: packs, tasks: careTasks })
      : []
  )
  return { hours, checks, care, newcomers, off, due, soon, checkMinutes, supplies }
})
