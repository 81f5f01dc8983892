import type { CleanUp, Operation } from '../core/catalogue'

const then = (operation: string, times = 1, per: CleanUp['per'] = 'unit'): CleanUp => ({ operation, times, per })

/** Operations in working order: measure, cut, mill, bore, join, glue up, fix, shape, smooth, finish; with what cleans up after a rough one. */
export const operations: readonly Operation[] = [
  { id: 'check-moisture', name: 'Check that it is dry', unit: 'batch', order: 5, aliases: ['moisture', 'dry timber'] },
  { id: 'measure', name: 'Measure', unit: 'piece', order: 10 },
  { id: 'mark-square', name: 'Mark square', unit: 'piece', order: 20, aliases: ['square a line'] },
  { id: 'mark-angle', name: 'Mark angles', unit: 'piece', order: 30 },
  { id: 'gauge-lines', name: 'Gauge lines', unit: 'piece', order: 32, aliases: ['scribe', 'mark parallel'] },
  { id: 'lay-out-curve', name: 'Lay out curves', unit: 'piece', order: 34, aliases: ['draw arcs', 'template'] },
  { id: 'hold', name: 'Hold the work', unit: 'batch', order: 36, aliases: ['work holding', 'vise', 'vice'] },
  { id: 'support-sheet', name: 'Support the work', unit: 'batch', order: 40 },
  {
    id: 'break-down-sheet',
    name: 'Break down sheets',
    unit: 'cut',
    order: 50,
    aliases: ['cut plywood', 'sheet goods'],
    cleanUp: then('straighten-edge', 1, 'metre-of-length')
  },
  {
    id: 'crosscut',
    name: 'Cut to length',
    unit: 'piece',
    order: 60,
    aliases: ['crosscut'],
    cleanUp: then('shoot-end')
  },
  {
    id: 'crosscut-angle',
    name: 'Cut angles and mitres',
    unit: 'piece',
    order: 64,
    aliases: ['miter cut', 'mitre cut'],
    cleanUp: then('shoot-mitre')
  },
  { id: 'shoot-end', name: 'True the ends', unit: 'piece', order: 66, aliases: ['shoot end grain'] },
  { id: 'shoot-mitre', name: 'True the mitres', unit: 'piece', order: 67, aliases: ['shoot mitres'] },
  { id: 'rip', name: 'Rip to width', unit: 'metre', order: 70, aliases: ['rip'], cleanUp: then('straighten-edge') },
  {
    id: 'taper',
    name: 'Cut tapers',
    unit: 'metre',
    order: 74,
    aliases: ['tapered legs'],
    cleanUp: then('straighten-edge')
  },
  {
    id: 'resaw',
    name: 'Resaw to thinner boards',
    unit: 'm2',
    order: 76,
    aliases: ['split boards', 'veneer'],
    cleanUp: then('thickness')
  },
  { id: 'cut-curve', name: 'Cut curves', unit: 'metre', order: 80, cleanUp: then('sand-curve') },
  {
    id: 'cut-inside',
    name: 'Cut out inside',
    unit: 'metre',
    order: 90,
    aliases: ['cut-outs', 'handle holes'],
    cleanUp: then('sand-curve')
  },
  { id: 'flatten', name: 'Flatten a face', unit: 'm2', order: 100, aliases: ['joint a face', 'surface'] },
  { id: 'thickness', name: 'Bring to thickness', unit: 'm2', order: 110, aliases: ['plane parallel', 'dimension'] },
  {
    id: 'prepare-boards',
    name: 'Have boards flat and straight',
    unit: 'm2',
    order: 98,
    aliases: ['rough boards', 'milling']
  },
  { id: 'straighten-edge', name: 'Straighten edges', unit: 'metre', order: 120, aliases: ['joint an edge'] },
  {
    id: 'shape-round',
    name: 'Shape rounds and handles',
    unit: 'metre',
    order: 124,
    aliases: ['round over by hand', 'spokeshave work']
  },
  { id: 'turn', name: 'Turn', unit: 'piece', order: 126, aliases: ['lathe work', 'woodturning'] },
  { id: 'carve', name: 'Carve', unit: 'piece', order: 128, aliases: ['hollow', 'spoon', 'letters'] },
  { id: 'bore', name: 'Bore', unit: 'hole', order: 130, aliases: ['drill'] },
  { id: 'bore-square', name: 'Bore square', unit: 'hole', order: 140, aliases: ['drill at a right angle'] },
  {
    id: 'bore-large',
    name: 'Bore wide holes',
    unit: 'hole',
    order: 142,
    aliases: ['hinge cup', 'entrance hole', 'over 13 mm']
  },
  { id: 'bore-row', name: 'Bore rows of holes', unit: 'hole', order: 144, aliases: ['shelf pins'] },
  { id: 'cut-dado', name: 'Cut grooves', unit: 'metre', order: 150, aliases: ['dado', 'housing', 'trench'] },
  {
    id: 'groove-edge',
    name: 'Groove along an edge',
    unit: 'metre',
    order: 152,
    aliases: ['plough', 'panel groove', 'tongue and groove']
  },
  { id: 'cut-rebate', name: 'Cut rebates', unit: 'metre', order: 154, aliases: ['rabbet', 'back recess'] },
  { id: 'cut-half-lap', name: 'Half-lap joint', unit: 'joint', order: 156, aliases: ['lap joint', 'halving'] },
  { id: 'cut-box-joint', name: 'Box joint', unit: 'joint', order: 160, aliases: ['finger joint', 'comb joint'] },
  { id: 'cut-dovetail', name: 'Dovetail joint', unit: 'joint', order: 165, aliases: ['tails and pins'] },
  { id: 'cut-mortise', name: 'Mortise and tenon', unit: 'joint', order: 170, aliases: ['mortice'] },
  { id: 'join-loose-tenon', name: 'Loose-tenon joint', unit: 'joint', order: 175, aliases: ['floating tenon'] },
  { id: 'join-dowel', name: 'Dowel joint', unit: 'joint', order: 180 },
  { id: 'join-biscuit', name: 'Biscuit joint', unit: 'joint', order: 185, aliases: ['plate joint'] },
  { id: 'join-pocket', name: 'Pocket joint', unit: 'joint', order: 190, aliases: ['pocket screw', 'pocket hole'] },
  { id: 'key-mitre', name: 'Key a mitre', unit: 'joint', order: 195, aliases: ['spline', 'feather key'] },
  { id: 'join-case', name: 'Join case corners', unit: 'joint', order: 196, aliases: ['carcase corner'] },
  { id: 'join-shelf', name: 'Fix shelves in a case', unit: 'joint', order: 197 },
  { id: 'join-box', name: 'Join box corners', unit: 'joint', order: 198, aliases: ['drawer corner'] },
  { id: 'join-frame', name: 'Join frame corners', unit: 'joint', order: 198.2, aliases: ['face frame', 'door frame'] },
  { id: 'join-legs', name: 'Join legs and rails', unit: 'joint', order: 198.4, aliases: ['apron'] },
  { id: 'join-seat', name: 'Join what carries people', unit: 'joint', order: 198.6, aliases: ['chair joint'] },
  { id: 'recess', name: 'Recess for glass or a panel', unit: 'metre', order: 199 },
  { id: 'pare', name: 'Pare to fit', unit: 'joint', order: 200 },
  { id: 'cut-hinge', name: 'Let in hinges', unit: 'piece', order: 205, aliases: ['hinge mortise', 'butt hinge'] },
  { id: 'glue-up-panel', name: 'Glue up panels', unit: 'panel', order: 210, nights: 1, aliases: ['edge glue'] },
  { id: 'flatten-panel', name: 'Flatten a glued panel', unit: 'm2', order: 212, aliases: ['level a top'] },
  {
    id: 'glue-up-block',
    name: 'Glue boards face to face',
    unit: 'piece',
    order: 214,
    nights: 1,
    aliases: ['laminate', 'thick legs']
  },
  { id: 'bend', name: 'Bend in layers', unit: 'piece', order: 216, aliases: ['bent lamination'] },
  {
    id: 'glue-up-frame',
    name: 'Glue up frames',
    unit: 'case',
    order: 218,
    nights: 1,
    aliases: ['picture frame clamp']
  },
  { id: 'glue-up-case', name: 'Glue up cases', unit: 'case', order: 220, nights: 1, aliases: ['carcase'] },
  { id: 'check-square', name: 'Check it is square and flat', unit: 'case', order: 225, aliases: ['diagonals', 'wind'] },
  { id: 'drive', name: 'Drive screws', unit: 'screw', order: 230 },
  { id: 'countersink', name: 'Sink screw heads', unit: 'screw', order: 232, aliases: ['countersink', 'pilot hole'] },
  { id: 'plug', name: 'Plug screw holes', unit: 'hole', order: 234, aliases: ['wood plugs'] },
  { id: 'tack', name: 'Nail and tack', unit: 'piece', order: 240 },
  {
    id: 'fit-back',
    name: 'Fit backs and bottoms',
    unit: 'metre',
    order: 242,
    aliases: ['back panel', 'drawer bottom']
  },
  { id: 'hang', name: 'Hang lids and doors', unit: 'piece', order: 243, aliases: ['hinges'] },
  {
    id: 'fit-hardware',
    name: 'Fit hinges and handles',
    unit: 'piece',
    order: 244,
    aliases: ['hardware', 'knobs', 'catches']
  },
  { id: 'profile-edge', name: 'Shape edges', unit: 'metre', order: 250, aliases: ['chamfer', 'round over'] },
  { id: 'dress-edge', name: 'Dress the edges of sheets', unit: 'metre', order: 251 },
  { id: 'band-edge', name: 'Band edges', unit: 'metre', order: 252, aliases: ['edge banding', 'lipping'] },
  { id: 'trim-flush', name: 'Trim flush', unit: 'metre', order: 254, aliases: ['pattern routing', 'flush trim'] },
  { id: 'fill', name: 'Fill holes', unit: 'hole', order: 256, aliases: ['wood filler'] },
  { id: 'sand-flat', name: 'Sand flat', unit: 'm2', order: 260 },
  { id: 'sand-curve', name: 'Sand curves', unit: 'metre', order: 264 },
  { id: 'smooth', name: 'Smooth by blade', unit: 'm2', order: 270, aliases: ['plane smooth', 'scrape'] },
  { id: 'make-smooth', name: 'Make faces smooth', unit: 'm2', order: 272 },
  { id: 'sharpen', name: 'Sharpen', unit: 'edge', order: 280, aliases: ['hone', 'grind'] },
  { id: 'finish', name: 'Oil, varnish, paint', unit: 'm2', order: 290, nights: 3 },
  { id: 'fix-to-wall', name: 'Fix to a wall', unit: 'hole', order: 294, aliases: ['hang', 'mount'] },
  { id: 'clear-up', name: 'Clear dust and chips', unit: 'batch', order: 298, aliases: ['sweep', 'dust'] },
  { id: 'keep-shop', name: 'Fetch, set out, clear up', unit: 'hour', order: 299, aliases: ['tidy', 'set-up'] },
  { id: 'bevel-rip', name: 'Rip at an angle', unit: 'metre', order: 72, aliases: ['bevel', 'chamfer cut'] },
  { id: 'veneer', name: 'Lay veneer', unit: 'm2', order: 213, nights: 1, aliases: ['veneering'] },
  { id: 'dry-fit', name: 'Put together dry', unit: 'joint', order: 199.5, aliases: ['dry fit', 'trial assembly'] },
  { id: 'trial', name: 'Set up and try out', unit: 'piece', order: 292, aliases: ['test cut', 'true up a jig'] },
  { id: 'fit-drawer', name: 'Fit drawers', unit: 'piece', order: 246, aliases: ['drawer runners', 'drawer slides'] },
  { id: 'stain', name: 'Stain', unit: 'm2', order: 288, nights: 1, aliases: ['dye', 'colour'] }
]
