import { said } from '../said';
import { InputError, readInput } from '../input';
import { worstFirst, worstOf, type Finding } from '../verdict';
import { PowerPathInput, type PowerPathResult } from './contract';
import { pathRules } from './rules';
import { limitOf, solvePath } from './solve-path';
import { crossSectionMm2, thinnestMm2 } from './wire';

/**
 * From cell to motor: does every element carry the current, at this voltage, and what happens in a short?
 *
 * The controller's current and what accessories draw from the empty pack flow through every lead, connector, fuse and switch on
 * the battery's side; the phase current through the motor's leads. Leads are rated by cross-section, insulation, bundling and
 * metal; a fuse fits between 1.2 times the current and the weakest part. Everything that parts the circuit must be rated for the
 * full pack's voltage of direct current.
 *
 * @param input - pack, the chain from it on, controller, charger, accessories
 * @returns verdict, findings, current and margin of every element, drop, the fuse that fits, the setting at which all goes
 * @throws InputError for values out of range, a lead without or with two cross-sections, or one that carries no motor
 */
export function powerPath(input: PowerPathInput): PowerPathResult {
  const read = readInput(PowerPathInput, input);
  refuseContradictions(read);
  const path = solvePath(read, read.controller.batteryA);
  const limitA = limitOf(read);
  const findings = pathRules
    .map((rule) => rule({ input: read, path, limitA }))
    .filter((item): item is Finding => item !== null);
  return {
    verdict: worstOf(findings.map(({ verdict }) => verdict)),
    findings: worstFirst(findings),
    ...path,
    limitA,
  };
}

function refuseContradictions({ chain, battery, controller, accessories }: PowerPathInput): void {
  chain.forEach((element, index) => {
    const at = `chain.${index}`;
    if (element.kind === 'lead') {
      const { mm2, awg } = element;
      if ((mm2 === undefined) === (awg === undefined)) {
        throw new InputError(`${at}.mm2`, mm2, said('power-path.given-or-awg-in-its-place'));
      }
      const size = crossSectionMm2(element);
      if (size < thinnestMm2 - 1e-9) {
        throw new InputError(
          `${at}.${mm2 === undefined ? 'awg' : 'mm2'}`,
          mm2 ?? awg,
          said('power-path.or-thicker', { thinnestMm2 }),
        );
      }
    }
    if (element.kind === 'joint' && element.metals.length !== 2) {
      throw new InputError(`${at}.metals`, element.metals, said('power-path.two-metals-that-are-joined'));
    }
  });
  if (battery.peakA < battery.continuousA) {
    throw new InputError(
      'battery.peakA',
      battery.peakA,
      said('power-path.at-least-that-it-gives-for', { continuousA: battery.continuousA }),
    );
  }
  if (controller.maxV < controller.minV) {
    throw new InputError(
      'controller.maxV',
      controller.maxV,
      said('power-path.at-least-minv', { minV: controller.minV }),
    );
  }
  accessories.forEach(({ volts }, index) => {
    if (volts.length !== 2 || volts[0]! > volts[1]!) {
      throw new InputError(`accessories.${index}.volts`, volts, said('power-path.two-figures-from-and-to'));
    }
  });
}
