const titles: Record<string, string> = {
  carbon: 'Carbon takes no motor',
  material: 'Material of the dropout',
  'slot-width': 'Slot against flats',
  'filing-plate': 'Plate thick enough to file',
  'slot-play': 'Play of the flats',
  'slot-depth': 'Slot deep enough',
  'axle-shift': 'Wheel against the old one',
  lip: 'Nut against the lip',
  'through-axle': 'Through-axle hole',
  condition: 'Condition',
  'maker-approval': 'The maker’s word',
  'faces-parallel': 'Faces parallel',
  brake: 'Brake',
  gears: 'Sprockets',
  spread: 'Hub width in the spacing',
  pinch: 'Hub width in the spacing',
  'rim-offset': 'Rim in the middle',
  'rotor-error': 'Rotor meets the caliper',
  'sprocket-gap': 'Smallest sprocket clears',
  'thread-left': 'Thread out of the left nut',
  'thread-right': 'Thread out of the right nut',
  'nut-bottoms-left': 'Left nut clears the thread end',
  'nut-bottoms-right': 'Right nut clears the thread end',
  'tabbed-washers': 'Tabbed washers on hand',
  'tab-left': 'Tabbed washer, left',
  'tab-right': 'Tabbed washer, right',
  'not-measured': 'Open readings',
};

/** A finding's heading, with its side where it has one. */
export function findingTitle(id: string): string {
  const [head = '', side] = id.split('.');
  const title = titles[head] ?? head;
  return side ? `${title}, ${side}` : title;
}
