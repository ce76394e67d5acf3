/** npm run demo: installs, builds, serves. The address is the last line printed. */
import { build, installPackages, startServer } from './setUp.mjs';

installPackages();
build();
const { child, address } = await startServer();
process.on('SIGINT', () => child.kill());
process.on('SIGTERM', () => child.kill());
child.on('exit', (code) => process.exit(code ?? 0));
console.log('Strut Spot is running. Stop it with Ctrl C. Open:');
console.log(address);
