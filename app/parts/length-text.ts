import { ok, type Result } from '../../core/kernel'
import { inchText, parseLength, type UnitSystem } from '../../core/units'
import { useWorkspace } from '../stores/workspace'

/** How lengths are written in and read from a field of the workspace: inches and fractions, or mm to a tenth. */
export function useLengthText(): {
  units(): UnitSystem
  text(mm: number | undefined): string
  read(typed: string): Result<number | undefined>
} {
  const store = useWorkspace()
  const units = (): UnitSystem => store.workspace?.preferences.units ?? 'metric'
  return {
    units,
    text(mm) {
      if (mm === undefined) return ''
      return units() === 'imperial' ? inchText(mm) : String(Math.round(mm * 10) / 10)
    },
    read: (typed) => (typed.trim() === '' ? ok(undefined) : parseLength(typed, units()))
  }
}
