import { Txt } from './txt';

/** Heads one part of a form. */
export function PartHeading({ text }: { text: string }) {
  return (
    <Txt size="title" bold heading={2}>
      {text}
    </Txt>
  );
}
