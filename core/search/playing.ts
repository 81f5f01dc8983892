import type { Minor } from '../money'
import type { Choice } from './choices'
import type { Shop } from './packages'

/** What paying for so many of a choice takes, minor units. */
export const payFor = ({ makes, payment }: Choice, count: number): Minor =>
  makes ? 0 : count * Math.min(...payment.filter(Number.isFinite))

/** Choices that play a part in a mode, apart from what comes along. */
export function playing(
  { model }: Shop,
  mode: number,
  bought: Pick<ReadonlySet<number>, 'has'>
): number[] {
  const { modes, requirements } = model.problem
  return modes[mode]!.requires.flatMap((requirement) => {
    const { along, from } = requirements[requirement]!
    return along ? [] : [...from.keys()].filter((choice) => bought.has(choice))
  })
}
