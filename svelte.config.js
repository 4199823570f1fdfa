import adapter from '@sveltejs/adapter-node';
import { copyFileSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';
import { writeNotices } from './scripts/notices.mjs';

const node = adapter();

/** Tells the service worker of every built file that the framework did not list: workers and what they load. */
function keepAll(client) {
  const script = join(client, 'service-worker.js');
  const text = readFileSync(script, 'utf8');
  const folder = '_app/immutable';
  const beside = readdirSync(join(client, folder), { recursive: true, withFileTypes: true })
    .filter((file) => file.isFile())
    .map(({ parentPath, name }) => join(parentPath, name).slice(client.length).replaceAll('\\', '/'))
    .map((path) => (path.startsWith('/') ? path : `/${path}`))
    .filter((path) => !text.includes(path));
  writeFileSync(script, text.replace('__BESIDE__', beside.join(' ')));
}

/**
 * Node's adapter with Jarvel's own server in place of its bare one, so that `node build` guards every answer too.
 *
 * @type {import('@sveltejs/kit').Adapter}
 */
const served = {
  ...node,
  async adapt(builder) {
    const client = builder.getClientDirectory();
    writeNotices(join(client, '_app/immutable/notices.json'));
    keepAll(client);
    await node.adapt(builder);
    copyFileSync('scripts/server.mjs', 'build/index.js');
  }
};

/** @type {import('@sveltejs/kit').Config} */
export default {
  preprocess: vitePreprocess(),
  compilerOptions: { runes: ({ filename }) => !filename.includes('node_modules') || undefined },
  kit: {
    adapter: served,
    // One page serves every place, also from the browser's store: its paths must not depend on where it is opened.
    paths: { relative: false },
    // The server keeps nothing and sets no cookie, so there is no session that a foreign form could
    // ride on; leaving the framework's form check off lets the routes answer 415 to form bodies.
    csrf: { trustedOrigins: ['*'] },
    csp: {
      mode: 'auto',
      directives: {
        'default-src': ['self'],
        'script-src': ['self'],
        'style-src': ['self'],
        // Skeleton parts and scaled drawings set style attributes.
        'style-src-attr': ['unsafe-inline'],
        'img-src': ['self', 'data:', 'blob:'],
        'font-src': ['self'],
        'connect-src': ['self'],
        'worker-src': ['self'],
        'object-src': ['none'],
        'base-uri': ['self'],
        'form-action': ['self'],
        'frame-ancestors': ['none']
      }
    }
  }
};
