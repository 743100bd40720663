import { benchConversions, benchDeltaE, benchPaint, benchReflectance } from './core';
import { benchJudge } from './judge';
import { benchLight } from './light';
import { benchLimits } from './limits';
import { benchPage } from './page';
import { benchPlan } from './plan';
import { benchVisit } from './visit';

async function main() {
  if (process.argv.includes('--visit')) return benchVisit();
  benchLight();
  benchLimits();
  benchDeltaE();
  benchReflectance();
  benchConversions();
  benchPaint();
  benchJudge();
  benchPlan();
  if (!process.argv.includes('--core')) await benchPage();
  if (!process.argv.includes('--core')) await benchVisit();
}

void main();
