import { inventedStores } from '../fit/invented.testing';
import { on, without, onlyBolts, slimCaliper, shims, type Surprise } from './cases.testing';

/** Rotor, caliper, bolts, cable. */
export const brakeSurprises: readonly Surprise[] = [
  {
    number: 10,
    title: 'Rotor off the caliper',
    cases: [
      shims(
        'rotor 2.5 mm inboard, shims for the rotor only',
        { wheel: { rotorFaceMm: 9 }, stores: without('caliper-shim') },
        /rotor [12]/,
      ),
      shims(
        'rotor 2.5 mm inboard, shims for the caliper only',
        { wheel: { rotorFaceMm: 9 }, stores: without('rotor-shim') },
        /rotor 0, caliper [12]/,
      ),
      shims(
        'rotor 4 mm inboard: one of each is not enough alone',
        {
          wheel: { rotorFaceMm: 10.5 },
          kit: {},
          hub: { rotor: { pattern: 'six-bolt', holeDepthMm: 10, coverFaceMm: 15 } },
        },
        /rotor [1-9.]+, caliper [1-9.]+/,
      ),
    ],
  },
  {
    number: 11,
    title: 'Rotor bolt too long, or too short after shims',
    cases: [
      on(
        'bolts of 12 mm only',
        { disc: true, stores: onlyBolts('rotor-bolt', 12).filter(({ kind }) => kind !== 'rotor-shim') },
        'rotor-bolt',
        'work',
        /touch under the cover.*× 10/,
        { disc: true },
      ),
      on(
        'bolts of 8 mm only, rotor shimmed',
        {
          disc: true,
          wheel: { rotorFaceMm: 11 },
          stores: onlyBolts('rotor-bolt', 8).filter(({ kind }) => kind !== 'caliper-shim' && kind !== 'plain'),
        },
        'rotor-bolt',
        'work',
        /too short/,
        { disc: true },
      ),
    ],
  },
  {
    number: 12,
    title: 'Caliper bolt too short after shims',
    cases: [
      on(
        'bolts of 16 mm only, mount plate 8 mm',
        { disc: true, stores: onlyBolts('caliper-bolt', 16) },
        'caliper-bolt',
        'work',
        /too short.*× 20/,
        { disc: true },
      ),
    ],
  },
  {
    number: 13,
    title: 'Caliper body touches the motor cover',
    cases: [
      on(
        'caliper reaches 17 mm inboard, cover at 15',
        { disc: true, lengths: { 'caliper-inboard': 17 } },
        'cover-gap',
        'stop',
        /would touch/,
        { disc: true },
      ),
      on(
        'a slimmer caliper is in the stores',
        { disc: true, lengths: { 'caliper-inboard': 17 }, stores: [...inventedStores, slimCaliper] },
        'cover-gap',
        'work',
        /lever pull must match/,
        { disc: true },
      ),
    ],
  },
  {
    number: 14,
    title: 'Rotor or its bolts touch the leg',
    cases: [
      on(
        'the leg stands 9 mm inboard of the dropout',
        { disc: true, lengths: { 'leg-inboard': 9 } },
        'leg-gap',
        'stop',
        /fork leg/,
        { disc: true },
      ),
    ],
  },
  {
    number: 15,
    title: 'Cable against the rotor bolts',
    cases: [
      on(
        'a 7 mm cable leaves on the left past the bolts',
        { disc: true, wheel: { cableExit: 'left' }, hub: { cable: { diameterMm: 7, plugMm: 11, atRotorBolts: true } } },
        'cable-gap',
        'stop',
        /Turn the axle/,
        { disc: true },
      ),
    ],
  },
  {
    number: 16,
    title: 'Hub without rotor mount on a disc bike; rim without track',
    cases: [
      on(
        'disc bike, hub without rotor mount',
        { disc: true, wheel: { rotorFaceMm: null } },
        'brake',
        'stop',
        /no place for one/,
        { disc: true },
      ),
      on(
        'rim-brake bike, rim without track',
        { kit: { rim: { innerWidthMm: 21, brakeTrack: false, valveHole: 'thick', depthMm: 18, maxBar: 5 } } },
        'brake-track',
        'stop',
        /no track/,
      ),
    ],
  },
  {
    number: 17,
    title: 'Six bolts against spline',
    cases: [
      on(
        'splined rotor, six-bolt hub',
        { disc: true, words: { 'rotor-pattern': 'spline' } },
        'rotor-pattern',
        'stop',
        /six-bolt rotor/,
        { disc: true },
      ),
    ],
  },
  {
    number: 18,
    title: 'Rotor larger than the fork allows',
    cases: [
      on(
        '203 mm rotor, fork marked 180',
        { disc: true, lengths: { 'rotor-diameter': 203 } },
        'rotor-size',
        'stop',
        /at most 180/,
        { disc: true },
      ),
    ],
  },
];
