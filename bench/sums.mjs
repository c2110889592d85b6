// Measures every sum over HTTP on a real server: typical inputs, then ten thousand random ones. Prints a table; nothing is asserted.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';

const url = 'http://127.0.0.1:5998';
const folder = mkdtempSync(join(tmpdir(), 'metaplant-bench-'));
const server = spawn('dotnet', ['.build/server/Metaplant.Web.dll', '--contentRoot', resolve('src/Metaplant.Web'), '--data', folder, '--urls', url, '--Logging:LogLevel:Default=None'], { stdio: 'ignore' });

const seeded = (() => {
  let s = 20261125;
  return () => ((s = (s * 1664525 + 1013904223) >>> 0) / 2 ** 32);
})();

function value(input, random) {
  switch (input.kind) {
    case 'Number': {
      if (random && seeded() < 0.1) return input.greatest;
      const v = (input.typical ?? 1) * (random ? 0.3 + 2 * seeded() : 1);
      return input.unit === 'Count' ? Math.max(input.least, Math.round(v)) : v;
    }
    case 'Choice': return input.options[random ? Math.floor(seeded() * input.options.length) : 0];
    case 'Flag': return random ? seeded() < 0.5 : true;
    case 'Group': return group(input.fields, random);
    case 'Either': return group(input.fields[random ? Math.floor(seeded() * input.fields.length) : 0].fields, random);
    case 'List': return Array.from({ length: random ? 1 + Math.floor(seeded() * 4) : 1 }, () => group(input.fields, random));
  }
}
const group = (fields, random) => Object.fromEntries(fields.filter((f) => !f.optional || random).map((f) => [f.name, value(f, random)]));

function inputsOf(c, random) {
  const inputs = group(c.inputs, random);
  const further = Object.entries(c.byShape).find(([word]) => Object.values(inputs).includes(word));
  return { ...inputs, ...(further ? group(further[1], random) : {}) };
}

async function post(name, inputs) {
  const began = performance.now();
  const response = await fetch(`${url}/api/sums/${name}`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ inputs }) });
  await response.arrayBuffer();
  const inside = Number(/dur=([\d.]+)/.exec(response.headers.get('server-timing') ?? '')?.[1] ?? 0);
  return { took: performance.now() - began, inside, status: response.status };
}

const at = (times, p) => [...times].sort((a, b) => a - b)[Math.min(times.length - 1, Math.floor(times.length * p))].toFixed(2);

try {
  for (let i = 0; i < 100; i++) {
    try { await fetch(`${url}/api/nothing`); break; } catch { await new Promise((r) => setTimeout(r, 100)); }
  }
  const shelf = await (await fetch(`${url}/api/sums`)).json();
  const nothing = [];
  for (let i = 0; i < 300; i++) { const began = performance.now(); await fetch(`${url}/api/nothing`); nothing.push(performance.now() - began); }
  // The first calls are compiled as they run; a gardener's tenth question is what is measured.
  for (let i = 0; i < 40; i++) for (const c of shelf) await post(c.name, inputsOf(c, false));
  let slowest = { name: '', p95: 0 };
  for (const c of shelf) {
    const times = [];
    for (let i = 0; i < 220; i++) times.push((await post(c.name, inputsOf(c, false))).inside);
    const p95 = Number(at(times.slice(20), 0.95));
    if (p95 > slowest.p95) slowest = { name: c.name, p95 };
  }
  console.log(`sums over HTTP: an empty endpoint takes ${at(nothing, 0.5)} ms (p50), ${at(nothing, 0.95)} ms (p95)`);
  console.log(`slowest of ${shelf.length} sums at typical inputs: ${slowest.name}, p95 ${slowest.p95} ms inside the server (budget 5 ms)`);
  const all = [];
  const inside = [];
  let worstInside = { name: '', took: 0 };
  const statuses = {};
  let worst = { name: '', took: 0 };
  for (let i = 0; i < 10_000; i++) {
    const c = shelf[Math.floor(seeded() * shelf.length)];
    const { took, inside: within, status } = await post(c.name, inputsOf(c, true));
    all.push(took);
    inside.push(within);
    if (within > worstInside.took) worstInside = { name: c.name, took: within };
    statuses[status] = (statuses[status] ?? 0) + 1;
    if (took > worst.took) worst = { name: c.name, took };
  }
  console.log(`10000 random bodies: p50 ${at(all, 0.5)} ms, p95 ${at(all, 0.95)} ms, inside the server p95 ${at(inside, 0.95)} ms and slowest ${worstInside.took.toFixed(1)} ms (${worstInside.name}); slowest over HTTP ${worst.took.toFixed(1)} ms (${worst.name}; budget 100 ms), answers ${JSON.stringify(statuses)}`);
} finally {
  server.kill();
  await new Promise((r) => server.once('exit', r));
  rmSync(folder, { recursive: true });
}
