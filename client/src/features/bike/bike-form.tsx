import { bikeKinds, type Bike, type BikeKind } from '@cricket/contract/shapes';
import type { UseFormReturn } from 'react-hook-form';
import { View } from 'react-native';

import { Choices, Field } from '../../ui/field';
import { numberRule, typedFigure } from '../../ui/number-rule';
import { fieldText } from '../../ui/shop-units';
import { useFormDraft } from '../../data/use-form-draft';
import { words } from './words';
import { phrase } from '../../ui/say';

/** A bike's own facts as typed. */
export interface BikeFields {
  tag: string;
  name: string;
  kind: BikeKind;
  riderInitials: string;
  beadSeatMm: string;
  wheelbaseMm: string;
  chainStayMm: string;
}

const sizeRules = { beadSeatMm: [200, 700], wheelbaseMm: [600, 3000], chainStayMm: [250, 1200] } as const;

/** The form's state; every field keeps what was typed until it is stored. */
export function useBikeForm(bike?: Bike) {
  return useFormDraft<BikeFields>(`bike/${bike?.id ?? 'new'}`, {
    mode: 'onTouched',
    defaultValues: fieldsOf(bike),
    resolver: check,
  });
}

/** The form's fields of a bike, or empty ones. */
export function fieldsOf(bike?: Bike): BikeFields {
  return {
    tag: bike?.tag ?? '',
    name: bike?.name ?? '',
    kind: bike?.kind ?? 'upright',
    riderInitials: bike?.riderInitials ?? '',
    beadSeatMm: fieldText(bike?.beadSeatMm),
    wheelbaseMm: fieldText(bike?.wheelbaseMm),
    chainStayMm: fieldText(bike?.chainStayMm),
  };
}

/** What goes to the server. */
export function bodyOf(fields: BikeFields) {
  return {
    tag: fields.tag.trim(),
    name: fields.name.trim(),
    kind: fields.kind,
    riderInitials: fields.riderInitials.trim() || null,
    beadSeatMm: typedFigure(fields.beadSeatMm),
    wheelbaseMm: typedFigure(fields.wheelbaseMm),
    chainStayMm: typedFigure(fields.chainStayMm),
  };
}

/** The fields themselves. */
export function BikeFormFields({ form }: { form: UseFormReturn<BikeFields> }) {
  const { control } = form;
  return (
    <View className="max-w-[640px] gap-5 px-4 py-2">
      <Field control={control} name="tag" label={words.tag} hint={words.tagHint} autoFocus />
      <Field control={control} name="name" label={words.name} hint={words.nameHint} />
      <Choices
        control={control}
        name="kind"
        label={words.kind}
        options={bikeKinds.map((kind) => [kind, words.kinds[kind]] as const)}
      />
      <Field control={control} name="riderInitials" label={words.initials} hint={words.optional} />
      <Field control={control} name="beadSeatMm" label={words.wheelSize} hint={words.optional} numeric />
      <Field control={control} name="wheelbaseMm" label={words.wheelbase} hint={words.optional} numeric />
      <Field control={control} name="chainStayMm" label={words.chainStay} hint={words.optional} numeric />
    </View>
  );
}

function check(values: BikeFields) {
  const errors: Partial<Record<keyof BikeFields, { type: string; message: string }>> = {};
  const complain = (name: keyof BikeFields, message: string) => (errors[name] = { type: 'value', message });
  const within = (name: 'tag' | 'name' | 'riderInitials', min: number, max: number) => {
    const { length } = values[name].trim();
    if (length < min)
      complain(
        name,
        phrase('bike.bike-form.check.within-enter-characters', {
          min,
          max,
        }),
      );
    else if (length > max) complain(name, phrase('bike.bike-form.check.within-characters-at-most', { length, max }));
  };
  within('tag', 1, 12);
  within('name', 1, 80);
  within('riderInitials', 0, 6);
  for (const [name, [min, max]] of Object.entries(sizeRules) as [keyof typeof sizeRules, readonly [number, number]][]) {
    const held = numberRule(min, max, 'mm', false)(values[name]);
    if (held !== true) complain(name, held);
  }
  return Object.keys(errors).length ? { values: {}, errors } : { values, errors: {} };
}
