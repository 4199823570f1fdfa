import type { Handle } from '@sveltejs/kit';
import { refuse } from '$lib/server/respond';

const HEADERS: Readonly<Record<string, string>> = {
  'x-content-type-options': 'nosniff',
  'x-frame-options': 'DENY',
  'referrer-policy': 'no-referrer',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy': 'camera=(self), geolocation=(), microphone=(self), payment=()'
};
/** Answers of the routes are never pages: nothing in them may run or be framed. */
const API_CSP = "default-src 'none'; frame-ancestors 'none'";

export const handle: Handle = async ({ event, resolve }) => {
  const isApi = event.url.pathname.startsWith('/api/');
  let response = await resolve(event);
  const isOurs =
    response.status !== 500 && /json|image\/svg\+xml/.test(response.headers.get('content-type') ?? '');
  // What the framework itself says in the routes' place gets the shape that they promise.
  if (isApi && !isOurs)
    response = refuse(
      response.status,
      response.status === 404 ? 'There is no such route.' : 'The server could not answer.'
    );
  for (const [name, value] of Object.entries(HEADERS)) response.headers.set(name, value);
  if (isApi) response.headers.set('content-security-policy', API_CSP);
  return response;
};
