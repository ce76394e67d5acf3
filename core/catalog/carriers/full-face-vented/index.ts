import { fullFaceHelmet } from '../../shapes/fullFaceHelmet/fullFaceHelmet';

export default fullFaceHelmet({
  id: 'full-face-vented',
  name: 'Full-face helmet, hollow chin bar, flat crown',
  form: { chin: 'hollow', crown: 'flat' },
});
