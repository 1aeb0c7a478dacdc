import { useId } from 'react';
import { Controller, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { Pressable, TextInput, View } from 'react-native';

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
}: FieldProps<T> & { numeric?: boolean; autoFocus?: boolean }) {
  const id = useId();
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
            aria-labelledby={`${id}-label`}
            aria-invalid={fieldState.invalid}
            aria-errormessage={fieldState.error ? `${id}-error` : undefined}
            testID={`field-${name}`}
            className={`h-14 min-w-0 rounded-md border-2 bg-sheet px-3 text-lead text-ink ${numeric ? 'font-figure' : 'font-text'} ${fieldState.invalid ? 'border-stop' : 'border-ink'}`}
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
  const id = useId();
  return (
    <Controller
      control={control}
      name={name}
      render={({ field }) => (
        <View className="gap-1">
          <Txt nativeID={id} bold>
            {label}
            {hint ? <Txt tone="soft">{`  ${hint}`}</Txt> : null}
          </Txt>
          <View role="radiogroup" aria-labelledby={id} className="flex-row flex-wrap gap-2">
            {options.map(([value, text]) => (
              <Pressable
                key={value}
                role="radio"
                aria-checked={field.value === value}
                onPress={() => field.onChange(value)}
                className={`min-h-[48px] justify-center rounded-md border-2 border-ink px-3 ${field.value === value ? 'bg-ink' : 'bg-sheet'}`}
              >
                <Txt bold={field.value === value} className={field.value === value ? '!text-paper' : ''}>
                  {text}
                </Txt>
              </Pressable>
            ))}
          </View>
        </View>
      )}
    />
  );
}
