import { simulatedColorimeter } from '@/devices/colorimeter';
import { simulatedLightMeter } from '@/devices/light-meter';
import type { Colorimeter, LightMeter, SkyService, Spectrophotometer, TintCounter } from '@/devices/ports';
import { simulatedSkyService } from '@/devices/sky-service';
import { simulatedSpectrophotometer } from '@/devices/spectrophotometer';
import { simulatedTintCounter } from '@/devices/tint-counter';
import { onePerProcess } from '../one-per-process';

export type Devices = {
  readonly colorimeter: Colorimeter;
  readonly spectrophotometer: Spectrophotometer;
  readonly lightMeter: LightMeter;
  readonly tintCounter: TintCounter;
  readonly skyService: SkyService;
};

/** The instruments of this process; real ones would be put here behind the same ports. */
export const devices = (): Devices =>
  onePerProcess('devices', () => ({
    colorimeter: simulatedColorimeter(),
    spectrophotometer: simulatedSpectrophotometer(),
    lightMeter: simulatedLightMeter(),
    tintCounter: simulatedTintCounter(),
    skyService: simulatedSkyService(),
  }));
