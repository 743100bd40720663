import { benchConversions, benchDeltaE, benchPaint, benchReflectance } from './core';
import { benchJudge } from './judge';
import { benchLight } from './light';
import { benchPage } from './page';

async function main() {
  benchLight();
  benchDeltaE();
  benchReflectance();
  benchConversions();
  benchPaint();
  benchJudge();
  if (!process.argv.includes('--core')) await benchPage();
}

void main();
