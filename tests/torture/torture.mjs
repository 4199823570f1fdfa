/**
 * Tries to break the records: thousands of damaged backups, copies that went apart, and a browser that is killed again
 * and again at work.
 *
 *   npm run torture -- [--backups 2000] [--merges 200] [--kills 100] [--stretch 5000] [--seed 1]
 *
 * A kill comes at a random moment of so long a stretch of work, ms. Ends with 1 when anything was lost, doubled, torn or taken in that should have been refused.
 */
import { parseArgs } from 'node:util';
import { createServer } from 'vite';
import { build, install, random, root } from '../../scripts/lib.mjs';

const { values } = parseArgs({
  options: {
    backups: { type: 'string', default: '2000' },
    merges: { type: 'string', default: '200' },
    kills: { type: 'string', default: '100' },
    stretch: { type: 'string', default: '5000' },
    seed: { type: 'string', default: '1' }
  }
});
const [seed, kills] = [Number(values.seed), Number(values.kills)];

install();
if (kills > 0) build();

const vite = await createServer({
  root,
  server: { middlewareMode: true, hmr: false },
  appType: 'custom',
  logLevel: 'error'
});
const { breakBackups } = await import('./backups.mjs');
const { mergeCopies } = await import('./merges.mjs');
const { killAndLook } = await import('./kills.mjs');
const faults = [
  ...(await breakBackups(vite, Number(values.backups), random(seed))),
  ...(await mergeCopies(vite, Number(values.merges), random(seed + 1))),
  ...(kills > 0 ? await killAndLook(vite, kills, Number(values.stretch), random(seed + 2)) : [])
];
await vite.close();
for (const fault of faults.slice(0, 20)) console.error(`FAULT ${fault}`);
console.log(faults.length === 0 ? 'Nothing was lost, doubled or torn.' : `${faults.length} faults.`);
process.exit(faults.length === 0 ? 0 : 1);
