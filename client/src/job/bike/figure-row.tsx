import type { Page } from '../../ui/pages';
import { ToPage } from '../../ui/to-page';
import { Txt } from '../../ui/txt';
import { words } from './words';

export interface FigureRowProps {
  name: string;
  /** What is written down; undefined: nothing yet. */
  says: string | undefined;
  to: Page;
  testID?: string;
}

/** Figures that something is worked out from, and the way to where they are written down. */
export function FigureRow({ name, says, to, testID }: FigureRowProps) {
  return (
    <ToPage to={to} className="min-h-[60px] justify-center border-b border-rule px-4 py-2" testID={testID}>
      <Txt bold className="underline">
        {name}
      </Txt>
      <Txt size="label" figure tone="soft">
        {says ?? words.notMeasured}
      </Txt>
    </ToPage>
  );
}
