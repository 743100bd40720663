import { benchConversions, benchDeltaE, benchPaint, benchReflectance } from './core';
import { benchPage } from './page';

async function main() {
  benchDeltaE();
  benchReflectance();
  benchConversions();
  benchPaint();
  if (!process.argv.includes('--core')) await benchPage();
}

void main();
