export const start = {
  ownName: 'My workshop',
  title: 'Start mine',
  subtitle: 'Four questions, each of which you may leave out. Everything can be changed later.',
  moreBuilds: (count: number) => `Show ${count} more builds`,
  buildsTitle: '1 · Which of these would you like to build?',
  kitTitle: '2 · Which of these do you have?',
  moneyTitle: '3 · How much, how often?',
  likeTitle: '4 · How do you like to work?',
  hour: 'An hour beyond the quickest way',
  aim: 'The money is for',
  currency: 'Currency',
  currencyOf: (units: string, names: string) =>
    `Lengths in ${units}, ${names} names for tools; each can be changed under File, settings.`,
  units: { metric: 'millimetres', imperial: 'inches' },
  names: { plain: 'this book’s own', british: 'British', american: 'American' },
  currencyUnknown:
    'Your browser does not say where you are, or not with a currency known here: choose the one you pay in.',
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
