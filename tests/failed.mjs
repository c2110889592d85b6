// Prints the name of every test that failed, and the first line of why, from result files: xUnit's XML or Playwright's JSON. Nothing where none did.
import { existsSync, readFileSync } from 'node:fs';

const plain = (words) => words.replace(/&quot;/g, '"').replace(/&apos;/g, "'").replace(/&lt;/g, '<').replace(/&gt;/g, '>').replace(/&#xA;/gi, '\n').replace(/&#xD;/gi, '').replace(/&amp;/g, '&');
// eslint-disable-next-line no-control-regex
const bare = (words) => words.replace(/\u001b\[[0-9;]*m/g, '');
const tell = (name, why) => console.log(`failed: ${name}: ${bare(why ?? '').trim().split('\n').filter((l) => l.trim() !== '').slice(0, 10).join(' | ')}`);

function inSuite(suite) {
  for (const spec of suite.specs ?? []) {
    for (const test of spec.tests.filter((t) => t.status === 'unexpected')) tell(`${spec.file}: ${spec.title} (${test.projectName})`, test.results.at(-1)?.error?.message);
  }
  (suite.suites ?? []).forEach(inSuite);
}

for (const file of process.argv.slice(2).filter(existsSync)) {
  const text = readFileSync(file, 'utf8');
  if (file.endsWith('.xml')) {
    for (const [, test] of text.matchAll(/<test ([^>]*result="Fail"[\s\S]*?)<\/test>/g)) {
      tell(plain(/\bname="([^"]*)"/.exec(test)?.[1] ?? '?'), /<message><!\[CDATA\[([\s\S]*?)\]\]>/.exec(test)?.[1] ?? plain(/<message>([\s\S]*?)<\/message>/.exec(test)?.[1] ?? ''));
    }
  } else inSuite(JSON.parse(text));
}
