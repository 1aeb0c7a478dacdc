import { placeShown } from '@cricket/core/model';
import sharp from 'sharp';
import type { EntityManager } from 'typeorm';

import { PhotoEntity } from '../data/entities/photo';
import { readPicture, type ReadPicture } from '../photos/read-picture';
import { demoId } from './demo-id';

const [width, height] = [960, 720];

/** A bench, a sheet of paper on it, and what lies there: drawn by us in place of a camera's picture. */
function scene(tone: string, inside: string): string {
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 960 720">
    <rect width="960" height="720" fill="${tone}"/>
    <path d="M0 560 L960 500 L960 720 L0 720 Z" fill="#00000022"/>
    <g stroke="#23271F" stroke-width="8" stroke-linejoin="round" stroke-linecap="round" fill="none">${inside}</g>
  </svg>`;
}

const spokes = Array.from({ length: 18 }, (_, index) => {
  const [from, to] = [(index * Math.PI) / 9, (index * Math.PI) / 9 + (index % 2 ? 0.5 : -0.5)];
  const at = (angle: number, radius: number) =>
    `${(480 + radius * Math.cos(angle)).toFixed(1)} ${(360 + radius * Math.sin(angle)).toFixed(1)}`;
  return `<path d="M${at(to, 92)} L${at(from, 286)}" stroke-width="3"/>`;
}).join('');

/** What a picture may show. */
const scenes = {
  dropout: scene(
    '#B9B4A2',
    `<path d="M300 0 L360 330 Q380 470 480 470 Q580 470 590 330 L640 0" fill="#7C8573"/>
     <path d="M440 470 L440 360 A40 40 0 0 1 520 360 L520 470 Z" fill="#E9E4D4"/>
     <circle cx="480" cy="360" r="78" fill="#C9C4B4"/><circle cx="480" cy="360" r="40" fill="#8E8A7D"/>
     <path d="M450 334 L510 334 M450 386 L510 386"/>`,
  ),
  bar: scene(
    '#A9B0A2',
    `<path d="M90 420 Q300 250 480 250 Q660 250 870 420" stroke="#3B3F36" stroke-width="34"/>
     <path d="M90 420 L30 470 M870 420 L930 470" stroke="#23271F" stroke-width="46"/>
     <path d="M250 330 L180 470 M710 330 L780 470" stroke-width="16"/>
     <rect x="420" y="200" width="120" height="84" rx="10" fill="#23271F"/>
     <path d="M300 320 Q360 520 450 640 M660 320 Q600 520 520 640" stroke-width="10"/>`,
  ),
  wheel: scene(
    '#B2ADA0',
    `<circle cx="480" cy="360" r="320" stroke-width="46"/><circle cx="480" cy="360" r="290" stroke="#8E8A7D"/>
     ${spokes}
     <circle cx="480" cy="360" r="104" fill="#6E7468"/><circle cx="480" cy="360" r="30" fill="#D9D4C4"/>
     <path d="M510 360 Q620 330 690 250" stroke-width="14"/>`,
  ),
  plugs: scene(
    '#A6A89C',
    `<path d="M0 300 L300 330" stroke-width="22"/><path d="M660 350 L960 300" stroke-width="22"/>
     <rect x="300" y="280" width="170" height="110" rx="16" fill="#4E5547"/>
     <rect x="480" y="270" width="180" height="130" rx="16" fill="#747C6B"/>
     <path d="M440 310 L520 335 L440 360 Z" fill="#D3F36B"/>
     <path d="M0 520 L340 480 Q480 470 620 520 L960 560" stroke-width="14"/>`,
  ),
  bench: scene(
    '#C3BDAA',
    `<rect x="80" y="110" width="330" height="230" fill="#DDD7C5"/><circle cx="650" cy="230" r="120" fill="#8E8A7D"/>
     <circle cx="650" cy="230" r="30" fill="#DDD7C5"/>
     <rect x="120" y="440" width="260" height="110" rx="14" fill="#4E5547"/>
     <path d="M470 560 Q560 430 700 520 T900 470" stroke-width="12"/>
     <circle cx="500" cy="430" r="26"/><circle cx="570" cy="410" r="26"/><path d="M110 150 L380 150 M110 200 L330 200"/>`,
  ),
} as const;

type Scene = keyof typeof scenes;

/** Which picture stands for a place in the work. */
const sceneOf: readonly (readonly [start: RegExp, scene: Scene])[] = [
  [/^(condition|came-off|delivered|filed|relieved|extras|witness)/, 'dropout'],
  [/^(bar|brake|settings)/, 'bar'],
  [/^(plugs|pins|old-loom|mount|drilled)/, 'plugs'],
  [/^(bench|parcel)/, 'bench'],
];

const drawn = new Map<Scene, Promise<ReadPicture>>();

function pictureOf(about: string): Promise<ReadPicture> {
  const name = sceneOf.find(([start]) => start.test(about))?.[1] ?? 'wheel';
  let picture = drawn.get(name);
  if (!picture) {
    picture = rendered(scenes[name]);
    drawn.set(name, picture);
  }
  return picture;
}

async function rendered(svg: string): Promise<ReadPicture> {
  return readPicture(await sharp(Buffer.from(svg)).jpeg({ quality: 80 }).toBuffer());
}

/** Puts a drawn picture to each of these places. */
export async function addDrawnPhotos(
  manager: EntityManager,
  abouts: readonly string[],
  { bikeId, number, personId, at }: { bikeId: string; number: number; personId: string; at: () => Date },
): Promise<void> {
  for (const [index, about] of abouts.entries()) {
    await manager.insert(PhotoEntity, {
      id: demoId(12_000 + number, index + 1),
      bikeId,
      place: placeShown(about),
      about,
      note: null,
      takenAt: at(),
      personId,
      personName: null,
      withdrawnAt: null,
      ...(await pictureOf(about)),
    });
  }
}
