import type { BikeFacts } from '@cricket/core/bike-facts';
import type { End } from '@cricket/core/features';
import type { KitFacts } from '@cricket/core/kit';

import { numberRule, typedFigure } from '../../ui/number-rule';
import { readStated, statedText } from '../../ui/stated-lines';
import { checkOwnTyre, ownTyreFields, withOwnTyre, type OwnTyreFields } from './own-tyre';
import { checkPack, packFields, packOf, type PackFields } from './pack-form';
import { words } from './words';

type Job = NonNullable<BikeFacts['job']>;
type Use = NonNullable<Job['parts']>[number]['use'];

/** Fields of the page of this kit for this rider. */
export interface RiderFields {
  throttle: NonNullable<Job['throttle']>;
  throttleSide: NonNullable<Job['throttleSide']>;
  levers: NonNullable<Job['levers']>;
  sensor: NonNullable<Job['sensor']>;
  sensorRoomMm: string;
  sensorMinMm: string;
  sensorMaxMm: string;
  tabs: NonNullable<Job['tabs']>;
  nuts: NonNullable<Job['nuts']>;
  wheelOrder: NonNullable<Job['wheelOrder']>;
  liner: NonNullable<Job['liner']>;
  charging: NonNullable<Job['charging']>;
  pack: NonNullable<Job['pack']>;
  packInstead: PackFields;
  /** The bike's own tyre, which may move over. */
  tyre: OwnTyreFields;
  /** By place in the packing list. */
  use: Use[];
  by: string[];
  torques: string;
}

const text = (value: number | undefined) => (value === undefined ? '' : String(value));

/** The form's fields, filled from the kit and from what is settled already. */
export function riderFields(facts: BikeFacts, kit: KitFacts, end: End): RiderFields {
  const { job = {}, torques } = facts;
  const known = new Map(job.parts?.map((part) => [part.part, part]));
  return {
    throttle: job.throttle ?? 'used',
    throttleSide: job.throttleSide ?? 'left',
    levers: job.levers ?? (job.cutOff === false ? 'own' : 'kit'),
    sensor: job.sensor ?? 'split-ring',
    sensorRoomMm: text(job.sensorRoomMm),
    sensorMinMm: text(job.sensorGap?.minMm),
    sensorMaxMm: text(job.sensorGap?.maxMm),
    tabs: job.tabs ?? 'inside',
    nuts: job.nuts ?? 'retorqued',
    wheelOrder: job.wheelOrder ?? 'dry-fit-first',
    liner: job.liner ?? 'fitted',
    charging: job.charging ?? 'off-bike',
    pack: job.pack ?? 'supplied',
    packInstead: packFields(job.packInstead),
    tyre: ownTyreFields(facts, end),
    use: kit.packing.map(({ part }) => known.get(part)?.use ?? 'used'),
    by: kit.packing.map(({ part }) => known.get(part)?.by ?? ''),
    torques: statedText(torques),
  };
}

/** Checks the form; every message names what is missing or the range. */
export function checkRider(values: RiderFields) {
  const errors: Record<string, { type: string; message: string }> = {};
  for (const [name, max] of [
    ['sensorRoomMm', 60],
    ['sensorMinMm', 20],
    ['sensorMaxMm', 20],
  ] as const) {
    const held = numberRule(name === 'sensorRoomMm' ? 1 : 0, max, 'mm', false)(values[name]);
    if (held !== true) errors[name] = { type: 'value', message: held };
  }
  const [min, max] = [typedFigure(values.sensorMinMm), typedFigure(values.sensorMaxMm)];
  if (min !== null && max !== null && min > max) errors['sensorMaxMm'] = { type: 'value', message: words.gapRule };
  values.use.forEach((use, at) => {
    if (use === 'replaced' && !values.by[at]?.trim()) errors[`by.${at}`] = { type: 'value', message: words.byMissing };
  });
  if (values.pack !== 'supplied') {
    for (const [name, message] of Object.entries(checkPack(values.packInstead))) {
      errors[`packInstead.${name}`] = { type: 'value', message };
    }
  }
  for (const [name, message] of Object.entries(checkOwnTyre(values.tyre))) {
    errors[`tyre.${name}`] = { type: 'value', message };
  }
  const stated = readStated(values.torques, words.itsMaker);
  if (stated instanceof Error) errors['torques'] = { type: 'value', message: stated.message };
  return Object.keys(errors).length ? { values: {}, errors: nested(errors) } : { values, errors: {} };
}

/** Errors of list items, of the pack and of the tyre stand under theirs. */
function nested(errors: Record<string, { type: string; message: string }>): object {
  const found: Record<string, unknown> = {};
  for (const [path, error] of Object.entries(errors)) {
    const [name, at] = path.split('.');
    if (at === undefined) found[name!] = error;
    else if (name === 'packInstead' || name === 'tyre')
      found[name] = { ...(found[name] as object | undefined), [at]: error };
    else ((found[name!] ??= []) as unknown[])[Number(at)] = error;
  }
  return found;
}

/** What goes to the server; what the form does not show stays as it was. */
export function riderFacts(values: RiderFields, before: BikeFacts, kit: KitFacts, end: End): BikeFacts {
  const { cutOff: _, sensorRoomMm: __, sensorGap: ___, packInstead, ...job } = before.job ?? {};
  // What was written of another pack is kept while the kit's own is chosen: it may come back.
  const pack = values.pack === 'supplied' ? packInstead : packOf(values.packInstead);
  const room = typedFigure(values.sensorRoomMm);
  const [minMm, maxMm] = [typedFigure(values.sensorMinMm), typedFigure(values.sensorMaxMm)];
  const stated = readStated(values.torques, words.itsMaker);
  const parts = kit.packing.flatMap(({ part }, at) => {
    const use = values.use[at] ?? 'used';
    if (use === 'used') return [];
    return [{ part, use, ...(use === 'replaced' && { by: values.by[at]!.trim() }) }];
  });
  return {
    ...before,
    job: {
      ...job,
      throttle: values.throttle,
      throttleSide: values.throttleSide,
      levers: values.levers,
      cutOff: values.levers !== 'own',
      sensor: values.sensor,
      ...(room !== null && { sensorRoomMm: room }),
      ...(minMm !== null && maxMm !== null && { sensorGap: { minMm, maxMm } }),
      tabs: values.tabs,
      nuts: values.nuts,
      wheelOrder: values.wheelOrder,
      liner: values.liner,
      charging: values.charging,
      pack: values.pack,
      ...(pack && { packInstead: pack }),
      parts,
    },
    tyres: withOwnTyre(before, end, values.tyre),
    torques: stated instanceof Error ? (before.torques ?? []) : stated,
  };
}
