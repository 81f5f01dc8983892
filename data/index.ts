import {
  inSpecies,
  indexLibrary,
  toldIn,
  type Dispute,
  type Library,
  type School,
  type Telling,
  type Template
} from '../core/catalogue'
import type { StockCard, ToolCard, WorkCard } from '../core/cards'
import { disputes as plainDisputes } from './disputes'
import { schools as plainSchools } from './schools'
import { materials } from './materials'
import { methods } from './methods'
import { names } from './names'
import { operations } from './operations'
import { reckoning } from './reckoning'
import { regions } from './regions'
import { templates } from './templates'
import { tools } from './tools'

export { sheetFor, sheets } from './inspection'
export { trueChecks } from './inspection/true'
export { careTasks } from './inspection/care'
export { usualSales, type UsualSale } from './sales'
export { USUAL_ASKED, basics, firstPieces, usual } from './usual'

/** A template with what each of its steps is done in. */
const inItsTimber = (template: Template): Template => ({
  ...template,
  steps: inSpecies(
    template.steps,
    template.materials.flatMap(({ material: id, quantity }) => {
      const material = materials.find((one) => one.id === id)
      return material ? [{ material, quantity }] : []
    })
  )
})

/** The reference library as it stands here. Its version goes into every workspace and plan made with it. */
const plain = indexLibrary({
  version: '2027.06',
  operations,
  methods,
  tools,
  templates: templates.map(inItsTimber),
  materials,
  regions,
  reckoning,
  names
})

/** The library, the schools and the open disputes, in the language that is spoken. */
export let library: Library = plain
export let schools: readonly School[] = plainSchools
export let disputes: readonly Dispute[] = plainDisputes
/** A text of the library, such as a reason or a caution, in the language that is spoken. */
export let toldText = (text: string): string => text
/** The cards in the language that is spoken; undefined in English, whose cards are fetched when one is opened. */
export let toldCards: CardTexts | undefined

/** What the cards say, by id; materials by the beginning of theirs. */
export interface CardTexts {
  readonly tools: Readonly<Record<string, ToolCard | undefined>>
  readonly operations: Readonly<Record<string, WorkCard | undefined>>
  readonly materials: readonly (readonly [begins: string, card: StockCard])[]
}
/** All texts of the library in another language. */
export interface LibraryTelling extends Telling {
  readonly schools: Readonly<Record<string, string>>
  readonly cards: CardTexts
}

/** Tells all of it in another language from now on, English where nothing is said. Ids and figures do not change. */
export function tellIn(telling?: LibraryTelling): void {
  const text = (said: string): string => telling?.schools[said] ?? said
  library = telling ? toldIn(plain, telling) : plain
  schools = plainSchools.map((school) => ({
    ...school,
    name: text(school.name),
    firstMoney: text(school.firstMoney),
    argument: text(school.argument),
    givesUp: text(school.givesUp)
  }))
  disputes = plainDisputes.map((dispute) => ({
    ...dispute,
    question: text(dispute.question),
    sides: dispute.sides.map((side) => ({
      ...side,
      name: text(side.name),
      argument: text(side.argument)
    }))
  }))
  toldCards = telling?.cards
  toldText = (said) => telling?.texts[said] ?? said
}
export { packs } from './packs'
