/** npm run outside: computes what somebody outside has a value for, and writes the table into docs/models.md. */
import { buildAndRun } from './buildAndRun.mjs';

process.exit(await buildAndRun('core/outside/outside.ts'));
