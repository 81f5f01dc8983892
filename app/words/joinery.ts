import type { Joint } from '../../core/catalogue'
import type { JointAdvice, PanelMovement, Verdict } from '../../core/joinery'
import type { Say } from './say'
import { said } from './language'

export const jointNames: Readonly<Record<Joint, string>> = said('jointNames', {
  screwed: 'screwed',
  nailed: 'nailed',
  pocket: 'pocket joint',
  dowel: 'dowels',
  biscuit: 'biscuits',
  'loose-tenon': 'loose tenon',
  'mortise-tenon': 'mortise and tenon',
  'half-lap': 'half-lap',
  dado: 'housed in a groove',
  rebate: 'rebate',
  groove: 'grooved edge',
  'box-joint': 'box joint',
  dovetail: 'dovetails',
  mitre: 'plain mitre',
  'keyed-mitre': 'keyed mitre',
  'edge-glue': 'edge glued',
  laminated: 'glued in layers'
})

export const joinery = said('joinery', {
  title: 'Joints: do they suit?',
  caption:
    'Each joint against its material, its load and the grain. Where makers differ, the milder word is used.',
  bearing: 'It',
  bearings: {
    none: 'carries no one',
    'carries-people': 'carries people',
    'hangs-over-people': 'hangs over people'
  },
  verdict: { right: 'suits', fair: 'will do', wrong: 'does not suit' } satisfies Record<
    Verdict,
    string
  >,
  reason: (say: Say, advice: JointAdvice): string => {
    const moved =
      advice.movementMm === undefined ? '' : `${say.number(advice.movementMm, 1)} mm over the year`
    switch (advice.reason) {
      case 'across-the-grain':
        return `holds the part rigidly across its grain, where it moves ${moved}: it splits, or the joint gives. Slotted screws, buttons or a groove let it move.`
      case 'moves-along':
        return `fine where both boards run the same way and move together; held across another’s grain it moves ${moved}, so leave it room.`
      case 'stands-on-sides':
        return 'holds in a low case that stands on its sides, with glue and several screws; legs and rails want wood in wood.'
      case 'loaded-frame':
        return 'people’s weight works on it: wood in wood holds, screws and brads work loose.'
      case 'no-stress':
        return 'brads hold where there is no stress, with glue.'
      case 'chips-in-sheet':
        return 'the layers of a sheet crumble at such shapes.'
      case 'case-of-sheets':
        return 'cases of sheet goods are what it is for.'
      case 'end-grain':
        return 'glue holds little in end grain; screws or keys have to do the work.'
      case 'shallow':
        return 'lines parts up well and adds a little strength.'
      case 'light':
        return 'fine where little works on it.'
      case 'long-grain':
        return 'long grain to long grain is as strong as the wood.'
      case 'real-joint':
        return 'holds by wood and glue.'
    }
  },
  instead: (names: readonly string[]) => `Instead: ${names.join(', ')}.`,
  needs: 'What it would take',
  canDo: 'can be made with what you own',
  screw: (say: Say, mm: number) => `Pocket screws of ${say.length(mm)}.`,
  through: (say: Say, mm: number) => `Screws of ${say.length(mm)}.`,
  movementTitle: 'Wide parts move',
  movement: (say: Say, movement: PanelMovement, low: number, high: number) =>
    `${say.number(movement.mm, 1)} mm across, between ${low} % and ${high} % humidity (${say.number(movement.fromMoisture, 1)} to ${say.number(movement.toMoisture, 1)} % moisture)${movement.rough ? '; roughly, since this leaves the range the tables hold for' : ''}`
} as const)
