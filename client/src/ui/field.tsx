import { useId } from 'react';
import { Controller, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { TextInput, View } from 'react-native';

import { useFieldLabel } from './field-labels';
import { Segments } from './segments';
import { Txt } from './txt';

interface FieldProps<T extends FieldValues> {
  control: Control<T>;
  name: FieldPath<T>;
  label: string;
  hint?: string;
}

/** A labelled text or number field of a form. Numbers are kept as typed; the form turns them into figures. */
export function Field<T extends FieldValues>({
  control,
  name,
  label,
  hint,
  numeric,
  autoFocus,
  lines,
}: FieldProps<T> & { numeric?: boolean; autoFocus?: boolean; lines?: number }) {
  const id = useId();
  useFieldLabel(control, name, label);
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <View className="gap-1">
          <Txt nativeID={`${id}-label`} bold>
            {label}
            {hint ? <Txt tone="soft">{`  ${hint}`}</Txt> : null}
          </Txt>
          <TextInput
            value={(field.value as string | undefined) ?? ''}
            onChangeText={field.onChange}
            onBlur={field.onBlur}
            ref={field.ref}
            inputMode={numeric ? 'decimal' : 'text'}
            autoFocus={autoFocus}
            multiline={lines !== undefined}
            numberOfLines={lines}
            aria-labelledby={`${id}-label`}
            aria-invalid={fieldState.invalid}
            aria-errormessage={fieldState.error ? `${id}-error` : undefined}
            testID={`field-${name}`}
            className={`${lines ? 'min-h-[112px] py-3' : 'h-14'} min-w-0 rounded-md border-2 bg-sheet px-3 text-lead text-ink ${numeric ? 'font-figure' : 'font-text'} ${fieldState.invalid ? 'border-stop' : 'border-ink'}`}
          />
          {fieldState.error?.message ? (
            <Txt nativeID={`${id}-error`} tone="stop" role="alert">
              {fieldState.error.message}
            </Txt>
          ) : null}
        </View>
      )}
    />
  );
}

/** One answer out of a few, all of them in sight. */
export function Choices<T extends FieldValues>({
  control,
  name,
  label,
  hint,
  options,
}: FieldProps<T> & { options: readonly (readonly [value: string, name: string])[] }) {
  useFieldLabel(control, name, label);
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <View className="gap-1" testID={`field-${name}`}>
          <Txt bold>
            {label}
            {hint ? <Txt tone="soft">{`  ${hint}`}</Txt> : null}
          </Txt>
          <Segments label={label} options={options} value={field.value as string} onChange={field.onChange} />
          {fieldState.error?.message ? (
            <Txt tone="stop" role="alert">
              {fieldState.error.message}
            </Txt>
          ) : null}
        </View>
      )}
    />
  );
}
