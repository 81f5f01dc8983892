import type { Family, Method, Skill } from '../../core/catalogue'
import type { Role } from '../roles'

/**
 * What each method asks of the hands, by the tool that leads it; exceptions by method. Judgements, common practice. A beginner gets a
 * straight cut from a guided saw, a square hole from a jig and a flat face from a machine; sawing to a line, planing and chopping are
 * learnt.
 */
type Asks = readonly [family: Family, skill: Skill]
const BY_LEAD: Readonly<Partial<Record<Role, Asks>>> = {
  'pull-saw': ['hand-saws', 'some'],
  'panel-saw': ['hand-saws', 'some'],
  'back-saw': ['hand-saws', 'some'],
  'fine-saw': ['hand-saws', 'some'],
  'rip-saw': ['hand-saws', 'some'],
  'coping-saw': ['hand-saws', 'some'],
  'turning-saw': ['hand-saws', 'craft'],
  'fret-saw': ['hand-saws', 'some'],
  'keyhole-saw': ['hand-saws', 'some'],
  'resaw-frame': ['hand-saws', 'craft'],
  'flush-saw': ['hand-saws', 'some'],
  'mitre-box': ['hand-saws', 'anyone'],
  'jack-plane': ['edge-tools', 'craft'],
  'jointer-plane': ['edge-tools', 'craft'],
  'smoothing-plane': ['edge-tools', 'craft'],
  'pull-plane': ['edge-tools', 'craft'],
  'rebate-plane': ['edge-tools', 'some'],
  'plough-plane': ['edge-tools', 'some'],
  'shoulder-plane': ['edge-tools', 'some'],
  'block-plane': ['edge-tools', 'some'],
  chisels: ['edge-tools', 'some'],
  'mortise-chisel': ['edge-tools', 'craft'],
  spokeshave: ['edge-tools', 'craft'],
  drawknife: ['edge-tools', 'craft'],
  scraper: ['edge-tools', 'some'],
  'scraper-handled': ['edge-tools', 'some'],
  gouge: ['edge-tools', 'craft'],
  'carving-knife': ['edge-tools', 'craft'],
  'sharpening-surface': ['edge-tools', 'some'],
  'sharpening-flat': ['edge-tools', 'some'],
  grinder: ['edge-tools', 'some'],
  'water-grinder': ['edge-tools', 'some'],
  brace: ['hand-power', 'some'],
  'hand-drill': ['hand-power', 'some'],
  drill: ['hand-power', 'anyone'],
  'impact-driver': ['hand-power', 'anyone'],
  jigsaw: ['hand-power', 'some'],
  'circular-saw': ['hand-power', 'some'],
  'rail-saw': ['hand-power', 'anyone'],
  'reciprocating-saw': ['hand-power', 'some'],
  'angle-grinder': ['hand-power', 'craft'],
  'hammer-drill': ['hand-power', 'anyone'],
  nailer: ['hand-power', 'anyone'],
  stapler: ['hand-power', 'anyone'],
  'detail-sander': ['hand-power', 'anyone'],
  'ro-sander': ['hand-power', 'anyone'],
  'palm-sander': ['hand-power', 'anyone'],
  'belt-sander': ['hand-power', 'some'],
  'power-planer': ['hand-power', 'craft'],
  'multi-tool': ['hand-power', 'some'],
  'rotary-tool': ['hand-power', 'some'],
  'trim-router': ['routers', 'some'],
  'plunge-router': ['routers', 'some'],
  'router-table': ['routers', 'some'],
  'mitre-saw': ['machines', 'anyone'],
  'table-saw': ['machines', 'some'],
  'table-saw-heavy': ['machines', 'some'],
  'combined-planer': ['machines', 'some'],
  'band-saw': ['machines', 'some'],
  'scroll-saw': ['machines', 'some'],
  thicknesser: ['machines', 'anyone'],
  jointer: ['machines', 'some'],
  'drum-sander': ['machines', 'anyone'],
  'disc-sander': ['machines', 'anyone'],
  'spindle-sander': ['machines', 'anyone'],
  'drill-press': ['machines', 'anyone'],
  mortiser: ['machines', 'some'],
  lathe: ['machines', 'craft'],
  'pocket-jig': ['joints', 'anyone'],
  'dowel-jig': ['joints', 'some'],
  'biscuit-joiner': ['joints', 'anyone'],
  'tenon-joiner': ['joints', 'anyone']
}

/** Joints cut by hand are the craft itself, whatever leads. */
const BY_METHOD: Readonly<Record<string, Asks>> = {
  'cut-dovetail/pull-saw': ['joints', 'craft'],
  'cut-dovetail/fine-saw': ['joints', 'craft'],
  'cut-dovetail/coping': ['joints', 'craft'],
  'cut-dovetail/jig': ['joints', 'some'],
  'cut-mortise/hand': ['joints', 'craft'],
  'cut-mortise/pull-saw': ['joints', 'craft'],
  'cut-mortise/bored': ['joints', 'craft'],
  'cut-mortise/mortise-chisel': ['joints', 'craft'],
  'cut-mortise/router': ['joints', 'some'],
  'cut-box-joint/hand': ['joints', 'craft'],
  'cut-box-joint/pull-saw': ['joints', 'craft'],
  'cut-half-lap/hand': ['joints', 'craft'],
  'cut-half-lap/pull-saw': ['joints', 'craft'],
  'cut-dado/hand': ['joints', 'craft'],
  'cut-dado/pull-saw': ['joints', 'craft'],
  'join-loose-tenon/chisel': ['joints', 'craft'],
  'join-loose-tenon/drilled': ['joints', 'some'],
  'join-dowel/centres': ['joints', 'some'],
  'band-edge/lipping': ['edge-tools', 'some'],
  'band-edge/edge-clamps': ['edge-tools', 'some'],
  'veneer/iron': ['edge-tools', 'some'],
  'veneer/cauls': ['edge-tools', 'some'],
  'key-mitre/hand': ['joints', 'some'],
  'key-mitre/pull-saw': ['joints', 'some']
}

export const withSkills = (methods: readonly Method[]): readonly Method[] =>
  methods.map((method): Method => {
    const [family, skill] = BY_METHOD[method.id] ?? BY_LEAD[method.roles[0]?.role as Role] ?? []
    return family === undefined || skill === undefined ? method : { ...method, family, skill }
  })
