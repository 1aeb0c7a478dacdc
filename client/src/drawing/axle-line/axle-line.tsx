import { axlePartName, axleScene, type AxleLineData, type AxlePart, type AxleView } from '@cricket/core/axle-scene';

import { figure } from '../../ui/figure-text';
import { say } from '../../ui/say';
import type { Tones } from '../../ui/tones';
import { SceneView } from '../kit/scene-view';

export interface AxleLineProps {
  data: AxleLineData;
  width: number;
  height: number;
  view: AxleView;
  tones: Tones;
  /** Part in hand. */
  selected: string | null;
  /** Called with the part's key. */
  onPick?: (key: string) => void;
  label: string;
}

/** The section through the axle on the page; close up there is room for the names of its parts. */
export function AxleLine({ data, width, height, view, tones, selected, onPick, label }: AxleLineProps) {
  const names = view !== 'whole' && { nameOf: (part: AxlePart) => say(axlePartName(part)) };
  const scene = axleScene(data, { width, height, view, selected, figure, ...names });
  return <SceneView scene={scene} tones={tones} label={label} onPick={onPick} />;
}
