/** **Cords**: what a length of copper loses of the voltage, and which gauge serves. Beyond plugging in, an electrician decides. */

/** A flexible copper cord by its cross-section. */
export interface Gauge {
  readonly name: string
  readonly system: 'awg' | 'mm2'
  /** Resistance of one conductor at 20 °C, ohm per metre. */
  readonly ohmPerM: number
  /** The most it carries laid out flat, amperes. */
  readonly amps: number
}

const FEET_PER_METRE = 1 / 0.3048
const WARM_C = 75
/** Change of copper's resistance per kelvin at 20 °C, IEC 60228, from memory. */
const PER_KELVIN = 0.00393
const WARMER = 1 + PER_KELVIN * (WARM_C - 20)

/** Stranded copper at 75 °C, ohm per 1000 ft: NEC chapter 9 table 8, from memory; brought to 20 °C. Amperes: usual ratings of two-conductor cords, common practice. */
const awg = (number: number, ohmPer1000Ft: number, amps: number): Gauge => ({
  name: `${number} AWG`,
  system: 'awg',
  ohmPerM: (ohmPer1000Ft * FEET_PER_METRE) / 1000 / WARMER,
  amps
})
/** Flexible copper at 20 °C, ohm per km: IEC 60228 class 5, from memory. Amperes: usual ratings of cords laid out, common practice. */
const metric = (mm2: number, ohmPerKm: number, amps: number): Gauge => ({
  name: `${mm2} mm²`,
  system: 'mm2',
  ohmPerM: ohmPerKm / 1000,
  amps
})

/** Gauges one can buy, the thinnest first. */
export const GAUGES: readonly Gauge[] = [
  awg(18, 7.95, 10),
  awg(16, 4.99, 13),
  awg(14, 3.14, 15),
  awg(12, 1.98, 20),
  awg(10, 1.24, 30),
  metric(0.75, 26, 6),
  metric(1, 19.5, 10),
  metric(1.5, 13.3, 16),
  metric(2.5, 7.98, 25)
]

/** Advised at the most on a branch, share of the voltage: NEC 210.19 informational note, from memory. */
export const ADVISED_DROP = 0.03
/** Share of a circuit's rating that what runs for three hours and longer may take: NEC 210.20, from memory. */
export const CONTINUOUS_SHARE = 0.8

/** Volts lost on a cord there and back, warm: 2·L·I·R. @param celsius of the copper; 75 when left out */
export const voltsLost = (
  { ohmPerM }: Gauge,
  lengthM: number,
  amps: number,
  celsius = WARM_C
): number => 2 * lengthM * amps * ohmPerM * (1 + PER_KELVIN * (celsius - 20))

/** What a cord comes to for a load. */
export interface CordVerdict {
  readonly lost: number
  /** Share of the voltage that is lost. */
  readonly share: number
  /** It carries the current, and loses no more than is advised. */
  readonly carries: boolean
  readonly stiff: boolean
}

/** Whether a cord serves for a load. Amperes, metres, volts. */
export function judgeCord(gauge: Gauge, lengthM: number, amps: number, volts: number): CordVerdict {
  const lost = voltsLost(gauge, lengthM, amps)
  const share = lost / volts
  return { lost, share, carries: amps <= gauge.amps, stiff: share <= ADVISED_DROP }
}

/** The thinnest gauge of a system that serves for a load; undefined where none does. */
export const gaugeFor = (
  system: Gauge['system'],
  lengthM: number,
  amps: number,
  volts: number
): Gauge | undefined =>
  GAUGES.find((gauge) => {
    if (gauge.system !== system) return false
    const { carries, stiff } = judgeCord(gauge, lengthM, amps, volts)
    return carries && stiff
  })

/** What runs together on a circuit. */
export interface Load {
  readonly amps: number
  /** It runs for three hours and longer. */
  readonly continuous: boolean
}
/** What loads come to on a circuit: amperes, and the share of what it may carry, 1 where it is full. */
export function circuitLoad(
  loads: readonly Load[],
  ratingAmps: number
): { readonly amps: number; readonly share: number } {
  const amps = loads.reduce((sum, one) => sum + one.amps, 0)
  const counted = loads.reduce(
    (sum, one) => sum + one.amps / (one.continuous ? CONTINUOUS_SHARE : 1),
    0
  )
  return { amps, share: counted / ratingAmps }
}
