/** Installs, builds and serves Jarvel. HOST and PORT choose another address. */
import { build, install } from './lib.mjs';

install();
build();
await import('../build/index.js');
