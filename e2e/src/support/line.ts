import { connect, createServer, type AddressInfo, type Socket } from 'node:net';

/** The line between a bench and its server, which a test can cut and mend. */
export interface Line {
  /** Where the bench finds the server. */
  readonly url: string;
  cut(): void;
  mend(): void;
  close(): Promise<void>;
}

/** Lays a line to a server of this machine. @param port of the server, asked for with each connection */
export async function layLine(port: () => number): Promise<Line> {
  const open = new Set<Socket>();
  let isCut = false;
  const hold = (socket: Socket) => {
    open.add(socket);
    // A line that breaks is what the test is about: whoever asked hears of it by themselves.
    socket.on('error', () => socket.destroy());
    socket.once('close', () => open.delete(socket));
  };
  const server = createServer((bench) => {
    hold(bench);
    if (isCut) {
      bench.destroy();
      return;
    }
    const there = connect(port(), '127.0.0.1');
    hold(there);
    bench.pipe(there).pipe(bench);
  });
  await new Promise<void>((listening) => server.listen(0, '127.0.0.1', listening));
  const cut = () => {
    isCut = true;
    for (const socket of open) socket.destroy();
  };
  return {
    url: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    cut,
    mend: () => {
      isCut = false;
    },
    close: () => {
      cut();
      return new Promise((closed) => server.close(() => closed()));
    },
  };
}
