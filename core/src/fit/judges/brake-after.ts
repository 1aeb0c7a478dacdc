import type { BrakeKind } from '../../bike-checks';
import type { EndFacts } from '../../end-facts';
import type { Wheel } from '../../parts';

/**
 * What brakes this end once the motor wheel is in: a hub brake is gone with its hub, a rotor needs a place on the new one, and
 * where neither is left a rim brake serves if there are bosses and a track.
 *
 * @returns null as long as it is not known
 */
export function brakeAfter({ brake, words }: EndFacts, wheel: Wheel): BrakeKind | null {
  if (brake === null) return null;
  if (brake === 'none' || brake === 'rim') return brake;
  if (brake === 'disc' && wheel.rotorFaceMm !== null) return 'rotor';
  const bosses = words.get('rim-bosses');
  if (bosses === undefined) return null;
  if (bosses === 'none') return 'none';
  const track = wheel.kit?.rim?.brakeTrack;
  if (track === undefined) return null;
  return track ? 'rim' : 'none';
}
