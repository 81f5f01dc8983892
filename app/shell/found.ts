import { ref } from 'vue'

/** Counts how often a place was asked for that is open already: it is then shown afresh, at what was looked for. */
export const shownAgain = ref(0)
