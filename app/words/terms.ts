import { said } from './language'

/** What qualities and conditions of a tool are called, on every page. */
export const terms = said('terms', {
  tierName: {
    'get-by': 'get-by tier',
    weekend: 'weekend tier',
    trade: 'trade tier',
    lifetime: 'lifetime tier'
  } as Readonly<Record<string, string>>,
  conditionName: { new: 'new', refurbished: 'refurbished', used: 'used' } as Readonly<
    Record<string, string>
  >
} as const)
