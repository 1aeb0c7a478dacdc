import { Rule } from './rule';
import { Txt } from './txt';

/** Heads what follows on a page, with a line below it. */
export function Section({ title }: { title: string }) {
  return (
    <>
      <Txt size="title" bold heading={2} className="px-4 pb-1 pt-4">
        {title}
      </Txt>
      <Rule strong />
    </>
  );
}
