/**
 * Changes the rules in `src/lib/core` one small way at a time and looks whether a test notices.
 *
 *   npm run mutants -- [--constants] [--count 300] [--seed 1] [--in sizing]
 *
 * Draws its mutants by a seed, so a run can be repeated; fails below 80 % caught. A comparison is turned round; where it
 * counts, it is moved by one too. With --constants the numbers that stand at the top of a file or in a table are
 * changed instead, by a fifth up or down, and neighbours in a row are swapped; how a figure is drawn, and pictures, are
 * left out: nobody judges by them.
 */
import { spawn } from 'node:child_process';
import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { cpus, tmpdir } from 'node:os';
import { dirname, join, relative } from 'node:path';
import { parseArgs } from 'node:util';
import ts from 'typescript';
import { install, random, root } from './lib.mjs';

install();

const { values } = parseArgs({
  options: {
    constants: { type: 'boolean', default: false },
    count: { type: 'string', default: '300' },
    seed: { type: 'string', default: '1' },
    in: { type: 'string', default: '' }
  }
});
const WANTED_SHARE = 0.8;
/** A run that takes so many times as long as one without a mutant does not end. */
const TOO_LONG = 5;
let longestMs = 1_200_000;
const CORE = 'src/lib/core';
/** Made-up children, who go through all of it. */
const STORIES = 'src/lib/data/stories';

const OTHER_OPERATOR = {
  '<': '>=',
  '<=': '>',
  '>': '<=',
  '>=': '<',
  '===': '!==',
  '!==': '===',
  '+': '-',
  '-': '+',
  '*': '/',
  '/': '*',
  '&&': '||',
  '||': '&&',
  '??': '&&'
};
const NEIGHBOUR = { '<': '<=', '<=': '<', '>': '>=', '>=': '>' };
const OTHER_CALL = {
  max: 'min',
  min: 'max',
  some: 'every',
  every: 'some',
  floor: 'ceil',
  ceil: 'floor',
  filter: 'slice'
};

/** What is compared with a whole number, or with a length, counts. */
const COUNTS = /^\d$|\.length/;

/** What is drawn or heard, and what is said, is judged by eyes and ears; how finely it is worked out, by its result. */
const NOT_JUDGED = /core\/(figure|tones|maths)\/|pictures|profiles|\/(library|ways)\/|drills|made-up/;

/** A table of facts: an array or object at the top of a file, outside any function. */
function isInTable(node) {
  let inLiteral = false;
  for (let at = node.parent; at; at = at.parent) {
    if (ts.isFunctionLike(at)) return false;
    inLiteral ||= ts.isArrayLiteralExpression(at) || ts.isObjectLiteralExpression(at);
  }
  return inLiteral;
}

const files = (folder) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return files(path);
    return path.endsWith('.ts') && !path.endsWith('.test.ts') ? [path] : [];
  });

/** Gathers the changes of a file, each by its place in the text. */
function collector(path, source) {
  const found = [];
  const add = (node, put) => {
    const start = node.getStart(source);
    const { line } = source.getLineAndCharacterOfPosition(start);
    found.push({ path, line: line + 1, start, end: node.getEnd(), was: node.getText(source), put });
  };
  return { found, add };
}

/** Every small change that can be made to a file. */
function mutantsOf(path) {
  const text = readFileSync(path, 'utf8');
  const source = ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true);
  const { found, add } = collector(path, source);
  const visit = (node) => {
    // Types say nothing at run time, and neither do the numbers of an enumeration of them.
    if ((ts.isNumericLiteral(node) || ts.isPrefixUnaryExpression(node)) && isInTable(node)) return;
    if (ts.isTypeNode(node) || ts.isInterfaceDeclaration(node) || ts.isTypeAliasDeclaration(node)) return;
    if (ts.isBinaryExpression(node)) {
      const other = OTHER_OPERATOR[node.operatorToken.getText(source)];
      if (other) add(node.operatorToken, other);
      const neighbour = NEIGHBOUR[node.operatorToken.getText(source)];
      if (neighbour && COUNTS.test(node.right.getText(source))) add(node.operatorToken, neighbour);
    } else if (ts.isNumericLiteral(node)) {
      // A tenth more, or one instead of nothing.
      add(node, Number(node.text) === 0 ? '1' : String(Number((Number(node.text) * 1.1).toPrecision(6))));
    } else if (node.kind === ts.SyntaxKind.TrueKeyword) add(node, 'false');
    else if (node.kind === ts.SyntaxKind.FalseKeyword) add(node, 'true');
    else if (ts.isConditionalExpression(node)) {
      add(node.condition, `!(${node.condition.getText(source)})`);
    } else if (ts.isIfStatement(node)) {
      add(node.expression, 'false');
    } else if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.MinusToken) {
      add(node, node.operand.getText(source));
    } else if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken) {
      add(node, node.operand.getText(source));
    } else if (ts.isCallExpression(node) && ts.isPropertyAccessExpression(node.expression)) {
      const other = OTHER_CALL[node.expression.name.text];
      if (other === 'slice') add(node, `${node.expression.expression.getText(source)}.slice()`);
      else if (other) add(node.expression.name, other);
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

/** The top of a file: outside any function. */
function isAtTop(node) {
  for (let at = node.parent; at; at = at.parent) if (ts.isFunctionLike(at)) return false;
  return true;
}

/** Every number that a rule rests on, a fifth larger or smaller, and each row with two of its neighbours swapped. */
function constantsOf(path) {
  if (NOT_JUDGED.test(path)) return [];
  const text = readFileSync(path, 'utf8');
  const source = ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true);
  const { found, add } = collector(path, source);
  const isNumber = (node) => ts.isNumericLiteral(node) || ts.isPrefixUnaryExpression(node);
  const visit = (node) => {
    if (ts.isTypeNode(node) || ts.isInterfaceDeclaration(node) || ts.isTypeAliasDeclaration(node)) return;
    if (ts.isNumericLiteral(node) && isAtTop(node)) {
      const value = Number(node.text.replaceAll('_', ''));
      const whole = Number.isInteger(value);
      for (const by of [1.2, 0.8]) {
        const put = whole ? Math.round(value * by) : Number((value * by).toPrecision(6));
        add(node, String(put === value ? value + (by > 1 ? 1 : -1) : put));
      }
    }
    if (ts.isArrayLiteralExpression(node) && isAtTop(node) && node.elements.length > 2) {
      const { elements } = node;
      const at = elements.findIndex((one, i) => {
        const next = elements[i + 1];
        return next && isNumber(one) && isNumber(next) && one.getText(source) !== next.getText(source);
      });
      const [one, next] = [elements[at], elements[at + 1]];
      if (at >= 0)
        add(
          {
            getStart: () => one.getStart(source),
            getEnd: () => next.getEnd(),
            getText: () => `${one.getText(source)}, ${next.getText(source)}`
          },
          `${next.getText(source)}, ${one.getText(source)}`
        );
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

/** A copy of what the tests need, so that the checkout stays as it is. */
function copyOfTree() {
  const copy = mkdtempSync(join(tmpdir(), 'mutants-'));
  for (const part of ['src', 'package.json']) cpSync(join(root, part), join(copy, part), { recursive: true });
  symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'));
  writeFileSync(join(copy, 'tsconfig.json'), '{"compilerOptions":{"target":"esnext","module":"esnext"}}');
  writeFileSync(
    join(copy, 'vitest.config.mjs'),
    `export default { resolve: { alias: { $lib: ${JSON.stringify(join(copy, 'src/lib'))} } },
      test: { environment: 'node', testTimeout: 60000, bail: 1, fileParallelism: false, isolate: false, reporters: ['dot'] } };`
  );
  return copy;
}

/** Whether the tests fail. A run that does not end has noticed too. */
const fails = (copy, tests) =>
  new Promise((done) => {
    const child = spawn(process.execPath, [join(root, 'node_modules/vitest/vitest.mjs'), ...tests], {
      cwd: copy,
      stdio: 'ignore',
      // A group of its own, so that a mutant that runs for ever is ended with its workers.
      detached: true
    });
    const timer = setTimeout(() => process.kill(-child.pid, 'SIGKILL'), longestMs);
    child.on('exit', (code) => {
      clearTimeout(timer);
      done(code !== 0);
    });
  });

const testsIn = (folder) => readdirSync(join(root, folder)).filter((name) => name.endsWith('.test.ts'));

async function caught(copy, { path, start, end, put }) {
  const inTree = relative(root, path);
  const place = join(copy, inTree);
  const text = readFileSync(path, 'utf8');
  writeFileSync(place, text.slice(0, start) + put + text.slice(end));
  try {
    const own = dirname(inTree);
    // Its own tests first: they are quick and notice nearly everything.
    if (testsIn(own).length > 0 && (await fails(copy, [own, '--exclude', '**/calibration.test.ts'])))
      return true;
    return await fails(copy, [CORE, STORIES]);
  } finally {
    writeFileSync(place, text);
  }
}

const all = files(join(root, CORE, values.in)).flatMap(values.constants ? constantsOf : mutantsOf);
const next = random(Number(values.seed));
const drawn = all
  .map((mutant) => ({ mutant, at: next() }))
  .sort((a, b) => a.at - b.at)
  .slice(0, Number(values.count))
  .map(({ mutant }) => mutant);
console.log(`${drawn.length} of ${all.length} mutants, seed ${values.seed}.`);

const copies = Array.from({ length: Math.min(2, cpus().length) }, copyOfTree);
const started = performance.now();
if (await fails(copies[0], ['run', CORE, STORIES])) {
  console.error('The tests fail without any mutant.');
  process.exit(1);
}

longestMs = Math.max(120_000, TOO_LONG * (performance.now() - started));

const survivors = [];
const byFolder = new Map();
let done = 0;
const queue = [...drawn];
await Promise.all(
  copies.map(async (copy) => {
    for (let mutant = queue.shift(); mutant; mutant = queue.shift()) {
      const noticed = await caught(copy, mutant);
      const folder = relative(join(root, CORE), mutant.path).split('/')[0];
      const tally = byFolder.get(folder) ?? { caught: 0, all: 0 };
      byFolder.set(folder, { caught: tally.caught + (noticed ? 1 : 0), all: tally.all + 1 });
      if (!noticed) {
        survivors.push(mutant);
        console.log(`survives: ${relative(root, mutant.path)}:${mutant.line}  ${mutant.was} → ${mutant.put}`);
      }
      if (++done % 25 === 0) console.log(`${done} done, ${done - survivors.length} caught`);
    }
  })
);
for (const copy of copies) rmSync(copy, { recursive: true, force: true });

for (const [folder, tally] of [...byFolder].sort()) console.log(`${folder}: ${tally.caught} of ${tally.all}`);
const share = (drawn.length - survivors.length) / drawn.length;
console.log(`${Math.round(share * 1000) / 10} % of ${drawn.length} mutants caught.`);
if (share < WANTED_SHARE) process.exitCode = 1;
