import type { Candidate } from './candidate'

/** What the order goes by. A leaning draws what does not pay further down, not up. */
export const scoreOf = ({
  backPerMoney,
  leaning
}: Pick<Candidate, 'backPerMoney' | 'leaning'>): number =>
  backPerMoney >= 0 ? backPerMoney * leaning : backPerMoney / leaning
