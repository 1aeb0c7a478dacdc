import type { ShopSettings } from '@cricket/contract/shapes';
import { defaultUnits, unitChoices, type UnitKind, type Units } from '@cricket/core/units';
import { View } from 'react-native';

import { useWrites } from '../../data/use-writes';
import { Segments } from '../../ui/segments';
import { Txt } from '../../ui/txt';
import { words } from './words';

const imperial: Units = { length: 'inch', torque: 'lbf·ft', speed: 'mph', mass: 'lb', pressure: 'psi' };
const same = (a: Units, b: Units) => (Object.keys(unitChoices) as UnitKind[]).every((kind) => a[kind] === b[kind]);

/** Metric or inch and pound, in one tap. */
export function UnitSet({ settings }: { settings: ShopSettings }) {
  const { putSettings } = useWrites();
  const units = settings.units ?? defaultUnits;
  return (
    <View className="gap-1">
      <Txt bold>{words.all}</Txt>
      <Segments
        label={words.all}
        options={[
          ['metric', words.sets.metric],
          ['imperial', words.sets.imperial],
        ]}
        value={same(units, defaultUnits) ? 'metric' : same(units, imperial) ? 'imperial' : undefined}
        onChange={(set) => {
          const { decimalMark } = units;
          const chosen = set === 'metric' ? defaultUnits : imperial;
          void putSettings({ ...settings, units: { ...chosen, ...(decimalMark && { decimalMark }) } });
        }}
      />
    </View>
  );
}

/** Each kind of figure by itself: shops mix them. */
export function UnitsByKind({ settings }: { settings: ShopSettings }) {
  const { putSettings } = useWrites();
  const units = settings.units ?? defaultUnits;
  return (Object.keys(unitChoices) as UnitKind[]).map((kind) => (
    <View key={kind} className="gap-1">
      <Txt bold>{words.kinds[kind]}</Txt>
      <Segments
        label={words.kinds[kind]}
        options={unitChoices[kind].map((unit) => [unit, unit] as const)}
        value={units[kind]}
        onChange={(unit) => void putSettings({ ...settings, units: { ...units, [kind]: unit } })}
        verbatim
      />
      {kind === 'length' ? <Txt tone="soft">{words.lengthNote}</Txt> : null}
    </View>
  ));
}

/** What stands before decimals: on every page and sheet, and in files for a spreadsheet. */
export function Decimals({ settings }: { settings: ShopSettings }) {
  const { putSettings } = useWrites();
  const { decimalMark: before, ...units } = settings.units ?? defaultUnits;
  return (
    <View className="gap-1">
      <Txt bold>{words.decimals}</Txt>
      <Segments
        label={words.decimals}
        options={[
          ['browser', words.marks.browser],
          ['.', words.marks.point],
          [',', words.marks.comma],
        ]}
        value={before ?? 'browser'}
        onChange={(mark) =>
          void putSettings({ ...settings, units: { ...units, ...(mark !== 'browser' && { decimalMark: mark }) } })
        }
        verbatim
      />
      <Txt tone="soft">{words.decimalsNote}</Txt>
    </View>
  );
}
