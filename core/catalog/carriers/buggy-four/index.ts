import { openBuggy } from '../../shapes/openBuggy/openBuggy';
import { shake } from './shake';

export default openBuggy({
  id: 'buggy-four',
  name: 'Open buggy, four seats',
  note: 'two rows of two in a long tube cage, engine behind',
  shake,
  rows: 2,
});
