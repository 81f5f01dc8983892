import { cards } from './cards'
import { cautions } from './cautions'
import { companions } from './companions'
import { inspection } from './inspection'
import { methods } from './methods'
import { joiningMethods } from './methods-joining'
import { operations } from './operations'
import { pieces } from './pieces'
import { reasons } from './reasons'
import { schoolTexts } from './schools'
import { tools } from './tools'

/** The library in German: each of its texts by the English one. What stands under several kinds of entries is kept apart by kind. */
export const german = {
  tools: { ...pieces, ...tools },
  methods: { ...methods, ...joiningMethods },
  operations,
  pieces: { ...tools, ...pieces },
  texts: { ...reasons, ...cautions, ...companions, ...inspection },
  schools: schoolTexts,
  cards
}
