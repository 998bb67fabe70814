// Prints how many small faults of a folder its tests noticed, and those they did not.
import { readFileSync } from 'node:fs';

const [folder, report] = process.argv.slice(2);
const files = Object.entries(JSON.parse(readFileSync(report, 'utf8')).files);
const noticed = new Set(['Killed', 'Timeout']);
const missed = new Set(['Survived', 'NoCoverage']);
let killed = 0;
// Counted as noticed, and said: on a busy machine they are no proof.
let late = 0;
const survivors = [];
for (const [path, { mutants, source }] of files) {
  for (const { status, replacement, location } of mutants) {
    if (noticed.has(status)) killed++;
    if (status === 'Timeout') late++;
    if (!missed.has(status)) continue;
    const line = source.split('\n')[location.start.line - 1].trim();
    survivors.push(`  ${path.split('/AmberSpoon.Core/').at(-1)}:${location.start.line}  ${line}  ->  ${replacement.replace(/\s+/g, ' ')}`);
  }
}
const all = killed + survivors.length;
console.log(`${folder}: ${killed} of ${all} noticed, ${all ? Math.floor((100 * killed) / all) : 0} %${late ? ` (${late} by running too long)` : ''}`);
console.log(survivors.join('\n'));
