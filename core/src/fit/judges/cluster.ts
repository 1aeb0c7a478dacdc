import type { EndFacts } from '../../end-facts';
import type { Cluster } from '../../gear-index';
import type { Wheel } from '../../parts';

/** The sprockets that run on the motor wheel. */
export interface ClusterAfter {
  kind: Cluster;
  sprockets: number;
  /** The bike's own move over, they come with the kit, or they are bought. */
  from: 'bike' | 'kit' | 'shop';
  /** Smallest first, where they are known. */
  teeth: readonly number[] | null;
}

/** Most sprockets that a thread-on freewheel is made with. */
const mostOnThread = 7;

/**
 * The sprockets after the conversion: the kit's own; the bike's where hub and sprockets are of one kind; else new ones of the
 * hub's kind, as many as the bike had or as there are to be had. Null without gears, or until they are recorded.
 */
export function clusterAfter({ speeds, words }: EndFacts, { kit }: Pick<Wheel, 'kit'>): ClusterAfter | null {
  const own = words.get('cluster') as Cluster | undefined;
  if (!speeds || own === undefined || !kit || kit.hub.takes === 'none') return null;
  const kind = kit.hub.takes;
  if (kit.cluster) return { kind, sprockets: kit.cluster.sprockets, from: 'kit', teeth: kit.cluster.teeth ?? null };
  if (kind === own) return { kind, sprockets: speeds, from: 'bike', teeth: null };
  return {
    kind,
    sprockets: kind === 'freewheel' ? Math.min(speeds, mostOnThread) : speeds,
    from: 'shop',
    teeth: null,
  };
}
