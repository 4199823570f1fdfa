/** Shared by the commands: running programs, installing what is missing, building once. */
import { spawn, spawnSync } from 'node:child_process';
import { createServer } from 'node:net';
import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const LEAST_NODE = [20, 19];
const [major, minor] = process.versions.node.split('.').map(Number);
if (major < LEAST_NODE[0] || (major === LEAST_NODE[0] && minor < LEAST_NODE[1])) {
  console.error(`Jarvel needs Node ${LEAST_NODE.join('.')} or newer; this is ${process.versions.node}.`);
  process.exit(1);
}

export const root = fileURLToPath(new URL('..', import.meta.url));

/** Runs a program in the project's folder; ends this process with its code when it fails. */
export function run(program, args, env = {}, cwd = root) {
  // On Windows npm is a script, which only a shell starts.
  const isScript = process.platform === 'win32' && program === 'npm';
  const { status, error } = spawnSync(isScript ? 'npm.cmd' : program, args, {
    cwd,
    stdio: 'inherit',
    shell: isScript,
    env: { ...process.env, ...env }
  });
  if (error) {
    console.error(`${program} could not be started: ${error.message}`);
    process.exit(1);
  }
  if (status !== 0) process.exit(status ?? 1);
}

/** Runs a program that a package brings. */
export const runBin = (name, args, env, cwd) => run(process.execPath, [binOf(name), ...args], env, cwd);

/** Runs a program that a package brings while others run too. */
export const runBeside = (name, args) => scriptBeside(binOf(name), args);

const BESIDE_LIMIT_MS = 30 * 60_000;

/**
 * Runs a script while others run too; what it says comes in one piece at its end. Ends this process with its code when it
 * fails, or when it has not ended after half an hour.
 */
export const scriptBeside = (script, args, env = {}) =>
  new Promise((done) => {
    const child = spawn(process.execPath, [script, ...args], {
      cwd: root,
      stdio: ['ignore', 'pipe', 'pipe'],
      env: { ...process.env, ...env }
    });
    const said = [];
    child.stdout.on('data', (piece) => said.push(piece));
    child.stderr.on('data', (piece) => said.push(piece));
    const limit = setTimeout(() => {
      said.push(`${script} did not end in time.\n`);
      child.kill('SIGKILL');
    }, BESIDE_LIMIT_MS);
    child.on('close', (status) => {
      clearTimeout(limit);
      process.stdout.write(Buffer.concat(said.map((piece) => Buffer.from(piece))));
      if (status !== 0) process.exit(status ?? 1);
      done();
    });
  });

function binOf(name) {
  const bins = {
    vite: 'vite/bin/vite.js',
    vitest: 'vitest/vitest.mjs',
    playwright: '@playwright/test/cli.js',
    'svelte-check': 'svelte-check/bin/svelte-check',
    'svelte-kit': '@sveltejs/kit/svelte-kit.js',
    eslint: 'eslint/bin/eslint.js',
    knip: 'knip/bin/knip.js',
    prettier: 'prettier/bin/prettier.cjs'
  };
  return join(root, 'node_modules', bins[name]);
}

/** A port that nobody listens on, so that two runs beside each other do not meet. */
export const freePort = () =>
  new Promise((found) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => found(port));
    });
  });

const newest = (path) =>
  !existsSync(path)
    ? 0
    : statSync(path).isDirectory()
      ? Math.max(0, ...readdirSync(path).map((name) => newest(join(path, name))))
      : statSync(path).mtimeMs;

/** Installs the packages of the lock file unless they are there. */
export function install() {
  const installed = newest(join(root, 'node_modules/.package-lock.json'));
  if (installed >= newest(join(root, 'package-lock.json')) && installed > 0) return;
  console.log('Installing packages…');
  run('npm', ['ci', '--include=dev']);
}

/** Builds the application unless the build is newer than what it is made from. */
export function build() {
  const sources = [
    'src',
    'static',
    'CHANGELOG.md',
    'scripts/notices.mjs',
    'package.json',
    'svelte.config.js',
    'scripts/server.mjs',
    'vite.config.ts',
    'package-lock.json'
  ];
  const made = newest(join(root, 'build/handler.js'));
  if (made > Math.max(...sources.map((path) => newest(join(root, path))))) return;
  console.log('Building…');
  runBin('vite', ['build', '--logLevel', 'warn']);
}

/** Chromium without its windows first: it runs the tests in nearly half the time. */
const CHROMIUM = [
  '/usr/bin/chromium-headless-shell',
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
  '/usr/bin/google-chrome'
];
const foundChromium = () =>
  [process.env.CHROMIUM_PATH ?? '', ...CHROMIUM].find((path) => path !== '' && existsSync(path));

/** Path of Chromium; installs Debian's package when there is none. */
export function chromium() {
  const found = foundChromium();
  if (found) return found;
  if (process.getuid?.() !== 0) {
    console.error(
      'The tests need Chromium: install the package "chromium", or name its program in CHROMIUM_PATH.'
    );
    process.exit(1);
  }
  console.log('Installing Chromium…');
  run('apt-get', ['update', '-q']);
  const shell = 'chromium-headless-shell';
  // Older Debians have only the whole of it.
  const known = spawnSync('apt-cache', ['show', shell], { stdio: 'ignore' }).status === 0;
  run(
    'apt-get',
    [
      'install',
      '-y',
      '-q',
      '--no-install-recommends',
      '-o',
      'DPkg::Lock::Timeout=120',
      known ? shell : 'chromium'
    ],
    { DEBIAN_FRONTEND: 'noninteractive' }
  );
  return foundChromium() ?? CHROMIUM[1];
}

/** Numbers from 0 up to 1, the same for the same seed. */
export function random(seed) {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}
