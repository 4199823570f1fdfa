/**
 * Serves the built application; the build copies it to its `index.js`. Static files get the same guard against type
 * guessing as pages do, and methods that the framework does not know are answered like any other wrong one.
 */
import { createServer } from 'node:http';
import { networkInterfaces } from 'node:os';

const host = process.env.HOST || '127.0.0.1';
const port = Number(process.env.PORT || 5180);
if (!Number.isInteger(port) || port < 1 || port > 65535) {
  console.error(
    `PORT is a number from 1 to 65535, not "${process.env.PORT}". For example: PORT=5181 npm start`
  );
  process.exit(1);
}
if (host.includes(':')) {
  console.error(
    'HOST is a name or an address such as 127.0.0.1, or 0.0.0.0 for every device in the network.'
  );
  process.exit(1);
}
const isOpen = host === '0.0.0.0';
const addressOf = (name) => `http://${name}:${port}`;
/** Addresses by which another device finds this one. */
const inNetwork = () =>
  Object.values(networkInterfaces())
    .flat()
    .filter((one) => one && one.family === 'IPv4' && !one.internal)
    .map(({ address }) => addressOf(address));
// Bodies that are too large are taken in and answered; beyond this the connection is cut.
process.env.BODY_SIZE_LIMIT ??= '16M';
const local = isOpen || host === '127.0.0.1' ? 'localhost' : host;
// Open to the network there are several; then each request says by which it came.
if (!isOpen) process.env.ORIGIN ??= addressOf(local);

const { handler } = await import('./handler.js');

const WORKER = /^\/_app\/immutable\/workers\/([\w-]+)\.worker-[^/]*\.js/;
/** A worker has a policy of its own: only the one that solves plans may compile WebAssembly. */
const workerPolicy = (name) =>
  `default-src 'self'; script-src 'self'${name === 'assign' ? " 'wasm-unsafe-eval'" : ''}; object-src 'none'`;

const KNOWN = ['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'];

createServer((request, response) => {
  // The framework builds a web request, which TRACE and strangers can't be; no route takes a PATCH.
  if (!KNOWN.includes(request.method)) request.method = 'PATCH';
  response.setHeader('x-content-type-options', 'nosniff');
  response.setHeader('referrer-policy', 'no-referrer');
  const worker = WORKER.exec(request.url ?? '');
  if (worker) response.setHeader('content-security-policy', workerPolicy(worker[1]));
  handler(request, response, () => {
    response.statusCode = 404;
    response.end();
  });
})
  .on('error', (error) => {
    console.error(
      error.code === 'EADDRINUSE'
        ? `Port ${port} is taken. Choose another: PORT=5181 npm start`
        : error.message
    );
    process.exit(1);
  })
  .listen(port, host, () => {
    console.log(`Jarvel is at ${addressOf(local)}`);
    if (isOpen)
      for (const address of inNetwork()) console.log(`  for a tablet in the same network: ${address}`);
  });
