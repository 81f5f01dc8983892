/** A known fault that is accepted for a time: which, in which package, until when and why. */
export interface Allowed {
  readonly advisory: string
  readonly package: string
  readonly until: string
  readonly why: string
}

export interface Verdict {
  /** `no-answer`: the registry said nothing, so nothing is known; that is no pass. */
  readonly kind: 'clean' | 'faults' | 'no-answer'
  readonly lines: readonly string[]
}

interface Via {
  readonly source?: number | string
  readonly url?: string
  readonly title?: string
  readonly severity?: string
  readonly name?: string
}

/** Severities that fail. */
const FAILS = new Set(['high', 'critical'])
const idOf = ({ url, source }: Via): string => url?.split('/').at(-1) ?? String(source ?? '')

interface Report {
  readonly vulnerabilities?: Readonly<Record<string, { readonly via?: readonly (Via | string)[] }>>
  readonly message?: string
}
/** The report in an answer; undefined where there is none. */
function reportIn(answer: string): Report | undefined {
  try {
    return JSON.parse(answer) as Report
  } catch {
    return undefined
  }
}

/** Judges what `npm audit --json` answered. @param today YYYY-MM-DD; an allowance ends with its day */
export function judge(answer: string, allowed: readonly Allowed[], today: string): Verdict {
  const report = reportIn(answer)
  if (!report?.vulnerabilities)
    return {
      kind: 'no-answer',
      lines: [
        `The registry gave no answer about known faults (${report?.message ?? 'nothing that can be read'}). The dependencies were NOT audited.`
      ]
    }
  const expired = allowed
    .filter(({ until }) => until < today)
    .map(
      ({ advisory, package: name, until }) =>
        `The allowance for ${advisory} in ${name} ended on ${until}. Mend it, or renew it with a reason.`
    )
  const found = new Map<string, string>()
  for (const [name, { via = [] }] of Object.entries(report.vulnerabilities)) {
    for (const one of via) {
      if (typeof one === 'string' || !FAILS.has(one.severity ?? '')) continue
      const id = idOf(one)
      if (!allowed.some(({ advisory, until }) => advisory === id && until >= today))
        found.set(id, `${one.severity}: ${one.title ?? id} in ${one.name ?? name} (${id})`)
    }
  }
  const lines = [...expired, ...found.values()]
  return lines.length > 0
    ? { kind: 'faults', lines }
    : { kind: 'clean', lines: ['No known fault of high severity in the dependencies.'] }
}
