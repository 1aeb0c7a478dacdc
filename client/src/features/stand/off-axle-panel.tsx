import type { Side } from '@cricket/core/features';
import { offAxleKinds, type JobEventData } from '@cricket/core/job-events';
import { useState } from 'react';
import { Pressable, View } from 'react-native';

import { figure } from '../../ui/figure-text';
import { useDraft } from '../../data/use-draft';
import { Button } from '../../ui/button';
import { Segments } from '../../ui/segments';
import { TextLine } from '../../ui/text-line';
import { Txt } from '../../ui/txt';
import { readTyped } from '../../ui/typed-number';
import { Unrecorded, useAtEnd, type AtEnd } from './at-end';
import { words } from './words';
import { words as stepWords } from '../../job/steps/words';

type Part = JobEventData<'came-off'>['parts'][number];

export interface OffAxlePanelProps {
  /** As recorded before, from the hub outwards. */
  recorded: Record<Side, readonly Part[] | null>;
  /** Names what is tapped here until it is recorded. */
  place: string;
  /** Its step has ended, or cannot yet. */
  byItself: boolean;
  atEnd: AtEnd;
  onRecord: (side: Side, parts: Part[]) => void;
}

const sides: readonly Side[] = ['left', 'right'];

/** An empty axle line that is filled by tapping what comes off, outermost first; recorded with the step, hub outwards. */
export function OffAxlePanel({ recorded, place, byItself, atEnd, onRecord }: OffAxlePanelProps) {
  const [side, setSide] = useState<Side>('left');
  const draft = useDraft<Record<Side, Part[]>>(`${place}/off-axle`, {
    left: [...(recorded.left ?? [])],
    right: [...(recorded.right ?? [])],
  });
  const off = draft.value;
  const [thickness, setThickness] = useState('');
  const parts = off[side];
  const change = (next: Part[]) => draft.change({ ...off, [side]: next });
  // What comes off next lies nearer to the hub: it goes in front.
  const takeOff = (kind: Part['kind']) => {
    setThickness('');
    change([{ kind }, ...parts]);
  };
  const typed = readTyped(thickness);
  const keep = draft.changed
    ? () => {
        for (const each of sides) onRecord(each, off[each]);
        draft.drop();
      }
    : null;
  useAtEnd(atEnd, keep);
  return (
    <View className="gap-3 border-b border-rule px-4 py-3" testID="off-axle">
      <Txt bold>{words.offAxle.title}</Txt>
      <Segments
        label={words.offAxle.side}
        options={sides.map((each) => [each, words.offAxle[each]] as const)}
        value={side}
        onChange={(next) => {
          setSide(next);
          setThickness('');
        }}
      />
      <View className="min-h-[64px] flex-row items-center gap-1 border-y-2 border-ink bg-sheet px-2 py-2">
        <Txt figure tone="soft">
          {words.offAxle.hub}
        </Txt>
        {parts.length === 0 ? <Txt tone="soft">{words.offAxle.none}</Txt> : null}
        {parts.map((part, index) => (
          <View key={index} className="border-l-4 border-ink pl-1">
            <Txt size="label" figure bold>
              {stepWords.offAxle[part.kind]}
            </Txt>
            {part.thicknessMm === undefined ? null : (
              <Txt size="label" figure>
                {figure(part.thicknessMm)}
              </Txt>
            )}
          </View>
        ))}
      </View>
      <View className="flex-row flex-wrap gap-2">
        {offAxleKinds.map((kind) => (
          <Pressable
            key={kind}
            role="button"
            onPress={() => takeOff(kind)}
            className="min-h-[56px] justify-center rounded-md border-2 border-ink bg-sheet px-3 active:bg-lime"
          >
            <Txt bold>{stepWords.offAxle[kind]}</Txt>
          </Pressable>
        ))}
      </View>
      {parts.length > 0 ? (
        <TextLine
          label={words.offAxle.thickness}
          value={thickness}
          onChange={(text) => {
            setThickness(text);
            const read = readTyped(text);
            if (read.kind !== 'number' || read.value < 0.05 || read.value > 60) return;
            change(parts.map((part, index) => (index === 0 ? { ...part, thicknessMm: read.value } : part)));
          }}
          testID="off-thickness"
        />
      ) : null}
      {typed.kind === 'unreadable' || (typed.kind === 'number' && (typed.value < 0.05 || typed.value > 60)) ? (
        <Txt role="alert" tone="stop">
          {words.outOf(thickness, '0.05 to 60 mm')}
        </Txt>
      ) : null}
      <Button
        label={words.offAxle.undo}
        disabled={parts.length === 0}
        onPress={() => change(parts.slice(1))}
        className="self-start"
      />
      <Unrecorded draft={draft} byItself={byItself} onRecord={keep} />
      {recorded.left !== null && recorded.right !== null && !draft.changed ? (
        <Txt tone="goes">{words.offAxle.recorded}</Txt>
      ) : null}
    </View>
  );
}
