import { phrase } from '../../../ui/say';

/** Something that sends readings line by line, as a typing caliper does. */
export interface LineSource {
  /** Begins to listen; every complete reading is handed over once. */
  start(onReading: (text: string) => void): Promise<void>;
  stop(): Promise<void>;
}

/** As much of a serial port as is used. */
export interface SerialPortLike {
  open(options: { baudRate: number }): Promise<void>;
  close(): Promise<void>;
  readable: ReadableStream<Uint8Array> | null;
}

/** The figure in one line of a caliper, with its sign; null for a line that holds none. */
export function figureIn(line: string): string | null {
  // Instruments put names and channels before it and units behind: the last figure is the reading.
  const last = line.match(/[-+]?\d+(?:[.,]\d+)?/g)?.at(-1);
  if (last === undefined) return null;
  const figure = last.replace(',', '.').replace(/^\+/, '');
  return figure.replace(/^(-?)0+(?=\d)/, '$1');
}

/** Cuts a stream of characters into lines; what comes after the last end of line waits for the rest. */
export function lineCutter(onLine: (line: string) => void): (text: string) => void {
  let rest = '';
  return (text) => {
    const lines = (rest + text).split(/\r\n|\r|\n/);
    rest = lines.pop() ?? '';
    for (const line of lines) if (line.trim() !== '') onLine(line);
    // A cable that sends rubbish without an end of line must not fill the memory.
    if (rest.length > 400) rest = '';
  };
}

/** A caliper at a serial port. */
export function serialSource(port: SerialPortLike, baudRate = 9600): LineSource {
  let reader: ReadableStreamDefaultReader<Uint8Array> | null = null;
  let finished: Promise<void> = Promise.resolve();
  return {
    async start(onReading) {
      await port.open({ baudRate });
      const stream = port.readable;
      if (!stream) throw new Error(phrase('caliper.line-reader.serialSource-port-cannot-be'));
      reader = stream.getReader();
      const decoder = new TextDecoder();
      const cut = lineCutter((line) => {
        const figure = figureIn(line);
        if (figure !== null) onReading(figure);
      });
      const own = reader;
      finished = (async () => {
        for (;;) {
          const { value, done } = await own.read();
          if (done) return;
          cut(decoder.decode(value, { stream: true }));
        }
      })().catch(() => undefined); // A cable pulled out ends the reading; the page says so by the port being gone.
    },
    async stop() {
      await reader?.cancel();
      await finished;
      reader?.releaseLock();
      reader = null;
      await port.close();
    },
  };
}
