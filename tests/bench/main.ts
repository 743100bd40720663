import { benchConversions, benchDeltaE, benchPaint, benchReflectance } from './core';
import { benchLight } from './light';
import { benchPage } from './page';

async function main() {
  benchLight();
  benchDeltaE();
  benchReflectance();
  benchConversions();
  benchPaint();
  if (!process.argv.includes('--core')) await benchPage();
}

void main();
