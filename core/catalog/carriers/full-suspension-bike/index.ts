import { trailBike } from '../../shapes/trailBike/trailBike';
import { shake } from './shake';

export default trailBike({
  id: 'full-suspension-bike',
  name: 'Full-suspension bike',
  note: 'trail bike with a suspension fork and a shock behind',
  shake,
  rear: 'sprung',
});
