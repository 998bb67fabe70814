import { keptOnDevice } from './keptOnDevice';

/** A timer of this device, for what is not on the tray: the rice, the bread. */
export interface KitchenTimer {
  id: string;
  name: string;
  /** By the kitchen's clock, ms. */
  endsMs: number;
}

/** A temperature that the cook wants to be told of. */
export interface OwnTemperature {
  id: string;
  bakeId: string;
  lot: number;
  celsius: number;
  /** As it is said: "52 °C". */
  said: string;
}

export const timers = keptOnDevice<readonly KitchenTimer[]>('timers', []);
export const temperatures = keptOnDevice<readonly OwnTemperature[]>('temperatures', []);

export const stopTimer = (id: string) => timers.set(timers.get().filter((timer) => timer.id !== id));
export const forgetTemperature = (id: string) =>
  temperatures.set(temperatures.get().filter((wanted) => wanted.id !== id));
