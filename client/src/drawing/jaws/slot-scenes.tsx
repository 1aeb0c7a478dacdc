import type { FeaturePicture } from '@cricket/core/features';
import type { ReactNode } from 'react';
import { Circle, Path, Rect } from 'react-native-svg';

import type { Tones } from '../../ui/tones';
import { dropout, outline, thin, tool, type Scene } from './strokes';

/** The end of a blade or stay: slot, hole, lip, plate, and what the legs leave free. */
export const slotScenes = {
  slot: (tones: Tones) => dropout(tones),
  'slot-width': (tones: Tones, place: string | null) => {
    const y = place === 'mouth' ? 206 : place === 'middle' ? 168 : 128;
    return (
      <>
        {dropout(tones)}
        <Path d={`M22 ${y}h143v-24l8 6v38h-151z`} {...tool(tones)} />
        <Path d={`M368 ${y}h-143v-24l-8 6v38h151z`} {...tool(tones)} />
        <Path d={`M165 ${y - 44}h60M165 ${y - 52}v16M225 ${y - 52}v16`} {...thin(tones)} />
      </>
    );
  },
  'slot-depth': (tones: Tones) => (
    <>
      {dropout(tones)}
      <Path d="M188 226V94h14v132z" {...tool(tones)} />
      <Rect x={140} y={222} width={110} height={8} {...tool(tones)} />
      <Path d="M300 92v132M292 92h16M292 224h16M208 92h84" {...thin(tones)} />
    </>
  ),
  'slot-line': (tones: Tones) => (
    <>
      <Path d="M172 0h46v150h-46z" {...outline(tones)} />
      <Path d="M172 150h46l-6 76h-10v-44a7 7 0 0 0-14 0v44h-10z" {...outline(tones)} />
      <Path d="M186 228l16 0 26-226h-16z" {...tool(tones)} />
      <Path d="M195 22h27M195 14v16M222 14v16" {...thin(tones)} />
      <Path d="M195 0v150" stroke={tones.soft} strokeDasharray="8 4 2 4" strokeWidth={1.2} />
    </>
  ),
  hole: (tones: Tones) => (
    <>
      <Path d="M120 0h150c2 60 0 120-16 190q-59 40-118 0c-16-70-18-130-16-190z" {...outline(tones)} />
      <Circle cx={195} cy={130} r={36} fill={tones.sheet} stroke={tones.ink} strokeWidth={2.5} />
      <Path d="M24 130h135v-8l8-4v34h-143z" {...tool(tones)} />
      <Path d="M366 130h-135v-8l-8-4v34h143z" {...tool(tones)} />
    </>
  ),
  plate: (tones: Tones) => (
    <>
      <Path d="M182 0h26v214h-26z" {...outline(tones)} />
      <Path d="M20 96h162v40h-18v-14h-144z" {...tool(tones)} />
      <Path d="M370 96h-162v40h18v-14h144z" {...tool(tones)} />
      <Path d="M182 176h26M182 168v16M208 168v16" {...thin(tones)} />
      <Path d="M195 0v230" stroke={tones.soft} strokeDasharray="8 4 2 4" strokeWidth={1} />
    </>
  ),
  lip: (tones: Tones) => (
    <>
      {dropout(tones)}
      <Path d="M137 160a60 60 0 1 1 116 0" {...thin(tones)} strokeDasharray="6 4" />
      <Circle cx={195} cy={122} r={66} fill="none" stroke={tones.lime} strokeWidth={5} />
      <Circle cx={195} cy={122} r={66} fill="none" stroke={tones.ink} strokeWidth={1.5} />
    </>
  ),
  'lip-diameter': (tones: Tones) => (
    <>
      {dropout(tones)}
      <Circle cx={195} cy={122} r={58} fill="none" stroke={tones.ink} strokeWidth={1.5} strokeDasharray="6 4" />
      <Path d="M22 116h115v12h-115z" {...tool(tones)} />
      <Path d="M368 116h-115v12h115z" {...tool(tones)} />
      <Path d="M137 52h116M137 44v70M253 44v70" {...thin(tones)} />
    </>
  ),
  'lip-depth': (tones: Tones) => (
    <>
      <Path d="M170 0h40v62h-16v106h16v46h-40z" {...outline(tones)} />
      <Path d="M210 98h150v34h-166v-20h16z" {...tool(tones)} />
      <Rect x={210} y={52} width={9} height={130} {...tool(tones)} />
      <Path d="M194 200h16M194 192v16M210 192v16" {...thin(tones)} />
    </>
  ),
  'blade-material': (tones: Tones) => (
    <>
      {dropout(tones)}
      <Path d="M120 0h150l-1 56h-148z" fill={tones.lime} stroke={tones.ink} strokeWidth={2} />
    </>
  ),
  'blade-width': (tones: Tones) => (
    <>
      <Path d="M168 0h54v170h-54zM176 170h38v60h-38z" {...outline(tones)} />
      <Path d="M20 92h148v36h-16v-14h-132z" {...tool(tones)} />
      <Path d="M370 92h-148v36h16v-14h132z" {...tool(tones)} />
    </>
  ),
  'blade-step': (tones: Tones) => (
    <>
      <Path d="M200 0h50v120h-50z" {...outline(tones)} />
      <Path d="M186 120h28v110h-28z" {...outline(tones)} />
      <Path d="M160 0h8v220h-8z" {...tool(tones)} />
      <Path d="M168 180h18M168 172v16M186 172v16" {...thin(tones)} />
      <Path d="M168 60h32M168 52v16M200 52v16" {...thin(tones)} />
    </>
  ),
  'clamp-from': (tones: Tones) => clampScene(tones, 92),
  'clamp-to': (tones: Tones) => clampScene(tones, 26),
  'legs-apart': (tones: Tones) => (
    <>
      <Path d="M86 0l10 0 8 216h-20zM304 0l-10 0-8 216h20z" {...outline(tones)} />
      <Rect x={128} y={56} width={134} height={132} fill={tones.metal} stroke={tones.ink} strokeWidth={1.5} />
      <Path d="M60 122h270" stroke={tones.soft} strokeDasharray="8 4 2 4" strokeWidth={1.2} />
      <Path d="M100 34h72v14h-68zM290 34h-72v14h68z" {...tool(tones)} />
      <Path d="M100 24h190M100 16v16M290 16v16" {...thin(tones)} />
    </>
  ),
  'leg-inboard': (tones: Tones) => (
    <>
      <Path d="M70 120h20v110h-20z" {...outline(tones)} />
      <Path d="M64 0h38v128h-38z" {...outline(tones)} />
      <Path d="M196 30h8v180h-8z" fill={tones.metal} stroke={tones.ink} strokeWidth={2} />
      <Path d="M90 160v-120" stroke={tones.soft} strokeDasharray="8 4 2 4" strokeWidth={1.2} />
      <Rect x={90} y={58} width={12} height={22} {...tool(tones)} />
      <Path d="M150 69h-44M114 62l-9 7 9 7" {...thin(tones)} />
    </>
  ),
  'tyre-room': (tones: Tones) => (
    <>
      <Path d="M84 0h18v216h-18zM288 0h18v216h-18z" {...outline(tones)} />
      <Path d="M140 216v-96a55 55 0 0 1 110 0v96z" fill={tones.metal} stroke={tones.ink} strokeWidth={1.5} />
      <Path d="M102 34h70v14h-70zM288 34h-70v14h70z" {...tool(tones)} />
      <Path d="M102 20h186M102 12v16M288 12v16" {...thin(tones)} />
    </>
  ),
  'spacing-front': (tones: Tones) => spacingScene(tones, 44, 82),
  'spacing-back': (tones: Tones) => spacingScene(tones, 168, 138),
  hanger: (tones: Tones) => hangerScene(tones),
} satisfies Partial<Record<FeaturePicture, Scene>>;

function hangerScene(tones: Tones): ReactNode {
  return (
    <>
      {dropout(tones)}
      <Path d="M225 120l60 10 24 90h-40l-14-60-30-12z" fill={tones.lime} stroke={tones.ink} strokeWidth={2} />
    </>
  );
}

function clampScene(tones: Tones, at: number): ReactNode {
  return (
    <>
      <Path d="M168 0h54v150h-54z" {...outline(tones)} />
      <Path d="M168 150h54l-6 76h-14v-30a7 7 0 0 0-14 0v30h-14z" {...outline(tones)} />
      <Rect x={160} y={at} width={70} height={14} {...tool(tones)} />
      <Path d={`M270 ${at + 7}v${196 - at - 7}M262 ${at + 7}h16M262 196h16`} {...thin(tones)} />
    </>
  );
}

/** The jaws at `jawsY`, the dimension at `lineY`; the arrow points forward. */
function spacingScene(tones: Tones, jawsY: number, lineY: number): ReactNode {
  return (
    <>
      <Path d="M70 14h20v202h-20zM300 14h20v202h-20z" {...outline(tones)} />
      <Path d="M60 106h270" stroke={tones.soft} strokeDasharray="8 4 2 4" strokeWidth={1.2} />
      <Path d={`M90 ${jawsY}h96v22h-96z`} {...tool(tones)} />
      <Path d={`M300 ${jawsY}h-96v22h96z`} {...tool(tones)} />
      <Path d={`M186 ${jawsY + 6}h18M186 ${jawsY + 16}h18`} {...thin(tones)} />
      <Path d={`M90 ${lineY}h210M90 ${lineY - 8}v16M300 ${lineY - 8}v16`} {...thin(tones)} />
      <Path d="M350 60v-34M343 36l7-12 7 12" {...thin(tones)} />
    </>
  );
}
