export { cheapestPacks, savedBy, type Pack, type PackChoice } from './packs'
export { supplyLines, type Need, type SupplyLine } from './lines'
