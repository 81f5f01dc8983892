export const start = {
  ownName: 'My workshop',
  title: 'Start mine',
  subtitle: 'Three questions, each of which you may leave out. Everything can be changed later.',
  moreBuilds: (count: number) => `Show ${count} more builds`,
  buildsTitle: '1 · Which of these would you like to build?',
  kitTitle: '2 · Which of these do you have?',
  moneyTitle: '3 · How much, how often?',
  currency: 'Currency',
  now: 'In the purse now',
  each: 'Set aside each time',
  rhythm: 'How often',
  reserve: 'Keep back',
  hours: 'Hours a week',
  go: 'Show me a plan',
  cancel: 'Back to the demo',
  allUsual: 'Tick the usual basics',
  openingText: 'What was there at the start'
} as const
