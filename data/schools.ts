import type { School } from '../core/catalogue'
import { lean } from './write'

/**
 * The main schools of equipping a first workshop, each as weights, joints and what it leaves out; what its followers like beyond any reason we can reckon is said as a leaning, weighs in the comparison of packages alone, and moves neither ladder nor plan. Weights are price index points: an
 * hour, a square metre, an hour of noise, an hour at hazard level 1, a step. Judgements, common practice; correct them here.
 */
export const schools: readonly School[] = [
  {
    id: 'hand-held',
    name: 'Hand-held first',
    firstMoney: 'Drill, circular saw with a guide, sander, clamps',
    argument: 'Cheap and portable, does sheets and boards, and takes no floor.',
    givesUp: 'Speed and repeatability',
    weights: { money: 1, time: 4, space: 30, quiet: 0, ease: 0, finish: 0 },
    leanings: [],
    bans: ['cabinet-saw', 'jointer', 'drill-press-floor', 'combined-planer']
  },
  {
    id: 'machine-heart',
    name: 'Machine heart',
    firstMoney: 'A compact table saw early, sled and jigs',
    argument: 'Accuracy and repeats come from a fence set once; jigs turn one machine into many.',
    givesUp: 'Money, space, quiet, and a blade to respect',
    weights: { money: 1, time: 10, space: 0, quiet: 0, ease: 0, finish: 2 },
    leanings: lean({ 'table-saw': 6, 'crosscut-sled': 1.5 }),
    bans: []
  },
  {
    id: 'gentle-start',
    name: 'Gentle start',
    firstMoney: 'Jigsaw, mitre box or mitre saw, drill, pocket jig; sheets cut at the counter',
    argument: 'Little to be afraid of, little kickback, results the first weekend.',
    givesUp: 'Straightness, and sheets at home',
    weights: { money: 1, time: 3, space: 5, quiet: 1, ease: 5, finish: 0 },
    leanings: [],
    bans: ['table-saw', 'cabinet-saw', 'brace', 'hand-drill'],
    comfort: { 'hand-blade': 1, 'fixed-blade': 2, 'router-bit': 1, 'feed-rollers': 1 }
  },
  {
    id: 'quiet-pull',
    name: 'Quiet hand kit, pull saws',
    firstMoney: 'One pull saw, three chisels, one fine plane, squares, one stone with a flattener, a mallet',
    argument: 'Little money and room, silent, and it makes other tools.',
    givesUp: 'Time, and thick sheets',
    weights: { money: 1, time: 0, space: 40, quiet: 12, ease: 2, finish: 3 },
    leanings: [],
    joints: 3,
    learns: ['hand-saws', 'edge-tools', 'joints'],
    // The saw that cuts on the pull is the school: those that push belong to the other one.
    bans: ['panel-saw', 'back-saw', 'rip-saw', 'dovetail-saw', 'jack-plane', 'staple-gun'],
    noMotorsBut: ['drill-driver']
  },
  {
    id: 'quiet-push',
    name: 'Quiet hand kit, push saws',
    firstMoney: 'Bench, back saw, jack plane, chisels, brace',
    argument: 'Little money and room, silent, and it makes other tools; with Western forms.',
    givesUp: 'Time, and thick sheets',
    weights: { money: 1, time: 0, space: 30, quiet: 12, ease: 2, finish: 3 },
    leanings: [],
    joints: 3,
    learns: ['hand-saws', 'edge-tools', 'joints'],
    bans: ['pull-saw', 'pull-back-saw', 'pull-plane', 'pull-chisels', 'staple-gun'],
    noMotorsBut: []
  },
  {
    id: 'small-room',
    name: 'Small room',
    firstMoney: 'A few large clamps, drill guide, straight edge, foldaway bench, boxes',
    argument: 'Space is the first budget.',
    givesUp: 'Throughput',
    weights: { money: 1, time: 2, space: 250, quiet: 5, ease: 0, finish: 0 },
    leanings: [],
    bans: [
      'drill-press',
      'drill-press-floor',
      'cabinet-saw',
      'table-saw',
      'jointer',
      'combined-planer',
      'chip-extractor',
      'band-saw',
      'workbench',
      'mitre-saw-large',
      'drum-sander'
    ]
  },
  {
    id: 'rough-lumber',
    name: 'Rough lumber',
    firstMoney: 'Table or band saw, thicknesser then jointer or both as one, extraction',
    argument: 'Rough boards cost less and become better stock.',
    givesUp: 'Money early, space, quiet',
    weights: { money: 1, time: 5, space: 0, quiet: 0, ease: 0, finish: 1 },
    leanings: lean({
      thicknesser: 3,
      'combined-planer': 2,
      jointer: 1.5,
      'band-saw': 2.5,
      'table-saw': 2.5,
      'chip-extractor': 1.5,
      'moisture-meter': 1.2
    }),
    bans: []
  },
  {
    id: 'shape-curve',
    name: 'Shape and curve',
    firstMoney: 'Band saw or router first',
    argument: 'Freedom of form.',
    givesUp: 'Straight work in sheets',
    weights: { money: 1, time: 5, space: 0, quiet: 0, ease: 0, finish: 2 },
    leanings: lean({
      'band-saw': 4,
      'band-saw-small': 3,
      'trim-router': 3,
      'plunge-router': 2.5,
      spokeshave: 1.3,
      'spindle-sander': 1.3
    }),
    bans: []
  },
  {
    id: 'earn-back',
    name: 'Earn it back',
    firstMoney: 'The kit for one piece that sells, then reinvest',
    argument: 'Tools pay for themselves.',
    givesUp: 'Variety',
    weights: { money: 1, time: 3, space: 0, quiet: 0, ease: 0, finish: 0 },
    leanings: [],
    bans: [],
    soldTimes: 4,
    reinvestShare: 0.7
  }
]
