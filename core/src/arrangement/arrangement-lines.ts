import type { Chosen } from '../acceptance';
import { addedName } from '../lever-question';
import { listed, said, type Said } from '../said';
import type { RoomStation } from '../whole-bike';

type Lines = { [Station in RoomStation]: (chosen: Chosen<Station>) => Said[] };

/** What is to be built at a station, one sentence each: for the sheet and for the stand. */
export const arrangementLines: Lines = {
  bar: ({ left, right, centre, cuts }) => [
    ...(left.length > 0 ? [said('arrangement.left', { parts: ids(left) })] : []),
    ...(right.length > 0 ? [said('arrangement.right', { parts: ids(right) })] : []),
    ...(centre.length > 0 ? [said('arrangement.centre', { parts: listed(centre, 'comma') })] : []),
    ...cuts.map(({ id, mm }) => said('arrangement.cut', { id, mm })),
  ],
  levers: ({ ends }) =>
    ends.map(({ end, do: way, what }) => {
      if (way === 'keep') return said('arrangement.lever-stays', { end });
      return way === 'switch'
        ? said('arrangement.lever-with-switch', { end, what: what ? addedName(what) : said('arrangement.some-switch') })
        : said('arrangement.lever-comes-on', { end, what: what ? addedName(what) : said('arrangement.some-lever') });
    }),
  cranks: ({ side, mount, crank, gapMm, turnOver }) => [
    said('arrangement.ring', { side, mount: said(`arrangement.sensor-${mount}`), gapMm }),
    said(crank === 'off' ? 'arrangement.crank-comes-off' : 'arrangement.crank-stays'),
    ...(turnOver ? [said('arrangement.ring-turned-over')] : []),
  ],
  bay: ({ tube, fromMm, fixing, bossesMm, clearanceMm }) => [
    said('arrangement.battery-at', { tube, fromMm: Math.round(fromMm) }),
    fixing === null
      ? said('arrangement.nothing-holds-it')
      : fixing === 'bands'
        ? said('arrangement.held-by-bands')
        : said('arrangement.bolted-at', { fixing, bossesMm: listed(bossesMm.map(Math.round), 'comma') }),
    ...(clearanceMm === null ? [] : [said('arrangement.nearest', { clearanceMm })]),
  ],
  rack: ({ loadKg, neededN, heldN }) => [
    said('arrangement.rack', { loadKg, neededN: Math.round(neededN), heldN: Math.round(heldN) }),
  ],
  controller: ({ boxC, place }) => [
    ...(place
      ? [
          said('arrangement.controller-at', {
            forwardMm: Math.round(place.at[0]),
            upMm: Math.round(place.at[1]),
            turnDeg: Math.round(place.turnDeg),
          }),
        ]
      : []),
    said('arrangement.controller-heat', { boxC: Math.round(boxC) }),
  ],
  power: ({ currentA, dropPercent, fuseA, elements }) => {
    const drawn = { currentA: Math.round(currentA), dropPercent };
    return [
      fuseA === null ? said('arrangement.power', drawn) : said('arrangement.power-fused', { ...drawn, fuseA }),
      said('arrangement.elements', {
        elements: listed(
          elements.map(({ kind, loadA, ratedA }) => {
            const name = said(`power-path.${kind}`);
            return ratedA === null
              ? name
              : said('arrangement.element', { name, loadA: Math.round(loadA), ratedA: Math.round(ratedA) });
          }),
          'comma',
        ),
      }),
    ];
  },
  cables: ({ cables }) =>
    cables.map(({ id, neededMm, suppliedMm, extensions, tiesMm, coilAt }) =>
      said('arrangement.cable', {
        id,
        neededMm: Math.round(neededMm),
        suppliedMm: Math.round(suppliedMm),
        also: listed(
          [
            ...(extensions.length > 0
              ? [said('arrangement.with-extensions', { names: listed(extensions, 'comma') })]
              : []),
            ...(coilAt === null ? [] : [said('arrangement.coiled-at', { coilAt })]),
            ...(tiesMm.length > 0
              ? [said('arrangement.ties-at', { tiesMm: listed(tiesMm.map(Math.round), 'comma') })]
              : []),
          ],
          'none',
        ),
      }),
    ),
  wiring: ({ joins, unused }) => [
    ...(joins.length > 0
      ? [
          said('arrangement.joined', {
            pairs: listed(
              joins.map(({ a, b }) => `${a} – ${b}`),
              'comma',
            ),
          }),
        ]
      : []),
    ...(unused.length > 0 ? [said('arrangement.capped', { plugs: listed(unused, 'comma') })] : []),
  ],
};

const ids = (parts: readonly { id: string }[]) =>
  listed(
    parts.map(({ id }) => id),
    'comma',
  );
