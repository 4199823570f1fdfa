import { createRequire } from 'node:module';
import { parentPort, workerData } from 'node:worker_threads';
import type load from 'highs';
import { solveWith } from '$lib/core/cupboard/assign/solver';
import type { SolverTask } from './solver-pool';

// A script that is given as text finds no package by itself.
const { from } = workerData as { readonly from: string };
const loadHighs = createRequire(from)('highs') as typeof load;

const highs = loadHighs();

parentPort?.on('message', ({ text, nodes }: SolverTask) => {
  void highs.then((solver) => parentPort?.postMessage(solveWith(solver, text, { nodes })));
});
