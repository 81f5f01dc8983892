import { said } from './language'

/** Words of the fields for days. */
export const dates = said('dates', {
  placeholder: '3 May, today …',
  pick: (label: string) => `${label}: pick from a month`
} as const)
