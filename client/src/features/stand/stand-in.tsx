import { OwnersWord } from '../../session/owners-word';
import { Opened } from '../../ui/opened';
import { Txt } from '../../ui/txt';
import { words as all } from './words';

const words = all.standIn;

export interface StandInProps {
  /** The step cannot be done at all: it is only signed. */
  signed: boolean;
  onKeep: (because: string) => void;
  onCancel: (() => void) | null;
}

/** A step that safety hangs on and that nobody does: the owner answers for it, with a reason that says something. */
export function StandIn({ signed, onKeep, onCancel }: StandInProps) {
  return (
    <Opened onClose={onCancel} className="mx-4 my-2 gap-2 border-2 border-stop p-3" testID="stand-in">
      <Txt bold>{signed ? words.signed : words.title}</Txt>
      <Txt>{words.lead}</Txt>
      <OwnersWord
        label={words.because}
        keep={words.keep}
        look="stop"
        onWord={onKeep}
        onCancel={onCancel}
        about="stand-in"
      />
    </Opened>
  );
}
