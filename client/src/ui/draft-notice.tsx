import { useState } from 'react';
import { View } from 'react-native';

import { Button } from './button';
import { Txt } from './txt';
import { words } from './words';

/** Says that what was typed before is here again; it is thrown away only after a second word. */
export function DraftNotice({ draft }: { draft: { restored: boolean; throwAway: () => void } }) {
  const [asking, setAsking] = useState(false);
  if (!draft.restored) return null;
  const press = () => {
    if (!asking) return setAsking(true);
    setAsking(false);
    draft.throwAway();
  };
  return (
    <View role="status" className="mx-4 mb-2 gap-2 border-l-8 border-work bg-sheet px-3 py-2" testID="draft">
      <Txt>{words.draft.here}</Txt>
      <Button
        label={asking ? words.draft.sure : words.draft.throwAway}
        look={asking ? 'stop' : 'other'}
        onPress={press}
        className="self-start"
        testID="throw-draft"
      />
    </View>
  );
}
