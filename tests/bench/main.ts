import { benchConversions, benchDeltaE, benchPaint, benchReflectance } from './core';
import { benchCompanions, benchJudge } from './judge';
import { benchHouse, benchPiece, benchSchemes, benchSight } from './schemes';
import { benchBringIn, benchJournal } from './journal';
import { benchLight } from './light';
import { benchLimits } from './limits';
import { benchPage } from './page';
import { benchPapers } from './papers';
import { benchPlan } from './plan';
import { finish } from './measure';
import { benchStart } from './start';
import { benchVisit } from './visit';

/** Parts that can be measured by themselves. */
const ONE: Readonly<Record<string, () => Promise<void>>> = {
  '--light': () => Promise.resolve(benchLight()),
  '--visit': benchVisit,
  '--papers': benchPapers,
  '--journal': benchJournal,
  '--bring-in': benchBringIn,
  '--page': benchPage,
  '--start': benchStart,
};

async function main(): Promise<void> {
  const only = Object.entries(ONE).find(([option]) => process.argv.includes(option));
  if (only) return only[1]();
  benchLight();
  benchLimits();
  benchDeltaE();
  benchReflectance();
  benchConversions();
  benchPaint();
  benchJudge();
  benchCompanions();
  benchPiece();
  benchSchemes();
  benchSight();
  benchHouse();
  benchPlan();
  await benchPapers();
  await benchJournal();
  await benchBringIn();
  if (process.argv.includes('--core')) return;
  await benchStart();
  await benchPage();
  await benchVisit();
}

void main().then(finish);
