/** What is said on and around the rule of the plan. */
export const staging = {
  tabs: { rule: 'The rule', scenarios: 'Other ways', risk: 'How sure' },
  searching: (evaluations: string, of: string, value: string) =>
    `Planning: ${evaluations} of ${of} plans tried, the best so far is worth ${value}`,
  stop: 'Stop here',
  ics: 'Calendar',
  tryOut: 'Only try things',
  tryingOut: 'You are only trying: nothing you move is kept until you say so.',
  keepTried: 'Keep it so',
  dropTried: 'Back to the plan',
  wider: 'Wider',
  narrower: 'Narrower',
  showFan: 'Show how sure it is',
  fanOnRule:
    'The bands: where the purse is in half, and in nine of ten, of a thousand courses of things.',
  ghosts: 'Dashed: where it stood before the last change.',
  keysHint:
    'On the rule: + and − change its width, Home and End go to its ends. Ctrl with the wheel does the same as + and −.',
  afterTitle: (day: string) => `What you can build after ${day}`,
  afterNone: 'Nothing on your list yet.',
  afterLabel: (day: string) => `What can I build after ${day}?`,
  resale: (item: string, day: string, amount: string) =>
    `${item} is sold on ${day} for about ${amount}: something better has come`,
  saving: (deal: string, day: string, amount: string) => `${deal}: ${amount} off on ${day}`
} as const
