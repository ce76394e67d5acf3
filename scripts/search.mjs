/** npm run --silent search -- FILE [--jobs N] [--shot ID]: the shots of an outing searched, in so many threads; JSON on stdout, everything else on stderr. */
import { serverProgram } from './serverProgram.mjs';

serverProgram('search');
