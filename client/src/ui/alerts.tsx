import { Txt } from './txt';

/** What was said no to, line by line. */
export function Alerts({ messages }: { messages: readonly string[] }) {
  return messages.map((message) => (
    <Txt key={message} role="alert" tone="stop" bold className="px-4 py-2">
      {message}
    </Txt>
  ));
}
