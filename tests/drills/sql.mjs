// Does to a garden file what no Metaplant would: node sql.mjs FILE STATEMENTS. The whole file is read, changed and written.
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import initSqlJs from 'sql.js';

const [file, statements] = process.argv.slice(2);
const { Database } = await initSqlJs();
const db = new Database(existsSync(file) ? readFileSync(file) : undefined);
db.exec(statements);
writeFileSync(file, db.export());
