import { toRaw } from 'vue'

/**
 * A state without the wrappers by which fields watch their values: these can neither be kept nor sent to a worker. Only what differs from
 * the former state is gone through; what is plain already stays the same object.
 */
export function plain<T>(value: T, before?: unknown): T {
  const raw = toRaw(value)
  if (raw === before || raw === null || typeof raw !== 'object') return raw
  const former = (before ?? {}) as Record<string, unknown>
  const parts = raw as Record<string, unknown>
  const changed = Object.keys(parts).filter((key) => plain(parts[key], former[key]) !== parts[key])
  if (changed.length === 0) return raw
  const copy = (Array.isArray(raw) ? [...raw] : { ...raw }) as Record<string, unknown>
  for (const key of changed) copy[key] = plain(parts[key], former[key])
  return copy as T
}
