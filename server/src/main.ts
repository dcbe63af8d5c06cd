import { fileURLToPath } from 'node:url';
import { createApp } from './app.ts';

const DEFAULT_PORT = 4417;
const host = process.env['HOST'] ?? '127.0.0.1';
const asked = process.env['PORT'];
const port = asked === undefined ? DEFAULT_PORT : Number(asked);

// An empty PORT would be 0, which is any port.
if (asked?.trim() === '' || !Number.isInteger(port) || port < 0 || port > 65535) {
  console.error(`PORT: received “${asked}”; allowed is a whole number from 0 to 65535.`);
  process.exit(1);
}

const folder = fileURLToPath(new URL('../../web/dist', import.meta.url));
const server = createApp(folder).listen(port, host, (error?: Error) => {
  if (error) {
    const taken = (error as NodeJS.ErrnoException).code === 'EADDRINUSE';
    console.error(
      taken
        ? `Port ${port} on ${host} is taken by another program. Close it, or choose another: PORT=${port + 1} npm start`
        : `The server could not start on ${host}:${port}: ${error.message}`,
    );
    process.exit(1);
  }
  const address = server.address();
  const open = typeof address === 'object' && address ? address.port : port;
  console.log(`Keen Sinew is open at http://${host === '0.0.0.0' ? 'localhost' : host}:${open}`);
});

for (const signal of ['SIGINT', 'SIGTERM'] as const) {
  process.on(signal, () => {
    server.close(() => process.exit(0));
    // Streams of devices stay open for as long as their page does: they are ended here.
    server.closeAllConnections();
  });
}
