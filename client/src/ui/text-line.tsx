import { useId } from 'react';
import { TextInput, View, type TextInputProps } from 'react-native';

import { Txt } from './txt';

export interface TextLineProps {
  label: string;
  hint?: string;
  value: string;
  onChange: (text: string) => void;
  /** Enter was pressed. */
  onEnter?: () => void;
  /** Shown as dots. */
  secret?: boolean;
  /** Digits only are expected. */
  digits?: boolean;
  autoComplete?: TextInputProps['autoComplete'];
  maxLength?: number;
  /** The cursor goes into it as it appears. */
  autoFocus?: boolean;
  testID?: string;
}

/** One labelled line of text outside a form. */
export function TextLine({ label, hint, value, onChange, onEnter, secret, digits, ...rest }: TextLineProps) {
  const id = useId();
  return (
    <View className="gap-1">
      <Txt nativeID={id} bold>
        {label}
        {hint ? <Txt tone="soft">{`  ${hint}`}</Txt> : null}
      </Txt>
      <TextInput
        aria-labelledby={id}
        value={value}
        onChangeText={onChange}
        onSubmitEditing={onEnter}
        // After a slip the next try is typed at once.
        blurOnSubmit={onEnter === undefined}
        secureTextEntry={secret}
        inputMode={digits ? 'numeric' : 'text'}
        autoCapitalize="none"
        maxLength={200}
        {...rest}
        className="h-14 min-w-0 rounded-md border-2 border-ink bg-sheet px-3 font-text text-lead text-ink"
      />
    </View>
  );
}
