import { benchConversions, benchDeltaE, benchPaint, benchReflectance } from './core';
import { benchJudge } from './judge';
import { benchJournal } from './journal';
import { benchLight } from './light';
import { benchLimits } from './limits';
import { benchPage } from './page';
import { benchPapers } from './papers';
import { benchPlan } from './plan';
import { benchVisit } from './visit';

async function main() {
  if (process.argv.includes('--visit')) return benchVisit();
  if (process.argv.includes('--papers')) return benchPapers();
  if (process.argv.includes('--journal')) return benchJournal();
  benchLight();
  benchLimits();
  benchDeltaE();
  benchReflectance();
  benchConversions();
  benchPaint();
  benchJudge();
  benchPlan();
  await benchPapers();
  await benchJournal();
  if (!process.argv.includes('--core')) await benchPage();
  if (!process.argv.includes('--core')) await benchVisit();
}

void main();
