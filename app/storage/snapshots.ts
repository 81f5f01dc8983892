import { DAYS_PER_YEAR, MS_PER_DAY } from '../../core/calendar'
import { balanceOn } from '../../core/ledger'
import { textPrint } from '../../core/kernel'
import type { Workspace } from '../../core/workspace'
import type { SnapshotReason, StoredSnapshot } from './database'

/** A snapshot as a list shows it. */
export type SnapshotInfo = Omit<StoredSnapshot, 'packed' | 'print'>

const through = async (
  bytes: Uint8Array,
  stream: CompressionStream | DecompressionStream
): Promise<Uint8Array> =>
  new Uint8Array(
    await new Response(
      new Blob([bytes as Uint8Array<ArrayBuffer>])
        .stream()
        .pipeThrough(
          stream as unknown as ReadableWritablePair<
            Uint8Array<ArrayBuffer>,
            Uint8Array<ArrayBuffer>
          >
        )
    ).arrayBuffer()
  )

/** Packs for browsers that cannot; fetched only by those. */
const packer = (): Promise<typeof import('fflate')> => import('fflate')
const bytesOf = (text: string): Uint8Array => new TextEncoder().encode(text)

/** Text packed as gzip: by the browser beside the page's own work where it can, else by a library. */
const pack = async (text: string): Promise<Uint8Array> =>
  typeof CompressionStream === 'undefined'
    ? (await packer()).gzipSync(bytesOf(text))
    : through(bytesOf(text), new CompressionStream('gzip'))
const unpack = async (bytes: Uint8Array): Promise<string> =>
  new TextDecoder().decode(
    typeof DecompressionStream === 'undefined'
      ? (await packer()).gunzipSync(bytes)
      : await through(bytes, new DecompressionStream('gzip'))
  )

export async function makeSnapshot(
  workspace: Workspace,
  text: string,
  at: number,
  reason: SnapshotReason,
  key: string
): Promise<Omit<StoredSnapshot, 'order'>> {
  return {
    key,
    workspace: workspace.id,
    at,
    reason,
    packed: await pack(text),
    print: textPrint(text),
    builds: workspace.builds.length,
    items: workspace.items.length,
    entries: workspace.ledger.length,
    balance: balanceOn(workspace.ledger, '9999-12-31')
  }
}

/** The text of a snapshot; undefined where it is damaged. */
export async function snapshotText({ packed, print }: StoredSnapshot): Promise<string | undefined> {
  try {
    const text = await unpack(packed)
    return textPrint(text) === print ? text : undefined
  } catch {
    return undefined
  }
}

const [HOUR, DAY, WEEK] = [3_600_000, MS_PER_DAY, 7 * MS_PER_DAY]
/** Snapshots made while working are kept: the newest twelve, then one an hour for a day, one a day for a month, one a week for a year. */
const NEWEST = 12
const LADDER = [
  { every: HOUR, for: DAY },
  { every: DAY, for: 30 * DAY },
  { every: WEEK, for: DAYS_PER_YEAR * DAY }
] as const
/** Others, by reason: the newest of each. */
const MOST: Readonly<Record<Exclude<SnapshotReason, 'while-working'>, number>> = {
  'before-import': 10,
  'before-return': 10,
  'by-hand': 30
}

/** The later of two snapshots first: by the order they were made in, which a clock that was set back does not turn round. */
export const newestFirst = (
  a: Pick<SnapshotInfo, 'at' | 'order'>,
  b: Pick<SnapshotInfo, 'at' | 'order'>
): number => (b.order ?? 0) - (a.order ?? 0) || b.at - a.at

/** Which snapshots of a workspace have had their time. @param clock ms since the epoch */
export function expired(
  list: readonly Pick<SnapshotInfo, 'key' | 'at' | 'order' | 'reason'>[],
  clock: number
): string[] {
  const inOrder = [...list].sort(newestFirst)
  const now = Math.max(clock, ...list.map(({ at }) => at))
  const kept = new Set<string>()
  const working = inOrder.filter(({ reason }) => reason === 'while-working')
  for (const { key } of working.slice(0, NEWEST)) kept.add(key)
  for (const { every, for: span } of LADDER) {
    const slots = new Set<number>()
    for (const { key, at } of working) {
      const slot = Math.floor(at / every)
      if (now - at > span || slots.has(slot)) continue
      slots.add(slot)
      kept.add(key)
    }
  }
  for (const [reason, most] of Object.entries(MOST))
    for (const { key } of inOrder.filter((one) => one.reason === reason).slice(0, most))
      kept.add(key)
  return inOrder.filter(({ key }) => !kept.has(key)).map(({ key }) => key)
}
