import { barScale, barScene, type BarBlock, type BarPlan } from '@cricket/core/bar-scene';
import { View } from 'react-native';

import { useTones } from '../../ui/tones';
import { SceneView } from '../kit/scene-view';
import { BlockHandle } from './block-handle';

export interface BarAboveProps {
  plan: BarPlan;
  width: number;
  /** Read out instead of the drawing. */
  label: string;
  /** With it parts can be pushed about. */
  push?: BarPush;
}

export interface BarPush {
  /** A part, its place, and that it can be pushed. */
  says: (id: string) => string;
  /** So far from the left end it was pushed. */
  onPush: (id: string, atMm: number) => void;
  /** One place to the side, by key. */
  onStep: (id: string, to: 'left' | 'right') => void;
}

/** The handlebar from above, with parts that can be pushed about. */
export function BarAbove({ plan, width, label, push }: BarAboveProps) {
  const tones = useTones();
  const scene = barScene(plan, width);
  const { x, mmAt } = barScale(plan, width);
  return (
    <View style={{ width, height: scene.height }}>
      <SceneView scene={scene} tones={tones} label={label} />
      {push
        ? // Always in the same order: a part that is held is not taken out of the page.
          byNumber(plan.blocks).map((block) => (
            <BlockHandle
              key={block.id}
              says={push.says(block.id)}
              middle={(x(block.fromMm) + x(block.toMm)) / 2}
              width={x(block.toMm) - x(block.fromMm)}
              height={scene.height}
              onPush={(pixels) => push.onPush(block.id, mmAt(pixels))}
              onStep={(to) => push.onStep(block.id, to)}
            />
          ))
        : null}
    </View>
  );
}

const byNumber = (blocks: readonly BarBlock[]) => [...blocks].sort((a, b) => a.number - b.number);
