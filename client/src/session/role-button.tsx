import { View } from 'react-native';

import { Button, type ButtonProps } from '../ui/button';
import { Txt } from '../ui/txt';
import { useMay } from '../data/use-session';
import { words } from './words';

/** A button that only some roles may press; the others see it, and why they may not. */
export function RoleButton({ needs, disabled, className, ...rest }: ButtonProps & { needs: 'work' | 'own' }) {
  const may = useMay();
  if (may[needs]) return <Button disabled={disabled} className={className} {...rest} />;
  return (
    <View className={`min-w-0 max-w-full gap-1 ${className ?? ''}`}>
      <Button disabled {...rest} />
      <Txt size="label" tone="soft">
        {needs === 'own' ? words.ownerOnly : words.learnerMayNot}
      </Txt>
    </View>
  );
}

/** A button for owner and installer: where a learner's word is not enough. */
export function WorkButton(props: ButtonProps) {
  return <RoleButton needs="work" {...props} />;
}
