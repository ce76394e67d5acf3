import { TestEnvironment } from 'jest-environment-node';
import { sharing } from './jest.sharedCore.mjs';

export default sharing(TestEnvironment);
