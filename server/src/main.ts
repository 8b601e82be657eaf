import { createServer } from 'node:http';
import { fileURLToPath } from 'node:url';
import { createApp } from './app';
import { now } from './clock';
import { hostOf, LOOPBACK } from './hosts';

const DEFAULT_PORT = 4640;

const fail = (say: string): never => {
  console.error(say);
  process.exit(1);
};

const given = process.env.PORT;
const port = given === undefined || given === '' ? DEFAULT_PORT : Number(given);
if (!Number.isInteger(port) || port < 1 || port > 65_535)
  fail(`PORT is "${String(given)}"; it must be a whole number from 1 to 65535.`);
const host = hostOf(process.env.HOST);
const realm = process.env.IRONPAN_REALM === 'demo' ? 'demo' : 'kitchen';

const distDir = fileURLToPath(new URL('../../web/dist', import.meta.url));
const server = createServer(createApp({ distDir, realm, host, now }));
server.on('error', (e: NodeJS.ErrnoException) => {
  if (e.code === 'EADDRINUSE')
    fail(
      `Port ${port} is busy. Stop what runs there, or choose another with PORT=${port + 1}; data stay with their address.`,
    );
  if (e.code === 'EADDRNOTAVAIL' || e.code === 'ENOTFOUND')
    fail(`HOST is "${host}", which is no address of this machine. Leave it out to listen on ${LOOPBACK} alone.`);
  if (e.code === 'EACCES') fail(`Port ${port} may not be opened by this user. Choose one above 1023 with PORT=4640.`);
  fail(`The server could not start: ${e.message}`);
});
server.listen(port, host, () => {
  console.log(`Ironpan (${realm === 'demo' ? 'demo kitchen' : 'your kitchen'}): http://${host}:${port}/`);
});

const stop = (): void => {
  server.closeAllConnections();
  server.close(() => process.exit(0));
};
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
// Started by a script through a pipe that stays open: when the script is gone, so is the pipe, and so are we.
if (process.env.IRONPAN_PARENT_PIPE === '1') process.stdin.on('end', stop).on('error', stop).resume();
