import { say, within } from '../../ui/say';
import { irreversibleKinds, type JobEventData } from '@cricket/core/job-events';
import { putBack } from '@cricket/core/put-back';
import { axleAt } from '@cricket/core/model';
import { saidKey } from '@cricket/core/said';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { mm } from '../../ui/figure-text';
import { useBike } from '../../data/use-bikes';
import { useWrites } from '../../data/use-writes';
import { ShelfLink } from '../../job/shelf/shelf-link';
import { words as stepWords } from '../../job/steps/words';
import { Button } from '../../ui/button';
import { Notice } from '../../ui/notice';
import { Screen } from '../../ui/screen';
import { Segments } from '../../ui/segments';
import { TextLine } from '../../ui/text-line';
import { Txt } from '../../ui/txt';
import { words as shared } from '../../ui/words';
import { words } from './words';
import { bikePath, standPath } from '../../ui/pages';
import { BikeNotThere } from '../../job/bike/bike-not-there';

/** How the bike goes back to stock: the strip record backwards, and what cannot return. */
export function PutBackScreen() {
  const { bikeId } = useLocalSearchParams<{ bikeId: string }>();
  const { record, isPending, refetch } = useBike(bikeId);
  const { addEvent } = useWrites();
  const [what, setWhat] = useState<JobEventData<'irreversible'>['what']>('cut');
  const [where, setWhere] = useState('');
  if (!record) {
    return <BikeNotThere bikeId={bikeId} asked={[{ isPending, refetch }]} />;
  }
  const { ends, remains, kit } = putBack(record.events);
  return (
    <Screen
      title={words.title}
      tag={record.bike.tag}
      backTo={bikePath(bikeId)}
      footer={<Button label={words.print} onPress={() => window.print()} />}
    >
      <View className="max-w-[640px]">
        {ends.length === 0 ? (
          <Notice
            title={words.none}
            because={words.noneWhy}
            to={{ label: words.toStand, path: standPath(bikeId, 'came-off') }}
          />
        ) : (
          <Txt className="px-4 pb-2">{words.lead}</Txt>
        )}
        {ends.map(({ end, sides }) => (
          <View key={end} className="px-4 py-2" testID={`back-${end}`}>
            <Txt size="title" bold heading={2}>
              {words.end[end]}
            </Txt>
            <View className="flex-row gap-6">
              {(['left', 'right'] as const).map((side) => (
                <View key={side} className="min-w-0 flex-1 gap-1">
                  <Txt size="label" figure tone="soft" heading={3}>
                    {words[side]}
                  </Txt>
                  {sides[side] === null ? <Txt tone="unknown">{words.unknown}</Txt> : null}
                  {(sides[side] ?? []).map((part, index) => (
                    <Txt key={index} className="border-b border-rule py-1">
                      {`${index + 1}  ${stepWords.offAxle[part.kind]}${part.thicknessMm === undefined ? '' : ` ${mm(part.thicknessMm)}`}`}
                    </Txt>
                  ))}
                </View>
              ))}
            </View>
          </View>
        ))}
        <View className="gap-1 px-4 py-3" testID="remains">
          <Txt bold heading={2}>
            {words.remains}
          </Txt>
          {remains.length === 0 ? <Txt>{words.remainsNone}</Txt> : null}
          {remains.map(({ place, what: how, where: spot, amountMm }) => (
            <Txt key={`${place}${saidKey(spot)}`}>
              {`${shared.places[place]}: ${say(spot)} ${words.what[how]}${amountMm === null ? '' : `, ${mm(amountMm)}`}`}
            </Txt>
          ))}
          {remains.length > 0 ? <Txt bold>{words.caution}</Txt> : null}
        </View>
        {kit.length > 0 ? (
          <View className="gap-1 px-4 py-3">
            <Txt bold heading={2}>
              {words.kit}
            </Txt>
            {kit.map(({ end, part, fate }) => (
              <View key={`${end}${part}`}>
                <Txt>{`${part}: ${within(stepWords.fates[fate])}`}</Txt>
                {fate === 'left-out' ? (
                  <View className="screen-only">
                    <ShelfLink bikeId={bikeId} end={end} part={part} from="put-back" />
                  </View>
                ) : null}
              </View>
            ))}
          </View>
        ) : null}
        <View className="screen-only gap-2 border-t border-rule px-4 py-3">
          <Txt bold>{words.more}</Txt>
          <Segments
            label={words.more}
            options={irreversibleKinds.map((each) => [each, words.what[each]] as const)}
            value={what}
            onChange={setWhat}
          />
          <TextLine label={words.where} value={where} onChange={setWhere} maxLength={120} testID="remains-where" />
          <Button
            label={words.keep}
            disabled={where.trim() === ''}
            onPress={() => {
              void addEvent(bikeId, 'irreversible', axleAt(ends[0]?.end ?? 'front'), { what, where: where.trim() });
              setWhere('');
            }}
            className="self-start"
          />
        </View>
      </View>
    </Screen>
  );
}
