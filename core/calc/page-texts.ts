/** What a page says besides contract and example: how it is worked out, from where, and what it does not cover. */
export interface PageText {
  formula: string[];
  source: string;
  bounds: string[];
}

export const pageTexts: Record<string, PageText> = {
  'identify-standard': {
    formula: ['confidence = normalised exp(−½·(Δ/σ)²), σ² = u² + 0.15²'],
    source: 'Standard tables of spacings, slots, holes, bead seats (ISO 5775), rotors and shells.',
    bounds: ['“Inches?” only when the reading lies more than 1 mm below the table and ×25.4 falls inside it.'],
  },
  'reading-statistics': {
    formula: ['value = median; uncertainty = max(instrument, 1.4826·MAD)'],
    source: 'Robust statistics; instrument 0.05 mm calipers, 1 mm tape.',
    bounds: ['Repeats at one place only: different places are not repeats.'],
  },
  'slot-fit': {
    formula: [
      'chord l = √(D² − w²)',
      'file = w − s + 0.05 mm where the slot is narrower than the flats',
      'rock θ(s) = φ − acos(s/D), φ = atan2(l, w)',
      'centre yc = max(D/2, l/2 + s/2 − ½·√(s² − w²)) in a round seat, D/2 otherwise',
      'engaged e = min(l, depth − mouth − (yc − l/2))',
    ],
    source: 'Geometry of two flats in a slot; limits are engineering judgement and can be edited.',
    bounds: [
      'Carbon stops before anything is measured.',
      'A reading whose uncertainty covers a stop limit gives “not measured yet”.',
    ],
  },
  'axle-stack': {
    formula: [
      'spread S = W + A + B − spacing; rim O = o + (A − B)/2 + frame offset; rotor R = (m − q + A) − (r + p); gap G = k + B',
      'J = 4·O² + 2·R² + 2·(S/limit)² + 0.15·washers + 0.5·shims, smallest first, exactly',
    ],
    source: 'Exhaustive by construction, in whole 0.01 mm; compared with plain enumeration in tests.',
    bounds: ['At most five washers inside a side; arms and C-washers outside are given.'],
  },
  'motor-torque': {
    formula: [
      'Kt = 60/(2π·kv)',
      'I = min(phaseA, √(batteryA·V/windingOhm), V/windingOhm), absent terms left out',
      'T = Kt·(I − noLoadA), or the stated torque where that is larger',
      'rough: T = 2.5·P·0.8/ω, ω at 60 % of the no-load speed usual for that power',
    ],
    source: 'Brushless motor constants at the wheel. The usual no-load speeds are engineering judgement.',
    bounds: ['Standstill only: at speed a motor has less.'],
  },
  'torque-reaction': {
    formula: [
      'preload F = 0.7·T_nut/(0.20·d); friction T_f = 2·µ·F·r, r = (2/3)(ro³ − ri³)/(ro² − ri²)',
      'slot T_s = σ·l_e²·t/4, l_e = max(0, 2e − l); arm T_a = min(σ_a·l²·t_a/4, Σ clamp force·distance)',
      'n = (ΣT_f + ΣT_s + ΣT_a)/(k·T), k = 1.5, with regeneration 2.0; slack nuts n0 = (ΣT_s + ΣT_a)/T',
    ],
    source: 'Bolt preload and plastic moment of a rectangle; caps and factors are engineering judgement.',
    bounds: [
      'An estimate for ranking and explaining: a maker’s figure always wins.',
      'What bears more than 2° after the first takes no part. An arm that bears alone before the slot therefore counts alone: fit it as close as the slot, not closer.',
      'A through axle is counted by its arms alone, friction too is left out.',
    ],
  },
  'arm-fit': {
    formula: [
      'rigid: direction = slot + hole angle, ± and either way round',
      'adjustable: end where |x·blade − joint| = link; splined: nearest step',
      'miss = distance of the end from the blade’s middle; room = distance to obstacles − their radius − half the arm’s width',
    ],
    source: 'Plane geometry in side view, seen from the rider’s right.',
    bounds: [
      'A blade is taken as straight and evenly tapered between the two widths.',
      'Under drive an arm that lies clockwise of the blade is pressed to it.',
    ],
  },
  'rotor-fit': {
    formula: [
      'rotor bolt engagement = L − rotor − shim − washer; at least 1.2·d in aluminium, 1.0·d in steel, at most thread − 0.5',
      'caliper to cover = cover face + shim − caliper body, where cover radius > rotor radius − caliper depth',
      'caliper bolt engagement = L − shim − plate; at least 9 mm, at most the thread',
    ],
    source: 'Usual thread engagements; running gaps are engineering judgement.',
    bounds: ['After the bolts are in, the motor is turned by hand: free?'],
  },
  'gear-index': {
    formula: [
      'errors = (n − 1)/2 … −(n − 1)/2 of (sprocket pitch − click pitch): the best cable setting',
      'cassette: stack + spacer − body within 0.3…1.8 mm',
      'v = rpm·circumference·chainring/sprocket',
    ],
    source: 'Usual sprocket pitches by number of speeds.',
    bounds: ['Freewheel and cassette never interchange.'],
  },
  'pedal-sensor': {
    formula: [
      'need = sensor proud + ring + smallest gap + 1 mm (sealed: ring + 1 mm); spare = room − need',
      'gap = the middle of the window, or the smallest gap + spare where that is less',
      'trim = (axle − bore)/2 off the claws, pack = (bore − axle)/2 from 0.25 mm on; either at most 2.5 mm',
      'crank stays on where the halves of a split ring pass: depth ≥ ring + 1 mm',
      'order: verdict, crank on, chain line, trim + pack, room to spare, non-drive side, the order of the mounts',
    ],
    source: 'Geometry of ring, sensor and frame; the limits are judgement [J], the gap is the kit maker’s own.',
    bounds: [
      'Where the maker gives no gap, 1 to 3 mm stand in and `defaulted` says so: such a way is to be tried on the bike.',
      'A sensor tied to the frame may creep: it is looked at with every check.',
    ],
  },
  'power-path': {
    formula: [
      'I = battery current + Σ accessory watts/empty voltage; a connector is held against 1.25·I, the phase leads against the phase current',
      'ampacity: ln A linear in ln mm², × insulation × 0.8 bundled × 0.78 aluminium; AWG n = 0.012668·92^((36 − n)/19.5) mm²',
      'drop = I·Σ ρ·(1 + 0.0039·(T − 20))·2·length/mm²',
      'fuse from 1.2·I to the least of the pack’s peak, leads, connectors and switches; a short draws full voltage/pack resistance',
    ],
    source:
      'Ampacities for 40 °C air, resistivities of copper and aluminium at 20 °C; factors and shares are judgement [J].',
    bounds: [
      'A lead of unknown metal is reckoned as aluminium and stays unknown: scrape a strand.',
      'Whatever stands beside it: a fuse, switch or connector that is not rated for the pack’s direct voltage never goes.',
      'Opening a pack is never a remedy.',
    ],
  },
  'brake-levers': {
    formula: [
      'ways at each end: the lever is kept, kept with a switch, or replaced by one that the kit brings',
      'a lever must pull what its brake needs; one for a cable never serves a hydraulic brake, a switch in the cable neither',
      'both ends together: the verdict with the cut-off that it brings, then the fewest minutes; each lever and switch is there once',
      'run-on = stop time/1000 · assisted speed/3.6',
    ],
    source: 'Practice of brake work; minutes of each step and how near to the reach is told are judgement [J].',
    bounds: [
      'With a throttle and no cut-off it stops; the owner may sign against it with a reason.',
      'What is one piece with a shifter, and hydraulic housings, are never altered.',
      'Whatever was moved: each brake is held by itself against a push before any power.',
    ],
  },
  connections: {
    formula: [
      'two plugs belong together when each is for the other’s part; they go together by shape, opposite gender, key and number of contacts',
      'every contact meets its like; data in meets data out; what meets an empty contact is named',
      'alike plugs are paired exactly: verdict, then adapters (two at most in a row), then moved contacts',
      'could be confused: what goes together and does not belong together; harm where voltage meets another contact',
    ],
    source: 'Practice of wiring; order of the ways is judgement [J].',
    bounds: [
      'A contact of which nobody knows what it carries, or a key that nobody has looked at, is never said to go.',
      'Pins with voltage while a plug is apart stop, whatever else goes.',
      'At most 12 plugs between two parts.',
    ],
  },
  controllers: {
    formula: [
      'temperature = air + heat/(8 W/(m²·K) · surface); of the box round it where it is closed in; 0.3 of the surface through padding',
      'air: 10 mm below, 5 mm around; cables leave downwards; no spray unless it is closed against water; slack at every plug',
    ],
    source: 'Heat in still air; 8 W/(m²·K), 60 °C, 35 °C of a hot day and 0.3 through padding are judgement [J].',
    bounds: ['Its maker’s own limits come first.', 'What nobody has looked at is never said to go.'],
  },
  racks: {
    formula: [
      'load = pack + luggage, within what the rack’s maker allows; three fixings at least, never a seat post alone',
      'straps: two at least, together 3 · 9.81 · mass of the pack',
      'rear wheel = rest · its share + load, within what wheel, rim and tyre bear',
    ],
    source: 'Three times the weight at a kerb; overhang of a tenth is judgement [J].',
    bounds: ['A rack whose rating nobody knows is never said to go.'],
  },
  'battery-bay': {
    formula: [
      'inside edges: the least Σ(Δ/σ)² that closes the frame, lengths to 1 mm, angles to 0.5°; over 9.2 they are measured again',
      'bottom bracket centre = half a tube outside both inside edges',
      'free: battery, rail and everything swept on the way in keep their distance from tubes and obstacles, exact along the tube',
      'a tilt sweeps an arc about the corner that is held; what moves counts as the hull of all its positions',
      'chosen: bolted, then one boss and a band, then bands; then lowest, then with most room',
      'mass shift = battery/(battery + bike)·(centre − bike’s centre)',
    ],
    source: 'Plane geometry; chances of a least-squares fit; distances to knee and crank are judgement [J].',
    bounds: [
      'A position is one for the battery as it is measured: the way in is tried by hand before anything is drilled or cut.',
      'Over 3 kg two fixings are not enough.',
      'On a rack the rack’s own rating holds, and straps for three times the weight.',
    ],
  },
  'cable-runs': {
    formula: [
      'still span = straight length × 1.03; moving span = longest over steering × travel × swing and every pose × 1.05 + 2 bends',
      'cable = Σ spans + 70 mm for a drip loop + 80 mm for both tails; an extension brings its length less 80 mm for its own tails',
      'kept away from discs, which move with their body, and from the cranks: 10 mm over every movement; never in the chain or under a nut',
      'ties at every anchor and at most 150 mm apart along what is still, none along what moves, a second 30 mm from an axle exit',
    ],
    source:
      'Rotations in closed form; steering together with swing, and distances, searched to a tenth of a millimetre. Factors are judgement [J].',
    bounds: [
      'Spans are taken as straight: slack that could bow into something is told to be guided.',
      'Turn the bars and press in the suspension by hand before the last tie is cut.',
    ],
  },
  handlebar: {
    formula: [
      'hand place outermost (grip, grip and half throttle, whole throttle), at least a palm wide',
      'between neighbours the larger of the gap, if one of them turns, and the sweep of the outer one’s lever',
      'too long: the grip overhangs the bar’s end (8 mm), then it is cut, both only as far as needed',
      'cost = 1.0 per 10 mm beyond reach + 0.3 per mm cut + 0.2 per mm overhang + 3 beside the rear shifter + 2 against the wish + 0.5 per part moved',
      'run on = stop time·assisted speed/3.6',
    ],
    source: 'Every share of the parts between both sides in every order; the weights are judgement [J].',
    bounds: [
      'Reach is that of the hand that was given: the rider tries it, gloves on.',
      'A throttle that nothing cuts, or that can be held open, does not go.',
      'A cut-off lever for cables does not serve a hydraulic brake; lever pull must match the brake.',
    ],
  },
  'wheel-lacing': {
    formula: [
      'α = lead·720°/spokes; L = √(R² + r² + w² − 2Rr·cos α) − hole/2',
      'angle at the rim β = atan2(r·sin α, R − r·cos α)',
      'tension·w/L is equal on both sides; load per spoke = T/(spokes·r·sin(α + β))',
    ],
    source: 'Geometry of a straight spoke between two circles; compared with spokes laid out in space in tests.',
    bounds: ['Spoke stretch and nipple length are left out: 0.5 mm at most.'],
  },
  'wheel-truing': {
    formula: ['runout = largest − smallest; a spoke strays when it differs more than 20 % from the mean of its side'],
    source: 'Usual limits of a trued wheel.',
    bounds: ['Every spoke must be read: a gap says nothing.'],
  },
  'tyre-fit': {
    formula: ['bar = (153.6·2.2046·kg/w^1.5785 − 7.1685)/14.504, within what tyre and rim allow'],
    source: 'Fit of published 15 % drop tables; width ratios as usual for hooked rims.',
    bounds: ['A starting point: the figure on the tyre’s side and the rim’s wins.'],
  },
  'end-adapter': {
    formula: [
      'width = base + extenders + caps; rotor = rotor face + left parts − spacer',
      'least 4·width error² + 2·rotor error² + 4·middle², then fewest parts',
    ],
    source: 'Every combination of the set is tried.',
    bounds: ['Caps must take the axle of the hole: no sleeve is invented.'],
  },
  'bike-checks': {
    formula: [
      'descent heat = (m·g·sin θ − rolling − air)·v against the sum of what the brakes take',
      'stopping distance = v·0.8 s + v²/2a with load shift, each brake limited by grip and by itself',
      'front disc: ejection = µ·m·g·r_wheel/r_rotor against 2·µ·preload',
      'grip = µ·load on the driven wheel; winding from two heat stores over the climb',
    ],
    source: 'Mechanics of a bicycle; heat limits, grip and thermal constants are engineering judgement.',
    bounds: ['Brakes are taken as sound and dry unless told otherwise.'],
  },
  'take-in': {
    formula: ['score = 100·Σ weight·value/Σ weight over what is known'],
    source: 'Weights are engineering judgement; the workshop may set its own.',
    bounds: ['A place that must not be is left out whatever its score. The installer chooses.'],
  },
  fit: {
    formula: [
      'The best way over all sets of arms and shims; of equals the one with the cheapest stack; then every other check follows from it.',
    ],
    source: 'All of the above together.',
    bounds: ['What is not measured comes back as “not measured yet” and names the reading.'],
  },
  match: {
    formula: ['One fit for every kit at every measured end; verdict first, then cost + hourly rate × time.'],
    source: 'See fit.',
    bounds: ['A wheel is matched by geometry, whatever end it is sold for.'],
  },
  procedure: {
    formula: [
      'A step is in the plan when its reason holds for this bike; what must come before what is kept; where that leaves it free the school decides.',
      'brief: neighbours of one station merged; a step that safety hangs on stays a block of its own',
      'P50 = M·e^(−s²/2), P90 = P50·exp(1.2816·√(s² + 0.15²)) over log-normal steps',
    ],
    source:
      'Orders of work are held over thousands of drawn jobs; minutes are engineering judgement until the shop logs its own.',
    bounds: ['A maker’s own steps and torques go before ours.'],
  },
  'two-motors': {
    formula: [
      'share = min(own limit, battery × own limit ÷ sum of both limits); each end judged with its share and both masses',
    ],
    source: 'See fit.',
    bounds: ['The pack’s current is shared; its fuse is for the sum.'],
  },
};
