import type { Catalogue } from '../language'
import * as bench from './bench'
import * as boardWords from './board'
import * as builds from './builds'
import * as cards from './cards'
import * as foundList from './found-list'
import * as issues from './issues'
import * as keeping from './keeping'
import * as kit from './kit'
import * as ladder from './ladder'
import * as ledger from './ledger'
import * as prices from './prices'
import * as quality from './quality'
import * as settings from './settings'
import * as frame from './frame'
import * as hireWords from './hire'
import * as small from './small'
import * as stages from './stages'
import * as timing from './timing'
import * as weigh from './weigh'
import * as floor from './floor'
import * as powerSense from './power-sense'
import * as sidework from './sidework'
import * as side from './side'
import * as back from './back'
import * as firstHour from './first-hour'
import * as toolLife from './tool-life'
import * as hours from './hours'
import * as supplies from './supplies'
import * as upkeep from './upkeep'
import * as sideStock from './side-stock'
import * as sideBooks from './side-books'
import * as air from './air'
import * as circuits from './circuits'
import * as hazardSheets from './hazard-sheets'
import * as workingDay from './working-day'
import * as workshop from './workshop'
import * as worth from './worth'

/** Everything in German, by the name each object is declared with in English. */
export const words: Catalogue = {
  ...bench,
  ...boardWords,
  ...builds,
  ...cards,
  ...foundList,
  ...issues,
  ...keeping,
  ...kit,
  ...ladder,
  ...ledger,
  ...prices,
  ...quality,
  ...settings,
  ...frame,
  ...hireWords,
  ...small,
  ...stages,
  ...timing,
  ...weigh,
  ...floor,
  ...powerSense,
  ...sidework,
  ...side,
  ...back,
  ...firstHour,
  ...toolLife,
  ...hours,
  ...supplies,
  ...upkeep,
  ...sideStock,
  ...sideBooks,
  ...air,
  ...circuits,
  ...hazardSheets,
  ...workingDay,
  ...workshop,
  ...worth
} as Catalogue
