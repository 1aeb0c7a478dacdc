import { features, type Feature } from '../features';
import type { EndFacts } from './end-facts';

/** One thing to record, and how far it is. */
export interface PlannedFeature {
  feature: Feature;
  /** Without it there is no verdict but "not measured yet". */
  required: boolean;
  /** `again`: the readings differ too much for one more not to matter. */
  state: 'open' | 'again' | 'settled';
}

/**
 * What to record of this end, in order. Depends on what is already known: a rim brake needs no rotor, a smooth dropout
 * no lip, and a carbon end needs nothing more at all.
 */
export function measurePlan(facts: EndFacts): PlannedFeature[] {
  return features
    .filter((feature) => applies(feature.id, facts))
    .map((feature) => ({
      feature,
      required: feature.kind !== 'parts' && !optional.has(feature.id),
      state: stateOf(feature, facts),
    }));
}

/** Of use, but no verdict hangs on it: a new tyre is as good. */
const optional = new Set(['tyre-width', 'axle-eyes']);

/** What must still be read before there can be a verdict, in order. */
export function openFeatures(facts: EndFacts): Feature[] {
  return measurePlan(facts)
    .filter(({ required, state }) => required && state !== 'settled')
    .map(({ feature }) => feature);
}

/** Whether the dropout or blade is known to be carbon: then the end is refused, whatever else is measured. */
export function isCarbon(facts: EndFacts): boolean {
  return facts.material === 'carbon' || facts.bladeMaterial === 'carbon';
}

/** Whether this end may take a motor only with its maker's word. */
export function needsApproval(facts: EndFacts): boolean {
  if (facts.end !== 'front') return false;
  const materials = [facts.material, facts.bladeMaterial];
  return (
    facts.suspension === true ||
    materials.includes('cast-aluminium') ||
    materials.includes('magnesium') ||
    // Unfiled it may go without; asked it is all the same.
    materials.includes('forged-aluminium')
  );
}

function applies(id: string, facts: EndFacts): boolean {
  const [head, side] = id.split('.') as [string, 'left' | 'right' | undefined];
  if (isCarbon(facts)) return head === 'material' || head === 'blade-material';
  switch (head) {
    case 'maker-approval':
      return needsApproval(facts);
    case 'gears':
    case 'old-hub':
      return facts.end === 'rear';
    case 'hanger':
      return facts.end === 'rear' && facts.kind !== 'closed';
    case 'hanger-in-seat':
      return facts.words.get('hanger') === 'in-seat';
    case 'cluster':
    case 'clicks':
    case 'sprocket-gap':
      return facts.end === 'rear' && (facts.speeds ?? 0) > 0;
    // Only one sprocket wants its chain's tension from where the axle sits.
    case 'slot-way':
      return facts.end === 'rear' && facts.kind === 'open' && facts.chain === true && facts.speeds === 0;
    case 'rim-bosses':
      return facts.brake === 'disc' || facts.brake === 'other';
    // Written down by the step that files; nobody is asked for it.
    case 'filed':
      return facts.lengths.has(id);
    case 'cassette-stack':
      return facts.end === 'rear' && (facts.speeds ?? 0) > 0 && facts.words.get('cluster') === 'cassette';
    case 'rotor-pattern':
    case 'caliper-mount':
    case 'rotor-diameter':
    case 'rotor-thickness':
    case 'rotor-max':
    case 'caliper-inboard':
    case 'caliper-depth':
    case 'mount-plate':
    case 'mount-thread':
    case 'leg-inboard':
      return facts.brake === 'disc';
    case 'extra':
      return (facts.words.get('axle-extras') ?? 'none') !== 'none';
    case 'slot-line':
      return facts.kind !== 'closed';
    case 'rotor-inboard':
      return facts.brake === 'disc' && !facts.lengths.has('rotor-outer');
    case 'rotor-outer':
      return facts.brake === 'disc' && facts.lengths.has('rotor-outer');
    case 'hole':
      return facts.kind === 'closed';
    case 'slot-width':
    case 'slot-depth':
    case 'lip':
    case 'axle-eyes':
    case 'old-axle':
      return facts.kind !== 'closed';
    case 'lip-diameter':
    case 'lip-depth':
      return facts.kind !== 'closed' && facts.sides[side!].hasLip === true;
    case 'washers-delivered':
      return false;
    default:
      return true;
  }
}

function stateOf(feature: Feature, facts: EndFacts): PlannedFeature['state'] {
  if (feature.kind === 'word') return facts.words.has(feature.id) ? 'settled' : 'open';
  if (feature.kind === 'parts') return facts.parts.has(feature.id) ? 'settled' : 'open';
  const statistics = facts.lengths.get(feature.id);
  if (!statistics) return 'open';
  return statistics.askAgain ? 'again' : 'settled';
}
