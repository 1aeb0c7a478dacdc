import type { FeaturePicture } from '@cricket/core/features';
import type { ReactNode } from 'react';
import { Circle, Line, Path, Rect } from 'react-native-svg';

import type { Tones } from '../../ui/tones';
import { dropout, outline, thin, tool, type Scene } from './strokes';

/** Rim, tyre, sprockets, and what sits on the axle. */
export const wheelScenes = {
  'old-axle': (tones: Tones) => (
    <>
      {dropout(tones)}
      <Circle cx={195} cy={124} r={28} fill={tones.metal} stroke={tones.ink} strokeWidth={2.5} />
      <Path d="M24 128h143v-22h-12v8h-131z" {...tool(tones)} />
      <Path d="M366 128h-143v-22h12v8h131z" {...tool(tones)} />
    </>
  ),
  'rim-to-dropout': (tones: Tones) => (
    <>
      <Path d="M60 14h20v202h-20zM310 14h20v202h-20z" {...outline(tones)} />
      <Path d="M182 20h26v190h-26z" fill={tones.metal} stroke={tones.ink} strokeWidth={2} />
      <Path d="M195 0v230" stroke={tones.soft} strokeDasharray="8 4 2 4" strokeWidth={1.2} />
      <Rect x={80} y={92} width={102} height={22} {...tool(tones)} />
      {[0, 1, 2, 3, 4, 5, 6, 7, 8].map((tick) => (
        <Line
          key={tick}
          x1={90 + tick * 10.5}
          y1={92}
          x2={90 + tick * 10.5}
          y2={tick % 2 ? 99 : 103}
          stroke={tones.onLime}
          strokeWidth={1.2}
        />
      ))}
      <Path d="M80 136h102M80 128v16M182 128v16" {...thin(tones)} />
    </>
  ),
  'sprocket-gap': (tones: Tones) => (
    <>
      <Path d="M300 14h20v202h-20z" {...outline(tones)} />
      <Path
        d="M232 52h10v126h-10zM208 36h10v158h-10zM184 22h10v186h-10z"
        fill={tones.metal}
        stroke={tones.ink}
        strokeWidth={2}
      />
      <Path d="M40 115h310" stroke={tones.soft} strokeDasharray="8 4 2 4" strokeWidth={1.2} />
      <Rect x={242} y={84} width={58} height={20} {...tool(tones)} />
      <Path d="M242 132h58M242 124v16M300 124v16" {...thin(tones)} />
    </>
  ),
  'cassette-stack': (tones: Tones) => (
    <>
      <Path
        d="M150 60h12v110h-12zM170 44h12v142h-12zM190 32h12v166h-12zM210 20h12v190h-12z"
        fill={tones.metal}
        stroke={tones.ink}
        strokeWidth={2}
      />
      <Path d="M20 100h130v30h-14v-10h-116z" {...tool(tones)} />
      <Path d="M370 100h-148v30h14v-10h134z" {...tool(tones)} />
      <Path d="M150 214h72M150 206v16M222 206v16" {...thin(tones)} />
    </>
  ),
  cluster: (tones: Tones) => (
    <>
      <Path
        d="M150 60h12v110h-12zM170 44h12v142h-12zM190 32h12v166h-12zM210 20h12v190h-12z"
        fill={tones.metal}
        stroke={tones.ink}
        strokeWidth={2}
      />
      <Path d="M40 98h110v34h-110z" fill={tones.lime} stroke={tones.ink} strokeWidth={2} />
    </>
  ),
  extra: (tones: Tones) => (
    <>
      <Rect x={30} y={98} width={330} height={34} fill={tones.metal} stroke={tones.ink} strokeWidth={2} />
      <Path d="M240 20h22v190h-22z" {...outline(tones)} />
      <Rect x={206} y={48} width={34} height={134} {...tool(tones)} />
      <Path d="M206 206h34M206 198v16M240 198v16" {...thin(tones)} />
    </>
  ),
  'axle-extras': (tones: Tones) => (
    <>
      <Rect x={30} y={98} width={330} height={34} fill={tones.metal} stroke={tones.ink} strokeWidth={2} />
      <Path d="M240 20h22v190h-22z" {...outline(tones)} />
      <Rect x={206} y={48} width={34} height={134} {...tool(tones)} />
    </>
  ),
  'bead-seat': (tones: Tones) => tyreScene(tones, false),
  'tyre-width': (tones: Tones) => tyreScene(tones, true),
  washers: (tones: Tones) => washersScene(tones),
} satisfies Partial<Record<FeaturePicture, Scene>>;

function tyreScene(tones: Tones, jaws: boolean): ReactNode {
  return (
    <>
      <Path d="M140 150c-40-60-10-130 55-130s95 70 55 130l-16-10c20-50 0-94-39-94s-59 44-39 94z" {...outline(tones)} />
      <Path d="M140 150h110l-14 60h-82z" fill={tones.metal} stroke={tones.ink} strokeWidth={2} />
      {jaws ? <Path d="M20 84h104v28h-14v-12h-90zM370 84h-104v28h14v-12h90z" {...tool(tones)} /> : null}
    </>
  );
}

function washersScene(tones: Tones): ReactNode {
  return (
    <>
      <Rect x={30} y={98} width={330} height={34} fill={tones.metal} stroke={tones.ink} strokeWidth={2} />
      <Path d="M90 20h20v190h-20z" {...outline(tones)} />
      <Path d="M290 50h80v130h-80z" fill={tones.sheet} stroke={tones.ink} strokeWidth={2} />
      <Rect x={110} y={64} width={26} height={102} {...tool(tones)} />
      <Rect x={136} y={72} width={16} height={86} {...tool(tones)} />
      <Rect x={46} y={72} width={44} height={86} fill={tones.metal} stroke={tones.ink} strokeWidth={2} />
      <Path d="M270 190h-150M132 182l-14 8 14 8" {...thin(tones)} />
    </>
  );
}
