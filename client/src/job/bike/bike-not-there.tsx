import { isMissing } from '../../data/is-missing';
import { useBike } from '../../data/use-bikes';
import { bikePath } from '../../ui/pages';
import { NotThere, type Fetched } from '../../ui/not-there';
import { words } from './words';

export interface BikeNotThereProps {
  bikeId: string;
  /** What the page itself has asked for: fits that are worked out, settings, the catalogue. */
  asked: readonly Fetched[];
  /** The bike's own page leads to the list. */
  own?: boolean;
}

/** Instead of any page of a bike: while it is fetched, when there is no such bike, when it cannot be fetched. */
export function BikeNotThere({ bikeId, asked, own = false }: BikeNotThereProps) {
  const { error } = useBike(bikeId);
  const gone = isMissing(error) ? { title: words.gone, because: words.goneWhy } : undefined;
  return <NotThere backTo={own || gone ? '/' : bikePath(bikeId)} asked={asked} gone={gone} />;
}
