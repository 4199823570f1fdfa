/// <reference no-default-lib="true"/>
/// <reference lib="esnext" />
/// <reference lib="webworker" />
/// <reference types="@sveltejs/kit" />
import { build, files, version } from '$service-worker';

/**
 * Keeps one version of Jarvel whole, so that it opens in a hall without network. A new version is fetched whole beside
 * it and waits until no tab holds the old one: files of two versions never meet.
 */
const worker = globalThis as unknown as ServiceWorkerGlobalScope;

const PREFIX = 'jarvel-';
const CACHE = `${PREFIX}${version}`;
/** Every place is the same page: what it shows is decided in the browser. */
const PAGE = '/';
/** What only workers use, which the framework does not list: the build puts its paths here. */
const BESIDE = '__BESIDE__'.split(' ').filter((path) => path.startsWith('/'));
const KEPT = new Set([PAGE, ...build, ...files, ...BESIDE]);

async function fetchAll(): Promise<void> {
  const cache = await caches.open(CACHE);
  // Not by way of the browser's own cache, which may hold the page of an older version.
  await cache.addAll([...KEPT].map((path) => new Request(path, { cache: 'reload' })));
}

async function takeOver(): Promise<void> {
  for (const name of await caches.keys())
    if (name.startsWith(PREFIX) && name !== CACHE) await caches.delete(name);
  await worker.clients.claim();
}

/** What is kept of this version; from the network where the browser threw it away. */
async function kept(request: Request, path: string): Promise<Response> {
  const cache = await caches.open(CACHE);
  return (await cache.match(path)) ?? fetch(request);
}

/** A waiting version is taken at once only when a single tab is open: another would be left with half of the old one. */
async function takeIfAlone(): Promise<void> {
  const tabs = await worker.clients.matchAll({ type: 'window', includeUncontrolled: true });
  if (tabs.length <= 1) await worker.skipWaiting();
  else for (const tab of tabs) tab.postMessage({ kind: 'several-tabs', tabs: tabs.length });
}

worker.addEventListener('install', (event) => event.waitUntil(fetchAll()));
worker.addEventListener('activate', (event) => event.waitUntil(takeOver()));
worker.addEventListener('message', (event) => {
  if (event.data === 'take') event.waitUntil(takeIfAlone());
});
worker.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== location.origin) return;
  // The routes are the server's own.
  if (url.pathname.startsWith('/api/')) return;
  if (request.mode === 'navigate') event.respondWith(kept(request, PAGE));
  else if (KEPT.has(url.pathname)) event.respondWith(kept(request, url.pathname));
});
