/** npm run --silent evaluate -- FILE: the core without an interface; JSON on stdout, everything else on stderr. */
import { serverProgram } from './serverProgram.mjs';

serverProgram('evaluate');
