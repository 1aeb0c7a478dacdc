import { within } from '../../ui/say';
import type { PartsFeature } from '@cricket/core/features';
import type { LoosePart } from '@cricket/core/parts';
import { axleAt } from '@cricket/core/model';
import { useState, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';

import { figure, mm } from '../../ui/figure-text';
import { Button } from '../../ui/button';
import { numberRule, typedFigure } from '../../ui/number-rule';
import { Screen } from '../../ui/screen';
import { Txt } from '../../ui/txt';
import { featureWords } from '../../job/reading/feature-words';
import { Keypad } from '../../job/reading/keypad';
import { ReadingsSoFar } from './readings-so-far';
import type { Measuring } from './use-measuring';
import { useTyped } from '../../job/reading/use-typed';
import { nextOpen } from './where-next';
import { words as shared } from '../../ui/words';
import { words } from './words';
import { bikePath } from '../../ui/pages';

const kinds = Object.keys(words.partKinds) as LoosePart['kind'][];
const holds = numberRule(0.1, 40, 'mm', true);

/** Washers and other parts on one side, from the hub outwards, in the order in which they came off or were delivered. */
export function PartsReading({
  measuring,
  feature,
  title,
  strip,
}: {
  measuring: Measuring;
  feature: PartsFeature;
  title: string;
  strip: ReactNode;
}) {
  const { bikeId, end, record, facts, plan, keep, goTo, withdraw } = measuring;
  const [parts, setParts] = useState<LoosePart[]>(() => facts!.parts.get(feature.id) ?? []);
  const [kind, setKind] = useState<LoosePart['kind']>('plain');
  const [complaint, setComplaint] = useState<string | null>(null);
  const add = (text: string) => {
    const held = holds(text);
    if (held !== true) return setComplaint(held);
    setParts([...parts, { kind, thicknessMm: typedFigure(text)! }]);
    setComplaint(null);
    typed.change('');
  };
  const typed = useTyped(`${bikeId}/${end}/${feature.id}`, add);
  const readings = record!.readings.filter((item) => item.place === axleAt(end) && item.feature === feature.id);
  const next = nextOpen(plan, feature.id);
  return (
    <Screen
      title={title}
      tag={record!.bike.tag}
      backTo={bikePath(bikeId)}
      fixed={strip}
      footer={
        <View className="flex-row gap-2">
          <Button label={words.skip} onPress={() => goTo(next)} className="min-w-[124px]" />
          <Button
            label={next ? words.keepNext(within(featureWords(next.id).title)) : words.keep}
            look="do"
            onPress={() => keep({ parts })}
            className="flex-1"
            testID="keep"
          />
        </View>
      }
    >
      <View className="max-w-[720px] gap-3 px-4 py-2">
        <Txt tone="soft">{featureWords(feature.id).how}</Txt>
        <View className="min-h-[64px] flex-row flex-wrap items-center gap-1" role="group" aria-label={words.partsSoFar}>
          <View className="h-14 justify-center border-2 border-ink bg-sheet px-3">
            <Txt bold>{shared.hub}</Txt>
          </View>
          {parts.length === 0 ? <Txt tone="soft">{words.noParts}</Txt> : null}
          {parts.map((part, index) => (
            <View key={index} className="h-14 items-center justify-center border-2 border-ink bg-sheet px-2">
              <Txt size="label" figure>
                {words.partKinds[part.kind]}
              </Txt>
              <Txt figure bold>
                {figure(part.thicknessMm)}
              </Txt>
            </View>
          ))}
        </View>
        <View role="radiogroup" className="flex-row flex-wrap gap-2">
          {kinds.map((name) => (
            <Pressable
              key={name}
              role="radio"
              aria-checked={kind === name}
              onPress={() => setKind(name)}
              className={`min-h-[48px] justify-center rounded-md border-2 border-ink px-3 ${kind === name ? 'bg-ink' : 'bg-sheet'}`}
            >
              <Txt className={kind === name ? '!text-paper' : ''}>{words.partKinds[name]}</Txt>
            </Pressable>
          ))}
        </View>
        <View className="flex-row flex-wrap items-center gap-2">
          <Txt size="stand" figure bold className="min-w-[96px] flex-1" testID="reading">
            {typed.text ? mm(typedFigure(typed.text) ?? 0) : '–'}
          </Txt>
          <Button label={words.addPart} onPress={() => add(typed.text)} />
          <Button
            label={words.removeLast}
            look="quiet"
            disabled={parts.length === 0}
            onPress={() => setParts(parts.slice(0, -1))}
          />
        </View>
        {complaint ? (
          <Txt tone="stop" bold role="alert">
            {complaint}
          </Txt>
        ) : null}
      </View>
      <Keypad onKey={typed.press} />
      <ReadingsSoFar readings={readings} onWithdraw={withdraw} />
    </Screen>
  );
}
