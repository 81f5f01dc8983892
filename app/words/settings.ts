import { titles } from './titles'
import { said } from './language'
export const settings = said('settings', {
  title: titles.settings,
  subtitle: (name: string) => `On the table: ${name}`,
  fileTitle: 'File',
  fileHint:
    'One file holds everything of a workspace. It carries your data between devices and is your backup.',
  save: 'Save to a file',
  open: 'Open a file',
  refused: (name: string) => `${name} was not opened. What you had is untouched.`,
  line: (line: number) => `line ${line}`,
  demosTitle: 'Demos',
  demosHint: 'Three invented workshops to look around in. Your own workspace is kept beside them.',
  showDemo: (name: string) => `Show ${name}`,
  afresh: 'As it was shipped',
  mineTitle: 'Kept in this browser',
  mineNone: 'Only what is on the table.',
  openMine: (name: string) => `Open ${name}`,
  startMine: 'Start mine',
  lookTitle: 'Looks and keys',
  language: 'Language',
  languages: { browser: 'as the browser has it' } as const,
  theme: 'Light or dark',
  themes: { system: 'As the system', light: 'Light', dark: 'Dark' } as const,
  letters: 'Single-letter keys for the places',
  units: 'Lengths in',
  tradeNames: 'Trade names',
  nameSets: {
    plain: 'jointer, thicknesser, mitre',
    british: 'British: surface planer, cramp, mortice',
    american: 'American: miter, rabbet, vise'
  } as const,
  humidity: 'Humidity of the rooms',
  humidityHint: 'Where the pieces will stand, over the year. It decides how far wide boards move.',
  driest: 'Driest, %',
  dampest: 'Dampest, %',
  unitNames: { metric: 'millimetres', imperial: 'inches' } as const,
  name: 'Name of this workspace',
  buyTitle: 'What you buy',
  tier: 'Usual quality of what you buy',
  condition: 'Machines usually',
  power: 'Power',
  never: 'Never buy',
  neverNothing: 'Nothing ruled out',
  neverHint:
    'Everything else is weighed by what it costs, bothers and saves. What is sold in no other tier or condition stays possible, and so do finds you have written down yourself.',
  ruledOutKinds: { tiers: 'Tier', conditions: 'Condition', powers: 'Machines' } as const,
  powers: { cheapest: 'whatever is cheapest', corded: 'corded', cordless: 'cordless' } as const,
  shopTitle: 'Workshop',
  shopMoved:
    'Room, circuit, hours, quiet and what you are comfortable with have a place of their own.',
  comfortLevels: ['not at all', 'with respect', 'with practice', 'no limit'] as const
} as const)
