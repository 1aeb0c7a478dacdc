import { useState } from 'react';

import { RoleButton } from '../../session/role-button';
import { words } from './words';

/** Takes something off its list, at the second tap. */
export function TakeOff({ onTakeOff }: { onTakeOff: () => void }) {
  const [leaving, setLeaving] = useState(false);
  return (
    <RoleButton
      needs="work"
      label={leaving ? words.takeOffSure : words.takeOffList}
      look="stop"
      onPress={() => (leaving ? onTakeOff() : setLeaving(true))}
      testID="take-off"
    />
  );
}
