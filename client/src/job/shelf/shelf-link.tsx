import type { End } from '@cricket/core/model';

import { leftoverId } from '../../data/leftover-id';
import { useStores } from '../../data/use-bikes';
import { leftoverPath } from '../../ui/pages';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { words } from './words';

interface ShelfLinkProps {
  bikeId: string;
  end: End;
  part: string;
  /** Where one goes on once it lies there. */
  from: 'stand' | 'put-back';
}

/** The way of a left-over part of a kit onto the shelf, or that it lies there. */
export function ShelfLink({ bikeId, end, part, from }: ShelfLinkProps) {
  const { data } = useStores();
  const id = leftoverId(bikeId, end, part);
  if (data?.some((line) => line.id === id)) return <Txt tone="goes">{words.there}</Txt>;
  return (
    <ToPage to={leftoverPath(bikeId, end, part, from)} className="min-h-[48px] justify-center">
      <Txt className="underline" accessibilityLabel={words.putPart(part)}>
        {words.put}
      </Txt>
    </ToPage>
  );
}
