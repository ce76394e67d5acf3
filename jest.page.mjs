import { TestEnvironment } from 'jest-environment-jsdom';
import { sharing } from './jest.sharedCore.mjs';

export default sharing(TestEnvironment);
