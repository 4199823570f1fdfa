/** The built application and a browser for it, for the commands that look at it from outside. */
import { chromium as browserOf } from '@playwright/test';
import { spawn } from 'node:child_process';
import { chromium, freePort, root } from './lib.mjs';

export const launch = () =>
  browserOf.launch({
    executablePath: chromium(),
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync'
    ]
  });

/** Serves a build on a free port while the work lasts. */
export async function serving(work, program = 'build/index.js') {
  const port = String(await freePort());
  const server = spawn(process.execPath, [program], {
    cwd: root,
    env: { ...process.env, PORT: port, HOST: '127.0.0.1', ORIGIN: `http://localhost:${port}` }
  });
  await new Promise((ready) => server.stdout.once('data', ready));
  try {
    return await work(`http://localhost:${port}`);
  } finally {
    server.kill();
  }
}

/**
 * Runs in a page of the application's origin that shows none of it: writes records straight into the database.
 *
 * @param {import('@playwright/test').Page} page
 */
export const putRecords = (page, tables) =>
  page.evaluate(
    (rows) =>
      new Promise((done, fail) => {
        const opening = indexedDB.open('jarvel');
        opening.onerror = () => fail(opening.error);
        opening.onsuccess = () => {
          const names = Object.keys(rows);
          const transaction = opening.result.transaction(names, 'readwrite');
          for (const name of names) for (const row of rows[name]) transaction.objectStore(name).put(row);
          transaction.onerror = () => fail(transaction.error);
          transaction.oncomplete = () => {
            opening.result.close();
            done();
          };
        };
      }),
    tables
  );
