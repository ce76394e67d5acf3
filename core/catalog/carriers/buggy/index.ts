import { openBuggy } from '../../shapes/openBuggy/openBuggy';
import { shake } from './shake';

export default openBuggy({
  id: 'buggy',
  name: 'Open buggy',
  note: 'two seats side by side in a tube cage, engine behind',
  shake,
  rows: 1,
});
