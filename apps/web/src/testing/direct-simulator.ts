import { simulations } from '../steps/bench/simulations';

/** The simulations without a worker between: a test has none. */
export const simulator = () => simulations;
export const told = <T>(tell: T): T => tell;
