/** npm run outcomes [-- grid [CARRIERS [INTENTS]]] */
import { runGrid } from './grid';

const [what = 'grid', only = '', intents = '', wordy = ''] = process.argv.slice(2);
const list = (text: string) => text.split(',').filter(Boolean);
if (what === 'grid') runGrid(list(only), list(intents), wordy === 'wordy');
