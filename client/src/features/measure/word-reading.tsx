import { within } from '../../ui/say';
import type { WordFeature } from '@cricket/core/features';
import { axleAt } from '@cricket/core/model';
import type { ReactNode } from 'react';
import { Pressable, useWindowDimensions, View } from 'react-native';

import { JawDrawing } from '../../drawing/jaws/jaw-drawing';
import { Button } from '../../ui/button';
import { Screen } from '../../ui/screen';
import { Txt } from '../../ui/txt';
import { useWide } from '../../ui/use-wide';
import { ApprovalForm } from './approval-form';
import { answerName, featureWords } from '../../job/reading/feature-words';
import { ReadingsSoFar } from './readings-so-far';
import type { Measuring } from './use-measuring';
import { nextOpen } from './where-next';
import { words } from './words';
import { bikePath } from '../../ui/pages';

/** Something seen: one tap answers and goes on. */
export function WordReading({
  measuring,
  feature,
  title,
  strip,
}: {
  measuring: Measuring;
  feature: WordFeature;
  title: string;
  strip: ReactNode;
}) {
  const { bikeId, end, record, facts, plan, keep, goTo, withdraw } = measuring;
  const { width } = useWindowDimensions();
  const wide = useWide();
  const chosen = facts!.words.get(feature.id);
  const readings = record!.readings.filter((item) => item.place === axleAt(end) && item.feature === feature.id);
  const next = nextOpen(plan, feature.id);
  const says = featureWords(feature.id);
  // Four beside one another only where no answer would be broken within a word.
  const short = feature.words.length > 6 && feature.words.every((word) => answerName(feature.id, word).length < 6);
  return (
    <Screen
      title={title}
      tag={wide ? undefined : record!.bike.tag}
      backTo={bikePath(bikeId)}
      fixed={strip}
      footer={
        <Button
          label={chosen ? (next ? words.next(within(featureWords(next.id).title)) : words.allDone) : words.skip}
          look={chosen ? 'do' : 'other'}
          onPress={() => goTo(next)}
        />
      }
    >
      <View className="items-center border-y-2 border-ink bg-sheet">
        <JawDrawing featureId={feature.id} width={wide ? 420 : width} height={150} />
      </View>
      <View className="max-w-[720px] gap-1 px-4 py-3">
        <Txt>{says.how}</Txt>
        <Txt tone="soft">{says.why}</Txt>
      </View>
      <View
        role="radiogroup"
        aria-label={title}
        dataSet={{ recorded: '' }}
        className="max-w-[720px] flex-row flex-wrap gap-2 px-3"
      >
        {feature.words.map((word) => (
          <Pressable
            key={word}
            role="radio"
            aria-checked={chosen === word}
            // The maker's word is written down before anything else.
            onPress={() => keep({ word }, feature.id === 'maker-approval' && word === 'in-writing')}
            className={`min-h-[60px] grow justify-center rounded-lg border-2 border-ink px-4 ${short ? 'basis-[22%]' : 'basis-[46%]'} ${chosen === word ? 'bg-ink' : 'bg-sheet active:bg-lime'}`}
          >
            <Txt size="lead" bold className={chosen === word ? '!text-paper' : ''}>
              {answerName(feature.id, word)}
            </Txt>
          </Pressable>
        ))}
      </View>
      {feature.id === 'maker-approval' && chosen === 'in-writing' ? <ApprovalForm record={record!} end={end} /> : null}
      <View className="max-w-[720px]">
        <ReadingsSoFar readings={readings} onWithdraw={withdraw} />
      </View>
    </Screen>
  );
}
