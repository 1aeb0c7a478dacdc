/** Arms: where the blade can be clamped, and how the slot lies to it. */
export const blade = {
  'slot-line': [0],
  'clamp-from': [62],
  'clamp-to': [190],
  'blade-width': [19],
  'blade-step.left': [0.5],
  'blade-step.right': [0.5],
  'legs-apart': [88],
  'tyre-room': [62],
};

/** Brake with a rotor. */
export const discWords = { 'rim-bosses': 'none', 'rotor-pattern': 'six-bolt', 'caliper-mount': 'face' };
export const discLengths = {
  'rotor-thickness': [1.8],
  'rotor-diameter': [160],
  'rotor-max': [203],
  'caliper-inboard': [12.5],
  'caliper-depth': [30],
  'mount-plate': [8],
  'mount-thread': [12],
  'leg-inboard': [-3],
};

/** A rear end with derailleur. */
export const rearWords = (cluster: 'freewheel' | 'cassette', clicks: string) => ({
  'old-hub': 'plain',
  hanger: 'clear',
  cluster,
  clicks,
});
export const rearLengths = (gapMm: number, stackMm?: number) => ({
  'sprocket-gap': [gapMm],
  ...(stackMm !== undefined && { 'cassette-stack': [stackMm] }),
});
