import { said } from '../../said';
import { isOtherPack, kitWithPack, packFindings } from '../../pack-instead';
import { told, type Finding } from '../../verdict';
import { wheelRadiusM } from '../../wheel-radius';
import type { FitInput } from '../contract';
import { judging, type Judge } from './judge';

/** The kit with the pack that will feed it: everything that hangs on voltage, mass and price is worked out with that one. */
export function withPack(input: FitInput): FitInput {
  const { wheel, bike } = input;
  const pack = isOtherPack(bike.job?.pack) ? bike.job?.packInstead : undefined;
  if (!pack || !wheel.kit) return input;
  return { ...input, asSold: wheel.kit, wheel: { ...wheel, kit: kitWithPack(wheel.kit, pack) } };
}

/** What another pack than the kit's changes; nothing where the kit's own is used. */
function packJudged(input: FitInput): Finding[] {
  if (!isOtherPack(input.bike.job?.pack) || !input.wheel.kit) return [];
  const pack = input.bike.job?.packInstead;
  if (!pack) {
    return [
      told('pack', 'unknown', said('fit.another-pack-than-kit-is-used'), [
        said('fit.record-its-cells-current-mass-size'),
      ]),
    ];
  }
  const kit = input.asSold ?? input.wheel.kit;
  const { kv } = kit.motor;
  const metresAMinute = 2 * Math.PI * wheelRadiusM(input.wheel.beadSeatMm);
  const speedFullKmh = kv === undefined ? null : (kv * kit.controller.fullV * metresAMinute * 60) / 1000;
  return packFindings(pack, kit, speedFullKmh);
}

export const packJudge: Judge = judging('kit', [], ({ input }) => packJudged(input));
