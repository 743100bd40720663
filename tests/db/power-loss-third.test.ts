import { powerCuts } from './power-cut';

powerCuts(20261128);
