import { figureIn, lineCutter, serialSource, type SerialPortLike } from './line-reader';

describe('a line of a caliper', () => {
  it.each([
    ['10.02', '10.02'],
    ['  +0012,340 mm', '12.340'],
    ['K2 -000.35', '-0.35'],
    ['-3.5\t', '-3.5'],
    ['DIST: 7 mm', '7'],
    ['OK', null],
    ['', null],
  ])('"%s" reads %s', (line, figure) => {
    expect(figureIn(line)).toBe(figure);
  });

  it('is complete only at its end, whatever the pieces', () => {
    const lines: string[] = [];
    const cut = lineCutter((line) => lines.push(line));
    for (const piece of ['10', '.0', '2\r', '\n', '\n9.98\r11', '.5\n']) cut(piece);
    expect(lines).toEqual(['10.02', '9.98', '11.5']);
  });

  it('forgets rubbish that never ends', () => {
    const lines: string[] = [];
    const cut = lineCutter((line) => lines.push(line));
    cut('x'.repeat(1000));
    cut('5.1\n');
    expect(lines).toEqual(['5.1']);
  });
});

describe('a caliper at a serial port', () => {
  function fakePort() {
    let send!: (text: string) => void;
    const port: SerialPortLike & { opened: number | null } = {
      opened: null,
      readable: null,
      async open({ baudRate }) {
        port.opened = baudRate;
        port.readable = new ReadableStream({
          start(controller) {
            send = (text) => controller.enqueue(new TextEncoder().encode(text));
          },
        });
      },
      async close() {
        port.opened = null;
      },
    };
    return { port, send: (text: string) => send(text) };
  }

  it('hands over each figure once, until it is stopped', async () => {
    const { port, send } = fakePort();
    const source = serialSource(port, 4800);
    const read: string[] = [];
    const three = new Promise<void>((resolve) => {
      void source.start((text) => {
        read.push(text);
        if (read.length === 3) resolve();
      });
    });
    await Promise.resolve();
    expect(port.opened).toBe(4800);
    send('10.0');
    send('2\n+9.98 mm\nERR\n11.');
    send('5\r\n');
    await three;
    expect(read).toEqual(['10.02', '9.98', '11.5']);
    await source.stop();
    expect(port.opened).toBeNull();
  });
});
