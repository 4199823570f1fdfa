import adapter from '@sveltejs/adapter-node';
import { copyFileSync } from 'node:fs';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

const node = adapter();

/**
 * Node's adapter with Jarvel's own server in place of its bare one, so that `node build` guards every answer too.
 *
 * @type {import('@sveltejs/kit').Adapter}
 */
const served = {
  ...node,
  async adapt(builder) {
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
