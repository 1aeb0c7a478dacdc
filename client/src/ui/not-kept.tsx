import { useFormState, type Control, type FieldErrors, type FieldValues } from 'react-hook-form';
import { Pressable, ScrollView, View } from 'react-native';

import { fieldLabels, goToField } from './field-labels';
import { Txt } from './txt';
import { words } from './words';

/** Every field that does not hold, by its whole name. */
export function shortfalls(errors: FieldErrors, under = ''): string[] {
  return Object.entries(errors).flatMap(([key, error]) => {
    if (!error) return [];
    const name = under ? `${under}.${key}` : key;
    const { message, type } = error as { message?: unknown; type?: unknown };
    if (typeof message === 'string' && type !== undefined) return [name];
    return shortfalls(error as FieldErrors, name);
  });
}

/** Over the button that keeps a form: every field that is missing or does not hold, each a way there; it says itself why. */
export function NotKept<T extends FieldValues>({ control }: { control: Control<T> }) {
  const { errors, submitCount } = useFormState({ control });
  const found = shortfalls(errors);
  if (submitCount === 0 || found.length === 0) return null;
  const labels = fieldLabels(control);
  const order = [...labels.keys()];
  const sorted = found.sort((a, b) => order.indexOf(a) - order.indexOf(b));
  return (
    <View role="status" className="mb-2 border-2 border-stop bg-sheet px-3 py-2" testID="not-kept">
      <Txt bold>{words.notKept(found.length)}</Txt>
      <ScrollView className="max-h-[144px]" contentContainerClassName="flex-row flex-wrap gap-x-4">
        {sorted.map((name) => (
          <Pressable key={name} role="link" onPress={() => goToField(name)} className="min-h-[48px] justify-center">
            <Txt className="underline">{labels.get(name) ?? name}</Txt>
          </Pressable>
        ))}
      </ScrollView>
    </View>
  );
}
