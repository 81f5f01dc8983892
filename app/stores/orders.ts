import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type { OrderAnswer } from '../../core/explain'
import type { Issue } from '../../core/kernel'
import type { Order } from '../../core/workspace'
import { aboutTable, askCore } from './asking'
import { useWorkspace } from './workspace'

/** Whether an order is to be taken: planned with it and without, beside the page. */
export const useOrders = defineStore('orders', () => {
  const table = useWorkspace()
  const patient = askCore()
  const known = shallowRef<{ readonly id: string; readonly answer: OrderAnswer | undefined }>()
  const asking = ref<string>()
  const failed = shallowRef<{ readonly id: string; readonly trouble: Issue }>()
  function ask(order: Order): void {
    asking.value = order.id
    known.value = undefined
    failed.value = undefined
    patient.ask('order', { plan: table.plan, order }, aboutTable(), {
      answer: (answer) => {
        known.value = { id: order.id, answer }
        asking.value = undefined
      },
      failed: (trouble) => {
        failed.value = { id: order.id, trouble }
        asking.value = undefined
      }
    })
  }
  return { known, asking, failed, ask }
})
