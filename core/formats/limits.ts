/** How much of each list a workspace holds at most. The reader refuses more, and the door of changes does so before it is kept. */
export const MOST = {
  builds: 500,
  items: 5000,
  offers: 2000,
  quotes: 20_000,
  materialPrices: 2000,
  pins: 500,
  bans: 2000,
  wishes: 2000,
  needTests: 2000,
  bundles: 500,
  deals: 500,
  saleWindows: 500,
  watches: 500,
  hires: 100,
  scenarios: 50,
  ledger: 200_000,
  adopted: 200,
  photos: 20_000,
  outlets: 100,
  pieces: 20_000,
  orders: 5000,
  upkeep: 20_000,
  verdicts: 5000,
  supplies: 10_000,
  oneOffs: 2000,
  operations: 500,
  methods: 2000,
  tools: 2000,
  materials: 2000
} as const

/** A ledger's text may take this much of a file, characters; the rest is for everything around it. */
export const LARGEST_LEDGER = 300_000_000
