import { ref } from 'vue'

/** What is looked for. */
export const findText = ref('')
/** Find was asked for and its field does not have the focus yet: what is typed meanwhile belongs into it. */
export const isOpening = ref(false)
/** Enter was pressed before the field was there. */
export const enteredAhead = ref(false)

export function beginFinding(): void {
  findText.value = ''
  enteredAhead.value = false
  isOpening.value = true
}

/** Takes a key that comes before the field does. Answers whether it was one for the field. */
export function takeAhead(key: string): boolean {
  if (!isOpening.value) return false
  if (key === 'Enter') enteredAhead.value = true
  else if (key === 'Backspace') findText.value = findText.value.slice(0, -1)
  else if (key === 'Escape') isOpening.value = false
  else if ([...key].length === 1) findText.value += key
  else return false
  return true
}
