import type { Side } from '@cricket/core/features';

export interface FeatureWords {
  /** Heading of the screen. */
  title: string;
  /** What to do, verb first. */
  todo: string;
  /** Where the jaws go, or what to look at. */
  how: string;
  /** What it decides. */
  why: string;
}

const sideWord = (side: Side | undefined) => (side === 'left' ? 'left' : side === 'right' ? 'right' : '');
const placeWords: Record<string, string> = { mouth: 'at the mouth', middle: 'in the middle', seat: 'at the seat' };

const plain: Record<string, FeatureWords> = {
  material: {
    title: 'What the dropouts are made of',
    todo: 'Say what the dropouts are made of',
    how: 'Try a magnet on the dropout: it holds on steel only. Look under paint at an edge.',
    why: 'It decides how much may be filed and spread. Carbon ends it here.',
  },
  'blade-material': {
    title: 'What the blades or stays are made of',
    todo: 'Say what the blades are made of',
    how: 'Metal dropouts may be bonded into carbon blades. Tap it: carbon sounds dull. Look inside the steerer.',
    why: 'A motor in carbon blades is refused, whatever the dropouts are.',
  },
  suspension: {
    title: 'Suspension',
    todo: 'Say whether this end is sprung',
    how: 'Look for sliding legs or a shock.',
    why: 'A suspension fork takes a motor only with its maker’s word.',
  },
  'maker-approval': {
    title: 'The maker’s word',
    todo: 'Record the maker’s word',
    how: 'Ask the maker in writing whether this fork may take a hub motor.',
    why: 'Without it a motor must not go in here.',
  },
  condition: {
    title: 'Condition of this end',
    todo: 'Look over this end',
    how: 'Clean it. Look for cracks at the dropouts and welds, bends, rust; feel for play.',
    why: 'A crack grows under a motor.',
  },
  seat: {
    title: 'Kind of slot',
    todo: 'Look at the slot',
    how: 'Is it open to the outside, and how does its bottom look?',
    why: 'In a round seat a motor axle sits higher than the old one.',
  },
  'rim-bosses': {
    title: 'Bosses for a rim brake',
    todo: 'Look for rim-brake bosses',
    how: 'Two pivots on fork or stays, or a hole in the crown or bridge.',
    why: 'If the new hub takes no rotor, or the brake goes with the old hub, a rim brake may take over.',
  },
  'slot-way': {
    title: 'Which way the slots run',
    todo: 'Look which way the slots run',
    how: 'Down, so that the wheel sits at their end; or level, so that it can be moved back and forth?',
    why: 'With one sprocket the chain’s tension sets where the axle sits in a level slot.',
  },
  'axle-eyes': {
    title: 'Threaded eyes beside the dropout',
    todo: 'Look for threaded eyes',
    how: 'A threaded hole in the dropout, near the axle: on which side?',
    why: 'A lock plate screwed there keeps the nut from turning where no tab fits.',
  },
  'legs-apart': {
    title: 'Between legs or stays beside the motor',
    todo: 'Measure between the legs or stays',
    how: 'Inside jaws from blade to blade, or stay to stay, 60 mm from the axle: where the motor’s cover turns.',
    why: 'A motor is wider than the old hub, with a disc or without.',
  },
  'tyre-room': {
    title: 'Room for the tyre',
    todo: 'Measure where the tyre runs',
    how: 'Inside jaws across blades, stays or mudguard at their narrowest beside the tyre.',
    why: 'A wider tyre on the new rim must not touch.',
  },
  brake: {
    title: 'Brake at this end',
    todo: 'Say which brake is here',
    how: 'Look at the brake that stays on this end.',
    why: 'A rotor has to meet its caliper.',
  },
  gears: {
    title: 'Gears',
    todo: 'Count the sprockets',
    how: 'Count the sprockets that the shifter works; say so if no chain runs to this end.',
    why: 'The chain needs room beside the smallest one.',
  },
  'rotor-inboard': {
    title: 'Rotor’s inboard face',
    todo: 'Measure to the rotor’s inboard face',
    how: 'Old wheel in, tight. From the left dropout’s inner face to the rotor’s inboard face.',
    why: 'The new rotor has to run where this one runs.',
  },
  'rotor-outer': {
    title: 'Rotor’s outer face',
    todo: 'Measure to the rotor’s outer face',
    how: 'From the left dropout’s inner face to the rotor’s outer face.',
    why: 'With its thickness it gives the inboard face.',
  },
  'rotor-thickness': {
    title: 'Rotor thickness',
    todo: 'Measure the rotor’s thickness',
    how: 'On the track, not at the rim’s edge.',
    why: 'With the outer face it gives the inboard face.',
  },
  'axle-extras': {
    title: 'What else lives on the axle',
    todo: 'Look at what else is on the axle',
    how: 'Rack or mudguard stays, a kickstand plate, a trailer hitch under the nuts?',
    why: 'They take thread, and their holes are made for the old axle.',
  },
  hanger: {
    title: 'Derailleur hanger',
    todo: 'Look at the hanger',
    how: 'Does it stand into the place where the axle sits?',
    why: 'The axle has to sit on the dropout, not on the hanger.',
  },
  'hanger-in-seat': {
    title: 'Hanger into the seat',
    todo: 'Measure how far the hanger stands in',
    how: 'From the slot’s wall to the edge of the hanger.',
    why: 'A little can be dressed with a file, more needs another hanger.',
  },
  'old-hub': {
    title: 'Old rear hub',
    todo: 'Say what the old hub does',
    how: 'Does it brake when pedalled back, hold a drum, or shift inside?',
    why: 'What the old hub did goes with it.',
  },
  cluster: {
    title: 'How the sprockets are held',
    todo: 'Say how the sprockets are held',
    how: 'A freewheel is screwed on as one piece; a cassette slides on splines under a lock ring.',
    why: 'They never interchange.',
  },
  clicks: {
    title: 'Clicks of the shifter',
    todo: 'Count the clicks',
    how: 'Count the places of the shifter; or it shifts without clicks.',
    why: 'Clicks and sprockets have to stand alike.',
  },
  'sprocket-gap': {
    title: 'Smallest sprocket to dropout',
    todo: 'Measure beside the smallest sprocket',
    how: 'Old wheel in, tight. From the smallest sprocket’s outer face to the right dropout’s inner face.',
    why: 'It tells how far derailleur and cable have to follow.',
  },
  'cassette-stack': {
    title: 'Sprockets, thickness together',
    todo: 'Measure the whole cassette',
    how: 'Off the hub: outside jaws over all sprockets and spacers that slide on.',
    why: 'Too thin for the new body, and the lock ring does not hold them.',
  },
  'rotor-pattern': {
    title: 'How the rotor is held',
    todo: 'Say how the rotor is held',
    how: 'Count its bolts, or look for splines under a ring.',
    why: 'The new hub must take it.',
  },
  'caliper-mount': {
    title: 'How the caliper is mounted',
    todo: 'Say how the caliper is mounted',
    how: 'Bolts from the side, or from above onto two faces?',
    why: 'It decides how it is shimmed.',
  },
  'rotor-diameter': {
    title: 'Rotor diameter',
    todo: 'Measure the rotor across',
    how: 'Ruler over the middle, edge to edge; it is often engraved.',
    why: 'It says how far the caliper stands outside the motor.',
  },
  'rotor-max': {
    title: 'Largest rotor allowed',
    todo: 'Look up the largest rotor allowed',
    how: 'Marked on fork or frame, or in its maker’s papers.',
    why: 'A larger rotor bends what it is bolted to.',
  },
  'caliper-inboard': {
    title: 'Caliper, inboard of the rotor',
    todo: 'Measure how far the caliper reaches inboard',
    how: 'From the rotor’s inboard face to the farthest of the caliper toward the spokes.',
    why: 'A motor cover is wide: body and cover may meet.',
  },
  'caliper-depth': {
    title: 'Caliper, down from the rotor’s edge',
    todo: 'Measure how far the caliper reaches in',
    how: 'From the rotor’s edge toward the axle, to the end of the caliper.',
    why: 'A cover that stays inside that never meets it.',
  },
  'mount-plate': {
    title: 'What the caliper bolt passes',
    todo: 'Measure what the caliper bolt passes',
    how: 'From under the bolt’s head to the face that it screws into.',
    why: 'With a shim the bolt may be too short.',
  },
  'mount-thread': {
    title: 'Thread of the caliper mount',
    todo: 'Measure how deep the mount’s thread is',
    how: 'Depth rod into the threaded hole.',
    why: 'A bolt that bottoms does not clamp.',
  },
  'leg-inboard': {
    title: 'Fork leg at the rotor',
    todo: 'Measure where the leg stands',
    how: 'From the dropout’s inner face to the leg’s inner side at the rotor bolts; toward the wheel is plus, away is minus.',
    why: 'Rotor and bolt heads have to clear it.',
  },
  'slot-line': {
    title: 'How the slot lies to the blade',
    todo: 'Lay a rule along the slot',
    how: 'Rule along the slot, past the axle: how far from the blade’s middle does it pass, 100 mm up? In front is plus, behind is minus.',
    why: 'A straight arm lies along the slot: it must meet the blade.',
  },
  'clamp-from': {
    title: 'Where the blade can be clamped: from',
    todo: 'Measure where clamping can begin',
    how: 'From the axle along the blade to the first round, straight place.',
    why: 'The arm’s end has to reach it.',
  },
  'clamp-to': {
    title: 'Where the blade can be clamped: to',
    todo: 'Measure where clamping has to end',
    how: 'From the axle to the last place that is free: before a brake mount, a bend, a boss.',
    why: 'The arm’s end must not go past it.',
  },
  'blade-width': {
    title: 'Blade, thickness',
    todo: 'Measure the blade',
    how: 'Outside jaws across the blade where it can be clamped.',
    why: 'The arm’s clamp has to go around it.',
  },
  'bead-seat': {
    title: 'Tyre size',
    todo: 'Read the tyre’s size',
    how: 'The three figures on its side, such as 622.',
    why: 'Does the tyre move over to the motor wheel?',
  },
  'tyre-width': {
    title: 'Tyre width',
    todo: 'Measure the tyre',
    how: 'Outside jaws across the pumped tyre.',
    why: 'It has to suit the rim.',
  },
  'spacing.front': {
    title: 'Spacing, front of the dropouts',
    todo: 'Measure the spacing at the front',
    how: 'Inside jaws, dropout face to dropout face, 12 mm in front of the axle.',
    why: 'The hub has to fill it without forcing the frame.',
  },
  'spacing.back': {
    title: 'Spacing, back of the dropouts',
    todo: 'Measure the spacing at the back',
    how: 'Inside jaws, dropout face to dropout face, 12 mm behind the axle.',
    why: 'The same as in front? Then the faces are parallel.',
  },
  'old-axle': {
    title: 'Old axle',
    todo: 'Measure the old axle',
    how: 'Outside jaws on the old axle where it lay in the slot.',
    why: 'It tells how far the wheel moves.',
  },
};

const bySide: Record<string, (side: string, place: string) => FeatureWords> = {
  'rim-to-dropout': (side) => ({
    title: `Old rim to ${side} dropout`,
    todo: `Measure from the old rim to the ${side} dropout`,
    how: `Old wheel in, tight. Straight edge on the ${side} dropout’s inner face, ruler across to the rim’s ${side} side.`,
    why: 'Left and right tell whether the frame is symmetrical.',
  }),
  extra: (side) => ({
    title: `${cap(side)} stay or plate, thickness`,
    todo: `Measure what is on the axle at the ${side}`,
    how: 'Outside jaws across the stay or plate where the axle passes.',
    why: 'It takes that much of the thread.',
  }),
  'blade-step': (side) => ({
    title: `${cap(side)} blade against the dropout`,
    todo: `Measure the step at the ${side}`,
    how: 'Rule on the blade’s outer side: how far outboard of the face that the nut bears on? Inboard is minus.',
    why: 'Arm and clamp have to lie in one plane.',
  }),
  hole: (side) => ({
    title: `${cap(side)} hole`,
    todo: `Measure the ${side} hole`,
    how: 'Inside jaws across the hole.',
    why: 'Only a hub made for this hole goes in.',
  }),
  'slot-width': (side, place) => ({
    title: `${cap(side)} slot, width ${place}`,
    todo: `Measure the ${side} slot ${place}`,
    how: `Inside jaws square to the slot, ${place}. Scrape paint off first.`,
    why: 'The flats have to go in, and not be loose.',
  }),
  'slot-depth': (side) => ({
    title: `${cap(side)} slot depth`,
    todo: `Measure how deep the ${side} slot is`,
    how: 'Depth rod from the mouth to the bottom of the seat.',
    why: 'The slot has to hold the flats.',
  }),
  plate: (side) => ({
    title: `${cap(side)} plate at the seat`,
    todo: `Measure the ${side} plate`,
    how: 'Outside jaws across the plate beside the seat, inside any recess.',
    why: 'A thin plate must not be filed, and thread has to reach past it.',
  }),
  lip: (side) => ({
    title: `${cap(side)} retaining lip`,
    todo: `Look for a lip at the ${side}`,
    how: 'Is there a raised edge or recess around the slot on the outside?',
    why: 'A big nut must not stand on it.',
  }),
  'lip-diameter': (side) => ({
    title: `${cap(side)} recess, diameter`,
    todo: `Measure the ${side} recess across`,
    how: 'Inside jaws across the recess, edge to edge.',
    why: 'It decides what sits inside the lip.',
  }),
  'lip-depth': (side) => ({
    title: `${cap(side)} recess, depth`,
    todo: `Measure how deep the ${side} recess is`,
    how: 'Depth rod from the lip to the floor.',
    why: 'A C-washer has to fill it.',
  }),
  filed: (side) => ({
    title: `${cap(side)} slot, filed off`,
    todo: `Write down what was filed at the ${side}`,
    how: 'The width now, less the width before: both walls together.',
    why: 'A filed slot keeps its two arms, however often it is measured again.',
  }),
  'washers-found': (side) => ({
    title: `Washers found, ${side}`,
    todo: `Write down the ${side} washers`,
    how: 'From the hub outwards, as they came off.',
    why: 'So that the bike can be put back.',
  }),
  'washers-delivered': (side) => ({
    title: `Washers as delivered, ${side}`,
    todo: `Write down the ${side} washers as delivered`,
    how: 'From the hub outwards, before anything is taken apart.',
    why: 'They count as on hand for this bike.',
  }),
};

/**
 * What the measuring screen says of a feature.
 *
 * @example featureWords('slot-width.left.seat').title // 'Left slot, width at the seat'
 */
export function featureWords(id: string): FeatureWords {
  const known = plain[id];
  if (known) return known;
  const [head, side, place] = id.split('.');
  const make = bySide[head ?? ''];
  if (!make) throw new Error(`no words for feature ${id}`);
  return make(sideWord(side as Side), placeWords[place ?? ''] ?? '');
}

/** What the answers to "what do you see" are called. */
export const answerWords: Record<string, Record<string, string>> = {
  material: materialsIn(),
  'blade-material': materialsIn(),
  suspension: { none: 'Rigid', suspension: 'Sprung' },
  'maker-approval': { none: 'No, or not asked', 'in-writing': 'Yes, in writing' },
  condition: {
    sound: 'Sound',
    'surface-rust': 'Rust on the surface',
    bent: 'Bent',
    cracked: 'Cracked',
    play: 'Play',
    unsure: 'Not sure',
  },
  seat: {
    'open-round': 'Open, round bottom',
    'open-flat': 'Open, flat bottom',
    'open-relieved': 'Open, filed to the axle',
    closed: 'Closed hole',
  },
  brake: { rim: 'Rim brake', disc: 'Disc brake', other: 'Another kind', none: 'No brake' },
  'rim-bosses': { bosses: 'There are bosses', none: 'There are none' },
  'slot-way': { down: 'Down', level: 'Level' },
  'axle-eyes': { none: 'None', left: 'Left', right: 'Right', both: 'Both sides' },
  gears: {
    none: 'One sprocket',
    5: '5',
    6: '6',
    7: '7',
    8: '8',
    9: '9',
    10: '10',
    11: '11',
    12: '12',
    'no-chain': 'No chain here',
  },
  lip: { none: 'Smooth', lip: 'Lip or recess' },
  'axle-extras': { none: 'Nothing', stays: 'Stays', kickstand: 'Kickstand', hitch: 'Trailer hitch' },
  hanger: { none: 'There is none', clear: 'Clear of the seat', 'in-seat': 'Stands into the seat' },
  'old-hub': { plain: 'Only turns', coaster: 'Brakes backwards', drum: 'Drum brake', 'gear-hub': 'Gears inside' },
  cluster: { freewheel: 'Screwed freewheel', cassette: 'Splined cassette' },
  clicks: { friction: 'No clicks', 5: '5', 6: '6', 7: '7', 8: '8', 9: '9', 10: '10', 11: '11', 12: '12' },
  'rotor-pattern': { 'six-bolt': 'Six bolts', 'four-bolt': 'Four bolts', spline: 'Splines' },
  'caliper-mount': { side: 'From the side', face: 'Onto two faces' },
};

/** The answer's name for this feature. */
export function answerName(featureId: string, word: string): string {
  return answerWords[featureId.split('.')[0]!]?.[word] ?? word;
}

function materialsIn(): Record<string, string> {
  return {
    steel: 'Steel',
    titanium: 'Titanium',
    'forged-aluminium': 'Aluminium, forged',
    'cast-aluminium': 'Aluminium, cast',
    magnesium: 'Magnesium',
    carbon: 'Carbon',
    'aluminium-unsure': 'Aluminium, not sure which',
  };
}

function cap(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
