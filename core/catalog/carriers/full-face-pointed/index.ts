import { fullFaceHelmet } from '../../shapes/fullFaceHelmet/fullFaceHelmet';

export default fullFaceHelmet({
  id: 'full-face-pointed',
  name: 'Full-face helmet, pointed chin bar, ridge on the crown',
  form: { chin: 'pointed', crown: 'ridge' },
});
