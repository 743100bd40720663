import { benchDeltaE, benchReflectance } from './core';
import { benchPage } from './page';

async function main() {
  benchDeltaE();
  benchReflectance();
  if (!process.argv.includes('--core')) await benchPage();
}

void main();
