import { once } from 'node:events';
import { createServer, request, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';

/** A plain proxy that gives each request to the next server in turn. */
export class TurnProxy {
  private server: Server | null = null;
  private turn = 0;
  readonly served: number[];

  constructor(private readonly ports: readonly number[]) {
    this.served = ports.map(() => 0);
  }

  get url(): string {
    return `http://127.0.0.1:${(this.server!.address() as AddressInfo).port}`;
  }

  async open(): Promise<void> {
    this.server = createServer((incoming, answer) => {
      const at = this.turn++ % this.ports.length;
      this.served[at]! += 1;
      const onward = request(
        {
          host: '127.0.0.1',
          port: this.ports[at],
          method: incoming.method,
          path: incoming.url,
          headers: incoming.headers,
        },
        (response) => {
          answer.writeHead(response.statusCode ?? 502, response.headers);
          response.pipe(answer);
        },
      );
      onward.on('error', () => answer.writeHead(502).end());
      incoming.pipe(onward);
    });
    // As the servers do: else a request now and then meets a connection that is just being closed.
    this.server.keepAliveTimeout = 65_000;
    this.server.listen(0, '127.0.0.1');
    await once(this.server, 'listening');
  }

  async close(): Promise<void> {
    this.server?.closeAllConnections();
    this.server?.close();
    if (this.server) await once(this.server, 'close');
  }
}
