import type { Chosen } from '../acceptance';
import { inMm } from '../figures';
import type { RoomStation } from '../whole-bike';

type Lines = { [Station in RoomStation]: (chosen: Chosen<Station>) => string[] };

const whole = (mm: number): string => String(Math.round(mm));
const listed = (names: readonly string[]): string => names.join(', ');

/** What is to be built at a station, one sentence each: for the sheet and for the stand. */
export const arrangementLines: Lines = {
  bar: ({ left, right, centre, cuts }) => [
    ...(left.length > 0 ? [`Left, from the end inwards: ${listed(left.map(({ id }) => id))}.`] : []),
    ...(right.length > 0 ? [`Right, from the end inwards: ${listed(right.map(({ id }) => id))}.`] : []),
    ...(centre.length > 0 ? [`In the middle: ${listed(centre)}.`] : []),
    ...cuts.map(({ id, mm }) => `Cut ${inMm(mm)} off ${id}.`),
  ],
  levers: ({ ends }) =>
    ends.map(({ end, do: way, what }) => {
      const name = end === 'front' ? 'Front' : 'Rear';
      if (way === 'keep') return `${name}: the lever stays as it is.`;
      return way === 'switch'
        ? `${name}: the lever stays, with ${what ?? 'a switch'}.`
        : `${name}: ${what ?? 'another lever'} comes on.`;
    }),
  cranks: ({ side, mount, crank, gapMm, turnOver }) => [
    `Ring ${side === 'drive' ? 'on the chain side' : 'on the side without chain'}, sensor ${sensorMounts[mount]}, ${inMm(gapMm)} apart.`,
    crank === 'off' ? 'The crank comes off for it.' : 'The crank stays on.',
    ...(turnOver ? ['The ring goes on with its other face to the sensor.'] : []),
  ],
  bay: ({ tube, fromMm, fixing, bossesMm, clearanceMm }) => [
    `On the ${tube} tube, its lower end ${whole(fromMm)} mm from the bottom bracket.`,
    fixing === null
      ? 'Nothing holds it there yet.'
      : fixing === 'bands'
        ? 'Held by bands.'
        : `${fixing === 'bolted' ? 'Bolted to the bosses' : 'A boss and a band: the boss'} at ${listed(bossesMm.map(whole))} mm.`,
    ...(clearanceMm === null ? [] : [`Nearest to anything, all the way in: ${inMm(clearanceMm)}.`]),
  ],
  rack: ({ loadKg, neededN, heldN }) => [
    `Pack and luggage: ${Number(loadKg.toFixed(1))} kg. The straps hold ${whole(heldN)} N; ${whole(neededN)} N is needed.`,
  ],
  controller: ({ boxC, place }) => [
    ...(place
      ? [
          `Its middle ${whole(place.at[0])} mm forward and ${whole(place.at[1])} mm up from the bottom bracket, turned by ${whole(place.turnDeg)}°.`,
        ]
      : []),
    `At full loss it gets ${whole(boxC)} °C.`,
  ],
  power: ({ currentA, dropPercent, fuseA, elements }) => [
    `${whole(currentA)} A from the battery, ${Number(dropPercent.toFixed(1))} % of its voltage lost on the way${fuseA === null ? '' : `, fuse ${fuseA} A`}.`,
    `From the battery on: ${listed(elements.map(({ kind, loadA, ratedA }) => (ratedA === null ? kind : `${kind} ${whole(loadA)} of ${whole(ratedA)} A`)))}.`,
  ],
  cables: ({ cables }) =>
    cables.map(
      ({ id, neededMm, suppliedMm, extensions, tiesMm, coilAt }) =>
        [
          `${id}: ${whole(neededMm)} mm needed, ${whole(suppliedMm)} mm there`,
          ...(extensions.length > 0 ? [`with ${listed(extensions)}`] : []),
          ...(coilAt === null ? [] : [`coiled up at ${coilAt}`]),
          ...(tiesMm.length > 0 ? [`ties at ${listed(tiesMm.map(whole))} mm`] : []),
        ].join(', ') + '.',
    ),
  wiring: ({ joins, unused }) => [
    ...(joins.length > 0 ? [`Joined: ${listed(joins.map(({ a, b }) => `${a} – ${b}`))}.`] : []),
    ...(unused.length > 0 ? [`Capped: ${listed(unused)}.`] : []),
  ],
};

const sensorMounts = { 'shell-ring': 'under a ring of the shell', tie: 'tied on', bracket: 'on a bracket' } as const;
