// Prints "passed failed" from one result file: xUnit's XML or Playwright's JSON. Fails when there is none or it counts nothing.
import { readFileSync } from 'node:fs';

const text = readFileSync(process.argv[2], 'utf8');
let passed = 0;
let failed = 0;
if (process.argv[2].endsWith('.xml')) {
  for (const [tag] of text.matchAll(/<assembly [^>]*>/g)) {
    const number = (name) => Number(new RegExp(`\\b${name}="(\\d+)"`).exec(tag)?.[1] ?? 0);
    passed += number('passed');
    failed += number('failed') + number('errors');
  }
} else {
  const { stats } = JSON.parse(text);
  passed = stats.expected + stats.flaky;
  failed = stats.unexpected;
}
if (passed + failed === 0) process.exit(1);
console.log(`${passed} ${failed}`);
