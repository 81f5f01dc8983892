import { card, family } from './write'

/** Protection. Figures: common practice and the marks of European and American standards, from memory; local rules go first. */
export const protectionCards = {
  ...family(
    {
      look: [
        'Marked for impact: EN 166 with F or B, or Z87+',
        'Sits close: no gap over 6 mm',
        'Comfortable enough to forget'
      ],
      mistake: 'Normal glasses: they break, and the sides are open.',
      care: 'Rinse before wiping; scratched ones are replaced.'
    },
    {
      'safety-glasses': {
        use: 'Keep chips and dust out of the eyes, whenever anything turns, strikes or grinds.',
        size: 'Over spectacles where you wear them.'
      },
      'face-shield': {
        use: 'Covers the whole face at lathe and grinder; glasses stay on under it.',
        size: '200 mm high or more.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Takes off 25 to 33 dB (SNR) or 20 to 30 (NRR)',
        'Tight all round: glasses’ arms leak',
        'Comfortable for an hour'
      ],
      mistake: 'Taking them off for “just one cut”: a saw at 100 dB fills the day’s dose in minutes.',
      care: 'New pads when they harden; foam plugs after some uses.'
    },
    {
      'ear-muffs': 'Protect the ears from 85 dB(A) on: saws, routers, planers, vacuums; on and off in a second.',
      'ear-plugs': 'The same in the pocket; under a face shield or in summer.'
    }
  ),
  ...family(
    {
      look: [
        'FFP2 or P2 at least for wood; P3, N100 for hardwood and fibreboard',
        'Close to the face: no beard under it',
        'A valve makes an hour bearable'
      ],
      mistake: 'Taking it off when the saw stops: the finest dust hangs for half an hour.',
      care: 'In a bag after use; filters by date or when breathing gets hard.'
    },
    {
      'dust-masks': {
        use: 'Keep fine dust out of the lungs for an hour or two.',
        size: 'Ten at once; each for a day.'
      },
      'half-mask': {
        use: 'The same, closer and cheaper in the long run: filters are changed, the mask stays.',
        size: 'Small, medium, large: try it on.'
      },
      'powered-mask': {
        use: 'Blows filtered air behind a visor: for beards, spectacles and long days.',
        look: ['Filter P3', 'Runs 4 hours or longer', 'Under 1 kg on the head']
      },
      'vapour-mask': {
        use: 'Keeps solvent out of the lungs: spraying and oil-based finish.',
        look: ['Filters A2P3 or OV with P100', 'Sealed until used, then about 6 months', 'It fits tight'],
        mistake: 'A dust filter for vapour: it stops nothing.'
      }
    }
  ),
  'push-sticks': card(
    'Push the last of a board past the blade, so that no hand comes within 150 mm of it.',
    ['A heel that catches the end', '300 mm or longer; a block holds down as well', 'Wood or plastic, never metal'],
    'Keeping it out of reach: it hangs at the saw.',
    'Cut up ones are replaced: they cost a scrap.'
  ),
  'carving-glove': card(
    'Saves the hand that holds the piece from the knife.',
    ['Cut resistance C to E, or A4 and better', 'Tight: nothing to be drawn in', 'For the holding hand only'],
    'Gloves near anything that turns: never.',
    'Washed; thrown away once cut.'
  ),
  'first-aid-kit': card(
    'Stops a bleeding until help comes.',
    ['Pressure bandages, several', 'Tweezers, plasters, eye rinse 500 ml', 'Where you reach it with one hand'],
    'Locked away or empty.',
    'Looked through each year; what was used is replaced.'
  ),
  'fire-extinguisher': card(
    'Puts out dust, shavings and solvent at the start.',
    ['ABC powder or foam, 2 to 6 kg', 'At the door, not behind the bench', 'Gauge in the green'],
    'Fighting more than a bin: out, door shut, call.',
    'Checked every two years or as local rules say.'
  ),
  'rag-bin': card(
    'Holds oily rags, which can catch fire by themselves within hours.',
    ['Metal, with a lid that shuts by itself', 'Feet that let air under', '10 litres or more'],
    'A heap of rags: spread them out to dry outdoors, or wet in the bin.',
    'Emptied each evening.'
  ),
  'leakage-breaker': card(
    'Cuts the current within a blink when it goes through a person.',
    ['30 mA or less (5 to 6 mA where GFCI is the rule)', 'A test button', 'For the amperes of your machine'],
    'A damp shed or garden without one. Fixed wiring: ask a licensed electrician.',
    'Press the test button each month.'
  ),
  'smoke-alarm': card(
    'Wakes you before smoke does harm.',
    ['By heat rather than smoke in a dusty shop', 'Ten-year battery', 'At the ceiling, 500 mm from walls'],
    'Taking it down because dust set it off.',
    'Test each month, blow it out.'
  ),
  'no-volt-switch': card(
    'Keeps a machine off after a power cut until you press again.',
    ['For its amperes, 10 to 16 A', 'A large red stop you reach with a knee', 'Closed against dust'],
    'Leaving a machine’s own switch on behind it.',
    'Press stop each session.'
  )
}
