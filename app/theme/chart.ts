import { ref } from 'vue'

/** Whether the page is dark now. Only the application itself sets it, once the page's tokens have changed. */
export const isDark = ref(false)

const token = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim()

/** What charts take from the tokens, so that they look like the rest; worked out anew when the page turns dark or light. */
export function chartTheme() {
  void isDark.value
  const soft = token('--graphite-soft')
  const line = token('--line')
  return {
    soft,
    family: token('--sans'),
    planned: token('--planned'),
    attention: token('--attention'),
    wash: token('--planned-faint'),
    axis: {
      axisLabel: { color: soft, fontFamily: token('--sans'), hideOverlap: true },
      axisLine: { lineStyle: { color: soft } },
      splitLine: { lineStyle: { color: line } }
    }
  }
}
