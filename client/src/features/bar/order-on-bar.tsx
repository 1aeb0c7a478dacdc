import type { BikeRecord } from '@cricket/contract/shapes';
import { withKit } from '@cricket/core/bar-question';
import { holdsEvery, laidByHand } from '@cricket/core/handlebar';
import { View } from 'react-native';

import { FindingRows } from '../../job/findings/finding-rows';
import { barPath } from '../../ui/pages';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { BarLayoutShown } from './bar-layout';
import { useArranged } from './use-arranged';
import { words } from './words';

/** At a step of the bar: the order that was worked out, or where to write down what it takes. */
export function OrderOnBar({ record }: { record: BikeRecord }) {
  const { question, missing, result } = useArranged(record);
  const own = record.bike.facts.bar?.order;
  const laid =
    question && missing && own && holdsEvery(own, question.parts) ? withKit(laidByHand(question, own), missing) : null;
  const layout = laid?.layout ?? result?.layouts[0];
  return (
    <View>
      {question && result && layout ? <BarLayoutShown question={question} result={result} layout={layout} /> : null}
      <FindingRows findings={(laid ?? result)?.findings.filter(({ verdict }) => verdict !== 'goes') ?? []} />
      <ToPage to={barPath(record.bike.id)} className="min-h-[48px] justify-center px-4">
        <Txt className="underline">{layout ? words.toBar : question ? words.noOrder : words.toWriteDown}</Txt>
      </ToPage>
    </View>
  );
}
