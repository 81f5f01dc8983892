import type { Reckoning } from '../core/catalogue'

/**
 * What things count unless somebody says otherwise. Judgements, common practice; correct them here. Each is shown in words with its
 * figure and can be changed where it is shown.
 */
export const reckoning: Reckoning = {
  // Nobody builds a bookcase to save its price: one that is wanted is worth more to its maker than a bought one.
  wish: { must: 3, like: 1.5, pays: 1 },
  usualWish: 'like',
  // The hours of the quickest way are the hobby itself. Those beyond it are sawing what a machine would have sawn.
  hour: { slow: 0, little: 3, some: 6, lot: 12 },
  usualHour: 'some',
  // A sum set aside for the workshop is there to be used; money of one's own has other uses.
  kept: { workshop: 0.5, earn: 1 },
  usualAim: 'workshop',
  // Boards are bought as one builds, from the household's money; the sum set aside is for tools.
  timber: 'elsewhere',
  yearsAfter: 2,
  leastPerYear: 2,
  mostPerYear: 12,
  reinvest: 1,
  // A beginner takes twice as long over a hand-cut joint, half as exactly, and spoils a board now and then.
  skill: {
    anyone: {
      new: { minutes: 1, error: 1, spoilt: 0 },
      practised: { minutes: 1, error: 1, spoilt: 0 },
      home: { minutes: 1, error: 1, spoilt: 0 }
    },
    some: {
      new: { minutes: 1.4, error: 1.25, spoilt: 0.005 },
      practised: { minutes: 1.15, error: 1.1, spoilt: 0.002 },
      home: { minutes: 1, error: 1, spoilt: 0 }
    },
    craft: {
      new: { minutes: 2, error: 1.6, spoilt: 0.02 },
      practised: { minutes: 1.4, error: 1.25, spoilt: 0.008 },
      home: { minutes: 1, error: 1, spoilt: 0.002 }
    }
  },
  // A forgiving tool may be plain; a square may not. Where new is wished, used ones come only where the money is short.
  bother: {
    tierForgiving: 1.03,
    tierExact: 1.75,
    tier: 1.13,
    condition: { refurbished: 0.3, used: 0.5 },
    conditionWished: 0.05,
    // Drill and driver go to the work all day; a saw or a jigsaw is plugged in for the cuts of an evening.
    cord: { much: 0.9, some: 0.2 },
    power: 0.4
  },
  // Nobody with six tools looks for one; with a dozen the evening begins and ends with fetching and putting away.
  comfort: {
    fromTools: 12,
    saves: [
      { tool: 'tool-bucket', group: 'storage', minutesPerHour: 0.5 },
      { tool: 'stacking-boxes', group: 'storage', minutesPerHour: 0.8 },
      { tool: 'tool-chest', group: 'storage', minutesPerHour: 1 },
      { tool: 'tool-wall', group: 'storage', minutesPerHour: 2 },
      { tool: 'drawer-cabinet', group: 'storage', minutesPerHour: 2.5 },
      { tool: 'work-light', group: 'light', minutesPerHour: 1 },
      { tool: 'floor-mat', group: 'floor', minutesPerHour: 0.3 }
    ]
  }
}
