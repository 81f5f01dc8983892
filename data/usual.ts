/** Things people often have already, asked about first. Ids of tools; common practice. */
export const usual: readonly string[] = [
  'tape', 'steel-rule', 'rafter-square', 'combination-square', 'level', 'panel-saw', 'hammer', 'screwdrivers', 'utility-knife', 'pincers', 'wrench', 'awl', 'drill-driver', 'drill-bits', 'driver-bits', 'jigsaw', 'circular-saw', 'palm-sander',
  'sanding-block', 'chisels', 'putty-knife', 'f-clamp-300', 'f-clamp-600', 'spring-clamps', 'fold-bench', 'iron', 'broom', 'vacuum', 'extension-cord', 'work-light', 'finishing-kit', 'safety-glasses', 'ear-muffs', 'dust-masks', 'first-aid-kit', 'tool-chest'
]
