/** What a tab tells the others of this browser: it has kept a workspace. */
export interface TabNews {
  readonly workspace: string
  readonly revision: number
  /** The name of the change, as it stands after "Undo". */
  readonly change: string | undefined
}

export interface TabChannel {
  tell(news: TabNews): void
}

/** Tabs of the same browser hear one another; where the browser has no such channel, a conflict is still noticed on writing. */
export function tabChannel(hear: (news: TabNews) => void): TabChannel {
  if (typeof BroadcastChannel === 'undefined') return { tell: () => undefined }
  const channel = new BroadcastChannel('frugal-ledger')
  channel.onmessage = ({ data }: MessageEvent<TabNews>) => hear(data)
  return { tell: (news) => channel.postMessage(news) }
}
