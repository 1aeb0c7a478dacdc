/** What went wrong with a reading: jaws askew, read in inches, a digit dropped, the jaws on something else. */
export type SlipKind = 'askew' | 'inch' | 'tenfold' | 'elsewhere';

export interface SimulatedReading {
  /** As the caliper types it, with two decimals. */
  text: string;
  slip: SlipKind | null;
}

export interface SimulatedCaliper {
  read(trueMm: number): SimulatedReading;
}

/** Scatter of a practised hand with a digital caliper, one standard deviation, in mm [J]. */
const handMm = 0.02;

/** How often a reading slips [J]. */
const slipShare = 0.06;

const slips: readonly SlipKind[] = ['askew', 'askew', 'inch', 'tenfold', 'elsewhere'];

/**
 * A caliper with the scatter of a hand and a slip now and then. The same seed gives the same readings.
 *
 * @param seed - any whole number
 * @param slipEvery - share of readings that slip; 0 for none
 * @example simulatedCaliper(1, 0).read(10).text // '9.97'
 */
export function simulatedCaliper(seed: number, slipEvery: number = slipShare): SimulatedCaliper {
  let state = (seed * 2_654_435_761 + 1) >>> 0;
  const uniform = () => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return (state + 0.5) / 4_294_967_296;
  };
  const normal = () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
  const slipped = (trueMm: number, kind: SlipKind): string => {
    switch (kind) {
      case 'askew':
        // Jaws that stand askew read too much outside, never less.
        return (trueMm + 0.3 + 0.6 * uniform()).toFixed(2);
      case 'inch':
        return (trueMm / 25.4).toFixed(4);
      case 'tenfold':
        return (trueMm / 10).toFixed(2);
      case 'elsewhere':
        return (trueMm * (0.6 + 0.3 * uniform())).toFixed(2);
    }
  };
  return {
    read(trueMm) {
      const slip = uniform() < slipEvery ? slips[Math.floor(uniform() * slips.length)]! : null;
      return { text: slip ? slipped(trueMm, slip) : (trueMm + handMm * normal()).toFixed(2), slip };
    },
  };
}
