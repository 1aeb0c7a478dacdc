import type { ReactNode } from 'react';
import Svg, { Circle, Defs, G, Line, Path, Pattern, Rect } from 'react-native-svg';

import { useTones, type Tones } from '../../ui/tones';

export interface JawDrawingProps {
  featureId: string;
  width: number;
  height: number;
}

/** Where the jaws go: the part hatched, the tool lime. Drawn on a 390 × 230 grid. */
export function JawDrawing({ featureId, width, height }: JawDrawingProps) {
  const tones = useTones();
  const [head = '', side, place] = featureId.split('.');
  const draw = scenes[head] ?? scenes['slot']!;
  return (
    <Svg width={width} height={height} viewBox="0 0 390 230" preserveAspectRatio="xMidYMid meet" aria-hidden>
      <Defs>
        <Pattern id="cut" width={7} height={7} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <Rect width={7} height={7} fill={tones.sheet} />
          <Line x1={0} y1={0} x2={0} y2={7} stroke={tones.soft} strokeWidth={1.4} />
        </Pattern>
      </Defs>
      {/* Drawings are of the left side; the right one is its mirror image. */}
      <G transform={side === 'right' ? 'translate(390 0) scale(-1 1)' : undefined}>
        {draw(tones, place ?? side ?? '')}
      </G>
    </Svg>
  );
}

type Scene = (tones: Tones, place: string) => ReactNode;

const outline = (tones: Tones) => ({
  fill: 'url(#cut)',
  stroke: tones.ink,
  strokeWidth: 2.5,
  strokeLinejoin: 'round' as const,
});
const tool = (tones: Tones) => ({ fill: tones.lime, stroke: tones.ink, strokeWidth: 2 });
const thin = (tones: Tones) => ({ stroke: tones.ink, strokeWidth: 1.5, fill: 'none' });

/** The dropout seen from outside, slot open downwards. */
const dropout: Scene = (tones) => (
  <Path
    d="M120 0h150c2 60 0 100-12 140l-6 84h-27V122a30 30 0 0 0-60 0v102h-27l-6-84c-12-40-14-80-12-140z"
    {...outline(tones)}
  />
);

const scenes: Record<string, Scene> = {
  slot: (tones, place) => dropout(tones, place),
  'slot-width': (tones, place) => {
    const y = place === 'mouth' ? 206 : place === 'middle' ? 168 : 128;
    return (
      <>
        {dropout(tones, place)}
        <Path d={`M22 ${y}h143v-24l8 6v38h-151z`} {...tool(tones)} />
        <Path d={`M368 ${y}h-143v-24l-8 6v38h151z`} {...tool(tones)} />
        <Path d={`M165 ${y - 44}h60M165 ${y - 52}v16M225 ${y - 52}v16`} {...thin(tones)} />
      </>
    );
  },
  'slot-depth': (tones) => (
    <>
      {dropout(tones, '')}
      <Path d="M188 226V94h14v132z" {...tool(tones)} />
      <Rect x={140} y={222} width={110} height={8} {...tool(tones)} />
      <Path d="M300 92v132M292 92h16M292 224h16M208 92h84" {...thin(tones)} />
    </>
  ),
  hole: (tones) => (
    <>
      <Path d="M120 0h150c2 60 0 120-16 190q-59 40-118 0c-16-70-18-130-16-190z" {...outline(tones)} />
      <Circle cx={195} cy={130} r={36} fill={tones.sheet} stroke={tones.ink} strokeWidth={2.5} />
      <Path d="M24 130h135v-8l8-4v34h-143z" {...tool(tones)} />
      <Path d="M366 130h-135v-8l-8-4v34h143z" {...tool(tones)} />
    </>
  ),
  plate: (tones) => (
    <>
      <Path d="M182 0h26v214h-26z" {...outline(tones)} />
      <Path d="M20 96h162v40h-18v-14h-144z" {...tool(tones)} />
      <Path d="M370 96h-162v40h18v-14h144z" {...tool(tones)} />
      <Path d="M182 176h26M182 168v16M208 168v16" {...thin(tones)} />
      <Path d="M195 0v230" stroke={tones.soft} strokeDasharray="8 4 2 4" strokeWidth={1} />
    </>
  ),
  lip: (tones) => (
    <>
      {dropout(tones, '')}
      <Path d="M137 160a60 60 0 1 1 116 0" {...thin(tones)} strokeDasharray="6 4" />
      <Circle cx={195} cy={122} r={66} fill="none" stroke={tones.lime} strokeWidth={5} />
      <Circle cx={195} cy={122} r={66} fill="none" stroke={tones.ink} strokeWidth={1.5} />
    </>
  ),
  'lip-diameter': (tones) => (
    <>
      {dropout(tones, '')}
      <Circle cx={195} cy={122} r={58} fill="none" stroke={tones.ink} strokeWidth={1.5} strokeDasharray="6 4" />
      <Path d="M22 116h115v12h-115z" {...tool(tones)} />
      <Path d="M368 116h-115v12h115z" {...tool(tones)} />
      <Path d="M137 52h116M137 44v70M253 44v70" {...thin(tones)} />
    </>
  ),
  'lip-depth': (tones) => (
    <>
      <Path d="M170 0h40v62h-16v106h16v46h-40z" {...outline(tones)} />
      <Path d="M210 98h150v34h-166v-20h16z" {...tool(tones)} />
      <Rect x={210} y={52} width={9} height={130} {...tool(tones)} />
      <Path d="M194 200h16M194 192v16M210 192v16" {...thin(tones)} />
    </>
  ),
  'legs-apart': (tones) => (
    <>
      <Path d="M86 0l10 0 8 216h-20zM304 0l-10 0-8 216h20z" {...outline(tones)} />
      <Rect x={128} y={56} width={134} height={132} fill={tones.metal} stroke={tones.ink} strokeWidth={1.5} />
      <Path d="M60 122h270" stroke={tones.soft} strokeDasharray="8 4 2 4" strokeWidth={1.2} />
      <Path d="M100 34h72v14h-68zM290 34h-72v14h68z" {...tool(tones)} />
      <Path d="M100 24h190M100 16v16M290 16v16" {...thin(tones)} />
    </>
  ),
  'tyre-room': (tones) => (
    <>
      <Path d="M84 0h18v216h-18zM288 0h18v216h-18z" {...outline(tones)} />
      <Path d="M140 216v-96a55 55 0 0 1 110 0v96z" fill={tones.metal} stroke={tones.ink} strokeWidth={1.5} />
      <Path d="M102 34h70v14h-70zM288 34h-70v14h70z" {...tool(tones)} />
      <Path d="M102 20h186M102 12v16M288 12v16" {...thin(tones)} />
    </>
  ),
  spacing: (tones, place) => {
    const y = place === 'back' ? 168 : 44;
    return (
      <>
        <Path d="M70 14h20v202h-20zM300 14h20v202h-20z" {...outline(tones)} />
        <Path d="M60 106h270" stroke={tones.soft} strokeDasharray="8 4 2 4" strokeWidth={1.2} />
        <Path d={`M90 ${y}h96v22h-96z`} {...tool(tones)} />
        <Path d={`M300 ${y}h-96v22h96z`} {...tool(tones)} />
        <Path d={`M186 ${y + 6}h18M186 ${y + 16}h18`} {...thin(tones)} />
        <Path
          d={place === 'back' ? 'M90 138h210M90 130v16M300 130v16' : 'M90 82h210M90 74v16M300 74v16'}
          {...thin(tones)}
        />
        <Path d="M350 60v-34M343 36l7-12 7 12" {...thin(tones)} />
      </>
    );
  },
  'old-axle': (tones) => (
    <>
      {dropout(tones, '')}
      <Circle cx={195} cy={124} r={28} fill={tones.metal} stroke={tones.ink} strokeWidth={2.5} />
      <Path d="M24 128h143v-22h-12v8h-131z" {...tool(tones)} />
      <Path d="M366 128h-143v-22h12v8h131z" {...tool(tones)} />
    </>
  ),
  'rotor-inboard': (tones) => rotorScene(tones, 160),
  'rotor-outer': (tones) => rotorScene(tones, 152),
  'rotor-thickness': (tones) => (
    <>
      <Path d="M186 0h18v230h-18z" {...outline(tones)} />
      <Path d="M20 100h166v36h-16v-12h-150zM370 100h-166v36h16v-12h150z" {...tool(tones)} />
    </>
  ),
  'rim-to-dropout': (tones) => (
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
  'rotor-diameter': (tones) => rotorFace(tones, <Path d="M88 115h214M88 106v18M302 106v18" {...thin(tones)} />),
  'rotor-max': (tones) => rotorFace(tones, <Path d="M195 8v214" stroke={tones.lime} strokeWidth={6} />),
  'rotor-pattern': (tones) =>
    rotorFace(tones, <Circle cx={195} cy={115} r={44} fill="none" stroke={tones.lime} strokeWidth={6} />),
  'caliper-inboard': (tones) =>
    caliperScene(tones, <Path d="M160 196h96M160 188v16M256 188v16" {...thin(tones)} />, 'side'),
  'caliper-depth': (tones) =>
    caliperScene(tones, <Path d="M300 24v96M292 24h16M292 120h16" {...thin(tones)} />, 'depth'),
  'caliper-mount': (tones) => caliperScene(tones, null, 'mount'),
  'mount-plate': (tones) => boltScene(tones, 'plate'),
  'mount-thread': (tones) => boltScene(tones, 'thread'),
  'leg-inboard': (tones) => (
    <>
      <Path d="M70 120h20v110h-20z" {...outline(tones)} />
      <Path d="M64 0h38v128h-38z" {...outline(tones)} />
      <Path d="M196 30h8v180h-8z" fill={tones.metal} stroke={tones.ink} strokeWidth={2} />
      <Path d="M90 160v-120" stroke={tones.soft} strokeDasharray="8 4 2 4" strokeWidth={1.2} />
      <Rect x={90} y={58} width={12} height={22} {...tool(tones)} />
      <Path d="M150 69h-44M114 62l-9 7 9 7" {...thin(tones)} />
    </>
  ),
  'sprocket-gap': (tones) => (
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
  'cassette-stack': (tones) => (
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
  cluster: (tones) => (
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
  'hanger-in-seat': (tones) => hangerScene(tones),
  hanger: (tones) => hangerScene(tones),
  extra: (tones) => (
    <>
      <Rect x={30} y={98} width={330} height={34} fill={tones.metal} stroke={tones.ink} strokeWidth={2} />
      <Path d="M240 20h22v190h-22z" {...outline(tones)} />
      <Rect x={206} y={48} width={34} height={134} {...tool(tones)} />
      <Path d="M206 206h34M206 198v16M240 198v16" {...thin(tones)} />
    </>
  ),
  'axle-extras': (tones) => (
    <>
      <Rect x={30} y={98} width={330} height={34} fill={tones.metal} stroke={tones.ink} strokeWidth={2} />
      <Path d="M240 20h22v190h-22z" {...outline(tones)} />
      <Rect x={206} y={48} width={34} height={134} {...tool(tones)} />
    </>
  ),
  'slot-line': (tones) => (
    <>
      <Path d="M172 0h46v150h-46z" {...outline(tones)} />
      <Path d="M172 150h46l-6 76h-10v-44a7 7 0 0 0-14 0v44h-10z" {...outline(tones)} />
      <Path d="M186 228l16 0 26-226h-16z" {...tool(tones)} />
      <Path d="M195 22h27M195 14v16M222 14v16" {...thin(tones)} />
      <Path d="M195 0v150" stroke={tones.soft} strokeDasharray="8 4 2 4" strokeWidth={1.2} />
    </>
  ),
  'clamp-from': (tones) => clampScene(tones, 92),
  'clamp-to': (tones) => clampScene(tones, 26),
  'blade-width': (tones) => (
    <>
      <Path d="M168 0h54v170h-54zM176 170h38v60h-38z" {...outline(tones)} />
      <Path d="M20 92h148v36h-16v-14h-132z" {...tool(tones)} />
      <Path d="M370 92h-148v36h16v-14h132z" {...tool(tones)} />
    </>
  ),
  'blade-step': (tones) => (
    <>
      <Path d="M200 0h50v120h-50z" {...outline(tones)} />
      <Path d="M186 120h28v110h-28z" {...outline(tones)} />
      <Path d="M160 0h8v220h-8z" {...tool(tones)} />
      <Path d="M168 180h18M168 172v16M186 172v16" {...thin(tones)} />
      <Path d="M168 60h32M168 52v16M200 52v16" {...thin(tones)} />
    </>
  ),
  'bead-seat': (tones) => tyreScene(tones, false),
  'tyre-width': (tones) => tyreScene(tones, true),
  'washers-found': (tones) => washersScene(tones),
  'washers-delivered': (tones) => washersScene(tones),
  material: (tones) => dropout(tones, ''),
  'blade-material': (tones) => (
    <>
      {dropout(tones, '')}
      <Path d="M120 0h150l-1 56h-148z" fill={tones.lime} stroke={tones.ink} strokeWidth={2} />
    </>
  ),
};

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

function hangerScene(tones: Tones): ReactNode {
  return (
    <>
      {dropout(tones, '')}
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
