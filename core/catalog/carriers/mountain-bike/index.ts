import { trailBike } from '../../shapes/trailBike/trailBike';
import { shake } from './shake';

export default trailBike({
  id: 'mountain-bike',
  name: 'Mountain bike',
  note: 'trail hardtail with suspension fork',
  standard: true,
  shake,
  rear: 'rigid',
});
