import { existsSync } from 'node:fs';
import { FILLED, filledFolder, newFolder } from '../e2e/server';
import { SMOKE } from './measure';

/** A folder for the demo: one that the browser tests filled where no figure is looked at, else a new one. */
export const demoFolder = (): string => (SMOKE && existsSync(FILLED.demo) ? filledFolder('demo') : newFolder());
