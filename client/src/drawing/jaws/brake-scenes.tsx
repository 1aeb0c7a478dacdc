import type { FeaturePicture } from '@cricket/core/features';
import type { ReactNode } from 'react';
import { Circle, Path, Rect } from 'react-native-svg';

import type { Tones } from '../../ui/tones';
import { outline, thin, tool, type Scene } from './strokes';

/** Rotor, caliper and the bolts that hold it. */
export const brakeScenes = {
  'rotor-inboard': (tones: Tones) => rotorScene(tones, 160),
  'rotor-outer': (tones: Tones) => rotorScene(tones, 152),
  'rotor-thickness': (tones: Tones) => (
    <>
      <Path d="M186 0h18v230h-18z" {...outline(tones)} />
      <Path d="M20 100h166v36h-16v-12h-150zM370 100h-166v36h16v-12h150z" {...tool(tones)} />
    </>
  ),
  'rotor-diameter': (tones: Tones) => rotorFace(tones, <Path d="M88 115h214M88 106v18M302 106v18" {...thin(tones)} />),
  'rotor-max': (tones: Tones) => rotorFace(tones, <Path d="M195 8v214" stroke={tones.lime} strokeWidth={6} />),
  'rotor-pattern': (tones: Tones) =>
    rotorFace(tones, <Circle cx={195} cy={115} r={44} fill="none" stroke={tones.lime} strokeWidth={6} />),
  'caliper-inboard': (tones: Tones) =>
    caliperScene(tones, <Path d="M160 196h96M160 188v16M256 188v16" {...thin(tones)} />, 'side'),
  'caliper-depth': (tones: Tones) =>
    caliperScene(tones, <Path d="M300 24v96M292 24h16M292 120h16" {...thin(tones)} />, 'depth'),
  'caliper-mount': (tones: Tones) => caliperScene(tones, null, 'mount'),
  'mount-plate': (tones: Tones) => boltScene(tones, 'plate'),
  'mount-thread': (tones: Tones) => boltScene(tones, 'thread'),
} satisfies Partial<Record<FeaturePicture, Scene>>;

function rotorScene(tones: Tones, face: number): ReactNode {
  return (
    <>
      <Path d="M70 14h20v202h-20z" {...outline(tones)} />
      <Path d="M152 20h8v190h-8z" fill={tones.metal} stroke={tones.ink} strokeWidth={2} />
      <Path d="M230 60h90v110h-90zM160 90h70v50h-70z" fill={tones.sheet} stroke={tones.ink} strokeWidth={2} />
      <Path d="M60 115h290" stroke={tones.soft} strokeDasharray="8 4 2 4" strokeWidth={1.2} />
      <Rect x={90} y={36} width={face - 90} height={20} {...tool(tones)} />
      <Path d={`M90 76h${face - 90}M90 68v16M${face} 68v16`} {...thin(tones)} />
    </>
  );
}

function rotorFace(tones: Tones, what: ReactNode): ReactNode {
  return (
    <>
      <Circle cx={195} cy={115} r={107} fill={tones.metal} stroke={tones.ink} strokeWidth={2} />
      <Circle cx={195} cy={115} r={84} fill={tones.sheet} stroke={tones.ink} strokeWidth={2} />
      <Circle cx={195} cy={115} r={30} fill={tones.metal} stroke={tones.ink} strokeWidth={2} />
      {what}
    </>
  );
}

function caliperScene(tones: Tones, dimension: ReactNode, what: 'side' | 'depth' | 'mount'): ReactNode {
  return (
    <>
      <Path d="M152 24h8v190h-8z" fill={tones.metal} stroke={tones.ink} strokeWidth={2} />
      <Path
        d="M100 24h156v96h-92v-66h-16v66h-48z"
        fill={what === 'mount' ? tones.lime : 'url(#cut)'}
        stroke={tones.ink}
        strokeWidth={2.5}
      />
      <Path d="M300 130h70v84h-70z" fill={tones.sheet} stroke={tones.ink} strokeWidth={2} />
      {what === 'side' ? <Rect x={160} y={150} width={96} height={20} {...tool(tones)} /> : null}
      {dimension}
    </>
  );
}

function boltScene(tones: Tones, what: 'plate' | 'thread'): ReactNode {
  return (
    <>
      <Path d="M90 60h210v50h-210z" {...outline(tones)} />
      <Path d="M90 118h210v90h-210z" fill={tones.metal} stroke={tones.ink} strokeWidth={2} />
      <Path
        d="M168 30h54v26h-54zM182 56h26v112h-26z"
        fill={what === 'plate' ? tones.sheet : tones.lime}
        stroke={tones.ink}
        strokeWidth={2}
      />
      <Path
        d={what === 'plate' ? 'M330 58v60M322 58h16M322 118h16' : 'M330 118v70M322 118h16M322 188h16'}
        {...thin(tones)}
      />
    </>
  );
}
