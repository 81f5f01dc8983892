import { specsOf } from '../../core/catalogue'
import { makeKit, type Kit } from '../../core/fit'
import { library } from '../../data'

/** Weekend tools, several of each, powered where they come so. */
const kitOf = (ids: string): Kit =>
  makeKit(
    ids
      .trim()
      .split(/\s+/)
      .map((id) => {
        const tool = library.tools.get(id)
        if (!tool) throw new Error(id)
        const form = tool.forms.find(({ power }) => power !== 'hand') ?? tool.forms[0]
        return {
          tool,
          tier: 'weekend',
          condition: 'new',
          power: form?.power ?? 'hand',
          specs: specsOf(tool, 'weekend'),
          count: 8
        }
      })
  )

/** Hand-held power, with the hand tools such a shop has beside them. */
export const powerKit = kitOf(`
  bending-form drill-block tape steel-rule combination-square sliding-bevel marking-gauge
  straight-edge marking-knife compass level circular-saw saw-blade rip-blade jigsaw
  jigsaw-blades drill-driver impact-driver drill-bits driver-bits impact-bits countersink
  forstner-bits flat-bits hole-saws ro-sander sanding-discs trim-router router-bits flush-bit
  rebate-bit slot-cutter edge-guide pocket-jig dowel-jig biscuit-joiner cutting-guide
  crosscut-guide guide-rail chisels mallet hammer block-plane pull-saw mitre-box coping-saw
  sanding-block workbench fold-bench sawhorses foam-sheet trigger-clamp-300 f-clamp-600
  pipe-clamp-900 f-clamp-300 strap-clamp vacuum finishing-kit iron utility-knife half-mask
  dust-masks safety-glasses ear-muffs glue-spreader rasp files sharpening-stone honing-guide
  masonry-bits screwdrivers stud-finder putty-knife awl spring-clamps corner-clamps bench-hook
  circle-jig template-tape bench-vice nail-set scraper brad-nailer drill-guide extension-cord
  battery-set long-straight-edge scales gouges carving-knife hook-knife belt-sander
  sanding-belts squaring-blocks rotary-tool hinge-jig wrench broom dado-guide
`)

/** Everything by hand. */
export const handKit = kitOf(`
  drill-block story-stick tape steel-rule combination-square sliding-bevel marking-gauge
  straight-edge marking-knife mortise-gauge compass level pull-saw pull-back-saw panel-saw
  back-saw coping-saw mitre-box rip-saw jack-plane smoothing-plane block-plane plough-plane
  rebate-plane jointer-plane router-plane scraper burnisher spokeshave chisels mortise-chisel
  mallet hammer screwdrivers brace auger-bits hand-drill drill-bits nail-set rasp files
  sharpening-stone honing-guide sanding-block workbench bench-vice sawhorses trigger-clamp-300
  f-clamp-600 pipe-clamp-900 f-clamp-300 strap-clamp bench-hook shooting-board finishing-kit
  iron utility-knife broom gouges carving-knife hook-knife turning-saw holdfasts glue-spreader
  dust-masks safety-glasses ear-muffs countersink masonry-bits stud-finder putty-knife
  dowel-centres awl spring-clamps corner-clamps scales flat-bits hole-saws forstner-bits
  keyhole-saw wrench squaring-blocks winding-sticks cauls
`)
