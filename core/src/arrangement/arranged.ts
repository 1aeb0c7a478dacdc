import type { ArrangementResult } from '../acceptance';
import type { BikeFacts } from '../bike-facts';
import type { KitFacts } from '../kit';
import { worstFirst, worstOf, type Finding } from '../verdict';
import { answersOf, jointFindings, toGet, type RoomStation } from '../whole-bike';
import { chosenAt } from './chosen';
import { factsOfStation, kitOfStation, type KitOfStation } from './station-facts';

/** One station as it is to be built, with everything that it was judged by. */
export interface Arrangement<Station extends RoomStation = RoomStation> {
  input: { facts: BikeFacts; kits: KitOfStation[] };
  result: ArrangementResult<Station>;
}

/** Who answers for a throttle without a brake that cuts the motor, and why. */
export interface SignedFor {
  person: string;
  because: string;
}

/**
 * One station of a bike as it is to be built, worked out from what is told of it; with what another place wants at the same time.
 *
 * @param signed - a person's word that no brake has to cut the motor
 * @returns null while nothing is written down of it, or nothing can be chosen
 */
export function arranged<Station extends RoomStation>(
  station: Station,
  facts: BikeFacts,
  kits: readonly KitFacts[],
  signed: SignedFor | null = null,
): Arrangement<Station> | null {
  const answers = answersOf(facts, kits);
  const answer = answers[station];
  const chosen = answer && chosenAt[station](facts, answers);
  if (!answer || !chosen) return null;
  const joint = jointFindings(facts, answers).filter(({ id }) => (wants[id.split('.')[1]!] ?? []).includes(station));
  const findings = worstFirst(
    [...answer.findings, ...joint].map((finding) =>
      signed && mayBeSigned(finding) ? signedFor(finding, signed) : finding,
    ),
  );
  return {
    input: { facts: factsOfStation(facts, station), kits: kits.map(kitOfStation) },
    result: {
      verdict: worstOf(findings.map(({ verdict }) => verdict)),
      findings,
      chosen,
      toGet: toGet(facts, answers).filter((each) => each.station === station),
    },
  };
}

/** Which stations a joint finding is about. */
const wants: Readonly<Record<string, readonly RoomStation[]>> = {
  'battery-moving': ['bay'],
  'throttle-bar': ['bar'],
  'levers-bar': ['bar', 'levers'],
  'cable-battery': ['bay', 'cables'],
  'cable-cranks': ['cables', 'cranks'],
  packs: ['bay', 'power'],
  rack: ['rack'],
};

/** A throttle without a brake that cuts the motor: the one stop that somebody may answer for here. */
export function mayBeSigned({ id, verdict }: Pick<Finding, 'id' | 'verdict'>): boolean {
  return id === 'cut-off' && verdict === 'stop';
}

function signedFor(finding: Finding, { person, because }: SignedFor): Finding & { overridden: SignedFor } {
  return { ...finding, verdict: 'work', overridden: { person, because } };
}

/** What stands against taking an arrangement: a stop, or something that nobody knows yet. */
export function against({
  findings,
}: Pick<ArrangementResult, 'findings'>): ArrangementResult['findings'][number] | null {
  return findings.find(({ verdict }) => verdict === 'stop' || verdict === 'unknown') ?? null;
}
