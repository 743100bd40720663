import { besideIn, seenIn } from '../appearance/scene';
import { daylight65, lightOfTemperature } from '../colour/illuminant';
import { metamers } from '../colour/metamers';
import { reflectanceFromLab } from '../colour/reflectance';
import { lampSpectrum } from '../light/lamp';
import { perLux } from '../light/spectral';
import { apart, oneOf, shown, side, tell, wallColour, type Maker } from './asked-parts';

const NORTH = { kelvin: 8000, lux: 250 } as const;
const SOUTH_LUX = 400;
export const north: Maker = (random, level) => {
  const curve = reflectanceFromLab(wallColour(random));
  if (!curve.ok) return undefined;
  const look = (kelvin: number, lux: number) => {
    const { lab } = seenIn({ power: perLux(lightOfTemperature(kelvin)), lux })(curve.value);
    return shown(lab);
  };
  const cool = look(NORTH.kelvin, NORTH.lux);
  if (!cool) return undefined;
  for (let kelvin = 7000; kelvin >= 3400; kelvin -= 100) {
    const warm = look(kelvin, SOUTH_LUX);
    if (!warm || apart(cool, warm) < level) continue;
    // told by its hue, not by how light it is alone
    if (Math.abs(warm.lab.b - cool.lab.b) < 0.8) return undefined;
    const right = random() < 0.5 ? 0 : 1;
    return {
      level: apart(cool, warm),
      ask: 'One colour on two walls. Which is the north room?',
      fields: right === 0 ? [[cool], [warm]] : [[warm], [cool]],
      beside: null,
      words: [],
      right,
      says: `The ${side(right, 2)}: light of ${NORTH.kelvin.toLocaleString('en-GB')} K from the sky; the other has ${kelvin.toLocaleString('en-GB')} K. They look ΔE ${tell(apart(cool, warm))} apart.`,
    };
  }
  return undefined;
};

const BY_DAY = besideIn({ power: perLux(daylight65), lux: 500 });
const LAMPS = [
  {
    says: 'an LED of 2,700 K',
    see: besideIn({ power: lampSpectrum({ kind: 'led', cctK: 2700, ra: 80, dimmedShare: 1 }), lux: 150 }),
  },
  {
    says: 'a fluorescent lamp',
    see: besideIn({ power: lampSpectrum({ kind: 'fluorescent', cctK: 4000, ra: null, dimmedShare: 1 }), lux: 200 }),
  },
];
export const lamp: Maker = (random, level) => {
  const found = metamers(wallColour(random), 'paint');
  const all = found.ok ? found.value : [];
  const light = oneOf(random, LAMPS);
  if (all.length < 2) return undefined;
  const looks = all.map((curve) => {
    const [day, by] = [shown(BY_DAY(curve)), shown(light.see(curve))];
    return day && by ? { day, by, turned: apart(day, by) } : undefined;
  });
  const known = looks.flatMap((l) => l ?? []).sort((p, q) => p.turned - q.turned);
  const least = known[0];
  const most = known.find((l) => least && l.turned - least.turned >= level);
  if (!least || !most || least.turned > 0.6 * most.turned) return undefined;
  const right = random() < 0.5 ? 0 : 1;
  const fields = (right === 0 ? [most, least] : [least, most]).map((l) => [l.day, l.by]);
  return {
    level: most.turned - least.turned,
    ask: 'Above by day, below by the lamp. Which did the lamp turn?',
    fields,
    beside: null,
    words: [],
    right,
    says: `The ${side(right, 2)}: ${light.says} moved it by ΔE ${tell(most.turned)}, the other by ${tell(least.turned)}.`,
  };
};
