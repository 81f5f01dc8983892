import type { WorkCard } from '../../core/cards'

const work = (use: string, mistake: string): WorkCard => ({ use, mistake })

/** What each piece of work is, and what goes wrong with it the first time. Common practice, from memory. */
export const operationCards: Readonly<Record<string, WorkCard | undefined>> = {
  'check-moisture': work(
    'Find out whether timber is dry enough for where the piece will stand.',
    'Wood from a shed brought straight to the bench: give it two weeks indoors.'
  ),
  measure: work(
    'Take sizes from drawing, room and piece.',
    'Measuring twice with two tapes: they differ by a millimetre.'
  ),
  'mark-square': work(
    'Draw a line square across a board, round all its faces.',
    'Starting each face from another edge: always the same face and edge.'
  ),
  'mark-angle': work(
    'Draw a line at an angle, the same on each piece.',
    'Measuring each anew instead of setting a bevel once.'
  ),
  'gauge-lines': work('Scribe a line parallel to an edge.', 'Gauging from both sides: always from the trued one.'),
  'lay-out-curve': work('Draw a fair curve to cut to.', 'Too many points: three and a bent stick are fairer.'),
  hold: work(
    'Fix the piece, so that both hands are free for the tool.',
    'Holding it by hand: the tool moves the piece, and then the hand.'
  ),
  'support-sheet': work(
    'Carry a sheet or long board along its length while it is cut.',
    'Cutting between the supports: the cut closes on the blade.'
  ),
  'break-down-sheet': work('Cut a whole sheet into parts.', 'Final size at the first cut: cut 5 mm over, then true.'),
  crosscut: work('Cut a board to length, across the grain.', 'Measuring each piece: one stop, all alike.'),
  'crosscut-angle': work(
    'Cut ends at an angle, most often 45 degrees, to meet in a corner.',
    'Half a degree off on eight cuts is a gap of several millimetres at the last corner.'
  ),
  'shoot-end': work('Plane or sand an end true and smooth.', 'Planing out over the far edge: it breaks away.'),
  'shoot-mitre': work('True a mitre until it closes.', 'Trimming only one of a pair: they grow unequal.'),
  rip: work(
    'Cut a board along the grain to a width.',
    'Boards open or close behind the blade: a knife or wedge in the cut.'
  ),
  'bevel-rip': work('Cut along the grain at a slant.', 'The offcut trapped under the blade: let it lie free.'),
  taper: work(
    'Make a leg narrower towards its foot.',
    'Tapering before the joints are cut: nothing is square any more.'
  ),
  resaw: work(
    'Saw a board through its thickness into thinner ones.',
    'Using them at once: they cup within a day; stack with air, then flatten.'
  ),
  'cut-curve': work('Cut along a curved line.', 'Cutting on the line: 1 mm off, then file and sand to it.'),
  'cut-inside': work('Cut out a hole or shape inside a board.', 'No bored corners: the blade cannot turn.'),
  flatten: work(
    'Make one face flat, so that everything else can be measured from it.',
    'Pressing a bent board flat: it springs back behind the knives.'
  ),
  thickness: work(
    'Make a board even in thickness, the second face parallel to the first.',
    'All from one side: take from both in turn, or it cups.'
  ),
  'prepare-boards': work(
    'Have boards flat, straight and to size, bought so or made so.',
    'Preparing all at once: what lies a month moves again.'
  ),
  'straighten-edge': work(
    'Make an edge straight and square to the face.',
    'Following a bowed fence or a short plane over a long board.'
  ),
  'shape-round': work(
    'Round legs, handles and rails.',
    'Round by eye at once: square, eight sides, sixteen, then round.'
  ),
  turn: work('Shape a piece that turns in a lathe.', 'Fast before it is round.'),
  carve: work('Cut shapes and hollows by hand.', 'Dull tools and dry hard wood to begin with: lime or green wood.'),
  bore: work('Make holes for screws, dowels and bolts.', 'No pilot near an end: it splits.'),
  'bore-square': work('Bore exactly square to the face.', 'Trusting the eye from one side only.'),
  'bore-large': work('Bore wide holes, over 16 mm or so.', 'Straight through: the back bursts out.'),
  'bore-row': work('Bore rows of equal holes, for shelf pins.', 'Measuring hole by hole: errors add up.'),
  'cut-dado': work(
    'Cut a groove across a board, for a shelf or divider.',
    'As wide as the number says: as wide as the shelf is.'
  ),
  'groove-edge': work('Cut a groove along a board, for a back, bottom or panel.', 'Through the ends where they show.'),
  'cut-rebate': work('Cut a step along an edge, for a back or a lid.', 'A blunt knife line: the long fibres tear.'),
  'cut-half-lap': work(
    'Cut two pieces to half their thickness where they cross.',
    'Both a little too deep: the faces do not meet.'
  ),
  'cut-box-joint': work('Cut fingers in two ends that lock at a corner.', 'A jig 0.1 mm off, twenty times.'),
  'cut-dovetail': work('Cut tails and pins that cannot pull apart.', 'Sawing on the line: beside it, in the waste.'),
  'cut-mortise': work(
    'Cut a slot and a tongue that fits it: the joint of frames, tables and chairs.',
    'The tenon made first: the slot decides.'
  ),
  'join-loose-tenon': work(
    'Join two slots by a tongue of its own.',
    'Slots from different faces: always the face side down.'
  ),
  'join-dowel': work('Join by round pins in matching holes.', 'Holes as deep as the dowel: 2 mm more for the glue.'),
  'join-biscuit': work(
    'Join by flat beech biscuits that swell in the glue.',
    'Slow gluing: they swell within minutes.'
  ),
  'join-pocket': work('Join by screws in slanted holes.', 'No clamp at the joint: the screw pulls it out of line.'),
  'key-mitre': work('Let thin slips into a mitred corner to hold it.', 'Before the glue is hard.'),
  'join-case': work('Join the corners of a cabinet or box of sheets.', 'Screws into an edge without a pilot.'),
  'join-shelf': work('Fix shelves between the sides of a case.', 'Glue into end grain alone: it holds little.'),
  'join-box': work('Join the corners of a small box.', 'Lid and box made apart: make one, saw it open.'),
  'join-frame': work('Join the corners of a frame.', 'Gluing mitres without keys: end grain drinks the glue.'),
  'join-legs': work('Join rails to legs: what makes a table stand.', 'A short tongue: two thirds of the leg.'),
  'join-seat': work('Join what people sit or climb on.', 'Screws alone under a seat: they work loose.'),
  recess: work('Cut the step a glass or panel lies in.', 'Solid panels glued in: they must be free to move.'),
  pare: work('Take thin shavings off a joint until it fits.', 'Taking from the wrong piece: mark where it rubs.'),
  'cut-hinge': work('Sink hinges level with the wood.', 'Too deep: the door binds; card under the hinge lifts it.'),
  'glue-up-panel': work('Glue boards edge to edge.', 'All clamps on one side: it bows.'),
  'flatten-panel': work('Level a glued panel.', 'Along the grain at once: across first, then along.'),
  'glue-up-block': work('Glue boards face to face to a thick one.', 'Sliding under pressure: two pins or a stop.'),
  bend: work(
    'Bend thin layers over a form and glue them.',
    'Opening it early: a day, and it still springs back a little.'
  ),
  'glue-up-frame': work('Glue a frame square and flat.', 'No dry run: a missing clamp is found with the glue on.'),
  'glue-up-case': work('Glue a case square.', 'Measuring the diagonals after the glue is hard.'),
  'check-square': work(
    'Compare diagonals and sight the frame for twist.',
    'Checking once: again when the clamps are tight.'
  ),
  'dry-fit': work('Put everything together without glue.', 'Leaving it out.'),
  trial: work('Set a tool up and cut scrap until it is right.', 'Trying on the piece itself.'),
  drive: work('Drive screws.', 'No pilot, no countersink: split wood, proud heads.'),
  countersink: work('Make room for a screw’s head.', 'Deeper than the head: it pulls through.'),
  plug: work('Close screw holes with plugs of the same wood.', 'Grain turned across.'),
  tack: work('Nail or pin parts.', 'Two nails in one line of grain: it splits.'),
  'fit-back': work('Fix backs and bottoms: they keep a case square.', 'Fixing it before the case is square.'),
  hang: work('Hang lids and doors.', 'One screw a hinge first, then try it, then the rest.'),
  'fit-hardware': work('Fit hinges, handles and catches.', 'Brass screws without a steel one first: they snap.'),
  'fit-drawer': work('Fit a drawer so that it runs.', 'Tight in winter, stuck in summer: 1 to 2 mm of air.'),
  'profile-edge': work('Round, chamfer or mould an edge.', 'Ends last: the corner breaks; ends first.'),
  'dress-edge': work('Make the edges of sheets smooth and straight.', 'Sanding through the top veneer.'),
  'band-edge': work('Cover the edges of sheets.', 'Too hot or too short.'),
  'trim-flush': work('Cut one piece level with another.', 'Tilting the router over the edge.'),
  veneer: work('Lay thin wood over a board.', 'One side only: the board bows.'),
  fill: work('Fill holes and cracks.', 'Filler darker after oil: try it first.'),
  'sand-flat': work('Sand faces flat and smooth.', 'Skipping grits.'),
  'sand-curve': work('Sand curves fair.', 'Standing in one place.'),
  smooth: work('Smooth a face by plane or scraper.', 'Against the grain.'),
  'make-smooth': work(
    'Make faces ready for finish, by blade or by abrasive.',
    'Finishing before looking from the side, against the light.'
  ),
  sharpen: work('Make an edge sharp again.', 'Stopping before there is a burr.'),
  stain: work('Colour the wood.', 'Glue spots: they stay pale.'),
  finish: work('Protect the wood with oil, varnish or paint.', 'Thick coats, dust in the air, oily rags in a heap.'),
  'fix-to-wall': work('Fix shelves and cabinets to a wall.', 'Not looking for cables and pipes first.'),
  'clear-up': work('Take up chips and dust.', 'Sweeping fine dust into the air.'),
  'keep-shop': work('Fetch, set out, put away: an hour in every eight.', 'Leaving it out of the plan.')
}
