import type { PowerMode } from '../../core/weigh'
import { lowerFirst } from './bench'
import type { Say } from './say'
import { said } from './language'

export const power = said('power', {
  title: {
    best: 'A mixture of cords and packs costs least',
    'one-platform': 'One battery platform costs least',
    several: 'Separate sets cost least',
    cords: 'Cords cost least'
  } as Readonly<Record<PowerMode, string>>,
  titleNone: 'Nothing here needs a cord or a pack',
  none: 'No open build has a use for a tool that comes with a battery, or you own them all.',
  caption:
    'For each tool a cord, a bare body, or a set with two packs and a charger. Packs are reckoned from the energy of a working day, one pack always on charge. Every mixture has been looked at; the cheapest is shown.',
  mode: {
    best: 'Cheapest mixture',
    'one-platform': 'Everything on one platform',
    several: 'Each tool its own set',
    cords: 'Cords wherever there is one'
  } as Readonly<Record<PowerMode, string>>,
  head: { tool: 'Tool', cost: 'In all', packs: 'Packs', locked: 'Tied to packs' },
  choice: { corded: 'corded', bare: 'bare body', kit: 'set' } as Readonly<Record<string, string>>,
  on: (choice: string, platform: string) => `${choice}, ${platform}`,
  platform: (name: string) =>
    name === 'new'
      ? 'a new platform'
      : /^new-\d+$/.test(name)
        ? 'its own platform'
        : name === 'owned'
          ? 'the platform you own'
          : name,
  impossible: 'not possible',
  packsLine: (say: Say, needed: number, bought: number, energy: number) =>
    `${needed} packs for ${say.number(energy)} Wh in a working day${bought > 0 ? `, ${bought} bought singly` : ''}`,
  many: (platforms: number, packs: number) =>
    `${platforms} platforms that share nothing: ${packs} packs and ${platforms} chargers`,
  runs: (say: Say, minutes: number, pack: string) =>
    Number.isFinite(minutes) ? `a ${pack} Wh pack lasts ${say.number(minutes)} min` : '',
  favoursCord: 'It runs long and hangs on a hose: that favours the cord.',
  favoursPack: 'Used shortly and all over the place: that favours the battery.',
  locked: (amount: string) => `${amount} would serve no other maker’s packs.`,
  corded: (say: Say, more: number) =>
    more > 0
      ? `Cords save ${say.money(more)}, with steady power and no swaps; they lose the roaming, and need an outlet and a cord of the right gauge on the floor.`
      : `Cords would cost ${say.money(-more)} more here.`,
  noCord: (tools: readonly string[]) =>
    `No cord to be had for ${tools.join(', ')}: those stay on packs.`,
  otherMaker: 'Packs of another maker',
  otherMakerText: (say: Say, saved: number) =>
    `They would save about ${say.money(saved)}. Caution: a pack the tool’s maker has not approved can overheat and burn, and may void the warranty; charge only what the charger’s manual names, never unattended, and follow local rules.`,
  prefer: 'What the builds are reckoned with',
  preferName: {
    cheapest: 'whichever is cheaper',
    corded: 'corded where there is one',
    cordless: 'cordless where there is one'
  } as Readonly<Record<string, string>>,
  tools: 'Tools in view',
  note: 'Electrical: check the circuit and the cord’s gauge; ask a licensed electrician beyond plugging in.',
  plural: (tool: string) => lowerFirst(tool)
} as const)
