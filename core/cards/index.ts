export { CARD_KINDS, type CardKind, type StockCard, type ToolCard, type WorkCard } from './types'
export { otherWays, toolFacts, type OtherWay, type ToolFacts } from './tool-facts'
export { methodFacts, workFacts, type MethodFacts, type WorkFacts } from './work-facts'
