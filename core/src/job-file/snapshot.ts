import * as v from 'valibot';

import { axleStackSchema } from '../axle-stack';
import { wheelSchema } from '../part-schemas';
import { statedTorqueSchema } from '../stated-torques';

/**
 * What was signed stands as it was signed: figures are not judged anew, and what a later version added is let through. But
 * everything that a page or a sheet reads must be there and of its kind: a file must not take the shop down.
 */
const figure = v.pipe(v.number('a number'), v.finite('a number'));
const words = v.pipe(v.string('a text'), v.maxLength(2000, 'a text of at most 2000 characters'));
const some = <const S extends v.GenericSchema>(schema: S, max = 400) =>
  v.pipe(v.array(schema, 'a list'), v.maxLength(max, `a list of at most ${max} items`));
const open = <const E extends v.ObjectEntries>(entries: E) => v.looseObject(entries, 'an object');
const both = <const S extends v.GenericSchema>(schema: S) => open({ left: schema, right: schema });
const verdict = v.picklist(['goes', 'work', 'unknown', 'stop'], 'a verdict');
const side = v.picklist(['left', 'right'], 'left or right');
const flag = v.boolean('true or false');

const finding = open({
  id: words,
  verdict,
  measured: v.nullable(figure),
  limit: v.nullable(figure),
  margin: v.nullable(figure),
  unit: words,
  because: words,
  remedies: some(words, 40),
  overridden: v.optional(open({ person: words, because: words })),
});

const stack = open({
  cost: figure,
  left: open({ inside: some(words, 40), totalMm: figure }),
  right: open({ inside: some(words, 40), totalMm: figure }),
  rotorShimMm: figure,
  caliperShimMm: figure,
  rotorShimsMm: some(figure, 10),
  caliperShimsMm: some(figure, 10),
  spreadMm: figure,
  rimOffsetMm: figure,
  rotorErrorMm: figure,
  sprocketGapMm: v.optional(figure),
  threadLeftMm: both(figure),
  washerCount: figure,
  firstTimeRight: figure,
  verdict,
});

const slot = open({
  cWasher: v.nullable(open({ outerMm: figure, thicknessMm: figure })),
  findings: some(finding, 60),
});

const outsideKinds = ['c-washer', 'tab', 'plate', 'extra', 'spacer', 'arm'] as const;

/** Steps and torques of the end as they were planned. */
const planned = open({
  end: open({
    end: v.picklist(['front', 'rear'], 'front or rear'),
    code: words,
    threadMm: figure,
    nutTorqueNm: figure,
    nutMostNm: figure,
    nutSource: v.nullable(words),
    brake: v.picklist(['rim', 'disc', 'other', 'none'], 'a kind of brake'),
    closed: flag,
    adapterOrder: some(words, 60),
    laced: flag,
    fileMm: both(figure),
    inside: both(some(words, 40)),
    ...Object.fromEntries(
      ['lips', 'cWashers', 'tabs', 'tabsOutside', 'plates', 'extras', 'arms'].map((name) => [name, some(side, 2)]),
    ),
    rotorShimMm: figure,
    caliperShimMm: figure,
    rotorBoltMm: v.nullable(figure),
    caliperBoltMm: v.nullable(figure),
    sprockets: v.picklist(['freewheel', 'cassette', 'none'], 'a kind of sprockets'),
    cableExit: side,
    downMark: v.picklist(['arrow', 'notch', 'none'], 'a mark'),
    makerSteps: some(words, 60),
    packing: some(open({ part: words, count: figure }), 100),
    topology: words,
  }),
  figures: open({
    torque: v.record(v.string(), open({ nm: figure, mostNm: figure, source: v.nullable(words) }), 'an object'),
    gap: v.record(v.string(), figure, 'an object'),
  }),
  stated: some(statedTorqueSchema, 120),
  torqueSafety: v.nullable(figure),
});

export const snapshotSchema = open({
  wheel: open(wheelSchema.entries),
  input: axleStackSchema,
  stack,
  outside: both(some(open({ id: words, kind: v.picklist(outsideKinds, 'a part'), thicknessMm: figure }), 20)),
  slots: both(slot),
  findings: some(finding),
  verdict,
  planned: v.optional(planned),
});
