import type { Power, Tool } from '../catalogue'
import { sumOf } from '../kernel'
import { CONTINUOUS_SHARE, circuitLoad, type Load } from './cords'

/** What hangs on a circuit besides tools: a light, a heater, a charger. */
export interface AlsoOn {
  readonly name: string
  readonly amps: number
  /** It runs all the time, and leaves so much less for tools. */
  readonly always?: true | undefined
}

/** A circuit with its breaker. Beyond plugging in, a licensed electrician decides. */
export interface Circuit {
  /** Its outlets name it so. */
  readonly name: string
  /** Rating of its breaker, amperes. */
  readonly amps: number
  /** Where it differs from the mains of the workshop. */
  readonly volts?: 230 | 120 | undefined
  readonly also?: readonly AlsoOn[] | undefined
}

/** What a workshop says of its electricity. */
export interface Mains {
  readonly volts: 230 | 120
  /** Rating of the one circuit, where circuits are not told apart, amperes. */
  readonly circuitAmps?: number | undefined
  readonly circuits?: readonly Circuit[] | undefined
}

/** The circuits there are: as told apart, else the one whose rating is said; none where nothing is said, and then nothing is ruled out. */
export const circuitsOf = ({ circuits, circuitAmps }: Mains): readonly Circuit[] =>
  circuits && circuits.length > 0
    ? circuits
    : circuitAmps === undefined
      ? []
      : [{ name: '', amps: circuitAmps }]

/** Current a tool draws in one of its power forms, amperes; 0 for hand tools and battery bodies. */
export function ampsOf(tool: Tool, power: Power, volts: 230 | 120): number {
  const form = tool.forms.find((candidate) => candidate.power === power)
  return (volts === 230 ? form?.amps230 : form?.amps120) ?? 0
}

/** Load of what hangs on a circuit all the time. */
const always = ({ also }: Circuit): Load[] =>
  (also ?? []).flatMap(({ amps, always: all }) => (all ? [{ amps, continuous: true }] : []))

/** Amperes a circuit has left for tools beside what always hangs on it; below 0 where that alone is too much. */
export const leftFor = (circuit: Circuit): number =>
  circuit.amps - sumOf(always(circuit), ({ amps }) => amps / CONTINUOUS_SHARE)

/** The most any circuit carries, amperes; undefined where none is said. */
export function mostAmps(mains: Mains): number | undefined {
  const circuits = circuitsOf(mains)
  return circuits.length === 0 ? undefined : Math.max(...circuits.map(leftFor))
}

/** Whether some circuit carries the tool at all. Longer or joint loads are a matter for an electrician. */
export function circuitCarries(mains: Mains, tool: Tool, power: Power): boolean {
  const circuits = circuitsOf(mains)
  return (
    circuits.length === 0 ||
    circuits.some((one) => {
      const amps = ampsOf(tool, power, one.volts ?? mains.volts)
      return amps <= Math.max(0, leftFor(one))
    })
  )
}

/** What runs together on a circuit: amperes, and the share of what it may carry, what always hangs on it counted in. */
export const loadOn = (
  circuit: Circuit,
  loads: readonly Load[]
): { readonly amps: number; readonly share: number } =>
  circuitLoad([...always(circuit), ...loads], circuit.amps)

/** Two that run together, a saw and its vacuum. */
export interface Together {
  readonly tool: string
  readonly with: string
  /** Both on this one; undefined where none carries both. */
  readonly on: { readonly name: string; readonly amps: number; readonly share: number } | undefined
  /** One each on these two; undefined where that does not go either. */
  readonly apart: readonly [tool: string, other: string] | undefined
}

/**
 * Whether two corded tools run together: on one circuit, the least loaded first, or apart on two.
 * @param mains with circuits that are said; without any nothing is ruled out, and `on` is undefined
 */
export function runTogether(mains: Mains, tool: Tool, other: Tool): Together {
  const circuits = circuitsOf(mains)
  const load = (one: Tool, circuit: Circuit): Load => ({
    amps: ampsOf(one, 'corded', circuit.volts ?? mains.volts),
    continuous: false
  })
  const carries = (circuit: Circuit, loads: readonly Load[]): boolean =>
    loadOn(circuit, loads).share <= 1
  const [on] = circuits
    .map((one) => ({ name: one.name, ...loadOn(one, [load(tool, one), load(other, one)]) }))
    .filter(({ share }) => share <= 1)
    .sort((a, b) => a.share - b.share)
  const apart = circuits.flatMap((a) =>
    carries(a, [load(tool, a)])
      ? circuits
          .filter((b) => b !== a && carries(b, [load(other, b)]))
          .map((b): [string, string] => [a.name, b.name])
      : []
  )[0]
  return { tool: tool.id, with: other.id, on, apart }
}

/** Outlets that name no circuit there is, by their ids; none where circuits are not told apart. */
export const strayOutlets = (
  { circuits }: Mains,
  outlets: readonly { readonly id: string; readonly circuit: string }[]
): string[] =>
  circuits && circuits.length > 0
    ? outlets
        .filter(({ circuit }) => !circuits.some(({ name }) => name === circuit))
        .map(({ id }) => id)
    : outlets.filter(({ circuit }) => circuit.trim() === '').map(({ id }) => id)
