/**
 * Serves the built application; the build copies it to its `index.js`. Static files get the same guard against type
 * guessing as pages do, and methods that the framework does not know are answered like any other wrong one.
 */
import { createServer } from 'node:http';

const host = process.env.HOST ?? '127.0.0.1';
const port = Number(process.env.PORT ?? 5180);
// Bodies that are too large are taken in and answered; beyond this the connection is cut.
process.env.BODY_SIZE_LIMIT ??= '16M';
process.env.ORIGIN ??= `http://${host === '127.0.0.1' ? 'localhost' : host}:${port}`;

const { handler } = await import('./handler.js');

const KNOWN = ['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'];

createServer((request, response) => {
  // The framework builds a web request, which TRACE and strangers can't be; no route takes a PATCH.
  if (!KNOWN.includes(request.method)) request.method = 'PATCH';
  response.setHeader('x-content-type-options', 'nosniff');
  response.setHeader('referrer-policy', 'no-referrer');
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
  .listen(port, host, () =>
    console.log(`Jarvel is at http://${host === '127.0.0.1' ? 'localhost' : host}:${port}`)
  );
