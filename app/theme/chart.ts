const token = (name: string): string => getComputedStyle(document.documentElement).getPropertyValue(name).trim()

/** What charts take from the tokens, so that they look like the rest. @param _dark which of the two looks it is: whoever asks is asked again when it changes */
export function chartTheme(_dark: boolean) {
  const soft = token('--graphite-soft')
  const line = token('--line')
  return {
    soft,
    family: token('--sans'),
    planned: token('--planned'),
    attention: token('--attention'),
    wash: token('--planned-faint'),
    axis: { axisLabel: { color: soft, fontFamily: token('--sans'), hideOverlap: true }, axisLine: { lineStyle: { color: soft } }, splitLine: { lineStyle: { color: line } } }
  }
}
