import { fullFaceHelmet } from '../../shapes/fullFaceHelmet/fullFaceHelmet';

export default fullFaceHelmet({
  id: 'full-face-helmet',
  name: 'Full-face helmet with visor',
  form: { chin: 'rounded', crown: 'rounded' },
});
