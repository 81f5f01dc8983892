import { plural } from './plural'
import { said } from './language'

export const buildPage = said('buildPage', {
  back: 'All builds',
  missing: 'There is no such build here.',
  canStart: 'Can start today',
  needs: (count: number) => `${plural(count, 'step', 'steps')} cannot be done yet`,
  isDone: (day: string, time: string) => `Done on ${day} in ${time}`,
  way: 'How it is joined',
  wayOpen: 'left open: the best for your kit',
  isBegun: (day: string) => `Under way since ${day}`,
  keeps: (months: number) => `keeps about ${plural(months, 'month', 'months')}`,
  nights: (count: number) =>
    `Glue and coats take ${plural(count, 'night', 'nights')} to set and dry besides, while other work goes on.`,
  figures: (hours: string, material: string, fees?: string) =>
    `${hours} of work with what you own · ${material} of timber and fixings${fees === undefined ? '' : ` · ${fees} for having it cut or planed`}`,
  afterPlan: (hours: string, fees?: string) =>
    `With what the plan brings: ${hours}${fees === undefined ? ', nothing for having it cut or planed' : `, ${fees} for having it cut or planed`}`,
  afterPlanGaps: (count: number) =>
    `${plural(count, 'step', 'steps')} still cannot be done after the plan`,
  partsTitle: 'Parts',
  pieces: (count: number) => plural(count, 'piece', 'pieces'),
  why: (operation: string) => `Why, and how else: ${operation}`,
  another: 'Another like it',
  begin: 'Begin',
  finish: 'Done',
  remove: 'Remove',
  name: 'Name',
  copies: 'Copies',
  batch: 'Made together',
  worth: 'Worth of one',
  worthHint: (amount: string) => `Left empty: ${amount}, ready-made`,
  wished: 'Wished for by',
  sold: 'To sell',
  price: 'Price the buyer pays',
  net: 'Net price of one',
  daysToSell: 'Days to sell',
  hourValue: 'Value of an hour',
  stepsTitle: 'Steps, for one copy',
  operation: 'Operation',
  quantity: 'How much',
  length: 'Length',
  width: 'Width',
  thickness: 'Thickness',
  accuracy: 'Exact to mm',
  surface: 'Left',
  surfaces: { any: 'any', rough: 'rough', sawn: 'sawn', clean: 'clean', smooth: 'smooth' },
  method: 'Done with',
  time: 'Time',
  removeStep: 'Remove step',
  addStep: 'Add a step',
  noSteps:
    'No steps yet. Add what has to be done, in any order; a build without steps counts as possible.',
  materialsTitle: 'Timber and fixings, for one copy',
  material: 'Material',
  addMaterial: 'Add material',
  cost: 'Cost',
  bearing: {
    'carries-people': 'This piece carries people: joints and timber have to be chosen for that.',
    'hangs-over-people': 'This piece hangs over people: fix it into something that holds.'
  }
} as const)
