import { rowOfFeature, type FeaturePicture } from '@cricket/core/features';
import { memo } from 'react';
import Svg, { Defs, G, Line, Pattern, Rect } from 'react-native-svg';

import { useTones } from '../../ui/tones';
import { brakeScenes } from './brake-scenes';
import { slotScenes } from './slot-scenes';
import type { Scene } from './strokes';
import { wheelScenes } from './wheel-scenes';

/** Every picture that a row of a feature may name. */
const scenes: Record<FeaturePicture, Scene> = { ...slotScenes, ...brakeScenes, ...wheelScenes };

export interface JawDrawingProps {
  featureId: string;
  width: number;
  height: number;
}

/** Where the jaws go: the part hatched, the tool lime. Drawn on a 390 × 230 grid. */
export const JawDrawing = memo(function JawDrawing({ featureId, width, height }: JawDrawingProps) {
  const tones = useTones();
  const { row, side, place } = rowOfFeature(featureId);
  const draw = scenes[row.picture];
  return (
    <Svg width={width} height={height} viewBox="0 0 390 230" preserveAspectRatio="xMidYMid meet" aria-hidden>
      <Defs>
        <Pattern id="cut" width={7} height={7} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <Rect width={7} height={7} fill={tones.sheet} />
          <Line x1={0} y1={0} x2={0} y2={7} stroke={tones.soft} strokeWidth={1.4} />
        </Pattern>
      </Defs>
      {/* Drawings are of the left side; the right one is its mirror image. */}
      <G transform={side === 'right' ? 'translate(390 0) scale(-1 1)' : undefined}>{draw(tones, place)}</G>
    </Svg>
  );
});
