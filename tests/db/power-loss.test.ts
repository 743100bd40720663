import { sampled } from '../campaign';
import { powerCuts } from './power-cut';

describe.each(sampled([20261126, 20261127, 20261128], 3))('seed %d', (seed) => powerCuts(seed));
