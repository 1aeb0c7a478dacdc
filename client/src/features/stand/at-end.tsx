import { useLayoutEffect, type RefObject } from 'react';
import { View } from 'react-native';

import type { Draft } from '../../data/use-draft';
import { Button } from '../../ui/button';
import { Txt } from '../../ui/txt';
import { words } from './words';

/** What else a step writes down when it ends; null while everything on the screen is recorded. */
export type AtEnd = RefObject<(() => void) | null>;

/** Has what stands on a panel recorded when its step ends: one button for all of it. */
export function useAtEnd(atEnd: AtEnd, record: (() => void) | null): void {
  useLayoutEffect(() => {
    atEnd.current = record;
    return () => {
      atEnd.current = null;
    };
  });
}

/** How what is on a panel stands to the record: recorded by itself where its step cannot be ended now, or overtaken by somebody. */
export function Unrecorded<T>({
  draft,
  byItself,
  onRecord,
}: {
  draft: Draft<T>;
  byItself: boolean;
  onRecord: (() => void) | null;
}) {
  return (
    <>
      {draft.overtaken ? (
        <View role="status" className="gap-2 border-l-8 border-work bg-sheet px-3 py-2" testID="overtaken">
          <Txt bold>{words.overtaken}</Txt>
          <Button label={words.takeTheirs} onPress={draft.drop} className="self-start" />
        </View>
      ) : null}
      {byItself && onRecord ? (
        <Button label={words.recordChange} look="do" onPress={onRecord} className="self-start" testID="record-change" />
      ) : null}
    </>
  );
}
